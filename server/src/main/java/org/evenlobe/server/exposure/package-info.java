/** What happened to dogs' ears: water, grooming, dust. */
package org.evenlobe.server.exposure;
