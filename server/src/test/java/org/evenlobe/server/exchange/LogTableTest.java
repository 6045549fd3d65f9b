package org.evenlobe.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.time.Instant;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.fact.FactKinds;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Logs as tables: out, and in with a look at them first. */
@ExtendWith(RunningServer.class)
class LogTableTest {
  private static final Instant THEN = Instant.parse("2026-01-01T10:00:00Z");
  private static final String SWIMS = "dog,at,kind,firstDay,lastDay\r\n";

  private Caller owner;
  private UUID dog;

  @BeforeEach
  void aDog() {
    owner = Caller.newOwner();
    dog = Samples.newDog(owner);
  }

  private static Caller.Answer send(Caller caller, String path, String csv) {
    caller.get("/api/csrf");
    return caller.send(
        caller
            .request(caller.at(path))
            .header("Content-Type", "text/csv;charset=UTF-8")
            .POST(HttpRequest.BodyPublishers.ofString(csv)));
  }

  private static int added(Caller.Answer answer) {
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json().get("added").asInt();
  }

  @Test
  void everyLogComesInAsItWentOut() {
    Caller other = Caller.newOwner();
    other.create(other.at("/dogs/" + dog), Samples.dog());
    int logs = 0;
    for (FactKind<?, ?> kind : RunningServer.bean(FactKinds.class).all()) {
      UUID id = UUID.randomUUID();
      String log = "/logs/" + kind.path();
      boolean said =
          !kind.path().equals("dogs")
              && !kind.path().equals("photos")
              && owner
                      .create(
                          owner.at("/%s/%s".formatted(kind.path(), id)),
                          Samples.of(kind.path(), dog))
                      .status()
                  == 200;
      if (said) {
        String table = owner.get(owner.at(log + ".csv")).body();
        assertThat(table).contains(id.toString());

        assertThat(added(send(other, log, table))).as(table).isEqualTo(1);
        assertThat(other.get(other.at(log + ".csv")).body()).isEqualTo(table);
        assertThat(added(send(other, log, table))).isZero();
        logs++;
      }
    }
    assertThat(logs).isGreaterThan(15);
  }

  @Test
  void aBottleOfWhichNothingIsKnownComesInAsItWentOut() {
    owner.create(
        owner.at("/supplies/" + UUID.randomUUID()),
        Samples.bottle(250, 100).replace("\"kind\"", "\"label\": {\"actives\": {}}, \"kind\""));
    String table = owner.get(owner.at("/logs/supplies.csv")).body();
    Caller other = Caller.newOwner();

    assertThat(added(send(other, "/logs/supplies", table))).isEqualTo(1);
    assertThat(other.get(other.at("/logs/supplies.csv")).body()).isEqualTo(table);
  }

  @Test
  void aTableOfOnesOwnNamesDogsByNameAndIsAddedOnce() {
    String table = SWIMS + "fen,2026-01-02T10:00:00Z,SWIM,2026-01-02,2026-01-02\r\n";

    assertThat(added(send(owner, "/previews/logs/exposures", table))).isEqualTo(1);
    assertThat(owner.get(owner.at("/logs/exposures.csv")).body().lines()).hasSize(1);
    assertThat(added(send(owner, "/logs/exposures", table))).isEqualTo(1);
    JsonNode again = send(owner, "/logs/exposures", table).json();
    assertThat(again.get("added").asInt()).isZero();
    assertThat(again.get("there").asInt()).isEqualTo(1);
  }

  @Test
  void wrongLinesAreToldByColumnAndNothingIsAdded() {
    String table =
        SWIMS
            + "Fen,2026-01-02T10:00:00Z,SWIM,2026-01-02,2026-01-02\r\n"
            + "Fan,2026-01-02T10:00:00Z,SWIM,2026-01-02,2026-01-02\r\n"
            + "Fen,2026-01-02T10:00:00Z,FLIGHT,2026-01-02,2026-01-02\r\n"
            + "Fen,2026-01-02T10:00:00Z,SWIM,2026-01-02,2099-01-02\r\n"
            + "Fen,,SWIM,2026-01-02,2026-01-02\r\n";

    JsonNode preview = send(owner, "/previews/logs/exposures", table).json();

    assertThat(preview.get("added").asInt()).isEqualTo(1);
    assertThat(preview.get("wrong").asInt()).isEqualTo(4);
    assertThat(send(owner, "/logs/exposures", table).refusedFields())
        .containsExactlyInAnyOrder(
            "line 3, dog", "line 4, kind", "line 5, lastDay", "line 5, firstDay", "line 6, at");
    assertThat(owner.get(owner.at("/logs/exposures.csv")).body().lines()).hasSize(1);
  }

  @Test
  void theRulesOfAKindHoldForALineAsForAnyOther() {
    owner.create(
        owner.at("/checks/" + UUID.randomUUID()),
        Samples.check(dog, THEN, Samples.FOUL_EAR, Samples.QUIET_EAR));
    String release = "dog,at,ear\r\nFen,2026-01-01T11:00:00Z,RIGHT\r\n";
    String one = Samples.release(dog, Instant.parse("2026-01-01T11:00:00Z"), "RIGHT");

    assertThat(owner.create(owner.at("/hold-releases/" + UUID.randomUUID()), one).status())
        .isEqualTo(400);
    assertThat(send(owner, "/logs/hold-releases", release).status()).isEqualTo(400);
  }

  @Test
  void whatIsTooLongOrNoSuchTableIsRefusedByName() {
    String line = "Fen,2026-01-02T10:00:00Z,SWIM,2026-01-02,2026-01-02\r\n";
    assertThat(send(owner, "/logs/exposures", SWIMS + line.repeat(20_001)).body())
        .contains("must be 20000 lines at most");
    assertThat(send(owner, "/logs/exposures", SWIMS + line.repeat(100_000)).status())
        .isEqualTo(413);
    assertThat(send(owner, "/logs/exposures", "dog,when\r\nFen,then").body())
        .contains("columns that are not known: when");
    assertThat(send(owner, "/logs/dogs", "name\r\nFen").status()).isEqualTo(404);
    assertThat(send(owner, "/logs/settings", "name\r\nFen").status()).isEqualTo(404);
    assertThat(owner.get(owner.at("/logs/nonsense.csv")).status()).isEqualTo(404);
  }
}
