package org.evenlobe.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Whatever a household is told, it reads in its own units: answers, files, calendar, links. */
@ExtendWith(RunningServer.class)
class AnswerWordsTest {
  private static Caller owner;
  private static UUID dog;

  @BeforeAll
  static void aHouseholdOfOunces() {
    owner = Caller.newOwner();
    String ounces =
        Samples.settings("Ours").replace("\"ML\"", "\"FL_OZ\"").replace("\"KG\"", "\"LB\"");
    assertThat(owner.correct(owner.at("/settings/" + owner.household()), 1, ounces).status())
        .isEqualTo(200);
    dog = Samples.newDog(owner);
    owner.create(
        owner.at("/checks/" + UUID.randomUUID()),
        Samples.check(
            dog,
            Instant.now().minusSeconds(60),
            Samples.WAXY_EAR.replace("\"redness\": \"NONE\"", "\"redness\": \"MODERATE\""),
            Samples.QUIET_EAR));
  }

  private static String text(byte[] file) throws Exception {
    try (PDDocument document = Loader.loadPDF(file)) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }

  @Test
  void sentencesOfAnAnswerSayTheirOwnUnitsFirst() {
    assertThat(owner.get(owner.at("/previews/canal?volume=6&poured=5&tilt=30")).body())
        .contains("tsp (");
    assertThat(owner.get(owner.at("/dogs/" + dog)).body()).contains("27.6 lb (12.5 kg)");
  }

  @Test
  void soDoesTheLabelOfWhatTheyMixed() throws Exception {
    UUID batch = UUID.randomUUID();
    LocalDate today = LocalDate.now(ZoneId.of("Europe/Berlin"));
    String body =
        Samples.bottle(100, 100)
            .replace("\"cleaner\": \"GENTLE\", ", "")
            .replace(
                "\"size\"",
                "\"batch\": {\"parts\": %s, \"madeOn\": \"%s\"}, \"size\""
                    .formatted(Samples.MIX.substring(10, Samples.MIX.length() - 1), today));
    assertThat(owner.create(owner.at("/supplies/" + batch), body).status()).isEqualTo(200);

    assertThat(text(owner.bytes(owner.at("/batches/" + batch + "/label.pdf"))))
        .contains("White vinegar: 1.7 fl oz (50 mL)");
    assertThat(owner.post(owner.at("/previews/making"), Samples.MIX).body())
        .contains("Pour in 1.7 fl oz (50 mL) of white vinegar");
  }

  @Test
  void andThePagesForTheVet() throws Exception {
    assertThat(text(owner.bytes(owner.at("/dogs/" + dog + "/vet.pdf"))))
        .contains("27.6 lb (12.5 kg)");
  }

  @Test
  void aHouseholdOfMillilitresReadsThese() {
    Caller metric = Caller.newOwner();

    assertThat(metric.get(metric.at("/previews/canal?volume=6&poured=5&tilt=30")).body())
        .contains("mL")
        .doesNotContain("tsp");
  }
}
