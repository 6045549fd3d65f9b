/** Visits to the vet: what to say on the phone. */
package org.evenlobe.core.visit;
