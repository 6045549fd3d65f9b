/** Dogs. */
package org.evenlobe.server.dog;
