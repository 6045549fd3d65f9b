/** When a dog is looked at, by its people or a vet. */
package org.evenlobe.core.plan.look;
