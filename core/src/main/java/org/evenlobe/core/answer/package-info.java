/** How an ear stands, what goes in, from which bottle, and what is next: one answer. */
package org.evenlobe.core.answer;
