package org.evenlobe.server.exposure;

import org.evenlobe.server.record.DogFactRepository;

/** The days that were struck out. */
public interface StruckDays extends DogFactRepository<StoredStruckDay> {}
