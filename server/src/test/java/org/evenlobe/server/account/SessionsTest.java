package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.stream.StreamSupport;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Where somebody is signed in, how long that lasts, and what takes the password again. */
@ExtendWith(RunningServer.class)
class SessionsTest {
  private final Caller owner = Caller.newOwner();
  private final String email = owner.get("/api/me").json().get("email").asString();
  private final JdbcClient database = JdbcClient.create(RunningServer.ownerSource());

  private JsonNode sessions() {
    return owner.get("/api/me/sessions").json();
  }

  @Test
  void areListedAndEndedOneByOne() {
    Caller elsewhere = Caller.signedOut();
    elsewhere.signIn(email, Caller.PASSWORD);

    JsonNode listed = sessions();
    assertThat(listed).hasSize(2);
    JsonNode other =
        StreamSupport.stream(listed.spliterator(), false)
            .filter(one -> !one.get("isThis").asBoolean())
            .findFirst()
            .orElseThrow();
    assertThat(other.get("device").asString()).isEqualTo("A program on some device");
    // whoever reads the list cannot use what it names
    assertThat(listed.toString()).doesNotContain(elsewhere.cookie("EVENLOBE_SESSION"));

    String path = "/api/me/sessions/" + other.get("id").asString();
    assertThat(owner.delete(path, 1).status()).isEqualTo(204);

    assertThat(elsewhere.get("/api/me").status()).isEqualTo(401);
    assertThat(owner.get("/api/me").status()).isEqualTo(200);
    assertThat(owner.delete(path, 1).status()).isEqualTo(404);
  }

  @Test
  void nobodyEndsSomebodyElses() {
    String id = sessions().get(0).get("id").asString();

    assertThat(Caller.newOwner().delete("/api/me/sessions/" + id, 1).status()).isEqualTo(404);
    assertThat(owner.get("/api/me").status()).isEqualTo(200);
  }

  @Test
  void anotherDeviceIsToldByMailAndAKnownOneIsNot() {
    owner.signIn(email, Caller.PASSWORD);
    assertThat(Mailbox.of(email)).isEmpty();

    Caller.signedOut().signIn(email, Caller.PASSWORD);

    assertThat(Mailbox.of(email))
        .singleElement()
        .satisfies(mail -> assertThat(mail.subject()).contains("another device"));
  }

  @Test
  void endAfterHalfAYearHoweverOftenTheyAreUsed() {
    long begun = Instant.now().minus(181, ChronoUnit.DAYS).toEpochMilli();
    database
        .sql("update spring_session set creation_time = ? where principal_name = ?")
        .params(begun, owner.get("/api/me").json().get("id").asString())
        .update();

    assertThat(owner.get("/api/me").status()).isEqualTo(401);
  }

  @Test
  void whatLetsOthersInOrTakesAllOutAsksThePasswordAgain() {
    // as if it had been given before there was such a rule
    database
        .sql(
            """
            delete from spring_session_attributes
            where attribute_name = 'evenlobe.password-given-at' and session_primary_id in
              (select primary_id from spring_session where principal_name = ?)
            """)
        .param(owner.get("/api/me").json().get("id").asString())
        .update();
    String invite = "{\"role\": \"%s\"}";

    assertThat(owner.post(owner.at("/invitations"), invite.formatted("CARER")).status())
        .isEqualTo(200);
    for (Caller.Answer refused :
        new Caller.Answer[] {
          owner.post(owner.at("/invitations"), invite.formatted("OWNER")),
          owner.get(owner.at("/archive")),
          owner.post("/api/me/address", "{\"email\": \"w@other.example\"}")
        }) {
      assertThat(refused.status()).isEqualTo(403);
      assertThat(refused.json().get("type").asString()).isEqualTo("/problems/password-again");
    }

    assertThat(owner.post("/api/me/password-again", "{\"present\": \"a guess\"}").refusedFields())
        .containsExactly("present");
    assertThat(owner.get(owner.at("/archive")).status()).isEqualTo(403);
    assertThat(
            owner
                .post("/api/me/password-again", "{\"present\": \"" + Caller.PASSWORD + "\"}")
                .status())
        .isEqualTo(204);
    assertThat(owner.get(owner.at("/archive")).status()).isEqualTo(200);
    assertThat(owner.post(owner.at("/invitations"), invite.formatted("OWNER")).status())
        .isEqualTo(200);
  }
}
