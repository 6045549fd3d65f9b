package org.evenlobe.server.climate;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.ClimateReading;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Stands in for a weather service: the relative humidity of a year that a latitude might have, as a
 * wave of one year. It is the same for the same latitude and day, and no forecast.
 */
@Component
@ConditionalOnProperty(name = "evenlobe.climate.service", havingValue = "simulated")
class SimulatedClimate implements ClimateService {
  private static final double DAYS_IN_A_YEAR = 365.25;
  private static final double HUMID_FROM = 78;
  private static final double DRY_UNDER = 62;

  @Override
  public Optional<ClimateReading> reading(int latitude, LocalDate day) {
    String where = Math.abs(latitude) + "° " + (latitude < 0 ? "S" : "N");
    return Optional.of(
        new ClimateReading(climate(humidity(latitude, day)), "the simulated weather at " + where));
  }

  private static Climate climate(double humidity) {
    if (humidity >= HUMID_FROM) {
      return Climate.HUMID;
    }
    return humidity < DRY_UNDER ? Climate.DRY : Climate.TEMPERATE;
  }

  /** Per cent. */
  private static double humidity(int latitude, LocalDate day) {
    Belt belt = Belt.of(Math.abs(latitude));
    double peak = latitude < 0 ? belt.peakDay + DAYS_IN_A_YEAR / 2 : belt.peakDay;
    double angle = 2 * Math.PI * (day.getDayOfYear() - peak) / DAYS_IN_A_YEAR;
    return belt.mean + belt.swing * Math.cos(angle);
  }

  /**
   * A belt of latitudes: its mean humidity, how far it swings, and the day it peaks in the north.
   */
  private enum Belt {
    /** Wet all year. */
    TROPICS(15, 84, 3, 220),
    /** Dry, with a wet season in summer. */
    SUBTROPICS(35, 58, 14, 220),
    /** Humid winters, drier summers. */
    MIDDLE(60, 74, 9, 355),
    /** Cold air holds little water. */
    NORTH(91, 76, 6, 300);

    private final int upTo;
    private final double mean;
    private final double swing;
    private final int peakDay;

    Belt(int upTo, double mean, double swing, int peakDay) {
      this.upTo = upTo;
      this.mean = mean;
      this.swing = swing;
      this.peakDay = peakDay;
    }

    static Belt of(int degrees) {
      for (Belt belt : values()) {
        if (degrees < belt.upTo) {
          return belt;
        }
      }
      return NORTH;
    }
  }
}
