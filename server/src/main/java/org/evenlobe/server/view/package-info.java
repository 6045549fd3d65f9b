/** Answers that are put together from several nouns, one a file. Nothing knows them. */
package org.evenlobe.server.view;
