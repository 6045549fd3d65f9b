package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class MembersTest {
  private final Caller owner = Caller.newOwner();
  private final Caller guest = Caller.newOwner();

  private JsonNode invite(String body) {
    return owner.post(owner.at("/invitations"), body).json();
  }

  private Caller.Answer accept(JsonNode invitation) {
    return guest.post("/api/invitations/" + invitation.get("token").asString() + "/accept", "");
  }

  private String guestId() {
    return guest.get("/api/me").json().get("id").asString();
  }

  private String ownerId() {
    return owner.get("/api/me").json().get("id").asString();
  }

  private Caller.Answer change(String person, String body) {
    return owner.put(owner.at("/members/" + person), "Accept", "*/*", body);
  }

  @Test
  void aLinkIsLookedAtAcceptedAndHoldsOnce() {
    JsonNode invitation = invite("{\"role\": \"CARER\"}");

    JsonNode offer = guest.get("/api/invitations/" + invitation.get("token").asString()).json();
    assertThat(offer.get("household").asString()).isEqualTo("Saltings");
    assertThat(offer.get("role").asString()).isEqualTo("CARER");
    assertThat(accept(invitation).status()).isEqualTo(200);

    assertThat(guest.get("/api/me").json().get("households")).hasSize(2);
    assertThat(guest.get(owner.at("/today")).status()).isEqualTo(200);
    assertThat(guest.create(owner.at("/dogs/" + UUID.randomUUID()), Samples.dog()).status())
        .isEqualTo(200);
    assertThat(accept(invitation).status()).isEqualTo(404);
    assertThat(owner.get(owner.at("/invitations")).json()).isEmpty();
  }

  @Test
  void aRevokedLinkHoldsNoMore() {
    JsonNode invitation = invite("{\"role\": \"CARER\"}");
    String path = owner.at("/invitations/" + invitation.get("id").asString());

    assertThat(owner.delete(path, 1).status()).isEqualTo(204);

    assertThat(accept(invitation).status()).isEqualTo(404);
    assertThat(guest.get("/api/invitations/guess").status()).isEqualTo(404);
  }

  @Test
  void aMembershipEndsByItselfAfterItsLastDay() {
    LocalDate today = LocalDate.now(ZoneOffset.UTC);
    accept(invite("{\"role\": \"CARER\", \"memberUntil\": \"%s\"}".formatted(today.plusDays(2))));
    assertThat(guest.get(owner.at("/today")).status()).isEqualTo(200);

    RunningServer.bean(JdbcClient.class)
        .sql(
            "update membership set ends_on = current_date - 1 where household_id = ? and role = 'CARER'")
        .param(owner.household())
        .update();

    assertThat(guest.get(owner.at("/today")).status()).isEqualTo(404);
    assertThat(guest.get("/api/me").json().get("households")).hasSize(1);

    accept(invite("{\"role\": \"VIEWER\"}"));
    assertThat(guest.get(owner.at("/today")).status()).isEqualTo(200);
  }

  @Test
  void aViewerWhoIsInvitedAsACarerBecomesOne() {
    accept(invite("{\"role\": \"VIEWER\"}"));
    String dog = owner.at("/dogs/" + UUID.randomUUID());
    assertThat(guest.create(dog, Samples.dog()).status()).isEqualTo(403);

    accept(invite("{\"role\": \"CARER\"}"));

    assertThat(guest.create(dog, Samples.dog()).status()).isEqualTo(200);
  }

  @Test
  void anInvitationIntoThePastIsRefused() {
    Caller.Answer answer =
        owner.post(
            owner.at("/invitations"), "{\"role\": \"CARER\", \"memberUntil\": \"2020-01-01\"}");

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("memberUntil");
  }

  @Test
  void acceptingAgainDoesNotLowerTheOwnersRole() {
    JsonNode invitation = invite("{\"role\": \"VIEWER\"}");
    owner.post("/api/invitations/" + invitation.get("token").asString() + "/accept", "");

    assertThat(owner.get("/api/me").json().at("/households/0/role").asString()).isEqualTo("OWNER");
  }

  @Test
  void theLastOwnerCannotLeaveOrStepDownUntilTheHouseholdIsHandedOver() {
    accept(invite("{\"role\": \"CARER\"}"));

    assertThat(owner.delete(owner.at("/members/" + ownerId()), 1).status()).isEqualTo(400);
    assertThat(change(ownerId(), "{\"role\": \"CARER\"}").status()).isEqualTo(400);

    assertThat(change(guestId(), "{\"role\": \"OWNER\"}").status()).isEqualTo(204);
    assertThat(owner.delete(owner.at("/members/" + ownerId()), 1).status()).isEqualTo(204);
    assertThat(owner.get(owner.at("/today")).status()).isEqualTo(404);
    assertThat(guest.get(owner.at("/members")).json()).hasSize(1);
  }

  @Test
  void aCarerMayLeaveButNotSendOthersAway() {
    accept(invite("{\"role\": \"CARER\"}"));

    assertThat(guest.delete(owner.at("/members/" + ownerId()), 1).status()).isEqualTo(403);
    assertThat(guest.delete(owner.at("/members/" + guestId()), 1).status()).isEqualTo(204);
    assertThat(guest.get(owner.at("/today")).status()).isEqualTo(404);
  }

  @Test
  void anOwnerWhoWasRemovedDoesNotComeBackByAnInvitationOfTheirOwn() {
    accept(invite("{\"role\": \"OWNER\"}"));
    String own =
        guest
            .post(owner.at("/invitations"), "{\"role\": \"OWNER\"}")
            .json()
            .get("token")
            .asString();
    assertThat(owner.delete(owner.at("/members/" + guestId()), 1).status()).isEqualTo(204);

    assertThat(guest.get("/api/invitations/" + own).status()).isEqualTo(404);
    assertThat(guest.post("/api/invitations/" + own + "/accept", "").status()).isEqualTo(404);

    accept(invite("{\"role\": \"OWNER\"}"));
    assertThat(guest.get("/api/invitations/" + own).status()).isEqualTo(404);
  }

  @Test
  void anInvitationHoldsOnlyWhileItsMakerMayStillMakeIt() {
    accept(invite("{\"role\": \"OWNER\"}"));
    String own =
        guest
            .post(owner.at("/invitations"), "{\"role\": \"OWNER\"}")
            .json()
            .get("token")
            .asString();
    assertThat(owner.get(owner.at("/invitations")).json()).hasSize(1);

    assertThat(change(guestId(), "{\"role\": \"CARER\"}").status()).isEqualTo(204);

    assertThat(guest.post("/api/invitations/" + own + "/accept", "").status()).isEqualTo(404);
    assertThat(owner.get(owner.at("/invitations")).json()).isEmpty();
    assertThat(guest.get("/api/me").json().at("/households").toString()).contains("CARER");
  }

  @ParameterizedTest(name = "{0} until {1}, invited as {2} until {3}: {4} until {5}, used {6}")
  @CsvSource(
      nullValues = "-",
      value = {
        "CARER, -, VIEWER, -, CARER, -, false",
        "CARER, -, CARER, -, CARER, -, false",
        "CARER, -, CARER, 9, CARER, -, false",
        "CARER, -, OWNER, 9, CARER, -, false",
        "OWNER, 9, VIEWER, -, OWNER, 9, false",
        "CARER, 9, CARER, 12, CARER, 12, true",
        "VIEWER, 9, CARER, -, CARER, -, true",
        "VIEWER, -, CARER, -, CARER, -, true",
      })
  void anInvitationOfAMemberNeverShortensAndIsNotUsedUpInVain(
      String role,
      Integer days,
      String invitedAs,
      Integer invitedDays,
      String then,
      Integer thenDays,
      boolean used) {
    LocalDate today = LocalDate.now(ZoneId.of("Europe/Berlin"));
    accept(invite(invitation(role, days, today)));
    JsonNode second = invite(invitation(invitedAs, invitedDays, today));

    assertThat(accept(second).status()).isEqualTo(200);

    JsonNode me =
        owner
            .get(owner.at("/members"))
            .json()
            .valueStream()
            .filter(one -> one.get("person").asString().equals(guestId()))
            .findFirst()
            .orElseThrow();
    assertThat(me.get("role").asString()).isEqualTo(then);
    assertThat(me.path("endsOn").asString(""))
        .isEqualTo(thenDays == null ? "" : today.plusDays(thenDays).toString());
    assertThat(owner.get(owner.at("/invitations")).json()).hasSize(used ? 0 : 1);
  }

  private static String invitation(String role, Integer days, LocalDate today) {
    return days == null
        ? "{\"role\": \"%s\"}".formatted(role)
        : "{\"role\": \"%s\", \"memberUntil\": \"%s\"}".formatted(role, today.plusDays(days));
  }

  @Test
  void aCalendarsLinkDiesWithTheMembershipOfWhoeverMadeIt() {
    accept(invite("{\"role\": \"CARER\"}"));
    String path = guest.post(owner.at("/calendar-link"), "").json().get("path").asString();
    assertThat(Caller.signedOut().get(path).status()).isEqualTo(200);

    owner.delete(owner.at("/members/" + guestId()), 1);
    accept(invite("{\"role\": \"CARER\"}"));

    assertThat(Caller.signedOut().get(path).status()).isEqualTo(404);
  }
}
