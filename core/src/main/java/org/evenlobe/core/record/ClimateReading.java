package org.evenlobe.core.record;

import java.util.Objects;

/**
 * How humid the air is by a weather service.
 *
 * @param climate the class of humidity
 * @param source which service said so, and of where and when, in plain words
 */
public record ClimateReading(Climate climate, String source) {

  public ClimateReading {
    Objects.requireNonNull(climate, "climate");
    Objects.requireNonNull(source, "source");
  }
}
