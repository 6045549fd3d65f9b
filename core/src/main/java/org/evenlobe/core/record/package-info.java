/**
 * The facts: what a person says of a dog and what was done, kept as it was said. Everything else is
 * computed from these.
 */
package org.evenlobe.core.record;
