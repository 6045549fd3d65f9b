/** What a dog's checks say taken together: holds, what is normal, flares. */
package org.evenlobe.core.trend;
