/** Learning to look and to clean: made-up ears to grade, and the steps with what goes wrong. */
package org.evenlobe.core.lesson;
