package org.evenlobe.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What a person says of a plan, and what the plan makes of it. */
@ExtendWith(RunningServer.class)
class PlanMovesTest {
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final LocalDate today = LocalDate.now(ZoneId.of("Europe/Berlin"));
  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);

  private String fresh(String kind) {
    return owner.at("/" + kind + "/" + UUID.randomUUID());
  }

  private JsonNode plan() {
    return owner.get(owner.at("/dogs/" + dog)).json().get("plan");
  }

  private JsonNode next(String kind) {
    return all(plan(), kind).get(0);
  }

  private static List<JsonNode> all(JsonNode plan, String kind) {
    List<JsonNode> items = new ArrayList<>();
    for (JsonNode item : plan.get("items")) {
      if (item.get("kind").asString().equals(kind)) {
        items.add(item);
      }
    }
    return items;
  }

  private void cleaned(int daysAgo) {
    String body = Samples.cleaning(dog, now.minus(daysAgo, ChronoUnit.DAYS), 2, 2);
    assertThat(owner.create(fresh("cleanings"), body).status()).isEqualTo(200);
  }

  @ParameterizedTest
  @CsvSource({
    "VISIT, 400",
    "ASK, 400",
    "TALK, 400",
    "DIET, 400",
    "CHECK, 200",
    "CLEAN, 200",
    "HAIR, 200",
    "DRY, 200",
    "LOOK, 200",
    "PRACTICE, 200",
  })
  void whatOnlyItsRecordEndsIsNotLeftOut(String kind, int status) {
    String of = kind.equals("CLEAN") ? "RIGHT:%s:1".formatted(dog) : today.toString();
    String item = "%s:%s:%s".formatted(dog, kind, of);
    String skip = ", \"item\": \"%s\", \"reason\": \"away\"".formatted(item);

    Caller.Answer answer = owner.create(fresh("skips"), Samples.said(dog, now, skip));

    assertThat(answer.status()).as(answer.body()).isEqualTo(status);
  }

  @Nested
  class Water {
    @Test
    void isToBeDriedUntilSomebodySaysSo() {
      owner.create(fresh("exposures"), Samples.swim(dog, now.minusSeconds(60), today, today));
      assertThat(next("DRY").at("/window/best").asString()).isEqualTo(today.toString());

      String drying = fresh("dryings");
      assertThat(owner.create(drying, Samples.said(dog, now, "")).status()).isEqualTo(200);
      assertThat(all(plan(), "DRY")).isEmpty();

      assertThat(owner.delete(drying, 1).status()).isEqualTo(200);
      assertThat(all(plan(), "DRY")).hasSize(1);
    }

    @Test
    void thatIsExpectedIsPlannedAskedAboutAndStruckOut() {
      UUID swims = UUID.randomUUID();
      String weekday = "\"" + today.getDayOfWeek() + "\"";
      String body = Samples.expectedSwim(dog, now.minus(8, ChronoUnit.DAYS), weekday);
      assertThat(owner.create(owner.at("/expected-exposures/" + swims), body).status())
          .isEqualTo(200);

      assertThat(
              owner
                  .get(owner.at("/dogs/" + dog + "/tabs/water"))
                  .json()
                  .at("/expected/0/weekdays/0")
                  .asString())
          .isEqualTo(today.getDayOfWeek().name());
      assertThat(plan().at("/open/0/day").asString()).isEqualTo(today.minusDays(7).toString());
      assertThat(next("DRY").at("/window/best").asString()).isEqualTo(today.toString());

      String struck = ", \"expected\": \"%s\", \"on\": \"%s\"".formatted(swims, today);
      owner.create(fresh("struck-days"), Samples.said(dog, now, struck));
      assertThat(next("DRY").at("/window/best").asString()).isEqualTo(today.plusDays(7).toString());

      owner.delete(owner.at("/expected-exposures/" + swims), 1);
      assertThat(plan().get("open")).isEmpty();
    }

    @Test
    void ofAnotherDogIsNotStruckOut() {
      UUID swims = UUID.randomUUID();
      owner.create(
          owner.at("/expected-exposures/" + swims), Samples.expectedSwim(dog, now, "\"MONDAY\""));
      String struck = ", \"expected\": \"%s\", \"on\": \"%s\"".formatted(swims, today);
      UUID other = Samples.newDog(owner);

      assertThat(
              owner.create(fresh("struck-days"), Samples.said(other, now, struck)).refusedFields())
          .containsExactly("expected");
    }

    @ParameterizedTest
    @CsvSource(
        delimiter = '|',
        value = {
          "\"month\": 12, \"day\": 31|\"month\": 2, \"day\": 30|from.day",
          "\"month\": 12, \"day\": 31|\"month\": 13, \"day\": 1|from.month",
          "\"MONDAY\"||weekdays"
        })
    void isNotExpectedOnDaysThatCannotBe(String right, String wrong, String field) {
      String body =
          Samples.expectedSwim(dog, now, "\"MONDAY\"")
              .replace(
                  "\"from\": {\"month\": 1, \"day\": 1}", "\"from\": {\"month\": 12, \"day\": 31}")
              .replaceFirst(java.util.regex.Pattern.quote(right), wrong == null ? "" : wrong);
      Caller.Answer answer = owner.create(fresh("expected-exposures"), body);

      assertThat(answer.status()).isEqualTo(400);
      assertThat(answer.refusedFields()).containsExactly(field);
    }
  }

  @Nested
  class APin {
    @Test
    void putsACleaningOnADayOfItsWindow() {
      cleaned(3);
      JsonNode item = next("CLEAN");
      LocalDate latest = LocalDate.parse(item.at("/window/latest").asString());
      String body = Samples.pin(dog, now, item.get("id").asString(), latest, "");
      String pin = fresh("pins");

      assertThat(owner.create(pin, body).status()).isEqualTo(200);
      assertThat(next("CLEAN").at("/window/best").asString()).isEqualTo(latest.toString());
      assertThat(next("CLEAN").get("id")).isEqualTo(item.get("id"));
      assertThat(owner.create(pin, body).status()).as("a retry").isEqualTo(200);

      owner.delete(pin, 1);
      assertThat(next("CLEAN").get("window")).isEqualTo(item.get("window"));
    }

    @Test
    void outsideTheWindowNeedsAReason() {
      cleaned(3);
      JsonNode item = next("CLEAN");
      LocalDate after = LocalDate.parse(item.at("/window/latest").asString()).plusDays(2);
      String id = item.get("id").asString();

      assertThat(owner.create(fresh("pins"), Samples.pin(dog, now, id, after, "")).refusedFields())
          .containsExactly("reason");
      String why = ", \"reason\": \"we are away\"";
      assertThat(owner.create(fresh("pins"), Samples.pin(dog, now, id, after, why)).status())
          .isEqualTo(200);
      assertThat(next("CLEAN").toString()).contains("we are away");
    }

    @Test
    void isRefusedInThePastTooFarAheadAndForWhatIsNotPlanned() {
      cleaned(3);
      String id = next("CLEAN").get("id").asString();
      String why = ", \"reason\": \"because\"";

      assertThat(
              owner
                  .create(fresh("pins"), Samples.pin(dog, now, id, today.minusDays(1), why))
                  .refusedFields())
          .containsExactly("on");
      assertThat(
              owner
                  .create(fresh("pins"), Samples.pin(dog, now, id, today.plusDays(61), why))
                  .refusedFields())
          .containsExactly("on");
      assertThat(
              owner
                  .create(fresh("pins"), Samples.pin(dog, now, dog + ":CLEAN:x", today, why))
                  .refusedFields())
          .containsExactly("item");
    }
  }

  @Nested
  class WhatIf {
    private JsonNode ask(String body) {
      Caller.Answer answer = owner.post(owner.at("/dogs/" + dog + "/what-if"), body);
      assertThat(answer.status()).as(answer.body()).isEqualTo(200);
      return answer.json();
    }

    @Test
    void nothingWereDifferentIsThePlanAsItIs() {
      cleaned(3);
      JsonNode both = ask("{}");
      assertThat(both.get("then")).isEqualTo(both.get("now")).isEqualTo(plan());
    }

    @Test
    void theSchoolTheEarsTheAirOrTheLoadWereDifferentMovesThePlanAndStoresNothing() {
      cleaned(10);
      JsonNode before = plan();

      assertThat(all(ask("{\"scheduling\": \"AS_NEEDED\"}").get("then"), "CLEAN")).isEmpty();
      JsonNode fixed = ask("{\"scheduling\": \"FIXED\", \"fixedDays\": 30}").get("then");
      assertThat(all(fixed, "CLEAN").get(0).at("/window/best").asString())
          .isEqualTo(today.plusDays(20).toString());
      double rho = before.at("/loadFactor/value").asDouble();
      assertThat(ask("{\"carriage\": \"ERECT\"}").at("/then/loadFactor/value").asDouble())
          .isLessThan(rho);
      assertThat(ask("{\"climate\": \"HUMID\"}").at("/then/loadFactor/value").asDouble())
          .isGreaterThan(rho);
      assertThat(ask("{\"load\": 4}").at("/then/ears/right/interval/observations").asInt())
          .isEqualTo(1);
      assertThat(plan()).isEqualTo(before);
    }

    @ParameterizedTest
    @ValueSource(
        strings = {
          "{\"scheduling\": \"VET\"}",
          "{\"fixedDays\": 6}",
          "{\"load\": 5}",
          "{\"moon\": 1}"
        })
    void itIsNonsenseIsRefused(String body) {
      assertThat(owner.post(owner.at("/dogs/" + dog + "/what-if"), body).status()).isEqualTo(400);
    }
  }

  @Nested
  class TheHousehold {
    private void settle(String more) {
      String body = Samples.settings("Saltings");
      body = body.substring(0, body.lastIndexOf('}')) + more + "}";
      Caller.Answer answer = owner.correct(owner.settings(), 1, body);
      assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    }

    @Test
    void evensOutTheWeekAndNamesWhatFindsNoRoom() {
      UUID second = Samples.newDog(owner);
      UUID third = Samples.newDog(owner);
      for (UUID one : List.of(dog, second, third)) {
        owner.create(
            fresh("cleanings"), Samples.cleaning(one, now.minus(40, ChronoUnit.DAYS), 2, 2));
      }
      settle(
          ", \"capacity\": {\"byWeekday\": [1, 1, 1, 1, 1, 1, 1], \"helperDays\": [], \"daysOff\":"
              + " []}");
      JsonNode answer = owner.get(owner.at("/today")).json();

      assertThat(answer.get("unplaced")).hasSizeGreaterThanOrEqualTo(2);
      assertThat(answer.at("/unplaced/0/reason/sentence").asString()).startsWith("No day from");
      assertThat(answer.at("/unplaced/0/wayOut").asString()).isGreaterThan(today.toString());
      List<List<String>> all = new ArrayList<>();
      answer.get("dogs").forEach(one -> all.add(days(one.get("plan"))));
      assertThat(days(plan())).as("the same plan on the dog's own page").isNotEmpty().isIn(all);
    }

    private static List<String> days(JsonNode plan) {
      return plan.get("items")
          .valueStream()
          .map(item -> item.get("id").asString() + " " + item.get("window"))
          .toList();
    }

    @Test
    void thatLivesSomewhereIsToldTheSimulatedWeather() {
      assertThat(plan().toString()).doesNotContain("simulated weather");
      settle(", \"latitude\": 5");
      assertThat(plan().at("/loadFactor").toString())
          .contains("Climate by the simulated weather at 5° N: humid");
    }

    @Test
    void mayBundleOnGroomingDays() {
      cleaned(3);
      String earliest = next("CLEAN").at("/window/earliest").asString();
      settle(", \"grooming\": {\"from\": \"" + earliest + "\", \"everyDays\": 84}");
      assertThat(next("CLEAN").at("/window/best").asString()).isEqualTo(earliest);
    }

    @Test
    void cannotChooseTheVetsSchool() {
      String body = Samples.settings("Saltings").replace("LEARNED", "VET");
      assertThat(owner.correct(owner.settings(), 1, body).refusedFields())
          .containsExactly("scheduling");
    }
  }

  @Nested
  class OneDog {
    private Caller.Answer corrected(String more) {
      int version = owner.get(owner.at("/dogs/" + dog)).json().get("version").asInt();
      String body = Samples.dog();
      return owner.correct(
          owner.at("/dogs/" + dog), version, body.substring(0, body.lastIndexOf('}')) + more + "}");
    }

    @Test
    void mayHaveItsOwnSchool() {
      assertThat(
              corrected(", \"schedule\": {\"scheduling\": \"FIXED\", \"fixedDays\": 21}").status())
          .isEqualTo(200);
      cleaned(1);
      assertThat(next("CLEAN").at("/window/best").asString())
          .isEqualTo(today.plusDays(20).toString());
      assertThat(corrected(", \"schedule\": {\"scheduling\": \"VET\"}").refusedFields())
          .containsExactly("schedule.scheduling");
    }
  }

  @Nested
  class AWordThatIsSentAgain {
    @Test
    void standsThoughItsItemWasDoneMeanwhile() {
      cleaned(10);
      String pin = fresh("pins");
      String body =
          Samples.pin(dog, now, next("CLEAN").get("id").asString(), today.plusDays(2), "");
      assertThat(owner.create(pin, body).status()).isEqualTo(200);
      cleaned(0);

      assertThat(owner.create(pin, body).status()).isEqualTo(200);
      assertThat(owner.create(fresh("pins"), body).refusedFields()).containsExactly("item");
    }

    @Test
    void isOfManyCorrectionsAtOnceOneAndNoneFails() throws Exception {
      cleaned(10);
      String pin = fresh("pins");
      String item = next("CLEAN").get("id").asString();
      owner.create(pin, Samples.pin(dog, now, item, today.plusDays(2), ""));

      ExecutorService threads = Executors.newFixedThreadPool(8);
      try {
        List<Future<Integer>> answers = new ArrayList<>();
        for (int n = 0; n < 8; n++) {
          String reason = ", \"reason\": \"%d\"".formatted(n);
          String body = Samples.pin(dog, now, item, today.plusDays(2), reason);
          answers.add(threads.submit(() -> owner.correct(pin, 1, body).status()));
        }
        List<Integer> statuses = new ArrayList<>();
        for (Future<Integer> answer : answers) {
          statuses.add(answer.get());
        }
        assertThat(statuses).containsOnly(200, 412).containsOnlyOnce(200);
      } finally {
        threads.shutdownNow();
      }
    }
  }

  @Nested
  class ADayThatAPersonChose {
    @Test
    void isNamedByItsItemAndWidensNoWindow() {
      cleaned(10);
      UUID pin = UUID.randomUUID();
      JsonNode item = next("CLEAN");
      LocalDate far = LocalDate.parse(item.at("/window/latest").asString()).plusDays(5);
      String body = Samples.pin(dog, now, item.get("id").asString(), far, ", \"reason\": \"away\"");
      assertThat(owner.create(owner.at("/pins/" + pin), body).status()).isEqualTo(200);

      JsonNode moved = next("CLEAN");
      assertThat(moved.at("/pins/0").asString()).isEqualTo(pin.toString());
      assertThat(moved.get("fixedBy").asString()).isEqualTo("PERSON");
      assertThat(moved.get("own")).isEqualTo(item.get("window"));
      String further = Samples.pin(dog, now, moved.get("id").asString(), far.minusDays(1), "");
      assertThat(owner.create(fresh("pins"), further).refusedFields()).containsExactly("reason");
    }
  }
}
