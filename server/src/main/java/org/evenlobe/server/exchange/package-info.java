/** What goes out into other tools and comes in from them, in open formats. */
package org.evenlobe.server.exchange;
