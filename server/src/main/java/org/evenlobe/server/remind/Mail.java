package org.evenlobe.server.remind;

import java.util.UUID;

/**
 * A mail.
 *
 * @param person to whom
 * @param recipient their address
 * @param subject what it is about
 * @param body what it says
 */
record Mail(UUID person, String recipient, String subject, String body) {}
