/** How much may be sent, and for how long; held in memory before anybody works on it. */
package org.evenlobe.server.body;
