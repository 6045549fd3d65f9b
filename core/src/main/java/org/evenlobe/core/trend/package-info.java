/** What a record shows over time. */
package org.evenlobe.core.trend;
