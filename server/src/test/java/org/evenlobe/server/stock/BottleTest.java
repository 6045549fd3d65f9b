package org.evenlobe.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Ready cleaners with what their labels say, home-made batches, and how ears took them. */
@ExtendWith(RunningServer.class)
class BottleTest {
  private static final String LABEL =
      ", \"label\": {\"actives\": {\"ACETIC_ACID\": 1.2}, \"ph\": 3.1, \"keepsDays\": 60,"
          + " \"forDogs\": true}, \"price\": 12.5, \"openedOn\": \"2025-12-31\"";

  private final Caller owner = Caller.newOwner();
  private final UUID bottle = UUID.randomUUID();
  private final LocalDate today = LocalDate.now(ZoneOffset.UTC);

  private static String with(String more) {
    return Samples.bottle(250, 100).replace("\"size\": 250", "\"size\": 250" + more);
  }

  private String batch(String parts, LocalDate madeOn) {
    return with(", \"batch\": {\"parts\": %s, \"madeOn\": \"%s\"}".formatted(parts, madeOn))
        .replace("\"cleaner\": \"GENTLE\", ", "");
  }

  private Caller.Answer put(String body) {
    return owner.create(owner.at("/supplies/" + bottle), body);
  }

  private JsonNode supply() {
    return owner.get(owner.at("/stock")).json().at("/kinds/0/supplies/0");
  }

  private JsonNode session(UUID dog) {
    return owner
        .get(owner.at("/dogs/" + dog + "/session?ears=RIGHT,LEFT&fully=true&helper=false"))
        .json();
  }

  @Test
  void whatItsLabelSaysIsKeptAndTellsItsLastDay() {
    assertThat(put(with(LABEL)).status()).isEqualTo(200);

    assertThat(supply().at("/supply/label/actives/ACETIC_ACID").asDouble()).isEqualTo(1.2);
    assertThat(supply().at("/supply/label/ph").asDouble()).isEqualTo(3.1);
    assertThat(supply().at("/supply/price").asDouble()).isEqualTo(12.5);
    assertThat(supply().at("/useBy").asString()).isEqualTo("2026-03-01");
  }

  @Test
  void aBatchIsABottleWithALastDayOfItsOwn() {
    Caller.Answer made =
        put(
            batch(
                "[{\"ingredient\": \"white-vinegar\", \"amount\": 50, \"measure\": \"MILLILITRE\"},"
                    + " {\"ingredient\": \"water\", \"amount\": 50}]",
                today.minusDays(1)));
    assertThat(made.status()).isEqualTo(200);

    assertThat(supply().at("/supply/batch/mix/parts/0/ingredient/name").asString())
        .isEqualTo("White vinegar");
    assertThat(supply().at("/useBy").asString()).isEqualTo(today.plusDays(29).toString());
  }

  @ParameterizedTest
  @CsvSource({
    "'{\"ph\": 15}',                                          label.ph",
    "'{\"actives\": {\"DYE\": 140}}',                          label.actives",
    "'{\"actives\": {\"ETHANOL\": 60, \"ISOPROPYL\": 60}}',    label.actives",
    "'{\"keepsDays\": 0}',                                    label.keepsDays"
  })
  void refusesALabelThatCannotBe(String label, String field) {
    Caller.Answer answer = put(with(", \"label\": " + label));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).anySatisfy(one -> assertThat(one).startsWith(field));
  }

  @Test
  void refusesABatchThatCannotBe() {
    String nothing = "[{\"ingredient\": \"water\", \"amount\": 0}]";
    String unknown = "[{\"ingredient\": \"snow\", \"amount\": 5}]";
    String some = "[{\"ingredient\": \"water\", \"amount\": 5}]";

    assertThat(put(batch(nothing, today)).refusedFields()).containsExactly("parts");
    assertThat(put(batch(unknown, today)).refusedFields()).contains("parts[0].ingredient");
    assertThat(put(batch(some, today.plusDays(2))).refusedFields()).containsExactly("batch.madeOn");
    assertThat(
            put(batch(some, today).replace("\"size\"", "\"cleaner\": \"GENTLE\", \"size\""))
                .refusedFields())
        .containsExactly("cleaner");
  }

  @Test
  void aSessionSaysWhichBottleAndWhatSpeaksAgainstOne() {
    UUID dog = Samples.newDog(owner);
    put(with(LABEL.replace("2025-12-31", today.toString())));
    UUID old = UUID.randomUUID();
    owner.create(owner.at("/supplies/" + old), with(LABEL));

    JsonNode session = session(dog);

    assertThat(session.at("/laidOut/right/chosen/supply/id").asString())
        .isEqualTo(bottle.toString());
    assertThat(session.at("/bottles").size()).isEqualTo(2);
    assertThat(session.at("/bottles").valueStream())
        .filteredOn(one -> one.at("/supply/id").asString().equals(old.toString()))
        .singleElement()
        .satisfies(
            one ->
                assertThat(one.at("/ears/right/now/inEar/reasons/0/reason/rule").asString())
                    .isEqualTo("SUITS_USE_BY"));

    String reacted =
        Samples.of("reactions", dog)
            .replace("\"ingredient\": \"white-vinegar\"", "\"supply\": \"" + bottle + "\"")
            .replace("2026-01-01T10:00:00Z", Instant.now().minusSeconds(60).toString());
    assertThat(owner.create(owner.at("/reactions/" + UUID.randomUUID()), reacted).status())
        .isEqualTo(200);
    assertThat(session(dog).at("/chosen").isMissingNode()).isTrue();
  }

  @Test
  void earsThatAreWipedWithReadyWipesTakeAPack() {
    UUID dog = Samples.newDog(owner);
    owner.correct(
        owner.at("/settings/" + owner.household()),
        1,
        Samples.settings("Saltings")
            .replace("\"FILL\"", "\"WIPE\"")
            .replace("COTTON_PADS", "READY_WIPES"));
    String pack = with(LABEL).replace("\"kind\": \"CLEANER\"", "\"kind\": \"WIPES\"");
    assertThat(put(pack).status()).isEqualTo(200);
    owner.create(owner.at("/supplies/" + UUID.randomUUID()), Samples.bottle(250, 100));

    JsonNode session = session(dog);
    assertThat(session.at("/bottles").size()).isEqualTo(1);
    assertThat(session.at("/bottles/0/ears/right/now/onPad/reasons/0/reason/rule").asString())
        .isEqualTo("SUITS_USE_BY");
    assertThat(session.at("/laidOut/right/chosen").isMissingNode()).isTrue();

    String poured =
        Samples.cleaning(dog, Instant.now(), 2, 2)
            .replace("\"note\": \"calm\"", "\"cleaner\": \"" + bottle + "\"");
    assertThat(owner.create(owner.at("/cleanings/" + UUID.randomUUID()), poured).refusedFields())
        .containsExactly("cleaner");
    String wiped =
        poured.replace("FILL", "WIPE").replace("\"load\": 2}", "\"load\": 2, \"wipes\": 3}");
    assertThat(owner.create(owner.at("/cleanings/" + UUID.randomUUID()), wiped).status())
        .isEqualTo(200);
    assertThat(owner.get(owner.at("/stock")).json().at("/kinds").valueStream())
        .filteredOn(one -> one.at("/kind").asString().equals("WIPES"))
        .extracting(one -> one.at("/left").asDouble())
        .containsExactly(94.0);
  }

  @Test
  void aReactionNamesABottleOfItsOwnHouseholdOrTheShelf() {
    UUID dog = Samples.newDog(owner);
    String sample = Samples.of("reactions", dog);
    String elsewhere =
        sample.replace(
            "\"ingredient\": \"white-vinegar\"", "\"supply\": \"" + UUID.randomUUID() + "\"");

    for (String wrong :
        new String[] {
          elsewhere,
          sample.replace("white-vinegar", "water"),
          sample.replace("white-vinegar", "snow"),
          sample.replace(", \"ingredient\": \"white-vinegar\"", "")
        }) {
      Caller.Answer answer = owner.create(owner.at("/reactions/" + UUID.randomUUID()), wrong);
      assertThat(answer.status()).isEqualTo(400);
    }
  }

  @Test
  void aLitterIsSaidOfADogAndChangesWhatSuits() {
    UUID dog = UUID.randomUUID();
    String bitch =
        Samples.dog("Sedge")
            .replace("\"lightCoat\"", "\"litter\": {\"from\": \"" + today + "\"}, \"lightCoat\"");
    assertThat(owner.create(owner.at("/dogs/" + dog), bitch).status()).isEqualTo(200);

    JsonNode said =
        owner
            .post(
                owner.at("/previews/mix"),
                "{\"parts\": [{\"ingredient\": \"boric-acid\", \"amount\": 2},"
                    + " {\"ingredient\": \"water\", \"amount\": 100}]}")
            .json();

    assertThat(said.at("/dogs/0/ears/right/inEar/reasons/0/reason/rule").asString())
        .isEqualTo("SUITS_LITTER");
  }
}
