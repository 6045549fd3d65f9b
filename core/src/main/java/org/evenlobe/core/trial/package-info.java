/** Trials that look for the cause of ear trouble in what a dog eats. */
package org.evenlobe.core.trial;
