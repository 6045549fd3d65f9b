package org.evenlobe.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.exchange.AppointmentReader.ReadAppointment;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The plan as a calendar: by secret link, as a download; and appointments out of a file. */
@RestController
class CalendarController {
  private static final String CALENDAR = "text/calendar;charset=UTF-8";
  private static final int LONGEST_FILE = 200_000;

  private final HouseholdCalendar calendar;
  private final CalendarLinks links;
  private final HouseholdDay day;

  CalendarController(HouseholdCalendar calendar, CalendarLinks links, HouseholdDay day) {
    this.calendar = calendar;
    this.links = links;
    this.day = day;
  }

  /**
   * Whether there is a link.
   *
   * @param madeAt when it was made, where there is one
   */
  record CalendarLink(Optional<Instant> madeAt) {}

  /**
   * A link that was just made.
   *
   * @param path what follows the server's address; it is shown this once
   */
  record FreshCalendarLink(String path) {}

  /**
   * A calendar file.
   *
   * @param ics its text, 200 000 characters at most
   */
  record CalendarFile(@NotBlank @Size(max = LONGEST_FILE) String ics) {}

  @GetMapping(value = "/calendar/{token}.ics", produces = CALENDAR)
  ResponseEntity<String> feed(@PathVariable String token) {
    Member reader = links.reader(token).orElseThrow(Refusal::notFound);
    AtomicReference<String> text = new AtomicReference<>();
    CurrentMember.run(reader, () -> text.set(calendar.text()));
    return ResponseEntity.ok().header(HttpHeaders.CACHE_CONTROL, "no-store").body(text.get());
  }

  @GetMapping(value = "/api/households/{household}/calendar.ics", produces = CALENDAR)
  ResponseEntity<String> download(@PathVariable UUID household) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"even-lobe.ics\"")
        .body(calendar.text());
  }

  @GetMapping("/api/households/{household}/calendar-link")
  CalendarLink link(@PathVariable UUID household) {
    return new CalendarLink(links.madeAt());
  }

  /** A new link; the one before no longer works. */
  @PostMapping("/api/households/{household}/calendar-link")
  FreshCalendarLink renew(@PathVariable UUID household) {
    return new FreshCalendarLink("/calendar/" + links.renew() + ".ics");
  }

  @DeleteMapping("/api/households/{household}/calendar-link")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable UUID household) {
    links.end();
  }

  /** The appointments that a calendar file names; stores nothing. */
  @PostMapping("/api/households/{household}/previews/appointments")
  List<ReadAppointment> read(@PathVariable UUID household, @Valid @RequestBody CalendarFile file) {
    return AppointmentReader.read(file.ics(), day.zone(), day.today());
  }
}
