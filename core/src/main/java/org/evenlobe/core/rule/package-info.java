/** Reasons, sources and rule ids: what every answer is explained with. */
package org.evenlobe.core.rule;
