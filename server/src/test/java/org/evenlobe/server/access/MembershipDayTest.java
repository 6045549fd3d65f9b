package org.evenlobe.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.stream.Stream;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.account.Household;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * The last day of a membership is the household's, in each place that asks for it: what a member
 * may do, which households are theirs, their invitations, beginning anew, and their calendar's
 * link.
 *
 * <p>The household lives where it is another day than in Greenwich at the time of the test.
 */
@ExtendWith(RunningServer.class)
class MembershipDayTest {
  private static final ZoneId ELSEWHERE =
      Stream.of("Pacific/Kiritimati", "Pacific/Pago_Pago")
          .map(ZoneId::of)
          .filter(zone -> !LocalDate.now(zone).equals(LocalDate.now(ZoneOffset.UTC)))
          .findFirst()
          .orElseThrow();

  private final LocalDate today = LocalDate.now(ELSEWHERE);
  private final Caller owner = Caller.newOwner();
  private final Caller member = Caller.newOwner();
  private String calendar;
  private String invitation;

  @BeforeEach
  void share() {
    JdbcClient.create(RunningServer.ownerSource())
        .sql("update settings set zone = ? where household_id = ?")
        .params(ELSEWHERE.getId(), owner.household())
        .update();
    Household.addMember(owner, member, "OWNER");
    calendar = member.post(owner.at("/calendar-link"), "").json().get("path").asString();
    invitation =
        member
            .post(owner.at("/invitations"), "{\"role\": \"VIEWER\"}")
            .json()
            .get("token")
            .asString();
  }

  private void endsOn(LocalDate day) {
    JdbcClient.create(RunningServer.ownerSource())
        .sql("update membership set ends_on = ? where household_id = ? and person_id = ?::uuid")
        .params(day, owner.household(), member.get("/api/me").json().get("id").asString())
        .update();
  }

  @Test
  void theLastDayIsStillTheirs() {
    endsOn(today);

    assertThat(member.get(owner.at("/today")).status()).isEqualTo(200);
    assertThat(member.get("/api/me").json().get("households")).hasSize(2);
    assertThat(Caller.signedOut().get(calendar).status()).isEqualTo(200);
    assertThat(owner.get("/api/invitations/" + invitation).status()).isEqualTo(200);
    assertThat(owner.get(owner.at("/invitations")).json()).hasSize(1);
  }

  @Test
  void theDayAfterIsNot() {
    endsOn(today.minusDays(1));

    assertThat(member.get(owner.at("/today")).status()).isEqualTo(404);
    assertThat(member.get("/api/me").json().get("households")).hasSize(1);
    assertThat(Caller.signedOut().get(calendar).status()).isEqualTo(404);
    assertThat(owner.get("/api/invitations/" + invitation).status()).isEqualTo(404);
    assertThat(owner.get(owner.at("/invitations")).json()).isEmpty();
  }

  @Test
  void whoseLastDayHasPassedBeginsAnew() {
    endsOn(today.minusDays(1));
    String again =
        owner
            .post(owner.at("/invitations"), "{\"role\": \"VIEWER\"}")
            .json()
            .get("token")
            .asString();

    assertThat(member.post("/api/invitations/" + again + "/accept", "").status()).isEqualTo(200);

    assertThat(member.get(owner.at("/today")).status()).isEqualTo(200);
    assertThat(member.get(owner.at("/invitations")).status()).isEqualTo(403);
    assertThat(Caller.signedOut().get(calendar).status()).isEqualTo(404);
  }
}
