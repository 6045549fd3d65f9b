/** Photographs of ears and wipes, and the camera that looks into ears. */
package org.evenlobe.server.photo;
