/** What is on the shelf, and what is mixed of it. */
package org.evenlobe.server.solution;
