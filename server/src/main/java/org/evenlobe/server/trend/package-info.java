/** What people say of what a record shows over time. */
package org.evenlobe.server.trend;
