package org.evenlobe.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.Trust;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.Rung;

/** The practices of the dog that is on its way up the trust ladder: every second day. */
final class DemoPractices {
  private static final LocalTime AFTERNOON = LocalTime.of(16, 30);
  private static final int EVERY_DAYS = 2;

  /** How they go, again and again: it climbs a little faster than it slips. */
  private static final List<Handled> COURSE =
      List.of(
          Handled.CALM,
          Handled.UNEASY,
          Handled.CALM,
          Handled.CALM,
          Handled.STRUGGLED,
          Handled.UNEASY,
          Handled.CALM,
          Handled.CALM);

  /** A pad at the ear is as far as it gets: never calm twice in a row. */
  private static final List<Handled> NEAR_THE_TOP =
      List.of(Handled.CALM, Handled.UNEASY, Handled.CALM, Handled.STRUGGLED, Handled.UNEASY);

  private final ZoneId zone;

  DemoPractices(ZoneId zone) {
    this.zone = zone;
  }

  /** Those from the last one on, or from the day the dog came, until two days before today. */
  List<Practice> missing(DemoDog dog, DogRecord record, LocalDate today) {
    List<Practice> missing = new ArrayList<>();
    if (dog != DemoDog.TEASEL) {
      return missing;
    }
    List<Practice> all = new ArrayList<>(record.all(Practice.class));
    LocalDate day =
        all.isEmpty()
            ? today.minusDays(dog.daysHere() - EVERY_DAYS)
            : all.get(all.size() - 1).day().plusDays(EVERY_DAYS);
    for (; !day.isAfter(today.minusDays(EVERY_DAYS)); day = day.plusDays(EVERY_DAYS)) {
      Trust trust = DogHistory.of(record.with(Practice.class, all), day).trust();
      List<Handled> course = trust.rung().atLeast(Rung.DRY_PAD) ? NEAR_THE_TOP : COURSE;
      Handled how = course.get(all.size() % course.size());
      Practice practice =
          new Practice(
              id(dog, day),
              Moment.of(day.atTime(AFTERNOON).atZone(zone).toInstant(), zone),
              trust.rung(),
              how);
      all.add(practice);
      missing.add(practice);
    }
    return missing;
  }

  private static UUID id(DemoDog dog, LocalDate day) {
    return UUID.nameUUIDFromBytes(
        (dog.name() + " practice " + day).getBytes(StandardCharsets.UTF_8));
  }
}
