/** The rules and computations of ear care: pure functions of facts and a date. */
package org.evenlobe.core;
