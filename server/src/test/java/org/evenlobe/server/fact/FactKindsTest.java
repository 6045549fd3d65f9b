package org.evenlobe.server.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** What holds of facts of every kind, whatever they say. */
@ExtendWith(RunningServer.class)
class FactKindsTest {
  private static Caller owner;
  private static UUID dog;

  @BeforeAll
  static void aDog() {
    owner = Caller.newOwner();
    dog = Samples.newDog(owner);
  }

  /** Those that can be made without a hold, a planned item or another fact. */
  static Stream<String> kinds() {
    return RunningServer.bean(FactKinds.class).all().stream()
        .filter(FactKind::isRemovable)
        .map(FactKind::path)
        .filter(path -> !path.equals("hold-releases") && !path.equals("pins"))
        .filter(
            path ->
                !Set.of(
                        "photos",
                        "struck-days",
                        "givings",
                        "course-ends",
                        "diet-slips",
                        "diet-steps")
                    .contains(path));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void whatWasDeletedIsTakenBackAndEveryVersionIsKept(String kind) {
    String path = owner.at("/" + kind + "/" + UUID.randomUUID());
    String body = Samples.of(kind, dog);

    assertThat(owner.create(path, body).status()).isEqualTo(200);
    assertThat(owner.create(path, body).json().get("version").asInt()).isEqualTo(1);
    assertThat(owner.delete(path, 1).json().get("version").asInt()).isEqualTo(2);
    Caller.Answer again = owner.post(path + "/versions/1/restore", "");

    assertThat(again.json().get("version").asInt()).isEqualTo(3);
    JsonNode versions = owner.get(path + "/versions").json();
    assertThat(versions).hasSize(3);
    assertThat(versions.get(1).has("said")).isFalse();
    assertThat(versions.get(0).get("said")).isEqualTo(versions.get(2).get("said"));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void aBodyThatSaysNothingIsRefusedByTheNamesOfWhatIsMissing(String kind) {
    Caller.Answer answer = owner.create(owner.at("/" + kind + "/" + UUID.randomUUID()), "{}");

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).isNotEmpty();
  }

  @Test
  void aKindThatThereIsNotIsNotFound() {
    String path = owner.at("/wishes/" + UUID.randomUUID());

    assertThat(owner.create(path, "{}").status()).isEqualTo(404);
    assertThat(owner.delete(path, 1).status()).isEqualTo(404);
    assertThat(owner.get(path + "/versions").status()).isEqualTo(404);
  }

  @Test
  void aDogIsNeverDeleted() {
    assertThat(owner.delete(owner.at("/dogs/" + dog), 1).status()).isEqualTo(404);
  }

  @Test
  void aVersionIsToldWithTheLocalDayThatItIsOf() {
    String path = owner.at("/checks/" + UUID.randomUUID());
    owner.create(path, Samples.of("checks", dog));

    assertThat(owner.get(path + "/versions").json().at("/0/day").asString())
        .isEqualTo("2026-01-01");
  }
}
