package org.evenlobe.server.remind;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.kagkarlsson.scheduler.ScheduledExecution;
import com.github.kagkarlsson.scheduler.Scheduler;
import java.net.http.HttpRequest;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.mail.Mail;
import org.evenlobe.server.mail.MailService;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Reminders: what is begun for whom, once each, and how it is sent. */
@ExtendWith(RunningServer.class)
class ReminderTest {
  private static final ZoneId UTC = ZoneId.of("UTC");

  private final Caller owner = Caller.newOwner();
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final UUID person = UUID.fromString(owner.get("/api/me").json().get("id").asString());

  private String path(String what) {
    return owner.at("/" + what);
  }

  private void wish(boolean mail, boolean doses, String daily) {
    Caller.Answer answer =
        owner.put(
            path("reminders"),
            "Accept",
            "application/json",
            "{\"byMail\": %s, \"doses\": %s, \"dailyAt\": \"%s\"}".formatted(mail, doses, daily));
    assertThat(answer.status()).as(answer.body()).isEqualTo(204);
  }

  private void confirmAddress() {
    JdbcClient.create(RunningServer.ownerSource())
        .sql("update person set email_confirmed_at = now() where id = ?")
        .param(person)
        .update();
  }

  /** As if it had last been looked so many minutes ago. */
  private void lastLooked(int minutesAgo) {
    JdbcClient.create(RunningServer.ownerSource())
        .sql(
            "update reminder_wish set looked_until = now() - make_interval(mins => ?) where person_id = ?")
        .params(minutesAgo, person)
        .update();
  }

  private Optional<Instant> look() {
    List<Optional<Instant>> next = new ArrayList<>();
    as(() -> next.add(RunningServer.bean(ReminderRounds.class).look(person)));
    return next.get(0);
  }

  private void as(Runnable work) {
    CurrentMember.run(new Member(owner.household(), person, Role.OWNER), work);
  }

  /** The mails that are begun, as they would be sent. */
  private List<Mail> begun() {
    List<ScheduledExecution<Mail>> jobs = new ArrayList<>();
    RunningServer.bean(Scheduler.class)
        .fetchScheduledExecutionsForTask(ReminderJobs.MAIL.getTaskName(), Mail.class, jobs::add);
    return jobs.stream()
        .map(ScheduledExecution::getData)
        .filter(mail -> mail.person().equals(person))
        .toList();
  }

  private UUID dueCourse() {
    owner.correct(
        owner.at("/settings/" + owner.household()),
        1,
        Samples.settings("Saltings").replace("Europe/Berlin", "UTC"));
    UUID dog = Samples.newDog(owner);
    LocalTime due = now.minusSeconds(120).atZone(UTC).toLocalTime().truncatedTo(ChronoUnit.MINUTES);
    UUID course = UUID.randomUUID();
    Caller.Answer answer =
        owner.create(
            owner.at("/courses/" + course),
            Samples.course(
                    dog,
                    now.minusSeconds(180),
                    now.minusSeconds(120).atZone(UTC).toLocalDate().toString(),
                    "")
                .replace("Europe/Berlin", "UTC")
                .replace("\"08:00\", \"20:00\"", "\"" + due + "\""));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return course;
  }

  @Test
  void aDoseIsBegunOnceHoweverOftenItIsLooked() {
    dueCourse();
    confirmAddress();
    wish(true, true, "00:00");
    lastLooked(10);

    assertThat(look()).isPresent();
    lastLooked(10);
    look();

    assertThat(begun())
        .singleElement()
        .satisfies(mail -> assertThat(mail.subject()).contains("8 drops, right ear"));
  }

  @Test
  void whoWantsNoneHasNoneBegunAndIsNotLookedForAgain() {
    dueCourse();
    wish(false, true, "00:00");
    lastLooked(10);

    assertThat(look()).isEmpty();
    assertThat(begun()).isEmpty();
  }

  @Test
  void theMailOfTheDayNamesWhatIsDue() {
    Samples.newDog(owner);
    LocalTime berlin = now.minusSeconds(120).atZone(ZoneId.of("Europe/Berlin")).toLocalTime();
    confirmAddress();
    wish(true, false, berlin.truncatedTo(ChronoUnit.MINUTES).toString());
    lastLooked(30);

    look();

    assertThat(begun())
        .singleElement()
        .satisfies(mail -> assertThat(mail.body()).contains("check the ears"));
  }

  @Test
  void noneIsBegunToAnAddressThatNobodyConfirmed() {
    dueCourse();
    wish(true, true, "00:00");
    lastLooked(10);

    assertThat(look()).isPresent();
    assertThat(begun()).isEmpty();
    assertThat(owner.get(path("reminders")).json().get("isConfirmed").asBoolean()).isFalse();

    confirmAddress();
    lastLooked(10);
    look();
    assertThat(begun()).hasSize(1);
  }

  @Test
  void eachEndsWithALinkThatStopsThemWithoutSigningIn() {
    dueCourse();
    confirmAddress();
    wish(true, true, "00:00");
    as(
        () ->
            RunningServer.bean(Stops.class)
                .send(
                    Mail.reminder(person, "wren@test.example", "Fen: 8 drops", "Now.\n"),
                    RunningServer.bean(MailService.class)));
    String body = owner.get(path("outbox")).json().get(0).get("body").asString();
    String page = body.substring(body.indexOf("/stop/")).strip();
    String link = "/api" + page;

    Caller nobody = Caller.signedOut();
    HttpRequest.Builder oneClick =
        nobody
            .request(link)
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString("List-Unsubscribe=One-Click"));
    assertThat(nobody.send(oneClick).status()).isEqualTo(204);
    assertThat(nobody.send(oneClick).status()).isEqualTo(204);

    assertThat(owner.get(path("reminders")).json().at("/wishes/byMail").asBoolean()).isFalse();
    assertThat(
            nobody
                .send(nobody.request(link + "x").POST(HttpRequest.BodyPublishers.noBody()))
                .status())
        .isEqualTo(404);
  }

  @Test
  void theSimulatedServiceKeepsAnOutboxForEachPerson() {
    Caller other = Caller.newOwner();
    as(
        () ->
            RunningServer.bean(MailService.class)
                .send(Mail.reminder(person, "wren@test.example", "Fen: 8 drops", "Now.")));

    assertThat(owner.get(path("outbox")).body()).contains("Fen: 8 drops");
    assertThat(other.get(other.at("/outbox")).body()).isEqualTo("[]");
  }

  @Test
  void halfOfQuietHoursAreRefusedByName() {
    Caller.Answer answer =
        owner.put(
            path("reminders"),
            "Accept",
            "application/json",
            Samples.REMINDERS.replace(", \"quietUntil\": \"06:30\"", ""));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body()).contains("\"quietUntil\"");
  }
}
