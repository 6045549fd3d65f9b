/** Units, and the pair that every measure of ears comes in. */
package org.evenlobe.core.measure;
