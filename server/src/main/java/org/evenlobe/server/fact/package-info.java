/** Facts as they are stored: one present state each, with every version kept. */
package org.evenlobe.server.fact;
