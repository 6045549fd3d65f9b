/** Cleanings. */
package org.evenlobe.server.cleaning;
