/** A week evened out over the dogs of a household. */
package org.evenlobe.core.plan.even;
