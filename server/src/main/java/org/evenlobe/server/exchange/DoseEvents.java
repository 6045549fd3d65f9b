package org.evenlobe.server.exchange;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import org.evenlobe.core.course.CourseRun;
import org.evenlobe.core.course.Dose;
import org.evenlobe.core.course.DoseNow;
import org.evenlobe.core.course.DoseStatus;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;

/** The doses of courses that lie ahead, timed, each with an alarm at its time. */
final class DoseEvents {
  private static final Duration A_DOSE = Duration.ofMinutes(10);

  private DoseEvents() {}

  /** Those of a dog. */
  static Stream<VEvent> of(DogRecord dog, ZoneId zone, Instant now) {
    return dog.all(Course.class).stream()
        .map(course -> CourseRun.of(course, dog, zone, now))
        .flatMap(run -> of(dog.profile().name(), run, now));
  }

  private static Stream<VEvent> of(String dog, CourseRun run, Instant now) {
    return run.doses().stream()
        .filter(dose -> isToCome(dose, now))
        .map(DoseNow::dose)
        .distinct()
        .map(dose -> event(dog, run.course(), dose, now));
  }

  /** One that may be given already, hours before its time, is still to come until it is given. */
  private static boolean isToCome(DoseNow dose, Instant now) {
    boolean open = dose.status() == DoseStatus.AHEAD || dose.status().isNow();
    return open && dose.dose().at().isAfter(now);
  }

  private static VEvent event(String dog, Course course, Dose dose, Instant now) {
    String summary = "%s: %s%s".formatted(dog, dose.amount().words(), ears(course));
    VEvent event = new VEvent(false);
    event.add(new Uid(course.id() + ":DOSE:" + dose.number() + "@evenlobe"));
    event.add(new DtStamp(now));
    event.add(new DtStart<>(dose.at()));
    event.add(new DtEnd<>(dose.at().plus(A_DOSE)));
    event.add(new Summary(summary));
    event.add(new Description("%s, dose %d".formatted(course.what(), dose.number())));
    VAlarm alarm = new VAlarm(Duration.ZERO);
    alarm.add(ImmutableAction.DISPLAY);
    alarm.add(new Description(summary));
    event.add(alarm);
    return event;
  }

  private static String ears(Course course) {
    List<String> ears = course.ears().stream().map(Side::ear).toList();
    return ears.isEmpty() ? "" : ears.size() == 2 ? ", both ears" : ", " + ears.get(0);
  }
}
