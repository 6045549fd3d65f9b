/** The guided session: what is done to which ear, in which order, and what a dog allows. */
package org.evenlobe.core.cleaning;
