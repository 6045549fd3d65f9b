/** Visits to the vet, with their documents. */
package org.evenlobe.server.visit;
