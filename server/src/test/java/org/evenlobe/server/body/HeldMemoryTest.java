package org.evenlobe.server.body;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;

class HeldMemoryTest {
  private static final long A_QUARTER = 16_000_000;

  private final HeldMemory memory = new HeldMemory();

  @Test
  void oneSenderTakesAQuarterAndLeavesTheRestToOthers() {
    assertThat(memory.take(Set.of("one"), A_QUARTER)).isTrue();
    assertThat(memory.take(Set.of("one"), 1)).isFalse();
    assertThat(memory.take(Set.of("two"), A_QUARTER)).isTrue();
  }

  @Test
  void allTogetherTakeNoMoreThanThereIs() {
    for (String sender : new String[] {"one", "two", "three", "four"}) {
      assertThat(memory.take(Set.of(sender), A_QUARTER)).isTrue();
    }
    assertThat(memory.take(Set.of("five"), 1)).isFalse();

    memory.giveBack(Set.of("two"), A_QUARTER);

    assertThat(memory.take(Set.of("five"), A_QUARTER)).isTrue();
    assertThat(memory.take(Set.of("two"), 1)).isFalse();
  }

  @Test
  void whatWasGivenBackMayBeTakenAgain() {
    memory.take(Set.of("one"), A_QUARTER);
    memory.giveBack(Set.of("one"), A_QUARTER / 2);

    assertThat(memory.take(Set.of("one"), A_QUARTER / 2)).isTrue();
    assertThat(memory.take(Set.of("one"), 1)).isFalse();
  }

  @Test
  void aPersonTakesAQuarterFromHoweverManyAddresses() {
    assertThat(memory.take(Set.of("here", "wren"), A_QUARTER / 2)).isTrue();
    assertThat(memory.take(Set.of("there", "wren"), A_QUARTER / 2)).isTrue();
    assertThat(memory.take(Set.of("elsewhere", "wren"), 1)).isFalse();
    assertThat(memory.take(Set.of("here", "tern"), A_QUARTER / 2)).isTrue();

    memory.giveBack(Set.of("there", "wren"), A_QUARTER / 2);

    assertThat(memory.take(Set.of("elsewhere", "wren"), 1)).isTrue();
    assertThat(memory.held()).isEqualTo(A_QUARTER + 1);
  }
}
