/** What all schedules are laid from. */
package org.evenlobe.core.plan.situation;
