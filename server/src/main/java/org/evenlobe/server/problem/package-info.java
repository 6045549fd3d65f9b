/** Problem documents, and how strictly JSON is read. */
package org.evenlobe.server.problem;
