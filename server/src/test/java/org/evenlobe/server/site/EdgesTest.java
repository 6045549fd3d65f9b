package org.evenlobe.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What no browser of ours sends, and what is answered all the same. */
@ExtendWith(RunningServer.class)
class EdgesTest {
  private final Caller owner = Caller.newOwner();

  @ParameterizedTest
  @ValueSource(strings = {"\0\0", "x", "00000000-0000-0000-0000-00000000000g", "'; select 1; --"})
  void aSessionsCookieThatIsNoIdIsNoSession(String id) {
    String cookie = Base64.getEncoder().encodeToString(id.getBytes(StandardCharsets.UTF_8));
    Caller nobody = Caller.signedOut();

    List<StatementCount.Sent> sent =
        StatementCount.sentDuring(
            () ->
                assertThat(
                        nobody
                            .send(
                                nobody
                                    .request("/api/me")
                                    .header("Cookie", "EVENLOBE_SESSION=" + cookie)
                                    .GET())
                            .status())
                    .isEqualTo(401));

    assertThat(sent).isEmpty();
  }

  @Test
  void askedForDirectlyThereIsNoErrorPage() {
    assertThat(Caller.signedOut().get("/error").status()).isEqualTo(404);
    assertThat(owner.get("/error").status()).isEqualTo(404);
  }

  @Test
  void headIsAnsweredAsGet() {
    Caller nobody = Caller.signedOut();

    Caller.Answer answer =
        nobody.send(nobody.request("/").method("HEAD", HttpRequest.BodyPublishers.noBody()));

    assertThat(answer.status()).isEqualTo(nobody.get("/").status());
  }

  @Test
  void thePageAndItsFilesNeedNoLookAtTheSession() {
    for (String path : List.of("/", "/sign-in", "/mark.svg", "/dogs/1")) {
      assertThat(StatementCount.sentDuring(() -> owner.get(path))).as(path).isEmpty();
    }
  }

  @Test
  void theTokensCookieStaysOnThisSite() {
    List<String> set =
        Caller.signedOut().get("/api/csrf").whole().headers().allValues("Set-Cookie");

    assertThat(set)
        .filteredOn(cookie -> cookie.startsWith("XSRF-TOKEN="))
        .singleElement()
        .asString()
        .contains("SameSite=Lax");
  }

  @ParameterizedTest
  @ValueSource(strings = {"image/png", "text/html", "nonsense"})
  void whatItsCallerWouldNotTakeIsRefusedBeforeItIsStored(String accepted) {
    String path = owner.at("/dogs/" + UUID.randomUUID());

    Caller.Answer answer =
        owner.send(
            owner
                .json(path)
                .header("If-None-Match", "*")
                .header("Accept", accepted)
                .PUT(HttpRequest.BodyPublishers.ofString(Samples.dog())));

    assertThat(answer.status()).isEqualTo(406);
    assertThat(owner.get(path).status()).isEqualTo(404);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"*/*", "nonsense", "multipart/form-data", "multipart/form-data; boundary=x"})
  void aTypeThatIsNoneIsRefusedByName(String type) {
    Caller.Answer answer =
        owner.send(
            owner
                .request(owner.at("/dogs/" + UUID.randomUUID()))
                .header("Content-Type", type)
                .header("If-None-Match", "*")
                .PUT(HttpRequest.BodyPublishers.ofString(Samples.dog())));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("Content-Type");
  }

  @ParameterizedTest
  @CsvSource({
    "2021-05-01, -999999999-01-01, bornOn",
    "2021-05-01, 1899-12-31, bornOn",
    "2021-05-01, +20210-01-01, bornOn",
    "2025-01-01, 2101-01-01, joinedOn",
  })
  void aDayOutsideTwoCenturiesIsRefusedByName(String day, String instead, String field) {
    Caller.Answer answer =
        owner.create(
            owner.at("/dogs/" + UUID.randomUUID()), Samples.dog().replaceFirst(day, instead));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly(field);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "-1000000000-01-01T00:00:00Z",
        "+1000000000-12-31T23:59:59Z",
        "0001-01-01T00:00:00Z",
        "1",
        ""
      })
  void anInstantOutsideTwoCenturiesIsRefusedByName(String at) {
    UUID dog = Samples.newDog(owner);
    String body =
        Samples.cleaning(dog, Instant.parse("2026-01-01T10:00:00Z"), 1, 1)
            .replace("2026-01-01T10:00:00Z", at);

    Caller.Answer answer = owner.create(owner.at("/cleanings/" + UUID.randomUUID()), body);

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("at");
  }

  @Test
  void anIdIsOneKindsAlone() {
    UUID dog = Samples.newDog(owner);
    UUID id = UUID.randomUUID();
    Instant then = Instant.parse("2026-01-01T10:00:00Z");
    assertThat(
            owner.create(owner.at("/cleanings/" + id), Samples.cleaning(dog, then, 1, 1)).status())
        .isEqualTo(200);

    Caller.Answer check =
        owner.create(
            owner.at("/checks/" + id),
            Samples.check(dog, then, Samples.QUIET_EAR, Samples.QUIET_EAR));

    assertThat(check.status()).isEqualTo(400);
    assertThat(check.refusedFields()).containsExactly("id");
    for (String other : List.of("checks", "visits", "dogs")) {
      assertThat(owner.get(owner.at("/" + other + "/" + id + "/versions")).status())
          .as(other)
          .isEqualTo(404);
    }
    assertThat(owner.get(owner.at("/cleanings/" + id + "/versions")).json()).hasSize(1);
  }
}
