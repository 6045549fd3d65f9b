package org.evenlobe.server.exchange;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Optional;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.Appointment;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Supply;
import org.evenlobe.server.plan.PlanWords;
import org.evenlobe.server.plan.Plans.Planned;
import org.evenlobe.server.plan.Plans.Standing;

/**
 * A household's plan as an iCalendar stream (RFC 5545): one event an item under the item's own id,
 * so that a calendar moves it instead of doubling it. What is overdue stands on today. Checks,
 * cleanings and the like take the whole day; an appointment whose time is known has that time and
 * an alarm an hour before, a dose of a course its own time and an alarm then.
 */
final class PlanCalendar {
  private static final Duration ALARM_BEFORE = Duration.ofHours(1);
  private static final Duration AT_THE_VET = Duration.ofMinutes(30);

  private final LocalDate today;
  private final ZoneId zone;
  private final Wording wording;
  private final Instant now;
  private final Calendar calendar = new Calendar();

  private PlanCalendar(Standing standing, Instant now) {
    this.today = standing.today();
    this.zone = standing.zone();
    this.wording = standing.how().wording();
    this.now = now;
  }

  static String of(Planned planned, Collection<Supply> supplies, Standing standing, Instant now) {
    PlanCalendar plan = new PlanCalendar(standing, now);
    plan.calendar.add(new ProdId("-//Even Lobe//plan//EN"));
    plan.calendar.add(ImmutableVersion.VERSION_2_0);
    plan.calendar.add(ImmutableCalScale.GREGORIAN);
    plan.calendar.add(new XProperty("X-WR-CALNAME", "Even Lobe"));
    planned
        .dogs()
        .forEach(dog -> planned.of(dog.said().id()).ifPresent(its -> plan.add(dog.record(), its)));
    planned
        .dogs()
        .forEach(
            dog -> DoseEvents.of(dog.record(), standing.zone(), now).forEach(plan.calendar::add));
    supplies.forEach(
        supply ->
            supply
                .useBy()
                .filter(last -> !last.isBefore(plan.today))
                .ifPresent(last -> plan.calendar.add(plan.event(supply, last))));
    return CalendarLines.folded(plan.calendar.toString());
  }

  private void add(DogRecord dog, DogPlan plan) {
    for (PlanItem item : plan.items()) {
      calendar.add(event(dog.profile().name(), item, appointment(dog, item)));
    }
  }

  private static Optional<Appointment> appointment(DogRecord dog, PlanItem item) {
    return dog.all(Appointment.class).stream()
        .filter(made -> item.id().countsFrom(made.id()))
        .findFirst();
  }

  private VEvent event(String dog, PlanItem item, Optional<Appointment> appointment) {
    Optional<LocalTime> time = appointment.flatMap(Appointment::time).or(item::hour);
    LocalDate best = item.window().best();
    // what has a time stays on its day: nobody is called to what has passed
    LocalDate day = time.isEmpty() && best.isBefore(today) ? today : best;
    VEvent event = new VEvent(false);
    event.add(new Uid(item.id() + "@evenlobe"));
    event.add(new DtStamp(now));
    if (time.isPresent()) {
      Instant start = LocalDateTime.of(day, time.get()).atZone(zone).toInstant();
      event.add(new DtStart<>(start));
      event.add(new DtEnd<>(start.plus(AT_THE_VET)));
      if (start.isAfter(now)) {
        event.add(alarm(dog, item));
      }
    } else {
      event.add(new DtStart<>(day));
      event.add(new DtEnd<>(day.plusDays(1)));
      event.add(new Transp(ImmutableTransp.VALUE_TRANSPARENT));
    }
    event.add(new Summary(summary(dog, item)));
    event.add(
        new Description(
            item.reasons().stream()
                .map(reason -> wording.of(reason.sentence()))
                .collect(Collectors.joining("\n"))));
    return event;
  }

  private VEvent event(Supply supply, LocalDate last) {
    VEvent event = new VEvent(false);
    event.add(new Uid(supply.id() + ":USE_BY@evenlobe"));
    event.add(new DtStamp(now));
    event.add(new DtStart<>(last));
    event.add(new DtEnd<>(last.plusDays(1)));
    event.add(new Transp(ImmutableTransp.VALUE_TRANSPARENT));
    event.add(new Summary(supply.name() + ": its last day"));
    event.add(new Description("Throw away what is left of it."));
    return event;
  }

  private VAlarm alarm(String dog, PlanItem item) {
    VAlarm alarm = new VAlarm(ALARM_BEFORE.negated());
    alarm.add(ImmutableAction.DISPLAY);
    alarm.add(new Description(summary(dog, item)));
    return alarm;
  }

  private String summary(String dog, PlanItem item) {
    return wording.of(dog + ": " + PlanWords.of(item));
  }
}
