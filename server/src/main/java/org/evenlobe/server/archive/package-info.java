/** A household, or one dog of it, as one file: out, and in again. */
package org.evenlobe.server.archive;
