/** Courses of medicine: what is kept of them, and the rules by which a dose is ticked. */
package org.evenlobe.server.course;
