/**
 * What whoever runs the server can see of it: figures, and which request a line of the log is of.
 */
package org.evenlobe.server.watch;
