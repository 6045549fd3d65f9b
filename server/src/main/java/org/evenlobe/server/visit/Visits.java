package org.evenlobe.server.visit;

import org.evenlobe.server.record.DogFactRepository;

/** The visits to the vet of a household's dogs. */
public interface Visits extends DogFactRepository<Visit> {}
