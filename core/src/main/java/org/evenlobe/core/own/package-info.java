/** What somebody gives on their own: drops, oils, and how the bench and the vet's limits see it. */
package org.evenlobe.core.own;
