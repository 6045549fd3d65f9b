/** Plans, computed at every request. */
package org.evenlobe.server.plan;
