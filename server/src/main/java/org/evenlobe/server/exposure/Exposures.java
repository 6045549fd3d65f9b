package org.evenlobe.server.exposure;

import org.evenlobe.server.record.DogFactRepository;

/** What happened to the ears of a household's dogs. */
public interface Exposures extends DogFactRepository<StoredExposure> {}
