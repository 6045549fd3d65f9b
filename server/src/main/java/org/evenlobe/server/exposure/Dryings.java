package org.evenlobe.server.exposure;

import org.evenlobe.server.record.DogFactRepository;

/** When the wet ears of a household's dogs were dried. */
public interface Dryings extends DogFactRepository<StoredDrying> {}
