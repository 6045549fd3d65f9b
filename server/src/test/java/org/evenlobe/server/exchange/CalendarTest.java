package org.evenlobe.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.util.Configurator;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The plan as a calendar, read back by another library than the one that writes it. */
@ExtendWith(RunningServer.class)
class CalendarTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final LocalDate today = LocalDate.now(ZONE);
  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);

  private String link() {
    Caller.Answer answer = owner.post(owner.at("/calendar-link"), "");
    assertThat(answer.status()).isEqualTo(200);
    return answer.json().get("path").asString();
  }

  private static ICalendar read(Caller.Answer answer) {
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.whole().headers().firstValue("Content-Type").orElseThrow())
        .startsWith("text/calendar");
    return Biweekly.parse(answer.body()).first();
  }

  private static VEvent first(ICalendar calendar, String kind) {
    return calendar.getEvents().stream()
        .filter(event -> event.getUid().getValue().contains(":" + kind + ":"))
        .findFirst()
        .orElseThrow();
  }

  private static LocalDate day(VEvent event) {
    return event.getDateStart().getValue().toInstant().atZone(ZoneId.systemDefault()).toLocalDate();
  }

  private void cleaned(Instant at) {
    owner.create(owner.at("/cleanings/" + UUID.randomUUID()), Samples.cleaning(dog, at, 2, 2));
  }

  @Test
  void isReadBySecretLinkWithoutSigningInAndIsValid() {
    cleaned(now.minus(3, ChronoUnit.DAYS));
    ICalendar calendar = read(Caller.signedOut().get(link()));

    assertThat(calendar.validate(biweekly.ICalVersion.V2_0).isEmpty()).isTrue();
    VEvent clean = first(calendar, "CLEAN");
    assertThat(clean.getSummary().getValue()).isEqualTo("Fen: clean both ears");
    assertThat(clean.getDescription().getValue()).contains("Look and sniff first.");
    assertThat(clean.getDateStart().getValue().hasTime()).isFalse();
    JsonNode items = owner.get(owner.at("/dogs/" + dog)).json().at("/plan/items");
    assertThat(calendar.getEvents()).hasSize(items.size());
    assertThat(calendar.getEvents())
        .extracting(event -> event.getUid().getValue())
        .doesNotHaveDuplicates();
  }

  @Test
  void movesAnEventUnderItsOwnIdInsteadOfDoublingIt() {
    cleaned(now.minus(3, ChronoUnit.DAYS));
    String link = link();
    VEvent before = first(read(owner.get(link)), "CLEAN");
    String uid = before.getUid().getValue();
    LocalDate other = day(before).plusDays(1);
    String item = uid.substring(0, uid.indexOf('@'));
    owner.create(owner.at("/pins/" + UUID.randomUUID()), Samples.pin(dog, now, item, other, ""));

    List<VEvent> same =
        read(owner.get(link)).getEvents().stream()
            .filter(event -> event.getUid().getValue().equals(uid))
            .toList();
    assertThat(same).hasSize(1);
    assertThat(day(same.get(0))).isEqualTo(other);
  }

  @Test
  void putsWhatIsOverdueOnToday() {
    cleaned(now.minus(80, ChronoUnit.DAYS));
    assertThat(day(first(read(owner.get(owner.at("/calendar.ics"))), "CLEAN"))).isEqualTo(today);
  }

  @Test
  void hasTheTimeOfAnAppointmentAndAnAlarm() {
    owner.create(
        owner.at("/appointments/" + UUID.randomUUID()),
        Samples.appointment(dog, now, today.plusDays(3), "\"15:30\""));
    VEvent visit = first(read(owner.get(owner.at("/calendar.ics"))), "VISIT");

    assertThat(visit.getDateStart().getValue().toInstant())
        .isEqualTo(today.plusDays(3).atTime(15, 30).atZone(ZONE).toInstant());
    assertThat(visit.getAlarms()).hasSize(1);
  }

  @Test
  void leavesAnAppointmentThatHasPassedOnItsDayAndCallsNobodyToIt() {
    Instant before = now.minus(3, ChronoUnit.DAYS);
    owner.create(
        owner.at("/appointments/" + UUID.randomUUID()),
        Samples.appointment(dog, before, today.minusDays(1), "\"15:30\""));
    VEvent visit = first(read(owner.get(owner.at("/calendar.ics"))), "VISIT");

    assertThat(visit.getDateStart().getValue().toInstant())
        .isEqualTo(today.minusDays(1).atTime(15, 30).atZone(ZONE).toInstant());
    assertThat(visit.getAlarms()).isEmpty();
  }

  @Test
  void endsWhenTheLinkIsRenewedOrEnded() {
    String first = link();
    String second = link();
    assertThat(Caller.signedOut().get(first).status()).isEqualTo(404);
    assertThat(Caller.signedOut().get(second).status()).isEqualTo(200);
    assertThat(owner.get(owner.at("/calendar-link")).json().has("madeAt")).isTrue();

    assertThat(owner.delete(owner.at("/calendar-link"), 1).status()).isEqualTo(204);
    assertThat(Caller.signedOut().get(second).status()).isEqualTo(404);
    assertThat(Caller.signedOut().get("/calendar/guessed.ics").status()).isEqualTo(404);
  }

  private Caller.Answer preview(String ics) {
    String body = JsonMapper.shared().writeValueAsString(java.util.Map.of("ics", ics));
    return owner.post(owner.at("/previews/appointments"), body);
  }

  private String event(String start) {
    return """
        BEGIN:VCALENDAR
        VERSION:2.0
        PRODID:-//A practice//EN
        BEGIN:VEVENT
        UID:1
        DTSTAMP:20260101T000000Z
        %s
        SUMMARY:Ear recheck
        LOCATION:Quay Lane
        END:VEVENT
        END:VCALENDAR
        """
        .formatted(start)
        .replace("\n", "\r\n");
  }

  @Test
  void readsAVetsAppointmentsInTheHouseholdsZone() {
    String day = today.plusDays(5).toString().replace("-", "");

    JsonNode whole = preview(event("DTSTART;VALUE=DATE:" + day)).json().get(0);
    assertThat(whole.get("on").asString()).isEqualTo(today.plusDays(5).toString());
    assertThat(whole.get("what").asString()).isEqualTo("Ear recheck, Quay Lane");
    assertThat(!whole.has("time")).isTrue();

    JsonNode timed = preview(event("DTSTART:" + day + "T120000Z")).json().get(0);
    assertThat(timed.get("time").asString()).matches("1[34]:00(:00)?");
    JsonNode zoned =
        preview(event("DTSTART;TZID=America/New_York:" + day + "T090000")).json().get(0);
    assertThat(zoned.get("time").asString()).matches("1[45]:00(:00)?");
  }

  @ParameterizedTest
  @ValueSource(strings = {"no calendar", "BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n", "BEGIN:VEVENT"})
  void refusesWhatIsNoCalendarOrNamesNothing(String text) {
    assertThat(preview(text).refusedFields()).containsExactly("ics");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "DTSTART:yesterday",
        "DTSTART;TZID=Nowhere/At_All:20991201T090000",
        "DTSTART;VALUE=DATE:20991399",
        "DTSTART:99999999999999999999",
        "SUMMARY:no start"
      })
  void answersAnEventThatCannotBeWithASentenceAndNoFault(String start) {
    assertThat(preview(event(start)).status()).isIn(200, 400);
  }

  /** What a zone says between its first and last line, before an event in that zone. */
  private String zoned(String zone) {
    String day = today.plusDays(5).toString().replace("-", "");
    return event("DTSTART;TZID=Somewhere:" + day + "T120000")
        .replace(
            "BEGIN:VEVENT",
            "BEGIN:VTIMEZONE\r\nTZID:Somewhere\r\n"
                + zone.replace("\n", "\r\n")
                + "END:VTIMEZONE\r\nBEGIN:VEVENT");
  }

  private static String observance(String kind, String start, String more) {
    return """
    BEGIN:%s
    DTSTART:%s
    TZOFFSETFROM:%s
    TZOFFSETTO:%s
    %s
    END:%s
    """
        .formatted(
            kind,
            start,
            kind.equals("STANDARD") ? "+0200" : "+0100",
            kind.equals("STANDARD") ? "+0100" : "+0200",
            more,
            kind);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "RRULE:FREQ=MINUTELY",
        "RRULE:FREQ=SECONDLY;COUNT=9",
        "RRULE:FREQ=YEARLY;BYMONTH=3;BYHOUR=1,2,3;BYMINUTE=1,2,3",
        "RRULE:FREQ=YEARLY;BYDAY=MO,TU,WE",
        "RRULE:FREQ=YEARLY;BYMONTH=1,2,3,4;BYDAY=MO",
        "RRULE:FREQ=YEA\r\n RLY;FREQ=MINUTELY",
        "EXRULE:FREQ=YEARLY",
      })
  void refusesByNameAZoneThatChangesOtherThanYearly(String rule) {
    Caller.Answer answer = preview(zoned(observance("DAYLIGHT", "19700101T000000", rule)));

    assertThat(answer.refusedFields()).containsExactly("ics");
    assertThat(answer.body()).contains("describes a time zone");
  }

  @Test
  void refusesByNameMoreChangesAndEventsThanACalendarHas() {
    String many = observance("DAYLIGHT", "20200101T000000", "COMMENT:x").repeat(201);
    String dates = "RDATE:" + "20200101T000000,".repeat(200) + "20200101T000000";

    assertThat(preview(zoned(many)).body()).contains("more than 200 changes");
    assertThat(preview(zoned(observance("STANDARD", "20200101T000000", dates))).body())
        .contains("more than 200 changes");
    String event = "BEGIN:VEVENT\r\nUID:1\r\nEND:VEVENT\r\n";
    assertThat(preview("BEGIN:VCALENDAR\r\n" + event.repeat(2001) + "END:VCALENDAR\r\n").body())
        .contains("more than 2,000 events");
  }

  @Test
  void readsAZoneThatIsDescribedInTheFileThoughItBegins1601() {
    String zone =
        observance("STANDARD", "16011028T030000", "RRULE:FREQ=YEARLY;BYDAY=-1SU;BYMONTH=10")
            + observance("DAYLIGHT", "16010325T020000", "RRULE:FREQ=YEARLY;BYDAY=-1SU;BYMONTH=3");

    assertThat(preview(zoned(zone)).json().get(0).get("time").asString()).matches("12:00(:00)?");
  }

  @Test
  void foldsNoLineLongerThan75OctetsAndCutsNoCharacter() {
    assertThat(
            owner
                .create(owner.at("/dogs/" + UUID.randomUUID()), Samples.dog("Größe".repeat(12)))
                .status())
        .isEqualTo(200);

    String calendar = owner.get(owner.at("/calendar.ics")).body();

    assertThat(calendar.split("\r\n", -1))
        .allSatisfy(
            line -> assertThat(line.getBytes(StandardCharsets.UTF_8)).hasSizeLessThanOrEqualTo(75));
    assertThat(read(owner.get(owner.at("/calendar.ics"))).getEvents())
        .anySatisfy(
            event -> assertThat(event.getSummary().getValue()).startsWith("Größe".repeat(12)));
  }

  /** Else the library that reads calendars asks the net for newer definitions of time zones. */
  @Test
  void looksForNoTimeZonesInTheNet() {
    assertThat(Configurator.getProperty("net.fortuna.ical4j.timezone.update.enabled"))
        .contains("false");
  }

  @Test
  void refusesAppointmentsThatCannotBe() {
    String path = owner.at("/appointments/" + UUID.randomUUID());
    assertThat(
            owner
                .create(path, Samples.appointment(dog, now, today.minusDays(1), "null"))
                .refusedFields())
        .containsExactly("on");
    assertThat(
            owner
                .create(path, Samples.appointment(dog, now, today.plusYears(3), "null"))
                .refusedFields())
        .containsExactly("on");
  }
}
