/**
 * What is really in a bottle: how strong, how acid, what falls out, and whether it suits an ear.
 */
package org.evenlobe.core.solution;
