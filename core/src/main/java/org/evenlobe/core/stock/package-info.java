/** What is in the house, how long it lasts, and what to buy. */
package org.evenlobe.core.stock;
