package org.evenlobe.server.check;

import org.evenlobe.server.record.DogFactRepository;

/** The confirmed holds of a household. */
public interface Releases extends DogFactRepository<StoredRelease> {}
