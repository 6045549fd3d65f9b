/** What was asked of a dog once, and the answers. */
package org.evenlobe.server.ask;
