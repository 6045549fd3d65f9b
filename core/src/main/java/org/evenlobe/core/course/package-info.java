/** Courses of medicine: when each dose is due, what has become of it, and what to do now. */
package org.evenlobe.core.course;
