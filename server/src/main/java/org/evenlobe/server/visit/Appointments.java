package org.evenlobe.server.visit;

import org.evenlobe.server.record.DogFactRepository;

/** When vets are to see the dogs of a household. */
public interface Appointments extends DogFactRepository<StoredAppointment> {}
