/** How often an ear is cleaned: where it starts, and what its loads teach. */
package org.evenlobe.core.plan.learn;
