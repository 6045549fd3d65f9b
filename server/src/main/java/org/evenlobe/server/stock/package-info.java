/** What is in the house: bottles of cleaner, packs of wipes. */
package org.evenlobe.server.stock;
