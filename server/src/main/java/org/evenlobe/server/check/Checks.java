package org.evenlobe.server.check;

import org.evenlobe.server.record.DogFactRepository;

/** The checks of a household. */
public interface Checks extends DogFactRepository<Check> {}
