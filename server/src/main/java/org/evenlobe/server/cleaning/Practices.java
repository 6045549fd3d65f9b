package org.evenlobe.server.cleaning;

import org.evenlobe.server.record.DogFactRepository;

/** The practices of a household's dogs on the trust ladder. */
public interface Practices extends DogFactRepository<StoredPractice> {}
