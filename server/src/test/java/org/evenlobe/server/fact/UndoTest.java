package org.evenlobe.server.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Deletions and corrections, and how they are undone. */
@ExtendWith(RunningServer.class)
class UndoTest {
  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);
  private final String path = owner.at("/cleanings/" + UUID.randomUUID());

  private String loads(int right, int left) {
    return Samples.cleaning(dog, Instant.parse("2026-01-01T10:00:00Z"), right, left);
  }

  private JsonNode cleanings() {
    return owner.get(owner.at("/dogs/" + dog + "/cleanings")).json().get("cleanings");
  }

  private Caller.Answer restore(int version) {
    return owner.post(path + "/versions/" + version + "/restore", "");
  }

  @BeforeEach
  void record() {
    owner.create(path, loads(1, 2));
  }

  @Test
  void aDeletedCleaningIsGoneAndCanBeRestored() {
    assertThat(owner.delete(path, 1).status()).isEqualTo(200);
    assertThat(cleanings()).isEmpty();

    assertThat(restore(1).status()).isEqualTo(200);
    assertThat(cleanings()).hasSize(1);
    assertThat(owner.get(path + "/versions").json()).hasSize(3);
  }

  @Test
  void aCorrectionCanBeUndone() {
    owner.correct(path, 1, loads(4, 4));

    restore(1);

    assertThat(cleanings().at("/0/ears/right/load").asInt()).isEqualTo(1);
  }

  @Test
  void theVersionsSayWhoSaidWhatAndWhen() {
    owner.correct(path, 1, loads(4, 4));
    owner.delete(path, 2);

    JsonNode versions = owner.get(path + "/versions").json();

    assertThat(versions).hasSize(3);
    assertThat(versions.at("/0/version").asInt()).isEqualTo(3);
    assertThat(versions.get(0).has("said")).isFalse();
    assertThat(versions.at("/0/by").asString()).isEqualTo("Wren");
    assertThat(Instant.parse(versions.at("/1/at").asString())).isBefore(Instant.now());
    assertThat(versions.at("/1/said/ears/right/load").asInt()).isEqualTo(4);
    assertThat(versions.at("/1/restorable").asBoolean()).isTrue();
  }

  @Test
  void deletingTwiceIsOnce() {
    owner.delete(path, 1);

    assertThat(owner.delete(path, 1).json().get("version").asInt()).isEqualTo(2);
  }

  @Test
  void aRetryOfWhatWasDeletedIsToldSo() {
    owner.delete(path, 1);

    assertThat(owner.create(path, loads(1, 2)).status()).isEqualTo(410);
    assertThat(cleanings()).isEmpty();
  }

  @Test
  void aStaleDeletionIsRefused() {
    owner.correct(path, 1, loads(4, 4));

    assertThat(owner.delete(path, 1).status()).isEqualTo(412);
    assertThat(cleanings()).hasSize(1);
  }

  @Test
  void afterThirtyDaysNothingIsUndone() {
    owner.delete(path, 1);
    Aging.byDays(owner.household(), 31);

    assertThat(restore(1).status()).isEqualTo(404);
    assertThat(owner.get(path + "/versions").json().at("/1/restorable").asBoolean()).isFalse();
  }

  @Test
  void everyWriteRaisesTheChangeNumberAndNoReadDoes() {
    long before = number();
    owner.correct(path, 1, loads(4, 4));
    long after = number();
    owner.get(owner.at("/today"));

    assertThat(after).isEqualTo(before + 1);
    assertThat(number()).isEqualTo(after);
  }

  private long number() {
    return owner.get(owner.at("/changes")).json().get("number").asLong();
  }

  /** Makes versions older than they are, as the owner role, which alone may change them. */
  private static final class Aging {
    static void byDays(UUID household, int days) {
      JdbcClient.create(RunningServer.ownerSource())
          .sql(
              "update fact_version set recorded_at = recorded_at - make_interval(days => ?)"
                  + " where household_id = ?")
          .params(days, household)
          .update();
    }
  }
}
