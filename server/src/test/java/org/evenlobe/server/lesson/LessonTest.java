package org.evenlobe.server.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.UUID;
import org.evenlobe.core.lesson.MadeUpEar;
import org.evenlobe.core.record.EarGrades;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.account.Household;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Made-up ears are graded, each person for themselves. */
@ExtendWith(RunningServer.class)
class LessonTest {
  private static Caller.Answer grade(Caller caller, UUID household, int ear) {
    EarGrades truth = MadeUpEar.numbered(ear).grades();
    return caller.create(
        "/api/households/%s/gradings/%s".formatted(household, UUID.randomUUID()),
        """
        {"at": "%s", "drawing": %d, "redness": "%s", "swelling": "%s", "sores": "%s",
         "discharge": "%s"}"""
            .formatted(
                Instant.now().minusSeconds(100 - ear),
                ear,
                truth.redness(),
                truth.swelling(),
                truth.sores(),
                truth.discharge()));
  }

  @Test
  void tenGradedEarsSayHowWellAndOnlyOnesOwnCount() {
    Caller owner = Caller.newOwner();
    Caller carer = Caller.newOwner();
    Household.addMember(owner, carer, "CARER");
    for (int ear = 0; ear < 10; ear++) {
      assertThat(grade(owner, owner.household(), ear).status()).isEqualTo(200);
    }

    JsonNode mine = owner.get(owner.at("/lessons")).json();
    JsonNode theirs = carer.get(owner.at("/lessons")).json();

    assertThat(mine.get("skill").get("kappa").asDouble()).isEqualTo(1);
    assertThat(mine.get("latest").get("ear").get("number").asInt()).isEqualTo(9);
    assertThat(theirs.get("skill").get("ears").asInt()).isZero();
    assertThat(theirs.has("latest")).isFalse();
  }

  @Test
  void aMadeUpEarIsAPictureAndNoOtherNumberIsOne() {
    Caller owner = Caller.newOwner();

    assertThat(owner.bytes(owner.at("/lessons/ears/7")))
        .isEqualTo(owner.bytes(owner.at("/lessons/ears/7")))
        .isNotEqualTo(owner.bytes(owner.at("/lessons/ears/8")))
        .startsWith(0xFF, 0xD8);
    assertThat(owner.get(owner.at("/lessons/ears/1000000")).status()).isEqualTo(404);
    assertThat(owner.get(owner.at("/lessons/ears/-1")).status()).isEqualTo(404);
  }
}
