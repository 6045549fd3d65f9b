package org.evenlobe.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.record.OilMeasure;
import org.evenlobe.core.record.OilSource;
import org.evenlobe.server.course.HowOftenRequest;
import org.evenlobe.server.course.OwnCourseRequest;
import org.evenlobe.server.course.SupplementRequest;
import org.evenlobe.server.demo.DemoCourses.DemoFact;
import org.evenlobe.server.record.DogFactRequest;
import org.evenlobe.server.trial.DietSlipRequest;
import org.evenlobe.server.trial.DietTrialRequest;

/** A foster in a diet trial with one slip, and the fish oil that the heavy-eared one gets. */
final class DemoTrials {
  private static final LocalTime MORNING = LocalTime.of(7, 30);
  private static final LocalTime EVENING = LocalTime.of(18, 40);
  private static final int BEGUN_DAYS_AGO = 33;
  private static final int SLIPPED_DAYS_AGO = 24;
  private static final int FED_DAYS = 50;

  private final ZoneId zone;

  DemoTrials(ZoneId zone) {
    this.zone = zone;
  }

  /** What is tried with a dog, counted from the day on which the demo begins. */
  List<DemoFact<? extends DogFactRequest>> of(DemoDog dog, LocalDate today) {
    return switch (dog) {
      case TEASEL ->
          List.of(
              trial(dog, today.minusDays(BEGUN_DAYS_AGO)),
              slip(dog, today.minusDays(SLIPPED_DAYS_AGO)));
      case DUNLIN -> List.of(oil(dog, today.minusDays(FED_DAYS)));
      case MARRAM, OTTER, SEDGE -> List.of();
    };
  }

  private DemoFact<DietTrialRequest> trial(DemoDog dog, LocalDate first) {
    return new DemoFact<>(
        trialId(dog),
        new DietTrialRequest(
            dog.id(),
            at(first, MORNING),
            zone,
            "duck",
            "millet",
            List.of("chicken and rice kibble", "beef treats"),
            List.of("water", "the plain itch tablet"),
            first,
            null));
  }

  private DemoFact<DietSlipRequest> slip(DemoDog dog, LocalDate day) {
    return new DemoFact<>(
        id(dog, "slip"),
        new DietSlipRequest(dog.id(), at(day, EVENING), zone, trialId(dog), "a cheese rind"));
  }

  private DemoFact<OwnCourseRequest> oil(DemoDog dog, LocalDate first) {
    return new DemoFact<>(
        id(dog, "oil"),
        new OwnCourseRequest(
            dog.id(),
            at(first, MORNING),
            zone,
            "Fish oil",
            Set.of(),
            null,
            new HowOftenRequest(1, null, null),
            first,
            null,
            null,
            new SupplementRequest(
                OilSource.FISH,
                OilMeasure.TEASPOON,
                800.0,
                540.0,
                10.0,
                null,
                1.5,
                OilMeasure.TEASPOON),
            null));
  }

  private Instant at(LocalDate day, LocalTime time) {
    return day.atTime(time).atZone(zone).toInstant();
  }

  private static UUID trialId(DemoDog dog) {
    return id(dog, "trial");
  }

  private static UUID id(DemoDog dog, String what) {
    return UUID.nameUUIDFromBytes((dog.name() + " " + what).getBytes(StandardCharsets.UTF_8));
  }
}
