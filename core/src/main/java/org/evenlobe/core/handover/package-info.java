/** What whoever takes a dog for a while is told. */
package org.evenlobe.core.handover;
