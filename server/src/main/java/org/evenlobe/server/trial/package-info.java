/** Diet trials: what is fed in them, what slipped, and what became of them. */
package org.evenlobe.server.trial;
