package org.evenlobe.server.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.evenlobe.server.account.Household;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Courses, and the ticks of their doses. */
@ExtendWith(RunningServer.class)
class CourseTest {
  private static final ZoneId ZONE = ZoneId.of("UTC");

  private final Caller owner = Caller.newOwner();
  private final UUID course = UUID.randomUUID();
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final LocalDate today = now.atZone(ZONE).toLocalDate();
  private UUID dog;

  @BeforeEach
  void dog() {
    dog = Samples.newDog(owner);
    owner.correct(
        owner.at("/settings/" + owner.household()),
        1,
        Samples.settings("Saltings").replace("Europe/Berlin", "UTC"));
  }

  /** A course of which the third dose is due now: four a day, six hours apart. */
  private Caller.Answer begun(String more) {
    LocalTime due = LocalTime.of(now.atZone(ZONE).getHour() % 6, 0);
    StringBuilder times = new StringBuilder();
    for (int i = 0; i < 4; i++) {
      times.append(i == 0 ? "" : ", ").append('"').append(due.plusHours(6L * i)).append('"');
    }
    String body =
        Samples.course(dog, now.minusSeconds(60), today.minusDays(1).toString(), more)
            .replace("Europe/Berlin", "UTC")
            .replace("\"08:00\", \"20:00\"", times);
    return owner.create(owner.at("/courses/" + course), body);
  }

  private String tick(Instant at, String more) {
    return Samples.said(
            dog,
            at,
            ", \"courseId\": \"%s\", \"ears\": [\"RIGHT\"], \"given\": true%s"
                .formatted(course, more))
        .replace("Europe/Berlin", "UTC");
  }

  private static Caller.Answer give(Caller who, String body) {
    return who.create(who.at("/givings/" + UUID.randomUUID()), body);
  }

  private JsonNode board() {
    return owner.get(owner.at("/doses")).json();
  }

  private JsonNode due() {
    return board()
        .at("/courses/0/board/doses")
        .valueStream()
        .filter(dose -> List.of("DUE", "LATE", "GIVEN").contains(dose.at("/status").asString()))
        .reduce((earlier, later) -> later)
        .orElseThrow();
  }

  @Test
  void aDoseThatIsDueIsOnTheBoardAndIsTickedOnce() {
    assertThat(begun("").status()).isEqualTo(200);
    assertThat(due().at("/status").asString()).isEqualTo("DUE");
    assertThat(due().at("/todo/sentence").asString()).startsWith("On time until ");

    assertThat(give(owner, tick(now, "")).status()).isEqualTo(200);

    assertThat(due().at("/status").asString()).isEqualTo("GIVEN");
    String by = due().at("/ears/0/giving/by").asString();
    assertThat(board().at("/people/" + by).asString()).isNotEmpty();
  }

  @Test
  void aSecondTickOfTheSameDoseIsRefusedWithWhoGaveIt() {
    begun("");
    Caller helper = Caller.newOwner();
    Household.addMember(owner, helper, "CARER");
    give(owner, tick(now.minusSeconds(2), ""));

    Caller.Answer second = helper.create(owner.at("/givings/" + UUID.randomUUID()), tick(now, ""));

    assertThat(second.status()).isEqualTo(409);
    assertThat(second.json().at("/type").asString()).endsWith("already-given");
    assertThat(second.json().at("/detail").asString()).contains("has given this dose at");
    assertThat(due().at("/ears/0/again").size()).isZero();
  }

  @Test
  void whoTicksAtTheSameInstantIsTheOnlyOne() throws Exception {
    begun("");
    ExecutorService hands = Executors.newFixedThreadPool(4);
    try {
      List<Callable<Integer>> ticks = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        ticks.add(() -> give(owner, tick(now, "")).status());
      }
      List<Integer> answers = new ArrayList<>();
      for (var answer : hands.invokeAll(ticks)) {
        answers.add(answer.get());
      }
      assertThat(answers).containsExactlyInAnyOrder(200, 409, 409, 409);
    } finally {
      hands.shutdown();
    }
  }

  @Test
  void whatWasTickedOfflineIsKeptAndSaidToBePerhapsTwice() {
    begun("");
    give(owner, tick(now.minusSeconds(5), ""));

    assertThat(give(owner, tick(now.minusSeconds(9), ", \"offline\": true")).status())
        .isEqualTo(200);

    assertThat(due().at("/ears/0/again").size()).isEqualTo(1);
    assertThat(due().at("/todo/rule").asString()).isEqualTo("COURSE_TWICE");
    assertThat(board().at("/courses/0/board/doubles").size()).isEqualTo(1);
  }

  @Test
  void theSameTickAgainAndItsTakingBackAreNoSecondDose() {
    begun("");
    String path = owner.at("/givings/" + UUID.randomUUID());
    String body = tick(now.minusSeconds(2), "");

    assertThat(owner.create(path, body).status()).isEqualTo(200);
    assertThat(owner.create(path, body).json().at("/version").asInt()).isEqualTo(1);
    assertThat(owner.delete(path, 1).status()).isEqualTo(200);
    assertThat(due().at("/status").asString()).isEqualTo("DUE");
    assertThat(give(owner, tick(now, "")).status()).isEqualTo(200);
  }

  @Test
  void beforeTheWaitIsOverADoseIsTickedWithAReasonOnly() {
    begun(", \"labelWait\": 30, \"cleanBefore\": {\"kind\": \"EACH_DOSE\"}");
    assertThat(due().at("/todo/sentence").asString()).startsWith("Clean the right ear first");
    owner.create(
        owner.at("/cleanings/" + UUID.randomUUID()),
        Samples.cleaning(dog, now.minusSeconds(600), 1, 1));
    assertThat(due().at("/todo/sentence").asString()).startsWith("Wait until ");

    assertThat(give(owner, tick(now, "")).refusedFields()).containsExactly("why");
    assertThat(give(owner, tick(now, ", \"why\": \"the vet said so\"")).status()).isEqualTo(200);
  }

  @Test
  void stoppingEarlySaysWhatFollows() {
    begun("");
    String end =
        Samples.said(dog, now, ", \"courseId\": \"%s\", \"cause\": \"OTHER\"".formatted(course));
    assertThat(owner.create(owner.at("/course-ends/" + UUID.randomUUID()), end).status())
        .isEqualTo(200);

    assertThat(board().at("/courses/0/board/isOver").asBoolean()).isTrue();
    assertThat(board().at("/courses/0/board/reasons/0/rule").asString())
        .isEqualTo("COURSE_STOPPED");
  }

  @Test
  void theCalendarHasTheDosesTimedEachWithAnAlarm() {
    begun("");
    String calendar = owner.get(owner.at("/calendar.ics")).body().replace("\r\n ", "");

    Instant next =
        owner
            .get(owner.at("/dogs/" + dog + "/courses"))
            .json()
            .at("/courses/0/lanes")
            .valueStream()
            .filter(dose -> dose.at("/status").asString().equals("AHEAD"))
            .map(dose -> Instant.parse(dose.at("/at").asString()))
            .findFirst()
            .orElseThrow();
    assertThat(calendar)
        .contains(
            "DTSTART:"
                + DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'").format(next.atZone(ZONE)),
            "8 drops\\, right ear",
            "TRIGGER:PT0S");
  }

  @Test
  void aFinishedCourseStaysOnTheBoardUntilSomebodyLooksAtTheEarAgain() {
    Instant then = now.minus(20, ChronoUnit.DAYS);
    LocalDate start = today.minusDays(20);
    owner.create(owner.at("/courses/" + course), Samples.course(dog, then, start.toString(), ""));
    String end =
        Samples.said(
            dog,
            now.minus(13, ChronoUnit.DAYS),
            ", \"courseId\": \"%s\", \"cause\": \"FINISHED\"".formatted(course));
    owner.create(owner.at("/course-ends/" + UUID.randomUUID()), end);

    assertThat(board().at("/courses/0/board/reasons/0/rule").asString())
        .isEqualTo("COURSE_RECHECK");
    owner.create(
        owner.at("/visits/" + UUID.randomUUID()),
        Samples.visit(dog, now.minusSeconds(60), Samples.SEEN_EAR, Samples.SEEN_EAR));
    assertThat(board().at("/courses").size()).isZero();
  }

  @Test
  void howOftenItIsCleanedFirstIsKept() {
    begun(", \"cleanBefore\": {\"kind\": \"SO_OFTEN\", \"weekdays\": [\"MONDAY\", \"FRIDAY\"]}");

    assertThat(board().at("/courses/0/board/course/cleanBefore/howOften/weekdays").size())
        .isEqualTo(2);
  }

  @Test
  void aCourseIsToldInFull() {
    begun(", \"bottle\": {\"millilitres\": 7.5, \"openedOn\": \"%s\"}".formatted(today));
    give(owner, tick(now, ""));

    JsonNode full = owner.get(owner.at("/dogs/" + dog + "/courses")).json().at("/courses/0");

    assertThat(full.at("/board/total").asInt()).isEqualTo(28);
    assertThat(full.at("/lanes").size()).isEqualTo(28);
    assertThat(full.at("/lasts/left").asDouble()).isEqualTo(7.5 - 0.44);
    assertThat(full.at("/lasts/runsOut/number").asInt()).isPositive();
    assertThat(full.at("/adherence/0/reason/sentence").asString()).startsWith("Right ear");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"days\": 7 | \"days\": 0 | phases[0].days",
        "\"least\": 8 | \"least\": 0 | phases[0].least",
        "\"least\": 8 | \"least\": 8, \"most\": 5 | phases[0].most",
        "\"days\": 7 | \"days\": 7, \"mostDays\": 5 | phases[0].mostDays",
        "[\"RIGHT\"] | [] | ears",
        "\"DROPS\" | \"TABLET\" | ears",
        "\"startsOn\": \"2026-01-01\" | \"startsOn\": \"2031-01-01\" | startsOn",
        "\"startsOn\": \"2026-01-01\" | \"startsOn\": \"2026-01-01\", \"recheck\": \"2025-12-01\" | recheck",
        "\"startsOn\": \"2026-01-01\" | \"startsOn\": \"2026-01-01\", \"firstSlot\": 2 | firstSlot",
        "\"startsOn\": \"2026-01-01\" | \"startsOn\": \"2026-01-01\", \"bottle\": {\"millilitres\": 0} | bottle.millilitres",
        "\"startsOn\": \"2026-01-01\" | \"startsOn\": \"2026-01-01\", \"cleanBefore\": {\"kind\": \"SO_OFTEN\"} | cleanBefore",
        "\"08:00\", \"20:00\" | \"08:00\", \"08:00\" | phases[0].times",
      })
  void refusesWhatCannotBeByName(String was, String is, String field) {
    String body =
        Samples.course(dog, Instant.parse("2026-01-01T10:00:00Z"), "2026-01-01", "")
            .replace(was, is);

    Caller.Answer answer = owner.create(owner.at("/courses/" + course), body);

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).contains(field);
  }

  @Test
  void refusesFiftyADayAndAnEndBeforeTheStart() {
    StringBuilder fifty = new StringBuilder("\"00:00\"");
    for (int i = 1; i < 50; i++) {
      fifty.append(", \"").append(LocalTime.MIN.plusMinutes(20L * i)).append('"');
    }
    String body = Samples.course(dog, now, today.toString(), "");

    assertThat(
            owner
                .create(owner.at("/courses/" + course), body.replace("\"08:00\", \"20:00\"", fifty))
                .refusedFields())
        .containsExactly("phases[0].times");
  }

  @Test
  void aTickIsOfACourseAndAnEarOfThatDog() {
    begun("");
    UUID other = Samples.newDog(owner);

    assertThat(give(owner, tick(now, "").replace(course.toString(), other.toString())).status())
        .isEqualTo(400);
    assertThat(give(owner, tick(now, "").replace(dog.toString(), other.toString())).refusedFields())
        .containsExactly("courseId");
    assertThat(give(owner, tick(now, "").replace("RIGHT", "LEFT")).refusedFields())
        .containsExactly("ears");
  }

  @Test
  void aLabelIsUnderstoodOrSaidNotToBe() {
    String said = "{\"words\": \"%s\"}";
    JsonNode understood =
        owner
            .post(
                owner.at("/previews/label"),
                said.formatted("8 drops AD bid for 7 days, then once a day for 7 days"))
            .json();

    assertThat(understood.at("/phases").size()).isEqualTo(2);
    assertThat(understood.at("/ears/0").asString()).isEqualTo("RIGHT");
    assertThat(understood.at("/words/0/means").asString()).contains("right ear");
    assertThat(
            owner
                .post(owner.at("/previews/label"), said.formatted("8 drops ".repeat(1250)))
                .refusedFields())
        .containsExactly("words");
  }

  @Test
  void theStatementsOfTheBoardDoNotGrowWithDogsAndDoses() {
    begun("");
    int one = StatementCount.during(() -> owner.get(owner.at("/doses")));
    for (int n = 0; n < 8; n++) {
      UUID other = Samples.newDog(owner);
      for (int course = 0; course < 3; course++) {
        owner.create(
            owner.at("/courses/" + UUID.randomUUID()),
            Samples.course(other, now.minusSeconds(60), today.minusDays(3).toString(), ""));
      }
      owner.create(
          owner.at("/diet-trials/" + UUID.randomUUID()),
          Samples.dietTrial(other, now.minusSeconds(60), today.toString(), ""));
    }

    assertThat(StatementCount.during(() -> owner.get(owner.at("/doses")))).isEqualTo(one);
    begunOnOnesOwn(1);
    int own = StatementCount.during(() -> owner.get(owner.at("/dogs/" + dog + "/courses")));
    begunOnOnesOwn(5);
    assertThat(StatementCount.during(() -> owner.get(owner.at("/dogs/" + dog + "/courses"))))
        .isEqualTo(own);
  }

  private void begunOnOnesOwn(int many) {
    for (int n = 0; n < many; n++) {
      owner.create(owner.at("/own-courses/" + UUID.randomUUID()), Samples.of("own-courses", dog));
    }
  }
}
