package org.evenlobe.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class SkipTest {
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);

  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);
  private final String path = owner.at("/skips/" + UUID.randomUUID());

  private JsonNode agenda() {
    return owner.get(owner.at("/today")).json().get("agenda");
  }

  @Test
  void takesAnItemOffTheAgendaWithItsReasonAndPutsItBackWhenTakenBack() {
    JsonNode first = agenda().get(0);
    String item = first.at("/item/id").asString();
    assertThat(owner.create(path, Samples.skip(dog, now, item)).status()).isEqualTo(200);

    assertThat(agenda().toString()).doesNotContain(item);
    JsonNode items = owner.get(owner.at("/dogs/" + dog)).json().at("/plan/items");
    assertThat(items.toString()).contains("“away”");

    assertThat(owner.delete(path, 1).status()).isEqualTo(200);
    assertThat(agenda().toString()).contains(item);
  }

  @Test
  void isOfAnItemOfThatDogAndNeverOfAVisit() {
    String other = new UUID(0, 7) + ":CHECK:x:0";
    String visit = dog + ":VISIT:x:0";

    assertThat(owner.create(path, Samples.skip(dog, now, other)).refusedFields())
        .containsExactly("item");
    assertThat(owner.create(path, Samples.skip(dog, now, visit)).refusedFields())
        .containsExactly("item");
    assertThat(
            owner
                .create(path, Samples.skip(dog, now, dog + ":CHECK:x:0").replace("away", " "))
                .refusedFields())
        .containsExactly("reason");
  }
}
