package org.evenlobe.server.plan;

import org.evenlobe.server.record.DogFactRepository;

/** The planned items that were skipped. */
public interface SkippedItems extends DogFactRepository<SkippedItem> {}
