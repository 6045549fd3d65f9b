package org.evenlobe.server.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class CheckTest {
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);

  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);

  private String path() {
    return owner.at("/checks/" + UUID.randomUUID());
  }

  private Instant daysAgo(int days) {
    return now.minus(days, ChronoUnit.DAYS);
  }

  private void check(int daysAgo, String right, String left) {
    Caller.Answer answer = owner.create(path(), Samples.check(dog, daysAgo(daysAgo), right, left));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
  }

  private JsonNode dogInFull() {
    return owner.get(owner.at("/dogs/" + dog)).json();
  }

  private JsonNode log() {
    return owner.get(owner.at("/dogs/" + dog + "/checks")).json();
  }

  @Test
  void isKeptAsItWasSaidAndSaysItsVerdict() {
    String body =
        Samples.check(dog, now, Samples.FOUL_EAR, Samples.QUIET_EAR)
            .replace(
                "\"seen\": []",
                "\"seen\": [\"TICK_LIFTED\", \"LUMP\"], \"hearing\": \"TURNED\","
                    + " \"lump\": {\"place\": \"CANAL\", \"millimetres\": 4}")
            .replace("\"headTilt\": false", "\"onset\": \"GRADUAL\", \"pawed\": \"RIGHT\"");
    String path = path();
    owner.create(path, body);
    JsonNode entry = log().at("/checks/0");

    assertThat(entry.at("/check/ears/right/odour").asString()).isEqualTo("FOUL");
    assertThat(entry.at("/check/ears/right/seen/0").asString()).isEqualTo("TICK_LIFTED");
    assertThat(entry.at("/check/ears/right/lump/place").asString()).isEqualTo("CANAL");
    assertThat(entry.at("/check/ears/left/lump/millimetres").asInt()).isEqualTo(4);
    assertThat(entry.at("/check/ears/left/hearing").asString()).isEqualTo("TURNED");
    assertThat(entry.at("/check/dog/pawed").asString()).isEqualTo("RIGHT");
    assertThat(entry.at("/check/dog/headTilt").asBoolean()).isFalse();
    assertThat(entry.at("/verdicts/right").asString()).isEqualTo("STOP");
    assertThat(entry.at("/verdicts/left").asString()).isEqualTo("CAUTION");

    String id = path.substring(path.lastIndexOf('/') + 1);
    JsonNode inFull = owner.get(owner.at("/dogs/" + dog + "/checks/" + id)).json();
    assertThat(inFull.at("/verdict/ears/right/reasons/0/reason/sentence").asString())
        .isEqualTo("The odour is foul.");
    assertThat(inFull.at("/card/points/0/words").asString()).startsWith("Fen, Beagle, ");
  }

  @Test
  void isKeptBesideAnotherOfTheSameMinute() {
    check(0, Samples.QUIET_EAR, Samples.QUIET_EAR);
    check(0, Samples.QUIET_EAR, Samples.FOUL_EAR);

    assertThat(log().get("checks")).hasSize(2);
  }

  @ParameterizedTest(name = "{0} → {1} is refused at {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "\"redness\": \"NONE\"        | \"redness\": \"FIERY\"          | ears.right.redness",
        "\"redness\": \"NONE\"        | \"redness\": 0                  | ears.right.redness",
        "\"pain\": \"NONE\"           | \"pain\": null                  | ears.right.pain",
        "\"seen\": []                 | \"seen\": [\"A GHOST\"]         | ears.right.seen[0]",
        "\"seen\": []                 | \"lump\": {\"place\": \"CANAL\", \"millimetres\": 4} | ears.right.lump",
        "\"seen\": []                 | \"seen\": [\"LUMP\"], \"lump\": {\"place\": \"CANAL\", \"millimetres\": 0} | ears.right.lump.millimetres",
        "\"headTilt\": false          | \"headTilt\": \"no\"            | dog.headTilt",
        "\"headTilt\": false          | \"tilt\": true                  | dog.tilt",
      })
  void refusesWhatIsWrongAndNamesTheField(String right, String wrong, String field) {
    String body = Samples.check(dog, now, Samples.QUIET_EAR, Samples.QUIET_EAR);
    Caller.Answer answer = owner.create(path(), body.replaceFirst(quoted(right), wrong));

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.refusedFields()).as(answer.body()).contains(field);
    assertThat(log().get("checks")).isEmpty();
  }

  private static String quoted(String text) {
    return java.util.regex.Pattern.quote(text);
  }

  @Test
  void refusesDischargeThatDoesNotFitItsKindNamingBothFields() {
    String yellow =
        Samples.QUIET_EAR.replace("\"dischargeKind\": \"NONE\"", "\"dischargeKind\": \"YELLOW\"");
    String unnamed =
        Samples.QUIET_EAR.replace("\"discharge\": \"NONE\"", "\"discharge\": \"MILD\"");

    Caller.Answer answer = owner.create(path(), Samples.check(dog, now, yellow, unnamed));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields())
        .containsExactly(
            "ears.right.discharge",
            "ears.right.dischargeKind",
            "ears.left.discharge",
            "ears.left.dischargeKind");
    assertThat(
            owner
                .post(
                    owner.at("/dogs/" + dog + "/previews/check"),
                    Samples.check(dog, now, yellow, Samples.QUIET_EAR))
                .refusedFields())
        .contains("ears.right.dischargeKind");
  }

  @Test
  void refusesOneBeforeTheDogsBirthOrInTheFuture() {
    for (Instant at : new Instant[] {Instant.parse("2021-04-30T10:00:00Z"), daysAgo(-1)}) {
      Caller.Answer answer =
          owner.create(path(), Samples.check(dog, at, Samples.QUIET_EAR, Samples.QUIET_EAR));

      assertThat(answer.status()).isEqualTo(400);
      assertThat(answer.refusedFields()).containsExactly("at");
    }
  }

  @Test
  void previewSaysWhatItWouldSayAndStoresNothing() {
    Caller.Answer answer =
        owner.post(
            owner.at("/dogs/" + dog + "/previews/check"),
            Samples.check(dog, now, Samples.FOUL_EAR, Samples.QUIET_EAR));

    assertThat(answer.json().at("/verdict/verdict").asString()).isEqualTo("STOP");
    assertThat(answer.json().at("/verdict/advice/now").asString())
        .isEqualTo("Pour nothing into the right ear; call your vet today or tomorrow.");
    assertThat(answer.json().at("/verdict/holds").has("right")).isTrue();
    assertThat(log().get("checks")).isEmpty();
  }

  @Test
  void previewOfACorrectionLeavesOutTheCheckThatItCorrects() {
    String deaf = Samples.QUIET_EAR.replace("\"seen\"", "\"hearing\": \"DID_NOT_TURN\", \"seen\"");
    check(20, deaf.replace("DID_NOT_TURN", "TURNED"), Samples.QUIET_EAR);
    String path = path();
    String body = Samples.check(dog, daysAgo(1), deaf, Samples.QUIET_EAR);
    owner.create(path, body);
    String preview = owner.at("/dogs/" + dog + "/previews/check");
    String id = path.substring(path.lastIndexOf('/') + 1);

    assertThat(
            owner.post(preview + "?replacing=" + id, body).json().at("/verdict/verdict").asString())
        .isEqualTo("CAUTION");
    assertThat(
            owner
                .post(preview, body.replace(daysAgo(1).toString(), now.toString()))
                .json()
                .at("/verdict/verdict")
                .asString())
        .as("two tries running")
        .isEqualTo("URGENT");
  }

  @Test
  void listOfFiveYearsTakesAFixedNumberOfStatements() {
    check(1, Samples.QUIET_EAR, Samples.QUIET_EAR);
    int forOne = StatementCount.during(this::log);
    for (int week = 1; week <= 60; week++) {
      check(week * 7, Samples.QUIET_EAR, Samples.QUIET_EAR);
    }

    assertThat(StatementCount.during(this::log)).isEqualTo(forOne).isLessThan(19);
    assertThat(log().get("checks")).hasSize(26);
    assertThat(log().at("/checks/0/check/moment/at").asString()).isEqualTo(daysAgo(1).toString());
  }

  @Test
  void listGoesOnWhereAPageEndedThoughThatCheckIsGoneMeanwhile() {
    for (int week = 1; week <= 30; week++) {
      check(week * 7, Samples.QUIET_EAR, Samples.QUIET_EAR);
    }
    JsonNode first = log();
    JsonNode last = first.at("/checks/25/check");
    owner.delete(owner.at("/checks/" + last.get("id").asString()), 1);

    JsonNode second =
        owner
            .get(
                owner.at("/dogs/" + dog + "/checks?before=" + last.at("/moment/at").asString())
                    + "&beforeId="
                    + last.get("id").asString())
            .json();

    assertThat(first.get("hasMore").asBoolean()).isTrue();
    assertThat(second.get("checks")).hasSize(4);
    assertThat(second.get("hasMore").asBoolean()).isFalse();
    assertThat(second.at("/checks/3/check/moment/at").asString())
        .isEqualTo(daysAgo(30 * 7).toString());
    assertThat(owner.get(owner.at("/dogs/" + dog + "/checks?before=2026-01-01T00:00:00Z")).status())
        .isEqualTo(400);
  }

  @Test
  void canBeDeletedAndRestored() {
    String path = path();
    owner.create(path, Samples.check(dog, now, Samples.FOUL_EAR, Samples.QUIET_EAR));
    assertThat(owner.delete(path, 1).status()).isEqualTo(200);
    assertThat(dogInFull().at("/plan/ears/right").has("hold")).isFalse();

    assertThat(owner.post(path + "/versions/1/restore", "").status()).isEqualTo(200);
    assertThat(dogInFull().at("/plan/ears/right/hold/cause").asString()).isEqualTo("STOP");
  }

  @Nested
  class Holds {
    private Caller.Answer release(Instant at, String ear) {
      return owner.create(
          owner.at("/hold-releases/" + UUID.randomUUID()), Samples.release(dog, at, ear));
    }

    @Test
    void areShownAndNothingIsPreFilledUnderThem() {
      assertThat(dogInFull().at("/startsFrom/right/odour").asString()).isEqualTo("NONE");
      check(0, Samples.FOUL_EAR, Samples.QUIET_EAR);

      JsonNode held = dogInFull();
      assertThat(held.at("/plan/ears/right/hold/cause").asString()).isEqualTo("STOP");
      assertThat(held.at("/plan/ears/right/mayGoIn").asString()).isEqualTo("NONE");
      assertThat(held.at("/plan/ears/left").has("hold")).isFalse();
      assertThat(held.has("startsFrom")).isFalse();
      assertThat(held.at("/card/points")).isNotEmpty();
      assertThat(owner.get(owner.at("/today")).json().at("/agenda/0/item/kind").asString())
          .isEqualTo("VISIT");
    }

    @Test
    void areOverOnceQuietChecksAllowItAndThePersonSaysSo() {
      check(9, Samples.FOUL_EAR, Samples.QUIET_EAR);
      check(6, Samples.QUIET_EAR, Samples.QUIET_EAR);

      Caller.Answer tooEarly = release(now, "RIGHT");
      assertThat(tooEarly.status()).isEqualTo(400);
      assertThat(tooEarly.body()).contains("stays held");

      check(2, Samples.QUIET_EAR, Samples.QUIET_EAR);
      assertThat(dogInFull().at("/plan/ears/right/hold/mayConfirm").asBoolean()).isTrue();
      assertThat(release(now, "RIGHT").status()).isEqualTo(200);
      assertThat(dogInFull().at("/plan/ears/right").has("hold")).isFalse();
      assertThat(release(now, "LEFT").body()).contains("is not held");
    }

    @Test
    void openAgainWhenTheWordIsTakenBack() {
      check(9, Samples.FOUL_EAR, Samples.QUIET_EAR);
      check(6, Samples.QUIET_EAR, Samples.QUIET_EAR);
      check(2, Samples.QUIET_EAR, Samples.QUIET_EAR);
      String path = owner.at("/hold-releases/" + UUID.randomUUID());
      owner.create(path, Samples.release(dog, now, "RIGHT"));

      assertThat(owner.delete(path, 1).status()).isEqualTo(200);
      assertThat(dogInFull().at("/plan/ears/right").has("hold")).isTrue();
    }

    @Test
    void byUrgentAreLiftedByAVisitOnly() {
      String unbalanced =
          Samples.check(dog, daysAgo(9), Samples.QUIET_EAR, Samples.QUIET_EAR)
              .replace("\"headTilt\": false", "\"balanceLoss\": true");
      owner.create(path(), unbalanced);
      check(6, Samples.QUIET_EAR, Samples.QUIET_EAR);
      check(2, Samples.QUIET_EAR, Samples.QUIET_EAR);
      assertThat(dogInFull().at("/plan/ears/left/hold/cause").asString()).isEqualTo("URGENT");
      assertThat(release(now, "LEFT").status()).isEqualTo(400);

      String lifted = Samples.SEEN_EAR.replace("NOTHING_SAID", "LIFTED");
      owner.create(
          owner.at("/visits/" + UUID.randomUUID()), Samples.visit(dog, now, lifted, lifted));

      assertThat(dogInFull().at("/plan/ears/left").has("hold")).isFalse();
      assertThat(dogInFull().at("/plan/ears/right").has("hold")).isFalse();
    }
  }
}
