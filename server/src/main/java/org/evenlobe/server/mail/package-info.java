/** Mails: what one says, what sends it, and the secret links that stand in it. */
package org.evenlobe.server.mail;
