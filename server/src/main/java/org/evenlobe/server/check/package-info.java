/** Checks, what they say, and the holds that they open. */
package org.evenlobe.server.check;
