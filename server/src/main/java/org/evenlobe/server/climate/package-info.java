/** How humid the air is where a household lives, by a weather service. */
package org.evenlobe.server.climate;
