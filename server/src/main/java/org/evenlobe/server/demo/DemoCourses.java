package org.evenlobe.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.course.Dose;
import org.evenlobe.core.course.DoseSchedule;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.DoseUnit;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.MedicineKind;
import org.evenlobe.server.course.CourseRequest;
import org.evenlobe.server.course.GivingRequest;
import org.evenlobe.server.course.MedicineBottleRequest;
import org.evenlobe.server.course.PhaseRequest;

/** The demo dogs' courses: drops in their second week, and a tablet a day. */
final class DemoCourses {
  private static final LocalTime MORNING = LocalTime.of(8, 0);
  private static final LocalTime EVENING = LocalTime.of(20, 0);
  private static final LocalTime AFTERNOON = LocalTime.of(16, 0);
  private static final int SPREAD_MINUTES = 47;
  private static final int LATE_HOURS = 4;
  private static final int LATE = 9;
  private static final int MISSED = 16;

  private final ZoneId zone;

  DemoCourses(ZoneId zone) {
    this.zone = zone;
  }

  /** What is said under an id. */
  record DemoFact<B>(UUID id, B said) {}

  /** The courses of a dog, counted from the day on which the demo begins. */
  List<DemoFact<CourseRequest>> of(DemoDog dog, LocalDate today) {
    return switch (dog) {
      case MARRAM -> List.of(drops(dog, today.minusDays(12), today.plusDays(2)));
      case TEASEL -> List.of(tablet(dog, today.minusDays(6)));
      case DUNLIN, OTTER, SEDGE -> List.of();
    };
  }

  private DemoFact<CourseRequest> drops(DemoDog dog, LocalDate visit, LocalDate recheck) {
    return new DemoFact<>(
        id(dog, "course " + visit),
        new CourseRequest(
            dog.id(),
            visit.atTime(AFTERNOON).atZone(zone).toInstant(),
            zone,
            "Ear drops from the practice",
            MedicineKind.DROPS,
            "Dr Teal",
            EnumSet.of(Side.LEFT),
            List.of(phase(8, DoseUnit.DROP, List.of(MORNING, EVENING), 14)),
            visit,
            1,
            null,
            null,
            30,
            new MedicineBottleRequest(15.0, null, null, visit, 28),
            null,
            recheck));
  }

  private DemoFact<CourseRequest> tablet(DemoDog dog, LocalDate start) {
    return new DemoFact<>(
        id(dog, "course " + start),
        new CourseRequest(
            dog.id(),
            start.atTime(LocalTime.of(7, 0)).atZone(zone).toInstant(),
            zone,
            "Itch tablets",
            MedicineKind.TABLET,
            "Dr Teal",
            Set.of(),
            List.of(phase(1, DoseUnit.TABLET, List.of(LocalTime.of(9, 0)), 21)),
            start,
            0,
            null,
            null,
            null,
            null,
            null,
            null));
  }

  private static PhaseRequest phase(double amount, DoseUnit unit, List<LocalTime> times, int days) {
    return new PhaseRequest(amount, null, unit, times, null, days, null, null);
  }

  /** What was given up to yesterday, of what is not on record: one dose late, one missed. */
  List<DemoFact<GivingRequest>> missing(DemoDog dog, DogRecord record, LocalDate today) {
    Instant until = today.atStartOfDay(zone).toInstant();
    List<UUID> known = record.all(Giving.class).stream().map(Giving::id).toList();
    List<DemoFact<GivingRequest>> missing = new ArrayList<>();
    for (Course course : record.all(Course.class)) {
      for (Dose dose : DoseSchedule.of(course, zone, today).doses()) {
        UUID id = id(dog, "dose " + course.startsOn() + " " + dose.number());
        if (dose.at().isBefore(until) && dose.number() != MISSED && !known.contains(id)) {
          missing.add(new DemoFact<>(id, given(dog, course, dose)));
        }
      }
    }
    return missing;
  }

  private GivingRequest given(DemoDog dog, Course course, Dose dose) {
    long minutes =
        dose.number() == LATE
            ? LATE_HOURS * 60L
            : (long) dose.number() * dose.number() % SPREAD_MINUTES;
    return new GivingRequest(
        dog.id(),
        dose.at().plusSeconds(minutes * 60),
        zone,
        course.id(),
        course.ears(),
        true,
        null,
        null);
  }

  private static UUID id(DemoDog dog, String what) {
    return UUID.nameUUIDFromBytes((dog.name() + " " + what).getBytes(StandardCharsets.UTF_8));
  }
}
