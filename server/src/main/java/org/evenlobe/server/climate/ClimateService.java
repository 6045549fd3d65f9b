package org.evenlobe.server.climate;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.ClimateReading;

/**
 * A weather service as far as ears are concerned. Which one is used is set by {@code
 * evenlobe.climate.service}; another one takes the place of the one that ships by being another
 * bean of this type.
 */
public interface ClimateService {

  /** How humid the air has been lately, that far north; empty where the service does not know. */
  Optional<ClimateReading> reading(int latitude, LocalDate day);
}
