package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;

@ExtendWith(RunningServer.class)
class SignInTest {

  @Test
  void aPersonWhoRegistersOwnsAHousehold() {
    Caller wren = Caller.newOwner();

    Caller.Answer me = wren.get("/api/me");

    assertThat(me.status()).isEqualTo(200);
    assertThat(me.json().get("households")).hasSize(1);
    assertThat(me.json().at("/households/0/role").asString()).isEqualTo("OWNER");
    assertThat(me.json().at("/households/0/settings/zone").asString()).isEqualTo("Europe/Berlin");
  }

  @Test
  void aWrongPasswordAndAnUnknownAddressAreAnsweredAlike() {
    String email = UUID.randomUUID() + "@test.example";
    Caller caller = Caller.signedOut();
    caller.register(email);

    Caller.Answer wrong = caller.signIn(email, "not the password");
    Caller.Answer unknown = caller.signIn("nobody@test.example", Caller.PASSWORD);

    assertThat(wrong.status()).isEqualTo(401);
    assertThat(withoutRequest(wrong))
        .isEqualTo(withoutRequest(unknown))
        .contains("/problems/signed-out");
    assertThat(caller.get("/api/me").status()).isEqualTo(401);
  }

  private static String withoutRequest(Caller.Answer problem) {
    return problem.body().replaceFirst("\"request\":\"\\w+\"", "");
  }

  @Test
  void anAddressIsTakenOnceWhateverItsCase() {
    String email = UUID.randomUUID() + "@test.example";
    assertThat(Caller.signedOut().register(email).status()).isEqualTo(204);

    Caller.Answer again = Caller.signedOut().register(email.toUpperCase(java.util.Locale.ROOT));

    assertThat(again.status()).isEqualTo(400);
    assertThat(again.refusedFields()).containsExactly("email");
  }

  @Test
  void theSessionsCookieIsOutOfReachOfScriptsAndOtherSitesAndNewAtSignIn() {
    String email = UUID.randomUUID() + "@test.example";
    Caller caller = Caller.signedOut();
    caller.register(email);

    List<String> set =
        caller.signIn(email, Caller.PASSWORD).whole().headers().allValues("Set-Cookie");
    assertThat(set)
        .filteredOn(cookie -> cookie.startsWith("EVENLOBE_SESSION="))
        .singleElement()
        .asString()
        .contains("HttpOnly")
        .contains("SameSite=Lax");

    String first = caller.cookie("EVENLOBE_SESSION");
    caller.signIn(email, Caller.PASSWORD);
    assertThat(caller.cookie("EVENLOBE_SESSION")).isNotEqualTo(first);
  }

  @Test
  void signingOutEndsTheSession() {
    Caller wren = Caller.newOwner();

    assertThat(wren.post("/api/sign-out", "").status()).isEqualTo(204);

    assertThat(wren.get("/api/me").status()).isEqualTo(401);
  }

  @Test
  void withoutTheTokenNothingIsChanged() {
    Caller wren = Caller.newOwner();

    Caller.Answer answer =
        wren.send(
            java.net.http.HttpRequest.newBuilder(
                    java.net.URI.create(
                        RunningServer.address() + wren.at("/dogs/" + UUID.randomUUID())))
                .header("Content-Type", "application/json")
                .header("If-None-Match", "*")
                .PUT(
                    java.net.http.HttpRequest.BodyPublishers.ofString(
                        org.evenlobe.server.Samples.dog())));

    assertThat(answer.status()).isEqualTo(403);
    assertThat(wren.get(wren.at("/today")).json().get("dogs")).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "'short', password",
    "'', password",
  })
  void aPasswordThatIsTooShortIsRefused(String password, String field) {
    Caller.Answer answer =
        Caller.signedOut()
            .post(
                "/api/people",
                """
                {"name": "Wren", "email": "w@test.example", "password": "%s",
                 "household": "Saltings", "zone": "Europe/Berlin"}"""
                    .formatted(password));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly(field);
  }

  @Test
  void passwordsAreKeptAsArgon2Hashes() {
    Caller.newOwner();

    assertThat(
            RunningServer.bean(JdbcClient.class)
                .sql("select password_hash from person where password_hash <> ''")
                .query(String.class)
                .list())
        .isNotEmpty()
        .allSatisfy(hash -> assertThat(hash).startsWith("$argon2id$"));
  }

  @Test
  void everyAnswerForbidsFramesAndForeignScripts() {
    assertThat(Caller.signedOut().get("/api/me").whole().headers().map())
        .hasEntrySatisfying(
            "content-security-policy",
            policy ->
                assertThat(policy.get(0))
                    .contains("default-src 'self'")
                    .contains("frame-ancestors 'none'")
                    .doesNotContain("script-src 'unsafe"))
        .hasEntrySatisfying(
            "x-content-type-options", value -> assertThat(value).containsExactly("nosniff"))
        .hasEntrySatisfying(
            "referrer-policy", value -> assertThat(value).containsExactly("same-origin"));
  }

  @Test
  void aMissingTokenIsAProblemOfItsOwn() {
    Caller owner = Caller.newOwner();
    String path = owner.at("/dogs/" + UUID.randomUUID());

    Caller.Answer answer =
        owner.send(
            owner
                .json(path)
                .setHeader("X-XSRF-TOKEN", "old")
                .header("If-None-Match", "*")
                .PUT(HttpRequest.BodyPublishers.ofString(Samples.dog())));

    assertThat(answer.status()).isEqualTo(403);
    assertThat(answer.json().get("type").asString()).isEqualTo("/problems/token");
  }
}
