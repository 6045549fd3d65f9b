package org.evenlobe.server.plan;

import org.evenlobe.server.record.DogFactRepository;

/** The planned items that were put on a day. */
public interface PinnedItems extends DogFactRepository<PinnedItem> {}
