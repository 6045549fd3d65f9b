package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;

import java.util.Map;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Who may make an account where that takes an invitation. */
@ExtendWith(RunningServer.class)
class RegistrationTest {
  private static ConfigurableApplicationContext invited;

  private final Caller owner = Caller.newOwner();
  private final Caller newcomer = Caller.signedOut();
  private final String email = UUID.randomUUID() + "@test.example";

  @BeforeAll
  static void start() {
    invited =
        RunningServer.second(Map.of("EVENLOBE_REGISTRATION", "invited", "EVENLOBE_JOBS", "false"));
  }

  @AfterAll
  static void stop() {
    invited.close();
  }

  private Caller.Answer register(String more) {
    newcomer.turnTo(
        "http://127.0.0.1:" + invited.getEnvironment().getProperty("local.server.port"));
    return newcomer.post(
        "/api/people",
        "{\"name\": \"Tern\", \"email\": \"%s\", \"password\": \"%s\", \"zone\": \"UTC\", %s}"
            .formatted(email, Caller.PASSWORD, more));
  }

  private String invitation() {
    return owner
        .post(owner.at("/invitations"), "{\"role\": \"CARER\"}")
        .json()
        .get("token")
        .asString();
  }

  @Test
  void withoutAnInvitationNobodyMakesOne() {
    Caller.Answer answer = register("\"household\": \"Reedbed\"");

    assertThat(answer.status()).isEqualTo(403);
    assertThat(answer.body()).contains("by invitation");
    assertThat(newcomer.get("/api/site").json().get("registration").asString())
        .isEqualTo("INVITED");
    assertThat(newcomer.signIn(email, Caller.PASSWORD).status()).isEqualTo(401);
  }

  @Test
  void anInvitationMakesTheAccountAndLeadsIntoItsHousehold() {
    String token = invitation();
    assertThat(newcomer.get("/api/invitations/" + token).json().get("household").asString())
        .isEqualTo("Saltings");

    assertThat(register("\"invitation\": \"" + token + "\"").status()).isEqualTo(204);

    newcomer.signIn(email, Caller.PASSWORD);
    assertThat(newcomer.get("/api/me").json().get("households"))
        .singleElement()
        .satisfies(
            one -> {
              assertThat(one.get("id").asString()).isEqualTo(owner.household().toString());
              assertThat(one.get("role").asString()).isEqualTo("CARER");
            });
  }

  @Test
  void anInvitationThatIsUsedUpOrTakenBackMakesNone() {
    String used = invitation();
    assertThat(register("\"invitation\": \"" + used + "\"").status()).isEqualTo(204);
    Caller second = Caller.signedOut();
    String other = UUID.randomUUID() + "@test.example";

    Caller.Answer again =
        second.post(
            "/api/people",
            "{\"name\": \"Knot\", \"email\": \"%s\", \"password\": \"%s\", \"zone\": \"UTC\", \"invitation\": \"%s\"}"
                .formatted(other, Caller.PASSWORD, used));

    assertThat(again.status()).isEqualTo(404);
    assertThat(second.signIn(other, Caller.PASSWORD).status()).isEqualTo(401);
  }

  @Test
  void aHouseholdIsNamedWhereThereIsNoInvitation() {
    assertThat(register("\"household\": \" \"").refusedFields()).containsExactly("household");
  }

  @Test
  void anotherWordForWhoMayIsRefusedAtTheStart() {
    assertThatThrownBy(() -> new Registration("anybody", mock(JdbcClient.class)))
        .hasMessageContaining("open or invited");
  }
}
