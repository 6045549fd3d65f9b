/** What one check says: the verdict of each ear, what may go in, and what a vet may look for. */
package org.evenlobe.core.check;
