/** Whose turn it is: when which ear is cleaned, and why not. */
package org.evenlobe.core.plan.turn;
