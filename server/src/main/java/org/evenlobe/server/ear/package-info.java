/** The breed catalogue. */
package org.evenlobe.server.ear;
