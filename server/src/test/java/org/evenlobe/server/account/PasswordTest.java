package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningServer.class)
class PasswordTest {
  private final Caller here = Caller.newOwner();
  private final String email = here.get("/api/me").json().get("email").asString();

  private Caller.Answer change(String present, String next) {
    here.get("/api/csrf");
    return here.put(
        "/api/me/password",
        "Accept",
        "*/*",
        "{\"present\": \"%s\", \"next\": \"%s\"}".formatted(present, next));
  }

  private Caller elsewhere() {
    Caller caller = Caller.signedOut();
    assertThat(caller.signIn(email, Caller.PASSWORD).status()).isEqualTo(204);
    return caller;
  }

  @Test
  void isChangedAndEndsTheOtherSessions() {
    Caller elsewhere = elsewhere();
    String before = here.cookie("EVENLOBE_SESSION");

    assertThat(change(Caller.PASSWORD, "another long secret").status()).isEqualTo(204);

    assertThat(here.cookie("EVENLOBE_SESSION")).isNotEqualTo(before);
    assertThat(here.get("/api/me").status()).isEqualTo(200);
    assertThat(elsewhere.get("/api/me").status()).isEqualTo(401);
    assertThat(Caller.signedOut().signIn(email, Caller.PASSWORD).status()).isEqualTo(401);
    assertThat(Caller.signedOut().signIn(email, "another long secret").status()).isEqualTo(204);
  }

  @Test
  void isNotChangedWithoutThePresentOne() {
    Caller.Answer answer = change("a guess", "another long secret");

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("present");
    assertThat(change(Caller.PASSWORD, "short").refusedFields()).containsExactly("next");
  }

  @Test
  void mayNotBeOneThatSomebodyGuessesFirst() {
    assertThat(change(Caller.PASSWORD, "password12345").body()).contains("would guess");
    assertThat(change(Caller.PASSWORD, "x" + email.substring(0, 12)).body()).contains("no part");
    assertThat(change(Caller.PASSWORD, "elevenchars").refusedFields()).containsExactly("next");
    assertThat(here.get("/api/me").status()).isEqualTo(200);
  }

  @Test
  void signingOutEverywhereEndsAllSessions() {
    Caller elsewhere = elsewhere();

    assertThat(here.post("/api/me/sign-out-everywhere", "").status()).isEqualTo(204);

    assertThat(here.get("/api/me").status()).isEqualTo(401);
    assertThat(elsewhere.get("/api/me").status()).isEqualTo(401);
  }
}
