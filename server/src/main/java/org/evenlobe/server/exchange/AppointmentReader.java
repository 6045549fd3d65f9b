package org.evenlobe.server.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import org.evenlobe.server.problem.InvalidFields;

/** Reads a vet's appointments out of an iCalendar file. Nothing is fetched from anywhere. */
final class AppointmentReader {
  private static final int MOST_EVENTS = 50;
  private static final int LONGEST = 200;

  private AppointmentReader() {}

  /**
   * An event of the file.
   *
   * @param on the day, in the household's zone
   * @param time the time of day, where the event has one
   * @param what its summary and place
   */
  record ReadAppointment(LocalDate on, Optional<LocalTime> time, String what) {}

  /**
   * Its events that are not in the past, the first {@value #MOST_EVENTS}.
   *
   * @throws InvalidFields if it is no iCalendar file, holds too much, or has no such event
   */
  static List<ReadAppointment> read(String text, ZoneId zone, LocalDate today) {
    List<ReadAppointment> read = new ArrayList<>();
    try {
      Calendar calendar =
          new CalendarBuilder().build(new StringReader(CalendarBounds.within(text)));
      for (VEvent event : calendar.<VEvent>getComponents(Component.VEVENT)) {
        event(event, zone).filter(one -> !one.on().isBefore(today)).ifPresent(read::add);
      }
    } catch (IOException | ParserException | DateTimeException | IllegalArgumentException e) {
      throw InvalidFields.of("ics", "is no calendar file (.ics) that can be read");
    }
    if (read.isEmpty()) {
      throw InvalidFields.of("ics", "names no appointment from today on");
    }
    return read.subList(0, Math.min(MOST_EVENTS, read.size()));
  }

  private static Optional<ReadAppointment> event(VEvent event, ZoneId zone) {
    DtStart<Temporal> start = event.getDateTimeStart();
    return Optional.ofNullable(start)
        .map(DtStart::getDate)
        .map(
            when -> {
              String what = what(event);
              if (when instanceof LocalDate day) {
                return new ReadAppointment(day, Optional.empty(), what);
              }
              LocalDateTime local = local(when, zone);
              return new ReadAppointment(
                  local.toLocalDate(),
                  Optional.of(local.toLocalTime().withSecond(0).withNano(0)),
                  what);
            });
  }

  private static LocalDateTime local(Temporal when, ZoneId zone) {
    if (when instanceof Instant instant) {
      return instant.atZone(zone).toLocalDateTime();
    }
    if (when instanceof ZonedDateTime zoned) {
      return zoned.withZoneSameInstant(zone).toLocalDateTime();
    }
    if (when instanceof OffsetDateTime offset) {
      return offset.atZoneSameInstant(zone).toLocalDateTime();
    }
    return LocalDateTime.from(when);
  }

  private static String what(VEvent event) {
    String summary = value(event, Property.SUMMARY).orElse("Vet");
    String all = value(event, Property.LOCATION).map(at -> summary + ", " + at).orElse(summary);
    return all.substring(0, Math.min(all.length(), LONGEST));
  }

  private static Optional<String> value(VEvent event, String property) {
    return event
        .<Property>getProperty(property)
        .map(Property::getValue)
        .map(String::strip)
        .filter(text -> !text.isEmpty());
  }
}
