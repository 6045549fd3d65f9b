package org.evenlobe.server.body;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class HeldMemoryTest {
  private static final long A_QUARTER = 16_000_000;

  private final HeldMemory memory = new HeldMemory();

  @Test
  void oneSenderTakesAQuarterAndLeavesTheRestToOthers() {
    assertThat(memory.take("one", A_QUARTER)).isTrue();
    assertThat(memory.take("one", 1)).isFalse();
    assertThat(memory.take("two", A_QUARTER)).isTrue();
  }

  @Test
  void allTogetherTakeNoMoreThanThereIs() {
    for (String sender : new String[] {"one", "two", "three", "four"}) {
      assertThat(memory.take(sender, A_QUARTER)).isTrue();
    }
    assertThat(memory.take("five", 1)).isFalse();

    memory.giveBack("two", A_QUARTER);

    assertThat(memory.take("five", A_QUARTER)).isTrue();
    assertThat(memory.take("two", 1)).isFalse();
  }

  @Test
  void whatWasGivenBackMayBeTakenAgain() {
    memory.take("one", A_QUARTER);
    memory.giveBack("one", A_QUARTER / 2);

    assertThat(memory.take("one", A_QUARTER / 2)).isTrue();
    assertThat(memory.take("one", 1)).isFalse();
  }
}
