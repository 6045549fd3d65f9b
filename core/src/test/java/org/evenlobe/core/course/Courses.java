package org.evenlobe.core.course;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleanBefore;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CoursePhase;
import org.evenlobe.core.record.DoseAmount;
import org.evenlobe.core.record.DoseUnit;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.MedicineBottle;
import org.evenlobe.core.record.MedicineKind;
import org.evenlobe.core.record.Moment;

/** Courses written as a line, such as "8 @ 08:00 20:00 x 7; 8 @ 08:00 x 7". */
public final class Courses {
  static final ZoneId LONDON = ZoneId.of("Europe/London");
  static final LocalDate START = LocalDate.of(2026, 6, 1);

  private Courses() {}

  /** Drops for the right ear, by that line. */
  public static Course course(String line, LocalDate startsOn, int slot) {
    return course(line, startsOn, slot, EnumSet.of(Side.RIGHT), Optional.empty());
  }

  static Course course(
      String line, LocalDate startsOn, int slot, Set<Side> ears, Optional<MedicineBottle> bottle) {
    return new Course(
        new UUID(0, 1),
        Moment.of(startsOn.atStartOfDay(LONDON).toInstant(), LONDON),
        "Marsh drops",
        MedicineKind.DROPS,
        Optional.of("Dr Teal"),
        ears,
        Arrays.stream(line.split(";", -1)).map(Courses::phase).toList(),
        startsOn,
        slot,
        CleanBefore.NEVER,
        Optional.empty(),
        Optional.empty(),
        bottle,
        Optional.empty(),
        Optional.empty());
  }

  /** "5-10 @ 08:00 20:00 x 7-10", "8 @ 08:00 / 2 x 10" for every second day, "8 @ 08:00" open. */
  private static CoursePhase phase(String line) {
    String[] sides = line.strip().split("\\s*@\\s*", 2);
    String[] amount = sides[0].split("-", -1);
    String[] when = sides[1].split("\\s*x\\s*", 2);
    String[] times = when[0].split("\\s*/\\s*", 2);
    List<LocalTime> hours = new ArrayList<>();
    Arrays.stream(times[0].split("\\s+", -1)).map(LocalTime::parse).forEach(hours::add);
    String[] days = when.length > 1 ? when[1].split("-", -1) : new String[0];
    return new CoursePhase(
        new DoseAmount(
            Double.parseDouble(amount[0]),
            Double.parseDouble(amount[amount.length - 1]),
            DoseUnit.DROP),
        hours,
        times.length > 1 ? Integer.parseInt(times[1]) : 1,
        days.length > 0 ? Optional.of(Integer.valueOf(days[0])) : Optional.empty(),
        days.length > 1 ? Optional.of(Integer.valueOf(days[1])) : Optional.empty(),
        false);
  }

  static Instant at(String local, ZoneId zone) {
    return LocalDateTime.parse(local.replace(' ', 'T')).atZone(zone).toInstant();
  }

  /** The same course, begun at another time. */
  static Course starting(Course course, LocalDate startsOn, int slot) {
    return with(course, startsOn, slot, course.vetWait(), course.labelWait());
  }

  /** Drops for the right ear, and how long a vet and a label say that they wait, minutes. */
  static Course waiting(String line, Integer vet, Integer label) {
    return with(
        course(line, START, 0), START, 0, Optional.ofNullable(vet), Optional.ofNullable(label));
  }

  private static Course with(
      Course course,
      LocalDate startsOn,
      int slot,
      Optional<Integer> vetWait,
      Optional<Integer> labelWait) {
    return new Course(
        course.id(),
        course.moment(),
        course.what(),
        course.kind(),
        course.prescribedBy(),
        course.ears(),
        course.phases(),
        startsOn,
        slot,
        course.cleanBefore(),
        vetWait,
        labelWait,
        course.bottle(),
        course.staysDays(),
        course.recheck());
  }

  /** A tick for the right ear at a local time in London. */
  static Giving tick(int id, String local) {
    return tick(id, local, true, Set.of(Side.RIGHT));
  }

  static Giving tick(int id, String local, boolean given, Set<Side> ears) {
    return new Giving(
        new UUID(1, id),
        Moment.of(at(local, LONDON), LONDON),
        new UUID(0, 1),
        ears,
        given,
        false,
        Optional.empty(),
        Optional.empty());
  }
}
