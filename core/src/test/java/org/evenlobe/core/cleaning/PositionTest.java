package org.evenlobe.core.cleaning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.record.HoldWay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How a dog is held while its ears are cleaned. */
class PositionTest {
  @ParameterizedTest
  @CsvSource({
    "8, true, RAISED, HELPER, raised surface, one hand under the muzzle",
    "8, false, RAISED, ALONE, raised surface, against your side",
    "32, true, FLOOR, HELPER, rear in a corner, one hand under the muzzle",
    "32, false, FLOOR, ALONE, rear in a corner, between your knees"
  })
  void goesBySizeAndHelp(
      double weight,
      boolean helper,
      Position.Place place,
      Position.Hold hold,
      String where,
      String how) {
    Position position =
        Position.of(Optional.of(new Weight(weight)), helper, false, Optional.empty());

    assertThat(position.place()).isEqualTo(place);
    assertThat(position.hold()).isEqualTo(hold);
    assertThat(position.where()).contains(where);
    assertThat(position.how()).contains(how);
    assertThat(position.caution()).contains("Never force");
  }

  @ParameterizedTest
  @EnumSource(HoldWay.class)
  void isAsWasChosenForTheDog(HoldWay way) {
    Position position = Position.of(Optional.of(new Weight(32)), false, false, Optional.of(way));

    assertThat(position.place() == Position.Place.RAISED).isEqualTo(way == HoldWay.TABLE);
    assertThat(position.where()).isNotBlank();
    assertThat(position.how()).isNotBlank();
  }

  @Test
  void ofADogOfUnknownWeightIsTheFloor() {
    assertThat(Position.of(Optional.empty(), true, false, Optional.empty()).place())
        .isEqualTo(Position.Place.FLOOR);
  }

  @Test
  void ofABiterIsNeverAlone() {
    assertThat(Position.of(Optional.empty(), false, true, Optional.empty()).caution())
        .contains("muzzle")
        .contains("not alone");
  }
}
