/** Whether what is in a bottle suits an ear, and the nearest that does. */
package org.evenlobe.core.suit;
