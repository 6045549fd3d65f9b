/** What a person is reminded of, and when. */
package org.evenlobe.core.remind;
