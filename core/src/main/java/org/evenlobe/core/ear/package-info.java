/** Ears by breed and type: the breed catalogue and how fast load gathers. */
package org.evenlobe.core.ear;
