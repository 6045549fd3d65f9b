/** Puts together all facts of a dog from the nouns that keep them. */
package org.evenlobe.server.record;
