package org.evenlobe.server.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A dog is handed over for a while, and what is told of it comes back as facts. */
@ExtendWith(RunningServer.class)
class HandOverTest {
  private Caller owner;
  private UUID dog;
  private LocalDate today;

  @BeforeEach
  void aDog() {
    owner = Caller.newOwner();
    dog = Samples.newDog(owner);
    today = LocalDate.now(ZoneId.of("Europe/Berlin"));
  }

  private String link(String taker) {
    Caller.Answer made =
        owner.post(
            owner.at("/dogs/" + dog + "/hand-over-links"),
            "{\"taker\": \"%s\", \"from\": \"%s\", \"until\": \"%s\"}"
                .formatted(taker, today, today.plusDays(2)));
    assertThat(made.status()).as(made.body()).isEqualTo(200);
    return made.json().get("path").asString().replace("/hand-over/", "/api/handed/");
  }

  private static String form(Instant at, String done, String seen) {
    return """
    {"by": "Ilse", "at": "%s", "done": [%s], "seen": [%s], "ear": "LEFT", "note": "Good dog."}"""
        .formatted(at, done, seen);
  }

  private static Caller.Answer tell(String link, UUID id, String form) {
    Caller nobody = Caller.signedOut();
    nobody.get("/api/csrf");
    return nobody.put(link + "/told/" + id, "X-By", "link", form);
  }

  @Test
  void whoeverHasTheLinkReadsThatPageAndNothingElse() {
    String link = link("GROOMER");
    Caller nobody = Caller.signedOut();

    JsonNode page = nobody.get(link).json().get("page");

    assertThat(page.get("dog").asString()).isEqualTo("Fen");
    assertThat(page.get("parts").get(0).get("title").asString()).isEqualTo("Please do not");
    assertThat(nobody.get(owner.at("/dogs/" + dog)).status()).isEqualTo(401);
    assertThat(nobody.get(link.replace("/api/handed/", "/shared/") + ".pdf").status())
        .isEqualTo(404);
  }

  @Test
  void whatAGroomerTellsArrivesUnderTheirNameAndWetsTheEars() {
    String link = link("GROOMER");
    UUID id = UUID.randomUUID();
    Instant at = Instant.now();
    owner.create(
        owner.at("/checks/" + UUID.randomUUID()),
        Samples.check(dog, at.minusSeconds(3_600), Samples.QUIET_EAR, Samples.QUIET_EAR));
    String said = form(at, "\"BATHED\", \"TRIMMED\"", "\"SMELL\"");

    assertThat(tell(link, id, said).status()).isEqualTo(204);
    assertThat(tell(link, id, said).status()).isEqualTo(204);

    JsonNode versions = owner.get(owner.at("/told/" + id + "/versions")).json();
    assertThat(versions.size()).isEqualTo(1);
    assertThat(versions.get(0).get("by").asString()).isEqualTo("Ilse");
    assertThat(owner.get(owner.at("/logs/exposures.csv")).body())
        .containsOnlyOnce("GROOMING")
        .contains(today.toString());
    assertThat(owner.get(owner.at("/logs/hair.csv")).body()).contains("TRIMMED", "GROOMER");
    String seen = owner.get(owner.at("/today")).body();
    assertThat(seen).contains("Ilse (groomer) saw something");
  }

  @Test
  void earsThatTheGroomerDriedAreNotAskedForAgain() {
    String link = link("GROOMER");
    Instant at = Instant.now();

    tell(link, UUID.randomUUID(), form(at, "\"BATHED\"", ""));
    assertThat(owner.get(owner.at("/today")).body()).contains(dog + ":DRY:");
    tell(link, UUID.randomUUID(), form(Instant.now(), "\"DRIED\"", ""));

    assertThat(owner.get(owner.at("/today")).body()).doesNotContain(dog + ":DRY:");
  }

  @Test
  void aFormThatSaysNothingOrOfAnotherTimeIsRefused() {
    String link = link("SITTER");

    assertThat(tell(link, UUID.randomUUID(), form(Instant.now(), "", "")).status()).isEqualTo(204);
    String nothing = form(Instant.now(), "", "").replace("Good dog.", " ");
    assertThat(tell(link, UUID.randomUUID(), nothing).refusedFields()).containsExactly("done");
    Instant before = Instant.now().minusSeconds(3 * 86_400);
    assertThat(tell(link, UUID.randomUUID(), form(before, "\"LOOKED\"", "")).refusedFields())
        .containsExactly("at");
    assertThat(tell(link + "x", UUID.randomUUID(), form(Instant.now(), "\"LOOKED\"", "")).status())
        .isEqualTo(404);
  }

  @Test
  void anEndedLinkAnswersNothingAndTakesNothing() {
    String link = link("FOSTER");
    String id = owner.get(owner.at("/dogs/" + dog + "/links")).json().get(0).get("id").asString();

    owner.delete(owner.at("/links/" + id), 1);

    assertThat(Caller.signedOut().get(link).status()).isEqualTo(404);
    assertThat(tell(link, UUID.randomUUID(), form(Instant.now(), "\"LOOKED\"", "")).status())
        .isEqualTo(404);
    assertThat(owner.get(owner.at("/logs/told.csv")).body().lines()).hasSize(1);
  }

  @Test
  void daysThatMakeNoStayAreRefused() {
    String path = owner.at("/dogs/" + dog + "/hand-over-links");
    String stay = "{\"taker\": \"SITTER\", \"from\": \"%s\", \"until\": \"%s\"}";

    assertThat(owner.post(path, stay.formatted(today, today.minusDays(1))).refusedFields())
        .contains("until");
    assertThat(owner.post(path, stay.formatted(today, today.plusDays(90))).refusedFields())
        .containsExactly("until");
  }
}
