package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A forgotten password: a link by mail, for an hour, once. */
@ExtendWith(RunningServer.class)
class ForgottenPasswordTest {
  private static final String NEXT = "tern over wet slate";

  private final Caller owner = Caller.newOwner();
  private final String email = owner.get("/api/me").json().get("email").asString();
  private final Caller nobody = Caller.signedOut();

  private Caller.Answer forget(String address) {
    return nobody.post("/api/forgotten-passwords", "{\"email\": \"%s\"}".formatted(address));
  }

  private Caller.Answer renew(String token, String next) {
    return nobody.put(
        "/api/forgotten-passwords/" + token, "Accept", "*/*", "{\"next\": \"%s\"}".formatted(next));
  }

  private String token() {
    assertThat(forget(email).status()).isEqualTo(204);
    return Mailbox.of(email).get(0).after("/new-password/");
  }

  @Test
  void aLinkSetsAnotherOnceAndEndsAllSessions() {
    String token = token();

    assertThat(renew(token, NEXT).status()).isEqualTo(204);

    assertThat(owner.get("/api/me").status()).isEqualTo(401);
    assertThat(Caller.signedOut().signIn(email, Caller.PASSWORD).status()).isEqualTo(401);
    assertThat(Caller.signedOut().signIn(email, NEXT).status()).isEqualTo(204);
    assertThat(renew(token, "heron over wet slate").status()).isEqualTo(404);
    assertThat(Caller.signedOut().signIn(email, NEXT).status()).isEqualTo(204);
    assertThat(Mailbox.of(email)).anyMatch(mail -> mail.subject().contains("was changed"));
  }

  @Test
  void theAnswerIsTheSameWhetherTheAddressIsKnownOrNot() {
    Caller.Answer known = forget(email);
    Caller.Answer unknown = forget("nobody-" + UUID.randomUUID() + "@test.example");

    assertThat(known.status()).isEqualTo(unknown.status()).isEqualTo(204);
    assertThat(known.body()).isEqualTo(unknown.body());
  }

  @Test
  void aLinkThatIsLateOrMadeUpSetsNothing() {
    String token = token();
    JdbcClient.create(RunningServer.ownerSource())
        .sql("update mailed_secret set holds_until = now() - interval '1 second' where email = ?")
        .param(email)
        .update();

    assertThat(renew(token, NEXT).status()).isEqualTo(404);
    assertThat(renew("made-up", NEXT).status()).isEqualTo(404);
    assertThat(Caller.signedOut().signIn(email, Caller.PASSWORD).status()).isEqualTo(204);
  }

  @Test
  void aPasswordThatMayNotBeOneLeavesTheLinkUnused() {
    String token = token();

    assertThat(renew(token, "password1234").refusedFields()).containsExactly("next");
    assertThat(renew(token, NEXT).status()).isEqualTo(204);
  }

  @Test
  void anotherLinkDoesNotHoldOnceOneWasUsed() {
    String first = token();
    String second = token();

    assertThat(renew(second, NEXT).status()).isEqualTo(204);
    assertThat(renew(first, "heron over wet slate").status()).isEqualTo(404);
  }

  @Test
  void aLinkIsInNoQueueInNoTableAndInNoOutboxThatAScreenShows() {
    String token = token();
    JdbcClient database = JdbcClient.create(RunningServer.ownerSource());

    assertThat(
            database
                .sql(
                    "select count(*) from scheduled_tasks where strpos(encode(task_data, 'escape'), ?) > 0")
                .param(token)
                .query(Integer.class)
                .single())
        .isZero();
    assertThat(
            database
                .sql(
                    "select count(*) from mailed_secret where strpos(encode(token_hash, 'escape'), ?) > 0")
                .param(token)
                .query(Integer.class)
                .single())
        .isZero();
    assertThat(owner.get(owner.at("/outbox")).body()).doesNotContain(token).isEqualTo("[]");
  }

  @Test
  void moreThanAFewLinksAnHourAreNotSent() {
    for (int n = 0; n < 6; n++) {
      assertThat(forget(email).status()).isEqualTo(204);
    }
    assertThat(Mailbox.of(email)).hasSize(3);
  }

  @Test
  void whatIsNoAddressIsRefusedByName() {
    assertThat(forget("wren").refusedFields()).containsExactly("email");
    assertThat(forget("").refusedFields()).contains("email");
  }
}
