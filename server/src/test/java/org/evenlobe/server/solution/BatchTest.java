package org.evenlobe.server.solution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** How a mix is made, from targets too, own recipes, and the label of a batch. */
@ExtendWith(RunningServer.class)
class BatchTest {
  private static final String BORIC =
      Samples.MIX.replace("]}", ", {\"ingredient\": \"boric-acid\", \"amount\": 2}]}");

  private final Caller owner = Caller.newOwner();
  private final LocalDate today = LocalDate.now(ZoneId.of("Europe/Berlin"));

  private JsonNode making() {
    return owner.post(owner.at("/previews/making"), BORIC).json();
  }

  @Test
  void aMixIsMadeStepByStepForWhatThePlanTakes() {
    UUID dog = Samples.newDog(owner);
    owner.create(
        owner.at("/cleanings/" + UUID.randomUUID()),
        Samples.cleaning(dog, today.minusDays(20).atTime(10, 0).toInstant(ZoneOffset.UTC), 2, 2)
            .replace("\"load\": 2}", "\"load\": 2, \"poured\": 6, \"fills\": 1}"));

    JsonNode making = making();

    assertThat(making.at("/steps/1/what").asString()).contains("50 mL of water, warm as a bath");
    assertThat(making.at("/steps/2/grams").asDouble()).isEqualTo(2);
    int cleanings = making.at("/need/cleanings").asInt();
    assertThat(cleanings).isPositive();
    assertThat(making.at("/need/millilitres").asDouble() / cleanings)
        .isCloseTo(2 * 6 * 1.3, within(1e-9));
    assertThat(making.at("/need/each").asDouble()).isEqualTo(12);
    assertThat(making.at("/costs").asDouble()).isPositive();
    assertThat(making.at("/useBy").asString()).isEqualTo(today.plusDays(30).toString());
  }

  @Test
  void theStatementsOfMakingDoNotGrowWithTheDogs() {
    Samples.newDog(owner);
    making();
    int one = StatementCount.during(this::making);
    for (int i = 0; i < 4; i++) {
      Samples.newDog(owner);
    }
    making();

    assertThat(StatementCount.during(this::making)).isEqualTo(one);
  }

  @Test
  void theLabelSaysWhatIsInTheBottleUntilWhenAndWhatIfItIsDrunk() throws Exception {
    Samples.newDog(owner);
    UUID batch = UUID.randomUUID();
    String parts = BORIC.substring(BORIC.indexOf('['), BORIC.indexOf(']') + 1);
    String body =
        Samples.bottle(102, 102)
            .replace("\"cleaner\": \"GENTLE\", ", "")
            .replace(
                "\"size\"",
                "\"batch\": {\"parts\": %s, \"madeOn\": \"%s\"}, \"size\"".formatted(parts, today))
            .replaceAll("\"name\": \"[^\"]*\"", "\"name\": \"Łąka <2 & 3>\"");
    assertThat(owner.create(owner.at("/supplies/" + batch), body).status()).isEqualTo(200);

    JsonNode label = owner.get(owner.at("/batches/" + batch + "/label")).json();
    byte[] file = owner.bytes(owner.at("/batches/" + batch + "/label.pdf"));
    String text = new PDFTextStripper().getText(Loader.loadPDF(file)).replaceAll("\\s+", " ");

    assertThat(label.at("/useBy").asString()).isEqualTo(today.plusDays(30).toString());
    assertThat(text)
        .contains("Łąka <2 & 3>")
        .contains("White vinegar: 50 mL")
        .contains("Boric acid powder: 2 g")
        .contains("2 g in all")
        .contains("do not make it vomit");
  }

  @Test
  void fromTargetsComeTheAmountsOrWhyNot() {
    JsonNode met = owner.post(owner.at("/previews/aimed-mix"), Samples.AIM).json();
    JsonNode not =
        owner
            .post(
                owner.at("/previews/aimed-mix"),
                Samples.AIM.replace("\"least\": 2, \"most\": 2", "\"least\": 6, \"most\": 6"))
            .json();

    assertThat(met.at("/isMet").asBoolean()).isTrue();
    assertThat(met.at("/parts/0/amount").asDouble()).isCloseTo(40, within(1e-6));
    assertThat(not.at("/isMet").asBoolean()).isFalse();
    assertThat(not.at("/reasons/0/sentence").asString())
        .startsWith("6 % acetic acid cannot be met");
  }

  @ParameterizedTest
  @CsvSource({
    "'\"millilitres\": 100',            '\"millilitres\": 10000',          millilitres",
    "white-vinegar,                     snow,                              from[0].ingredient",
    "'\"water\"',                       '\"white-vinegar\"',               from[1].ingredient",
    "'\"least\": 2',                    '\"least\": 140',                  targets[0].least",
    "'\"most\": 2',                     '\"most\": 1',                     targets[0].most",
  })
  void refusesAnAimThatCannotBe(String was, String is, String field) {
    Caller.Answer answer =
        owner.post(owner.at("/previews/aimed-mix"), Samples.AIM.replace(was, is));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).contains(field);
  }

  @Test
  void ownRecipesHaveVersionsAndNeverNameThemselves() {
    UUID recipe = UUID.randomUUID();
    String path = owner.at("/recipes/" + recipe);
    String said = Samples.of("recipes", recipe);
    assertThat(owner.create(path, said).status()).isEqualTo(200);
    assertThat(owner.correct(path, 1, said.replace("50", "40")).status()).isEqualTo(200);

    JsonNode own = owner.get(owner.at("/own-recipes")).json();
    Caller.Answer itself = owner.correct(path, 2, said.replace("white-vinegar", recipe.toString()));
    Caller.Answer byName = owner.correct(path, 2, said.replace("\"white-vinegar\"", "\"ours\""));

    assertThat(own.at("/0/version").asInt()).isEqualTo(2);
    assertThat(own.at("/0/parts/0/amount").asDouble()).isEqualTo(40);
    assertThat(itself.refusedFields()).contains("parts[0].ingredient");
    assertThat(itself.body()).contains("names the recipe itself");
    assertThat(byName.body()).contains("names the recipe itself");
  }
}
