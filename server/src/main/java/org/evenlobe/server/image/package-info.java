/** Pictures, freed of what cameras write beside them. */
package org.evenlobe.server.image;
