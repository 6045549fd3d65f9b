/** A round: many dogs one after the other, from one tray. */
package org.evenlobe.core.round;
