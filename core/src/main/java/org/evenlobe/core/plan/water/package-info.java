/** When a dog was wet, and when that is expected. */
package org.evenlobe.core.plan.water;
