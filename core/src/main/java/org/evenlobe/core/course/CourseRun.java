package org.evenlobe.core.course;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.CoursePhase;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Giving;

/**
 * A course as it stands at an instant: each dose for each ear, and what has become of it.
 *
 * <p>A giving belongs to the nearest dose; the first of a dose counts, and any other says that it
 * may have been given twice, in whatever order they came in.
 */
public final class CourseRun {
  private static final int HORIZON_DAYS = 60;

  private final Course course;
  private final Optional<CourseEnd> end;
  private final DoseSchedule schedule;
  private final Map<Optional<Side>, List<DoseNow>> lanes = new HashMap<>();
  private final List<PerhapsGiven> perhaps;
  private final ZoneId zone;
  private final Instant now;

  private CourseRun(
      Course course,
      Optional<CourseEnd> end,
      List<Giving> givings,
      Optional<DogRecord> dog,
      ZoneId zone,
      Instant now) {
    this.course = course;
    this.end = end;
    this.zone = zone;
    this.now = now;
    LocalDate today = now.atZone(zone).toLocalDate();
    this.schedule = DoseSchedule.of(course, zone, today.plusDays(HORIZON_DAYS));
    ToldGivings told =
        dog.map(record -> ToldGivings.of(course, record, schedule, givings, now))
            .orElse(ToldGivings.NONE);
    this.perhaps = told.perhaps();
    List<Giving> inOrder =
        Stream.concat(givings.stream(), told.givings().stream()).sorted(Dated.BY_TIME).toList();
    for (Optional<Side> ear : ears(course)) {
      lanes.put(ear, lane(ear, inOrder));
    }
  }

  /** A course among a dog's facts. */
  public static CourseRun of(Course course, DogRecord dog, ZoneId zone, Instant now) {
    return new CourseRun(
        course,
        dog.all(CourseEnd.class).stream()
            .filter(one -> one.course().equals(course.id()))
            .findFirst(),
        dog.all(Giving.class).stream().filter(one -> one.course().equals(course.id())).toList(),
        Optional.of(dog),
        zone,
        now);
  }

  /** A course with its end, where it has one, and what was given of it, in any order. */
  public static CourseRun of(
      Course course, Optional<CourseEnd> end, List<Giving> givings, ZoneId zone, Instant now) {
    return new CourseRun(course, end, givings, Optional.empty(), zone, now);
  }

  private static List<Optional<Side>> ears(Course course) {
    return course.ears().isEmpty()
        ? List.of(Optional.empty())
        : course.ears().stream().map(Optional::of).toList();
  }

  private List<DoseNow> lane(Optional<Side> ear, List<Giving> inOrder) {
    Map<Integer, List<Giving>> ticks = new HashMap<>();
    for (Giving giving : inOrder) {
      if (ear.map(giving.ears()::contains).orElse(true)) {
        schedule
            .of(giving.at())
            .ifPresent(
                dose ->
                    ticks.computeIfAbsent(dose.number(), number -> new ArrayList<>()).add(giving));
      }
    }
    return schedule.doses().stream()
        .filter(this::isBeforeTheEnd)
        .map(dose -> now(dose, ear, ticks.getOrDefault(dose.number(), List.of())))
        .toList();
  }

  private boolean isBeforeTheEnd(Dose dose) {
    return end.map(one -> !dose.at().isAfter(one.at())).orElse(true);
  }

  private DoseNow now(Dose dose, Optional<Side> ear, List<Giving> ticks) {
    DoseSchedule.Span span = schedule.span(dose);
    List<Giving> given = ticks.stream().filter(Giving::given).toList();
    Optional<Giving> counts = Stream.concat(given.stream(), ticks.stream()).findFirst();
    DoseStatus status =
        counts.isPresent()
            ? given.isEmpty() ? DoseStatus.LEFT_OUT : DoseStatus.GIVEN
            : status(span);
    return new DoseNow(
        dose,
        ear,
        span,
        status,
        counts,
        counts.filter(Giving::given).map(giving -> timing(span, giving.at())),
        given.isEmpty() ? List.of() : given.subList(1, given.size()),
        perhaps.stream()
            .filter(
                one ->
                    schedule
                        .of(one.at())
                        .filter(near -> near.number() == dose.number())
                        .isPresent())
            .toList());
  }

  private DoseStatus status(DoseSchedule.Span span) {
    return now.isAfter(span.missedAfter())
        ? DoseStatus.MISSED
        : now.isAfter(span.until())
            ? DoseStatus.LATE
            : now.isBefore(span.from()) ? DoseStatus.AHEAD : DoseStatus.DUE;
  }

  private static Timing timing(DoseSchedule.Span span, Instant given) {
    return given.isBefore(span.from())
        ? Timing.EARLY
        : given.isAfter(span.until()) ? Timing.LATE : Timing.ON_TIME;
  }

  /** Which course. */
  public Course course() {
    return course;
  }

  /** Its end, where somebody said that it is over. */
  public Optional<CourseEnd> end() {
    return end;
  }

  /** Its doses, as they were planned. */
  public DoseSchedule schedule() {
    return schedule;
  }

  /** The instant it is looked at. */
  public Instant at() {
    return now;
  }

  /** The zone of its times. */
  public ZoneId zone() {
    return zone;
  }

  /** All its doses up to its end, by time, the right ear first. */
  public List<DoseNow> doses() {
    return ears(course).stream()
        .flatMap(ear -> lanes.get(ear).stream())
        .sorted(Comparator.comparing((DoseNow one) -> one.dose().number()))
        .toList();
  }

  /** Its doses for one ear; of a tablet all. */
  public List<DoseNow> doses(Optional<Side> ear) {
    return lanes.getOrDefault(ear, List.of());
  }

  /** How it was kept to, for each ear. */
  public List<Adherence> adherence() {
    return ears(course).stream().map(ear -> Adherence.of(ear, lanes.get(ear), now)).toList();
  }

  /** What may have been given twice. */
  public List<DoseNow> doubles() {
    return doses().stream().filter(dose -> !dose.again().isEmpty()).toList();
  }

  /** The day of its last planned dose; empty where it has no end. */
  public Optional<LocalDate> lastDay() {
    return course.isOpen()
        ? Optional.empty()
        : Optional.of(schedule.doses().get(schedule.size() - 1).local().toLocalDate());
  }

  /** Whether nothing of it is left to give. */
  public boolean isOver() {
    return end.isPresent()
        || (!course.isOpen()
            && lanes.values().stream()
                .flatMap(List::stream)
                .noneMatch(dose -> dose.status().isNow() || dose.status() == DoseStatus.AHEAD));
  }

  /** Whether it was ended before its last dose. */
  public boolean wasStoppedEarly() {
    return end.filter(
            one ->
                one.cause() != CourseEnd.Cause.FINISHED
                    && schedule.doses().stream().anyMatch(dose -> dose.at().isAfter(one.at())))
        .isPresent();
  }

  /** The phase that may go on to the most, where today is its last planned day. */
  public Optional<Integer> asks() {
    LocalDate today = now.atZone(zone).toLocalDate();
    for (int i = 0; i < course.phases().size(); i++) {
      CoursePhase phase = course.phases().get(i);
      int number = i + 1;
      Optional<LocalDate> last =
          schedule.doses().stream()
              .filter(dose -> dose.phase() == number)
              .map(dose -> dose.local().toLocalDate())
              .reduce((earlier, later) -> later);
      if (end.isEmpty() && phase.mayGoOn() && last.equals(Optional.of(today))) {
        return Optional.of(number);
      }
    }
    return Optional.empty();
  }
}
