package org.evenlobe.core.trend;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.evenlobe.core.trend.Change.Direction;
import org.junit.jupiter.api.Test;

/** Whether something changed. */
class ChangeTest {

  @Test
  void aClearFallIsLower() {
    Change change = Change.of("Ear scores", List.of(4, 4, 5, 5, 6), List.of(1, 1, 2, 2, 2));

    assertThat(change.direction()).isEqualTo(Direction.LOWER);
    assertThat(change.before()).contains(5.0);
    assertThat(change.after()).contains(2.0);
    assertThat(change.high().orElseThrow()).isNegative();
    assertThat(change.reason().sentence()).contains("5 before, 2 after: lower");
  }

  @Test
  void theOtherWayRoundIsHigherByTheSame() {
    Change down = Change.of("Itch", List.of(3, 3, 3, 2, 3, 3), List.of(0, 0, 1, 0, 0, 0));
    Change up = Change.of("Itch", List.of(0, 0, 1, 0, 0, 0), List.of(3, 3, 3, 2, 3, 3));

    assertThat(down.direction()).isEqualTo(Direction.LOWER);
    assertThat(up.direction()).isEqualTo(Direction.HIGHER);
    assertThat(up.before()).isEqualTo(down.after());
  }

  @Test
  void whatOverlapsIsNoClearChange() {
    assertThat(Change.of("Itch", List.of(0, 1, 2, 3, 0, 1), List.of(0, 1, 2, 2, 0, 1)).direction())
        .isEqualTo(Direction.NO_CLEAR_CHANGE);
    assertThat(Change.of("Itch", List.of(1, 1, 1, 1, 1), List.of(1, 1, 1, 1, 1)).direction())
        .isEqualTo(Direction.NO_CLEAR_CHANGE);
  }

  @Test
  void fourAreTooFewAndNoneHaveNoMedian() {
    Change few = Change.of("Itch", List.of(3, 3, 3, 3), List.of(0, 0, 0, 0, 0));

    assertThat(few.direction()).isEqualTo(Direction.TOO_FEW);
    assertThat(few.before()).contains(3.0);
    assertThat(Change.of("Itch", List.of(), List.of()).before()).isEmpty();
  }

  @Test
  void theSameRecordGivesTheSameAnswer() {
    List<Integer> before = List.of(2, 3, 4, 3, 2, 5, 1);
    List<Integer> after = List.of(2, 1, 2, 3, 0, 2, 1);

    assertThat(Change.of("Itch", before, after)).isEqualTo(Change.of("Itch", before, after));
  }
}
