package org.evenlobe.server.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.Moment;

/** The checks that a caretaker would have recorded, with each dog's story told into them. */
final class DemoChecks {
  private static final LocalTime MORNING = LocalTime.of(8, 10);

  private final ZoneId zone;

  DemoChecks(ZoneId zone) {
    this.zone = zone;
  }

  /** The checks from the day a dog joined to the day the demo begins. */
  List<CheckRecord> begun(DemoDog dog, LocalDate joined, LocalDate today) {
    List<CheckRecord> checks = new ArrayList<>();
    List<DemoFindings.Chapter> story = DemoFindings.story(dog);
    for (DemoFindings.Chapter chapter : story) {
      checks.add(
          new CheckRecord(
              dog.checkId(today.minusDays(chapter.daysBefore())),
              Moment.of(
                  today.minusDays(chapter.daysBefore()).atTime(MORNING).atZone(zone).toInstant(),
                  zone),
              new EarPair<>(chapter.right(), chapter.left()),
              chapter.dog(),
              Optional.of(chapter.note())));
    }
    int every = dog.checkEvery();
    for (LocalDate day = today.minusDays(dog.daysSinceCheck());
        !day.isBefore(joined);
        day = day.minusDays(every)) {
      if (!isTold(story, today, day)) {
        checks.add(ordinary(dog, day));
      }
    }
    return checks;
  }

  /** The ordinary checks that are missing since, up to that day. */
  List<CheckRecord> missing(DemoDog dog, LocalDate last, LocalDate until) {
    List<CheckRecord> checks = new ArrayList<>();
    for (LocalDate day = last.plusDays(dog.checkEvery());
        !day.isAfter(until);
        day = day.plusDays(dog.checkEvery())) {
      checks.add(ordinary(dog, day));
    }
    return checks;
  }

  /** Whether the day lies among the story's, so that no ordinary check is due. */
  private static boolean isTold(List<DemoFindings.Chapter> story, LocalDate today, LocalDate day) {
    return story.stream()
        .anyMatch(
            chapter -> {
              LocalDate told = today.minusDays(chapter.daysBefore());
              return !day.isBefore(told.minusDays(4)) && !day.isAfter(told.plusDays(4));
            });
  }

  private CheckRecord ordinary(DemoDog dog, LocalDate day) {
    SplittableRandom random =
        new SplittableRandom(dog.id().getLeastSignificantBits() ^ day.toEpochDay());
    return new CheckRecord(
        dog.checkId(day),
        Moment.of(day.atTime(MORNING).atZone(zone).toInstant(), zone),
        EarPair.bySide(side -> DemoFindings.ordinary(dog, random)),
        DemoFindings.ordinary(dog),
        Optional.empty());
  }
}
