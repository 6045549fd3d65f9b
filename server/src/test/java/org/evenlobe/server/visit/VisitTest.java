package org.evenlobe.server.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class VisitTest {
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final LocalDate today = LocalDate.now(ZoneId.of("Europe/Berlin"));

  private final String instructed =
      """
      {"eardrum": "INTACT", "smear": {"yeast": "FEW", "cocci": "MANY", "rods": "NONE"},
       "culture": "to come", "done": "flushed", "cleaned": true,
       "instruction": {"everyDays": 3, "method": "SOAKED_PAD", "product": "a mild rinse",
                       "until": "%s"},
       "hold": "NOTHING_SAID"}"""
          .formatted(today.plusDays(14));

  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);
  private final String path = owner.at("/visits/" + UUID.randomUUID());

  private JsonNode visits() {
    return owner.get(owner.at("/dogs/" + dog + "/visits")).json();
  }

  @Test
  void isKeptAsItWasSaidAndOverridesThePlan() {
    Caller.Answer answer =
        owner.create(path, Samples.visit(dog, now, instructed, Samples.SEEN_EAR));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    JsonNode right = visits().at("/0/visit/ears/right");

    assertThat(right.at("/smear/cocci").asString()).isEqualTo("MANY");
    assertThat(right.at("/culture").asString()).isEqualTo("to come");
    assertThat(right.at("/instruction/howOften/number").asInt()).isEqualTo(3);
    assertThat(visits().at("/0/visit/ears/left").has("instruction")).isFalse();
    JsonNode plan = owner.get(owner.at("/dogs/" + dog)).json().at("/plan/ears");
    assertThat(plan.at("/right/rhythm/days").asInt()).isEqualTo(3);
    assertThat(plan.at("/right/rhythm/reasons/0/sentence").asString())
        .contains("clean it every 3 days, soaked pad, with a mild rinse, until");
    assertThat(plan.at("/right/order/instruction/until").asString())
        .isEqualTo(today.plusDays(14).toString());
    assertThat(plan.at("/left").has("order")).isFalse();
  }

  @ParameterizedTest(name = "{0} → {1} is refused at {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "\"everyDays\": 3         | \"everyDays\": 0        | ears.right.instruction.everyDays",
        "\"everyDays\": 3         | \"timesADay\": 0        | ears.right.instruction.timesADay",
        "\"everyDays\": 3         | \"timesADay\": 25       | ears.right.instruction.timesADay",
        "\"everyDays\": 3         | \"weekdays\": []        | ears.right.instruction.weekdays",
        "\"everyDays\": 3         | \"weekdays\": [\"NODAY\"] | ears.right.instruction.weekdays[0]",
        "\"everyDays\": 3         | \"everyDays\": 3, \"once\": true | ears.right.instruction",
        "\"everyDays\": 3         | \"allTheSame\": true   | ears.right.instruction.allTheSame",
        "\"NOTHING_SAID\"         | \"SET\"                 | ears.right.hold",
        "\"note\"                 | \"call\": true, \"note\"  | call",
        "\"cocci\": \"MANY\"      | \"cocci\": \"LEGION\"   | ears.right.smear.cocci",
        "\"INTACT\"               | \"SHINY\"               | ears.right.eardrum",
        "\"cleaned\": true        | \"cleaned\": null       | ears.right.cleaned",
        "\"note\"                 | \"bill\"                | bill",
      })
  void refusesWhatIsWrongAndNamesTheField(String right, String wrong, String field) {
    String body = Samples.visit(dog, now, instructed, Samples.SEEN_EAR);
    Caller.Answer answer =
        owner.create(path, body.replaceFirst(java.util.regex.Pattern.quote(right), wrong));

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.refusedFields()).contains(field);
    assertThat(visits()).isEmpty();
  }

  @Test
  void refusesWhatContradictsItself() {
    String torn =
        Samples.SEEN_EAR.replace("INTACT", "NOT_INTACT").replace("NOTHING_SAID", "LIFTED");
    String ended = instructed.replace(today.plusDays(14).toString(), "2026-01-01");
    String body =
        Samples.visit(dog, now, torn, ended)
            .replace("\"note\"", "\"next\": \"2026-01-01\", \"note\"");

    Caller.Answer answer = owner.create(path, body);

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields())
        .containsExactly("next", "ears.right.hold", "ears.left.instruction.until");
  }

  @Nested
  class Documents {
    private final String document = path + "/documents/" + UUID.randomUUID();

    private Caller.Answer attach(String name, String type, byte[] content) {
      owner.get("/api/csrf");
      return owner.send(
          owner
              .request(document + "?name=" + name)
              .header("Content-Type", type)
              .PUT(HttpRequest.BodyPublishers.ofByteArray(content)));
    }

    private static byte[] png() throws IOException {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png", out);
      return out.toByteArray();
    }

    @Test
    void arePicturesAndPdfsListedWithTheirVisit() throws IOException {
      owner.create(path, Samples.visit(dog, now, Samples.SEEN_EAR, Samples.SEEN_EAR));
      byte[] pdf = "%PDF-1.7 a letter".getBytes(StandardCharsets.US_ASCII);

      assertThat(attach("letter.pdf", "application/pdf", pdf).status()).isEqualTo(204);
      assertThat(attach("letter.pdf", "application/pdf", pdf).status()).as("again").isEqualTo(204);

      JsonNode attached = visits().at("/0/documents");
      assertThat(attached).hasSize(1);
      assertThat(attached.at("/0/mediaType").asString()).isEqualTo("application/pdf");
      Caller.Answer got = owner.get(document);
      assertThat(got.body()).isEqualTo("%PDF-1.7 a letter");
      assertThat(got.whole().headers().firstValue("Content-Disposition").orElseThrow())
          .startsWith("attachment");
      assertThat(owner.delete(path, 1).status()).isEqualTo(200);
      assertThat(owner.get(document).status()).as("of a deleted visit").isEqualTo(404);
      owner.post(path + "/versions/1/restore", "");
      assertThat(owner.get(document).status()).as("restored").isEqualTo(200);
      assertThat(owner.delete(document, 1).status()).isEqualTo(204);
      assertThat(visits().at("/0/documents")).isEmpty();
      assertThat(attach("ear", "image/png", png()).status()).isEqualTo(204);
      assertThat(visits().at("/0/documents/0/mediaType").asString()).isEqualTo("image/jpeg");
    }

    @Test
    void areRefusedWhereTheyAreSomethingElseOrHaveNoName() {
      owner.create(path, Samples.visit(dog, now, Samples.SEEN_EAR, Samples.SEEN_EAR));
      byte[] page = "<script>alert(1)</script>".getBytes(StandardCharsets.US_ASCII);

      assertThat(attach("x", "application/pdf", page).refusedFields()).containsExactly("document");
      assertThat(attach("x", "text/html", page).status()).isBetween(400, 415);
      for (String name : new String[] {"", "a%00b", "a%0D%0Ab", "n".repeat(121)}) {
        assertThat(attach(name, "application/pdf", page).refusedFields())
            .as(name)
            .containsExactly("name");
      }
      assertThat(owner.get(document).status()).isEqualTo(404);
    }

    @Test
    void belongToAVisitThatIsThere() throws IOException {
      assertThat(attach("x", "image/png", png()).status()).isEqualTo(404);
    }
  }
}
