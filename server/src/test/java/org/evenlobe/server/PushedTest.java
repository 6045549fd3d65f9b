package org.evenlobe.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.evenlobe.server.account.Household;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What is pushed at the server holds up nobody else, and is answered with a word, not a failure.
 */
@ExtendWith(RunningServer.class)
class PushedTest {
  private static final int AT_ONCE = 10;

  private Caller owner;
  private UUID dog;

  @BeforeEach
  void household() {
    owner = Caller.newOwner();
    dog = Samples.newDog(owner);
  }

  private String table(int lines) {
    StringBuilder csv = new StringBuilder("dog,at,ears.right.method,ears.right.load\n");
    for (int line = 0; line < lines; line++) {
      csv.append(
          "Fen,2025-%02d-%02dT%02d:%02d:00Z,WIPE,1%n"
              .formatted(1 + line / 28 % 12, 1 + line % 28, line / 336 % 24, line / 8064 % 60));
    }
    return csv.toString();
  }

  private static Caller.Answer send(Caller caller, String path, String csv) {
    if (caller.cookie("XSRF-TOKEN").isEmpty()) {
      caller.get("/api/csrf");
    }
    return caller.send(
        caller
            .request(caller.at(path))
            .header("Content-Type", "text/csv")
            .POST(BodyPublishers.ofString(csv)));
  }

  @Test
  void tenTablesAtOnceAreReadTwoAtATimeAndOneOfAPersonWhileOthersGoOn() throws Exception {
    Caller other = Caller.newOwner();
    Samples.newDog(other);
    String csv = table(2_000);
    ExecutorService senders = Executors.newFixedThreadPool(AT_ONCE);
    try {
      List<Callable<Integer>> tables = new ArrayList<>();
      for (int n = 0; n < AT_ONCE; n++) {
        tables.add(() -> send(owner, "/previews/logs/cleanings", csv).status());
      }
      List<Future<Integer>> sent = new ArrayList<>();
      tables.forEach(one -> sent.add(senders.submit(one)));
      for (int n = 0; n < AT_ONCE; n++) {
        assertThat(other.get(other.at("/today")).status()).isEqualTo(200);
      }
      List<Integer> answers = new ArrayList<>();
      for (Future<Integer> one : sent) {
        answers.add(one.get());
      }

      assertThat(answers).contains(200).allMatch(status -> status == 200 || status == 503);
    } finally {
      senders.shutdown();
    }
    assertThat(send(owner, "/previews/logs/cleanings", csv).json().get("added").asInt())
        .isEqualTo(2_000);
  }

  @Test
  void aTableCostsTheSameStatementsHoweverManyLinesItHas() {
    // the first of a person begins to count them
    send(owner, "/previews/logs/cleanings", table(1));
    send(owner, "/previews/logs/cleanings", table(3));
    assertThat(StatementCount.during(() -> send(owner, "/previews/logs/cleanings", table(300))))
        .isEqualTo(StatementCount.during(() -> send(owner, "/previews/logs/cleanings", table(3))));
  }

  /** A line for each dose of a course of a week, twice a day, for so many of them. */
  private String doses(UUID course, int many) {
    StringBuilder csv = new StringBuilder("dog,at,courseId,ears,given\n");
    for (int dose = 0; dose < many; dose++) {
      csv.append(
          "Fen,2026-03-%02dT%02d:00:00Z,%s,RIGHT,true%n"
              .formatted(2 + dose / 2, dose % 2 == 0 ? 7 : 19, course));
    }
    return csv.toString();
  }

  private UUID aWeekOfDrops() {
    UUID course = UUID.randomUUID();
    owner.create(
        owner.at("/courses/" + course),
        Samples.course(dog, Instant.parse("2026-03-02T06:00:00Z"), "2026-03-02", ""));
    return course;
  }

  @Test
  void aTableOfMedicineCostsTheSameStatementsHoweverManyDosesItHas() {
    UUID course = aWeekOfDrops();
    send(owner, "/previews/logs/givings", doses(course, 1));

    assertThat(
            StatementCount.during(() -> send(owner, "/previews/logs/givings", doses(course, 14))))
        .isEqualTo(
            StatementCount.during(() -> send(owner, "/previews/logs/givings", doses(course, 2))));
    assertThat(send(owner, "/logs/givings", doses(course, 14)).json().get("added").asInt())
        .isEqualTo(14);
  }

  @Test
  void aTableThatNamesCoursesOfNobodyAsksForNoneOfThem() {
    send(owner, "/previews/logs/givings", doses(UUID.randomUUID(), 1));
    StringBuilder many = new StringBuilder(doses(UUID.randomUUID(), 0));
    for (int n = 0; n < 100; n++) {
      many.append(doses(UUID.randomUUID(), 1).lines().skip(1).findFirst().orElseThrow())
          .append('\n');
    }

    assertThat(StatementCount.during(() -> send(owner, "/previews/logs/givings", many.toString())))
        .isEqualTo(
            StatementCount.during(
                () -> send(owner, "/previews/logs/givings", doses(UUID.randomUUID(), 1))));
  }

  @Test
  void twoLinesOfATableNeverTickOneDoseNorOneThatIsTicked() {
    UUID course = aWeekOfDrops();
    String aMinuteLater =
        doses(course, 1).replaceFirst("(?s)^.*\n(?=Fen)", "").replace(":00:00Z", ":01:00Z");

    Caller.Answer twice = send(owner, "/previews/logs/givings", doses(course, 2) + aMinuteLater);
    assertThat(twice.json().get("added").asInt()).isEqualTo(2);
    assertThat(twice.json().get("lines").get(0).get("number").asInt()).isEqualTo(4);
    assertThat(twice.body()).contains("has given this dose");
    assertThat(send(owner, "/logs/givings", doses(course, 2) + aMinuteLater).status())
        .isEqualTo(400);

    assertThat(send(owner, "/logs/givings", doses(course, 2)).json().get("added").asInt())
        .isEqualTo(2);
    Caller.Answer again = send(owner, "/logs/givings", doses(course, 0) + aMinuteLater);
    assertThat(again.refusedFields()).containsExactly("line 2, line");
  }

  @Test
  void aTableThatNamesDogsOfNobodyAsksForNoneOfThem() {
    send(owner, "/previews/logs/cleanings", table(1));
    String head = "dogId,at,ears.right.method,ears.right.load\n";
    String line = ",2025-01-01T10:00:00Z,WIPE,1\n";
    StringBuilder many = new StringBuilder(head);
    for (int n = 0; n < 200; n++) {
      many.append(UUID.randomUUID()).append(line);
    }
    String one = head + UUID.randomUUID() + line;

    assertThat(
            StatementCount.during(() -> send(owner, "/previews/logs/cleanings", many.toString())))
        .isEqualTo(StatementCount.during(() -> send(owner, "/previews/logs/cleanings", one)));
  }

  @Test
  void whoIsSignedOutLearnsOnlyWhetherItLivesAndIsReady() {
    Caller nobody = Caller.signedOut();

    assertThat(nobody.get("/actuator/health/liveness").status()).isEqualTo(200);
    assertThat(nobody.get("/actuator/health/readiness").status()).isEqualTo(200);
    assertThat(nobody.get("/actuator/health").status()).isEqualTo(401);
    assertThat(nobody.get("/actuator/health/mail").status()).isEqualTo(401);
  }

  @ParameterizedTest
  @ValueSource(strings = {"application/*", "*/*", "text/*", "application/json;x=*"})
  void aTypeOfManyIsRefusedByName(String type) {
    for (String path : List.of("/api/people", owner.at("/previews/mix"))) {
      owner.get("/api/csrf");
      Caller.Answer answer =
          owner.send(
              owner.request(path).header("Content-Type", type).POST(BodyPublishers.ofString("{}")));

      assertThat(answer.status()).as(path).isBetween(400, 422);
      assertThat(answer.json().get("type").asString()).startsWith("/problems/");
    }
  }

  @Test
  void anEMailWithACharacterThatIsNoneIsOneThatNobodyHas() {
    assertThat(Caller.signedOut().signIn("a\0b@test.example", Caller.PASSWORD).status())
        .isEqualTo(401);
  }

  /** The container refuses it before anything else has seen it. */
  @Test
  void aPathThatHidesAStrokeIsAProblemDocument() throws Exception {
    URI server = URI.create(RunningServer.address());
    try (Socket socket = new Socket(server.getHost(), server.getPort())) {
      socket
          .getOutputStream()
          .write(
              "GET /api/logs/..%2f HTTP/1.1\r\nHost: here\r\nConnection: close\r\n\r\n"
                  .getBytes(StandardCharsets.US_ASCII));
      InputStream in = socket.getInputStream();
      String answer = new String(in.readAllBytes(), StandardCharsets.UTF_8);

      assertThat(answer)
          .startsWith("HTTP/1.1 400")
          .contains("application/problem+json")
          .contains("/problems/bad-request")
          .doesNotContain("<html");
    }
  }

  @Test
  void controlCharactersAreTakenOutOfWhatIsTyped() {
    UUID id = UUID.randomUUID();
    owner.create(owner.at("/dogs/" + id), Samples.dog("Se\\u0001dge\\r\\nof the marsh"));
    UUID check = UUID.randomUUID();
    owner.create(
        owner.at("/checks/" + check),
        Samples.check(
                id, Instant.parse("2026-01-01T10:00:00Z"), Samples.QUIET_EAR, Samples.QUIET_EAR)
            .replace("held still", "held\\u0007 still\\r\\nall along"));

    assertThat(owner.get(owner.at("/dogs/" + id)).json().at("/dog/profile/name").asString())
        .isEqualTo("Sedge of the marsh");
    assertThat(
            owner
                .get(owner.at("/checks/" + check + "/versions"))
                .json()
                .at("/0/said/note")
                .asString())
        .isEqualTo("held still\nall along");
    assertThat(owner.get(owner.at("/dogs/" + id + "/vet.pdf?asked=%01why%3F")).status())
        .isEqualTo(200);
  }

  /** The form to sign in sends it as it is; so it is kept as it is, too. */
  @Test
  void aSecretIsTakenAsItIsTyped() {
    String email = UUID.randomUUID() + "@test.example";
    String secret = "reed\tand \u0007marsh grass";
    Caller caller = Caller.signedOut();
    caller.get("/api/csrf");

    Caller.Answer registered =
        caller.post(
            "/api/people",
            """
            {"name": "Reed", "email": "%s", "password": "reed\\tand \\u0007marsh grass",
             "household": "Saltings", "zone": "Europe/Berlin"}"""
                .formatted(email));

    assertThat(registered.status()).as(registered.body()).isEqualTo(204);
    assertThat(caller.signIn(email, secret).status()).isEqualTo(204);
  }

  @Test
  void whatIsBroughtBackHasToHoldAsIfItWasSaidNow() {
    Instant now = Instant.now().minusSeconds(60);
    UUID course = UUID.randomUUID();
    int hour = now.atZone(java.time.ZoneId.of("Europe/Berlin")).getHour();
    owner.create(
        owner.at("/courses/" + course),
        Samples.course(
                dog,
                now.minusSeconds(600),
                now.atZone(java.time.ZoneId.of("Europe/Berlin")).toLocalDate().toString(),
                "")
            .replace("\"08:00\", \"20:00\"", "\"%02d:00\"".formatted(hour)));
    String tick =
        Samples.said(
            dog,
            now,
            ", \"courseId\": \"%s\", \"ears\": [\"RIGHT\"], \"given\": true".formatted(course));
    String first = owner.at("/givings/" + UUID.randomUUID());
    Caller carer = Caller.newOwner();
    Household.addMember(owner, carer, "CARER");

    assertThat(owner.create(first, tick).status()).isEqualTo(200);
    assertThat(owner.delete(first, 1).status()).isEqualTo(200);
    assertThat(
            carer.create(first.replaceAll("[^/]+$", UUID.randomUUID().toString()), tick).status())
        .isEqualTo(200);

    assertThat(owner.post(first + "/versions/1/restore", "").status()).isEqualTo(409);
  }
}
