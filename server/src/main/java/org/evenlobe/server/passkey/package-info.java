/** Signing in without a password: what a device or a key keeps in its place. */
package org.evenlobe.server.passkey;
