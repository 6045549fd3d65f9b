package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningServer.class)
class SettingsTest {
  private final Caller owner = Caller.newOwner();
  private final String path = owner.settings();

  @Test
  void areCorrectedAndSeenByMe() {
    String body = Samples.settings("Reedbed").replace("\"LB\"", "\"KG\"");

    assertThat(owner.correct(path, 1, body).status()).isEqualTo(200);

    assertThat(owner.get("/api/me").json().at("/households/0/settings/name").asString())
        .isEqualTo("Reedbed");
    assertThat(owner.get("/api/me").json().at("/households/0/version").asInt()).isEqualTo(2);
  }

  @Test
  void goBackToWhatTheyWereAndAreNeverDeletedOrMadeElsewhere() {
    owner.correct(path, 1, Samples.settings("Reedbed"));

    assertThat(owner.post(path + "/versions/1/restore", "").status()).isEqualTo(200);

    assertThat(owner.get(path + "/versions").json()).hasSize(3);
    assertThat(owner.get("/api/me").json().at("/households/0/settings/name").asString())
        .isNotEqualTo("Reedbed");
    assertThat(owner.delete(path, 3).status()).isEqualTo(404);
    assertThat(
            owner
                .create(owner.at("/settings/" + UUID.randomUUID()), Samples.settings("Other"))
                .status())
        .isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | namedDays",
        "{\"weekday\": \"MONDAY\", \"daysOfMonth\": [1]} | namedDays",
        "{\"weekday\": \"MONDAY\", \"everyWeeks\": 2} | namedDays.from",
        "{\"weekday\": \"MONDAY\", \"everyWeeks\": 3} | namedDays.everyWeeks",
        "{\"daysOfMonth\": [1, 4]} | namedDays.daysOfMonth",
        "{\"daysOfMonth\": [1, 31]} | namedDays.daysOfMonth",
        "{\"daysOfMonth\": [32]} | namedDays.daysOfMonth"
      })
  void refuseDaysThatAreNoneByName(String days, String field) {
    Caller.Answer answer = owner.correct(path, 1, withNamed(days));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body()).contains(field);
  }

  @Test
  void keepNamedDaysAndPlanByThem() {
    UUID dog = Samples.newDog(owner);

    assertThat(owner.correct(path, 1, withNamed("{\"daysOfMonth\": [1, 15]}")).status())
        .isEqualTo(200);

    assertThat(owner.get("/api/me").json().at("/households/0/settings/namedDays").toString())
        .contains("1", "15");
    assertThat(owner.get(owner.at("/dogs/" + dog)).body()).contains("the 1st and the 15th");
  }

  private static String withNamed(String days) {
    return Samples.settings("Reedbed").replace("\"LEARNED\"", "\"FIXED\", \"namedDays\": " + days);
  }

  @Test
  void areTheOwnersToSay() {
    Caller carer = Caller.newOwner();
    Household.addMember(owner, carer, "CARER");

    assertThat(carer.correct(path, 1, Samples.settings("Mine")).status()).isEqualTo(403);
    assertThat(carer.post(path + "/versions/1/restore", "").status()).isEqualTo(403);
    assertThat(carer.get(path + "/versions").status()).isEqualTo(200);
  }

  @Test
  void theSchoolOfWhenToCleanMovesThePlan() {
    UUID dog = Samples.newDog(owner);
    String plan = owner.at("/dogs/" + dog);
    assertThat(owner.get(plan).json().at("/plan/items").toString()).contains("CLEAN");

    owner.correct(path, 1, Samples.settings("Saltings").replace("LEARNED", "AS_NEEDED"));
    assertThat(owner.get(plan).json().at("/plan/items").toString()).doesNotContain("CLEAN");

    owner.correct(
        path, 2, Samples.settings("Saltings").replace("LEARNED", "FIXED").replace(": 14", ": 21"));
    assertThat(owner.get(plan).json().at("/plan/ears/right/rhythm/days").asInt()).isEqualTo(21);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"Reedbed\"     | \"\"                | name",
        "Europe/Berlin   | Mars/Olympus        | zone",
        "\"ML\"          | \"BUCKETS\"         | volumeUnit",
        "\"fixedDays\": 14 | \"fixedDays\": 6  | fixedDays",
        "\"fixedDays\": 14 | \"fixedDays\": 61 | fixedDays",
      })
  void refuseWhatIsWrong(String right, String wrong, String field) {
    Caller.Answer answer =
        owner.correct(path, 1, Samples.settings("Reedbed").replace(right, wrong));

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly(field);
  }
}
