package org.evenlobe.server.cleaning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Many dogs one after the other, over HTTP. */
@ExtendWith(RunningServer.class)
class RoundTest {
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final Caller owner = Caller.newOwner();

  private UUID dog(int cleanedDaysAgo, int checkedDaysAgo) {
    UUID dog = Samples.newDog(owner);
    owner.create(
        owner.at("/cleanings/" + UUID.randomUUID()),
        Samples.cleaning(dog, now.minus(cleanedDaysAgo, ChronoUnit.DAYS), 2, 2));
    owner.create(
        owner.at("/checks/" + UUID.randomUUID()),
        Samples.check(
            dog, now.minus(checkedDaysAgo, ChronoUnit.DAYS), Samples.QUIET_EAR, Samples.QUIET_EAR));
    return dog;
  }

  private JsonNode round(String more) {
    return owner.get(owner.at("/round?helper=false" + more)).json();
  }

  @Test
  void isMadeOfTheDogsThatAreDueWithTheSessionOfEach() {
    UUID due = dog(40, 9);
    UUID fresh = dog(1, 0);
    String forEars = "\"label\": {\"actives\": {}, \"madeFor\": \"DOGS_EARS\"}, \"size\"";
    owner.create(
        owner.at("/supplies/" + UUID.randomUUID()),
        Samples.bottle(250, 250).replace("\"size\"", forEars));

    JsonNode sheet = round("");

    assertThat(sheet.at("/round/dogs")).hasSize(1);
    assertThat(sheet.at("/round/dogs/0/dogId").asString()).isEqualTo(due.toString());
    assertThat(sheet.at("/sessions/0/dogId").asString()).isEqualTo(due.toString());
    assertThat(sheet.at("/sessions/0/session/check/tables/right/lines").size()).isPositive();
    assertThat(sheet.at("/round/tray/wipes/0/count").asInt()).isEqualTo(8);
    assertThat(sheet.at("/round/tray/cleaners/0/supply/name").asString())
        .isEqualTo("The green bottle");
    assertThat(sheet.at("/choices"))
        .extracting(one -> one.get("due").asBoolean())
        .containsExactlyInAnyOrder(true, false);
    assertThat(round("&dogs=" + fresh).at("/round/dogs/0/dogId").asString())
        .isEqualTo(fresh.toString());
  }

  @Test
  void refusesADogOfAnotherHousehold() {
    UUID stranger = Samples.newDog(Caller.newOwner());

    assertThat(owner.get(owner.at("/round?helper=false&dogs=" + stranger)).status()).isEqualTo(404);
  }

  @Test
  void refusesWhatIsNoId() {
    assertThat(owner.get(owner.at("/round?helper=false&dogs=%00")).status()).isEqualTo(400);
    assertThat(owner.get(owner.at("/round?helper=false&dogs=Fen")).status()).isEqualTo(400);
  }

  @Test
  void takesAsManyStatementsForManyDogsAsForOne() {
    dog(40, 9);
    int forOne = StatementCount.during(() -> round(""));
    for (int i = 0; i < 5; i++) {
      dog(40, 9);
    }

    assertThat(StatementCount.during(() -> round(""))).isEqualTo(forOne).isLessThan(24);
  }
}
