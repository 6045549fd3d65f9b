/** What is planned: the items of a plan and where they stand. */
package org.evenlobe.core.plan.item;
