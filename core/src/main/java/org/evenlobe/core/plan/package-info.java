/** When to clean next, and why that day. */
package org.evenlobe.core.plan;
