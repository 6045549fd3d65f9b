package org.evenlobe.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.measure.Quantities.celsius;
import static org.evenlobe.core.measure.Quantities.day;
import static org.evenlobe.core.measure.Quantities.tenths;
import static org.evenlobe.core.measure.Quantities.volume;
import static org.evenlobe.core.measure.Quantities.weight;
import static org.evenlobe.core.measure.Quantities.weights;

import java.time.LocalDate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sentences as households of other units read them. */
class WordingTest {
  private static final Wording OUNCES = Wording.CUSTOMARY;
  private static final Wording SPOONS =
      new Wording(VolumeUnit.SPOONS, WeightUnit.KG, DayOrder.DAY_FIRST);

  static Stream<Arguments> inOunces() {
    return Stream.of(
        Arguments.of(
            "Cleaner: " + volume(8.4) + " a round.", "Cleaner: about 1¾ tsp (8.4 mL) a round."),
        Arguments.of(
            "At " + weight(new Weight(25)) + " it stands on the floor.",
            "At 55.1 lb (25 kg) it stands on the floor."),
        Arguments.of("Warm as a bath, " + celsius(38) + ".", "Warm as a bath, 100 °F (38 °C)."),
        Arguments.of(tenths(new Volume(8.6)) + " stay in.", "About 1¾ tsp (8.6 mL) stay in."),
        Arguments.of(
            "A dog of " + weight(new Weight(26.2)) + ": about " + volume(8.4) + ".",
            "A dog of 57.8 lb (26.2 kg): about 1¾ tsp (8.4 mL)."),
        Arguments.of(
            "From about " + weights(5, 55) + ".", "From about 11 to 121.3 lb (5 to 55 kg)."),
        Arguments.of("A bottle of " + volume(250) + ".", "A bottle of 8.5 fl oz (250 mL)."),
        Arguments.of("A drop is " + volume(0.05) + ".", "A drop is 0.05 mL."));
  }

  @ParameterizedTest
  @MethodSource("inOunces")
  void areInTheirUnitsTheMetricOnesBehind(String marked, String read) {
    assertThat(OUNCES.of(marked)).isEqualTo(read);
  }

  @Test
  void areMetricWhereTheHouseholdIs() {
    String said =
        "It holds "
            + tenths(new Volume(6.7))
            + " at "
            + weight(new Weight(28))
            + ", "
            + celsius(25);

    assertThat(Wording.METRIC.of(said)).isEqualTo("It holds 6.7 mL at 28 kg, 25 °C");
    assertThat(SPOONS.of(said)).isEqualTo("It holds about 1¼ tsp (6.7 mL) at 28 kg, 25 °C");
  }

  @Test
  void ofOneInAnotherAreReadAsWhereTheyWereSaid() {
    String inner = "%s of it".formatted(volume(5));

    assertThat(OUNCES.of("First: %s. Then on %s.".formatted(inner, day(LocalDate.of(2026, 6, 3)))))
        .isEqualTo("First: about 1 tsp (5 mL) of it. Then on Jun 3, 2026.");
    assertThat(SPOONS.of(day(LocalDate.of(2026, 6, 3)))).isEqualTo("3 Jun 2026");
  }

  @Test
  void areReadAsWherePeopleLive() {
    assertThat(Wording.in("US")).isEqualTo(Wording.CUSTOMARY);
    assertThat(Wording.in("NZ")).isEqualTo(Wording.METRIC);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "20 drops are 1 mL/h, 5 mL.",
        "",
        "\uE000",
        "\uE000\uE001",
        "\uE000Vx\uE001 and \uE000D2026-02-30\uE001",
        "\uE001 \uE000V5"
      })
  void whatNobodyMarkedIsLeftAsItIs(String text) {
    assertThat(OUNCES.of(text)).isEqualTo(text);
  }

  @Test
  void whatIsLongerThanAnyMarkIsNone() {
    String typed = "\uE000V5" + "0".repeat(100) + "\uE001, " + "\uE000".repeat(1000);

    assertThat(OUNCES.of(typed + volume(5))).isEqualTo(typed + "about 1 tsp (5 mL)");
  }

  @Test
  void whatBeginsAndIsNoneHidesNoneAfterIt() {
    assertThat(OUNCES.of("\uE000? " + volume(5))).isEqualTo("\uE000? about 1 tsp (5 mL)");
  }
}
