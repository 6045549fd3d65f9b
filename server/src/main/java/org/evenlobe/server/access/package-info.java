/** Who works in which household: the gate before it, and what the database is told. */
package org.evenlobe.server.access;
