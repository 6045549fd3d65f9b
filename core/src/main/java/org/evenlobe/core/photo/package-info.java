/** What is measured in photographs. */
package org.evenlobe.core.photo;
