package org.evenlobe.server.cleaning;

import org.evenlobe.server.record.DogFactRepository;

/** The cleanings of a household. */
public interface Cleanings extends DogFactRepository<Cleaning> {}
