package org.evenlobe.server.remind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.github.kagkarlsson.scheduler.ScheduledExecution;
import com.github.kagkarlsson.scheduler.Scheduler;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSenderImpl;

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
    wish(true, false, berlin.truncatedTo(ChronoUnit.MINUTES).toString());
    lastLooked(30);

    look();

    assertThat(begun())
        .singleElement()
        .satisfies(mail -> assertThat(mail.body()).contains("check the ears"));
  }

  @Test
  void theSimulatedServiceKeepsAnOutboxForEachPerson() {
    Caller other = Caller.newOwner();
    as(
        () ->
            RunningServer.bean(MailService.class)
                .send(new Mail(person, "wren@test.example", "Fen: 8 drops", "Now.")));

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

  @Test
  void aMailServerGetsItAsItIs() throws Exception {
    GreenMail server = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    server.start();
    JavaMailSenderImpl sender = new JavaMailSenderImpl();
    sender.setHost("127.0.0.1");
    sender.setPort(server.getSmtp().getPort());
    SmtpMail smtp = new SmtpMail(sender, "lobe@test.example");

    smtp.send(new Mail(person, "wren@test.example", "Fen: 8 drops", "Give it now."));

    assertThat(server.getReceivedMessages())
        .singleElement()
        .satisfies(
            message -> {
              assertThat(message.getSubject()).isEqualTo("Fen: 8 drops");
              assertThat(message.getAllRecipients()[0]).hasToString("wren@test.example");
              assertThat(message.getContent().toString()).contains("Give it now.");
            });
    server.stop();
    // one that cannot be sent is tried again by its job
    assertThatThrownBy(() -> smtp.send(new Mail(person, "wren@test.example", "Fen", "Now.")))
        .isInstanceOf(MailException.class);
  }
}
