package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Another address to sign in with, and another name. */
@ExtendWith(RunningServer.class)
class AddressTest {
  private final Caller owner = Caller.newOwner();
  private final String before = owner.get("/api/me").json().get("email").asString();
  private final String next = UUID.randomUUID() + "@other.example";
  private final Caller nobody = Caller.signedOut();

  private Caller.Answer ask(String email) {
    return owner.post("/api/me/address", "{\"email\": \"%s\"}".formatted(email));
  }

  private Caller.Answer confirm(String token) {
    return nobody.post("/api/addresses/" + token, "");
  }

  private String token(String address) {
    return Mailbox.of(address).get(0).after("/confirm/");
  }

  @Test
  void anAddressHoldsOnceItsOwnerHasSaidSo() {
    assertThat(ask(next).status()).isEqualTo(204);
    assertThat(owner.get("/api/me").json().get("email").asString()).isEqualTo(before);
    String token = token(next);

    assertThat(confirm(token).status()).isEqualTo(204);

    assertThat(owner.get("/api/me").json().get("email").asString()).isEqualTo(next);
    assertThat(owner.get("/api/me").json().get("emailConfirmed").asBoolean()).isTrue();
    assertThat(Caller.signedOut().signIn(next, Caller.PASSWORD).status()).isEqualTo(204);
    assertThat(Mailbox.of(before)).anyMatch(mail -> mail.body().contains(next));
    assertThat(confirm(token).status()).isEqualTo(404);
  }

  @Test
  void thePresentOneIsConfirmedAlike() {
    assertThat(ask(before).status()).isEqualTo(204);

    assertThat(confirm(token(before)).status()).isEqualTo(204);

    assertThat(owner.get("/api/me").json().get("emailConfirmed").asBoolean()).isTrue();
  }

  @Test
  void somebodyElsesAddressIsNotTaken() {
    Caller other = Caller.newOwner();
    String theirs = other.get("/api/me").json().get("email").asString();
    assertThat(ask(theirs).status()).isEqualTo(204);

    assertThat(confirm(token(theirs)).refusedFields()).containsExactly("email");

    assertThat(owner.get("/api/me").json().get("email").asString()).isEqualTo(before);
    assertThat(other.get("/api/me").json().get("email").asString()).isEqualTo(theirs);
  }

  @Test
  void aNameIsChanged() {
    assertThat(owner.put("/api/me", "Accept", "*/*", "{\"name\": \" Wren Reed \"}").status())
        .isEqualTo(204);
    assertThat(owner.get("/api/me").json().get("name").asString()).isEqualTo("Wren Reed");
    assertThat(owner.put("/api/me", "Accept", "*/*", "{\"name\": \"\"}").refusedFields())
        .containsExactly("name");
  }
}
