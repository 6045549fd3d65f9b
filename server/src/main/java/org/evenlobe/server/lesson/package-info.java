/** Learning to grade ears and to clean them. */
package org.evenlobe.server.lesson;
