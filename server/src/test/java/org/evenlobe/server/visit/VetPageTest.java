package org.evenlobe.server.visit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What a vet is given: a file of two pages at most, and a link to it. */
@ExtendWith(RunningServer.class)
class VetPageTest {
  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);

  private void check(int daysAgo, String right) {
    owner.create(
        owner.at("/checks/" + UUID.randomUUID()),
        Samples.check(dog, now.minus(daysAgo, ChronoUnit.DAYS), right, Samples.QUIET_EAR));
  }

  private static String text(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isBetween(1, 2);
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }

  private String link(String more) {
    JsonNode made = owner.post(owner.at("/dogs/" + dog + "/links"), more).json();
    return made.get("path").asString();
  }

  @Test
  void tellsWhatIsAskedTheVerdictTheFlaresAndTheMedicine() throws IOException {
    check(40, Samples.FOUL_EAR);
    check(30, Samples.QUIET_EAR);
    check(20, Samples.QUIET_EAR);
    check(0, Samples.FOUL_EAR);
    owner.create(owner.at("/courses/" + UUID.randomUUID()), Samples.of("courses", dog));

    String text = text(owner.bytes(owner.at("/dogs/" + dog + "/vet.pdf?asked=May%20it%20swim%3F")));

    assertThat(text)
        .contains("Fen")
        .contains("What is asked: May it swim?")
        .contains("At its last check: no liquid")
        .containsSubsequence("In force now", "nothing goes in since", "At its last check")
        .contains("Flares of 12 months")
        .contains("The last checks")
        .contains("Ear scores of 12 months");
  }

  @Test
  void isTwoPagesHoweverMuchIsOnRecord() throws IOException {
    for (int day = 360; day > 0; day -= 9) {
      check(day, day % 27 == 0 ? Samples.FOUL_EAR : Samples.QUIET_EAR);
    }
    String long500 = "a".repeat(40).concat("%20").repeat(11);
    text(owner.bytes(owner.at("/dogs/" + dog + "/vet.pdf?asked=" + long500)));
    assertThat(owner.get(owner.at("/dogs/" + dog + "/vet.pdf?asked=" + "a".repeat(501))).status())
        .isEqualTo(400);
  }

  @Test
  void aLinkOpensIsListedAndIsEnded() throws IOException {
    check(0, Samples.FOUL_EAR);
    String path = link("{\"days\": 7, \"asked\": \"How soon?\"}");

    assertThat(text(Caller.signedOut().bytes(path))).contains("How soon?");
    JsonNode links = owner.get(owner.at("/dogs/" + dog + "/links")).json();
    assertThat(links).hasSize(1);
    assertThat(links.toString()).doesNotContain(path.substring(8, 20));
    assertThat(owner.delete(owner.at("/links/" + links.get(0).get("id").asString()), 1).status())
        .isEqualTo(204);

    assertThat(Caller.signedOut().get(path).status()).isEqualTo(404);
    assertThat(owner.get(owner.at("/dogs/" + dog + "/links")).json()).isEmpty();
  }

  @Test
  void aLinkEndsWithItsLastDayAndOpensNothingElse() {
    String path = link("{\"days\": 1}");
    JdbcClient.create(RunningServer.ownerSource())
        .sql("update shared_link set last_day = last_day - 3 where dog_id = ?")
        .param(dog)
        .update();

    assertThat(Caller.signedOut().get(path).status()).isEqualTo(404);
    assertThat(Caller.signedOut().get("/shared/" + "A".repeat(43) + ".pdf").status())
        .isEqualTo(404);
    assertThat(Caller.signedOut().get(owner.at("/dogs/" + dog)).status()).isEqualTo(401);
  }

  @Test
  void isSeenAsItWillBeBeforeItIsSent() throws IOException {
    check(0, Samples.FOUL_EAR);
    String pages = owner.at("/dogs/" + dog + "/vet-pages");

    assertThat(owner.get(pages).json().get("pages").asInt()).isEqualTo(1);
    BufferedImage page = ImageIO.read(new ByteArrayInputStream(owner.bytes(pages + "/0")));
    assertThat((double) page.getHeight() / page.getWidth()).isCloseTo(Math.sqrt(2), within(0.01));
    assertThat(owner.get(pages + "/1").status()).isEqualTo(404);
    assertThat(owner.get(pages + "/-1").status()).isEqualTo(404);
    assertThat(owner.get(pages + "/0?asked=" + "a".repeat(501)).status()).isEqualTo(400);
  }

  @Test
  void isMadeOnceForAChangeHoweverManyOpenIt() throws Exception {
    check(0, Samples.FOUL_EAR);
    String path = link("{\"days\": 7}");
    byte[] first = Caller.signedOut().bytes(path);
    ExecutorService people = Executors.newFixedThreadPool(10);
    try {
      List<Callable<byte[]>> openings =
          Collections.nCopies(10, () -> Caller.signedOut().bytes(path));
      // each file that is made carries another id
      for (Future<byte[]> opened : people.invokeAll(openings)) {
        assertThat(opened.get()).isEqualTo(first);
      }
    } finally {
      people.shutdown();
    }

    check(0, Samples.QUIET_EAR);

    assertThat(Caller.signedOut().bytes(path)).isNotEqualTo(first);
  }

  @Test
  void namesTheMonthsOfTheYear() throws IOException {
    check(0, Samples.FOUL_EAR);

    assertThat(text(owner.bytes(owner.at("/dogs/" + dog + "/vet.pdf"))))
        .containsPattern("(?s)Feb .*Mar |Mar .*Apr |Oct .*Nov ");
  }

  @Test
  void aLinkOfNoDaysOrOfANewYearIsRefused() {
    assertThat(owner.post(owner.at("/dogs/" + dog + "/links"), "{\"days\": 0}").refusedFields())
        .containsExactly("days");
    assertThat(owner.post(owner.at("/dogs/" + dog + "/links"), "{\"days\": 91}").refusedFields())
        .containsExactly("days");
    assertThat(
            owner.post(owner.at("/dogs/" + UUID.randomUUID() + "/links"), "{\"days\": 7}").status())
        .isEqualTo(404);
  }
}
