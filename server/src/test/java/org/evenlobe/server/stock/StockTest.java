package org.evenlobe.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class StockTest {
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final Caller owner = Caller.newOwner();
  private final UUID bottle = UUID.randomUUID();
  private final String path = owner.at("/supplies/" + bottle);

  private JsonNode cleaner() {
    return owner.get(owner.at("/stock")).json().at("/kinds/0");
  }

  private Caller.Answer clean(UUID dog, String cleaner) {
    return clean(dog, cleaner, now);
  }

  private Caller.Answer clean(UUID dog, String cleaner, Instant at) {
    String body =
        Samples.cleaning(dog, at, 2, 2)
            .replace("\"load\": 2}", "\"load\": 2, \"poured\": 6, \"fills\": 1, \"wipes\": 3}")
            .replace("\"note\": \"calm\"", "\"cleaner\": \"" + cleaner + "\"");
    return owner.create(owner.at("/cleanings/" + UUID.randomUUID()), body);
  }

  @Test
  void isDrawnDownByWhatCleaningsPour() {
    assertThat(owner.create(path, Samples.bottle(250, 100)).status()).isEqualTo(200);
    UUID dog = Samples.newDog(owner);
    assertThat(clean(dog, bottle.toString()).status()).isEqualTo(200);

    assertThat(cleaner().at("/left").asDouble()).isEqualTo(88);
    assertThat(cleaner().at("/supplies/0/left").asDouble()).isEqualTo(88);
    assertThat(cleaner().at("/runsOutOn").asString()).isNotEmpty();
    assertThat(cleaner().at("/reasons/0/sentence").asString()).startsWith("88 mL left");
  }

  @Test
  void countingItAgainTeachesWhatAWipeTakes() {
    assertThat(owner.create(path, Samples.bottle(250, 100)).status()).isEqualTo(200);
    UUID dog = Samples.newDog(owner);
    String wiped =
        Samples.cleaning(dog, now.minusSeconds(60), 2, 2)
            .replace("FILL", "WIPE")
            .replace("\"load\": 2}", "\"load\": 2, \"wipes\": 5}");
    assertThat(owner.create(owner.at("/cleanings/" + UUID.randomUUID()), wiped).status())
        .isEqualTo(200);
    String again = Samples.bottle(250, 70).replace("2026-01-01T10:00:00Z", now.toString());
    assertThat(owner.correct(path, 1, again).status()).isEqualTo(200);

    assertThat(cleaner().at("/reasons/1/sentence").asString())
        .isEqualTo("By your counts and 10 wipes a wipe takes 2.5 mL.");

    assertThat(owner.post(path + "/versions/1/restore", "").status()).isEqualTo(200);
    assertThat(cleaner().at("/supplies/0/supply/earlier").size()).isZero();
  }

  @Test
  void aCleaningNamesABottleOfItsOwnHouseholdOnly() {
    UUID dog = Samples.newDog(owner);

    Caller.Answer answer = clean(dog, UUID.randomUUID().toString());

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("cleaner");
  }

  @Test
  void whatWasTakenOutOfTheHouseIsNotCountedAny() {
    owner.create(path, Samples.bottle(250, 100));
    owner.delete(path, 1);

    assertThat(cleaner().at("/supplies").size()).isZero();
  }

  @Test
  void theBottleOfAnEarIsOneOfTheHouse() {
    UUID dog = Samples.newDog(owner);
    String other = "\"load\": 2, \"cleaner\": \"" + UUID.randomUUID() + "\"}";
    String body = Samples.cleaning(dog, now, 2, 2).replace("\"load\": 2}", other);

    Caller.Answer answer = owner.create(owner.at("/cleanings/" + UUID.randomUUID()), body);

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields())
        .containsExactlyInAnyOrder("ears.right.cleaner", "ears.left.cleaner");
  }

  @Test
  void aBottleOfWhichNobodyKnowsTheKindIsKept() {
    String jar = Samples.bottle(250, 100).replace("\"cleaner\": \"GENTLE\", ", "");

    assertThat(owner.create(path, jar).status()).isEqualTo(200);
    assertThat(cleaner().at("/supplies").size()).isOne();
  }

  @ParameterizedTest
  @CsvSource({
    "'\"left\": 100', '\"left\": 251', left",
    "2026-01-01T10:00:00Z, 2999-01-01T10:00:00Z, countedAt",
    "'\"size\": 250', '\"size\": 250, \"openedOn\": \"2999-01-01\"', openedOn",
    "'\"size\": 250', '\"size\": -3', size"
  })
  void refusesWhatCannotBe(String was, String is, String field) {
    Caller.Answer answer = owner.create(path, Samples.bottle(250, 100).replace(was, is));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).contains(field);
    assertThat(cleaner().at("/supplies").size()).isZero();
  }

  @Test
  void theShoppingListNamesWhatThePlanWillMiss() {
    UUID dog = Samples.newDog(owner);
    owner.create(path, Samples.bottle(250, 10));
    clean(dog, bottle.toString());

    Caller.Answer list = owner.get(owner.at("/stock/shopping-list.csv"));

    assertThat(list.whole().headers().firstValue("Content-Type").orElseThrow())
        .startsWith("text/csv");
    assertThat(list.body().lines().findFirst().orElseThrow())
        .isEqualTo("what,product,buy,unit,left,needed,runs_out_on,for_plan_until");
    assertThat(list.body()).contains("CLEANER,").contains("WIPES,");
  }

  @Test
  void todaySaysWhatRunsOutWithinTwoWeeks() {
    owner.create(path, Samples.bottle(250, 1));
    assertThat(owner.get(owner.at("/today")).json().at("/runningOut").size()).isZero();

    clean(Samples.newDog(owner), bottle.toString(), now.minus(20, ChronoUnit.DAYS));

    JsonNode soon = owner.get(owner.at("/today")).json().at("/runningOut");
    assertThat(soon.at("/0/kind").asString()).isEqualTo("CLEANER");
    assertThat(soon.at("/0/left").asDouble()).isZero();
  }

  @Test
  void whatADogUsedStaysUsedWhenItLeaves() {
    owner.create(path, Samples.bottle(250, 100));
    UUID dog = Samples.newDog(owner);
    clean(dog, bottle.toString());

    String left =
        Samples.dog()
            .replace(
                "\"lightCoat\"",
                "\"leftOn\": \"%s\", \"lightCoat\""
                    .formatted(now.atZone(ZoneOffset.UTC).toLocalDate()));
    assertThat(owner.correct(owner.at("/dogs/" + dog), 1, left).status()).isEqualTo(200);

    assertThat(cleaner().at("/left").asDouble()).isEqualTo(88);
    assertThat(cleaner().at("/needed").asDouble()).isZero();
  }

  @Test
  void takesAsManyStatementsForManyDogsAsForOne() {
    clean(Samples.newDog(owner), bottle.toString());
    owner.create(path, Samples.bottle(250, 100));
    String stock = owner.at("/stock");
    int one = StatementCount.during(() -> owner.get(stock));

    for (int i = 0; i < 8; i++) {
      clean(Samples.newDog(owner), bottle.toString());
    }

    assertThat(StatementCount.during(() -> owner.get(stock))).isEqualTo(one).isLessThan(23);
  }
}
