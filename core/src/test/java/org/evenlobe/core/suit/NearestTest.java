package org.evenlobe.core.suit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.evenlobe.core.solution.Mixes.SHELF;
import static org.evenlobe.core.solution.Mixes.mix;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Mix;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Part;
import org.evenlobe.core.solution.Phase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The nearest recipe that suits an ear. */
class NearestTest {
  private static final Ingredient WATER = SHELF.water();

  private static EarNow ear(Grade redness, Grade sores) {
    return new EarNow(
        Verdict.LEAVE, MayGoIn.IN_EAR, redness, sores, Grade.NONE, false, false, false);
  }

  private static final EarNow QUIET = EarNow.QUIET;

  private static Optional<Nearest> nearest(String line, EarNow ear) {
    return Nearest.of(mix(line), ear, false, WATER);
  }

  private static double amount(Nearest found, String ingredient) {
    return found.mix().parts().stream()
        .filter(part -> part.ingredient().id().equals(ingredient))
        .mapToDouble(Part::amount)
        .sum();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "white-vinegar 120                         | white-vinegar    | 60    | 120",
        "white-vinegar 60, water 60                | white-vinegar    | 60    | 0",
        "white-vinegar 80, water 40                | white-vinegar    | 60    | 40",
        "isopropyl-70 100                          | isopropyl-70     | 35.71 | 128.57",
        "boric-acid 20, water 200                  | boric-acid       | 9.43  | 10.57",
        "boric-acid 6, glycerine 100               | boric-acid       | 5     | 1",
        "chlorhexidine 50, water 50                | chlorhexidine    | 10    | 80",
        "lemon-juice 20, water 80                  | lemon-juice      | 0     | 40",
        "peroxide 50, water 50                     | peroxide         | 0     | 100",
        "olive-oil 40, white-vinegar 60            | olive-oil        | 0     | 100",
        "gentian-violet 5, water 95                | gentian-violet   | 0     | 10",
        "white-vinegar 60, water 60, peroxide 30   | peroxide         | 0     | 60"
      })
  void isTheLeastChangeWithinEveryBound(
      String line, String ingredient, double amount, double changed) {
    Nearest found = nearest(line, QUIET).orElseThrow();

    assertThat(amount(found, ingredient)).isCloseTo(amount, within(0.01));
    assertThat(found.changed()).isCloseTo(changed, within(0.02));
    assertThat(found.mix().millilitres()).isCloseTo(mix(line).millilitres(), within(1e-6));
  }

  @Test
  void thinsAcidForSkinThatIsRed() {
    Nearest found =
        nearest("white-vinegar 60, water 60", ear(Grade.MODERATE, Grade.NONE)).orElseThrow();

    assertThat(amount(found, "white-vinegar")).isCloseTo(24, within(0.01));
    assertThat(found.reasons())
        .extracting(reason -> Wording.METRIC.of(reason.sentence()))
        .containsExactly(
            "Only 24 mL of white vinegar instead of 60 mL.",
            "Now 96 mL of water instead of 60 mL.");
  }

  @Test
  void takesBoricAcidOutOfWhatMeetsSores() {
    Nearest found = nearest("boric-acid 2, water 100", ear(Grade.NONE, Grade.MILD)).orElseThrow();

    assertThat(amount(found, "boric-acid")).isEqualTo(0.499);
  }

  @Test
  void thinsWhatIsTooSourByItsPh() {
    Nearest found = nearest("salicylic-acid 1.5, water 75, isopropyl-91 25", QUIET).orElseThrow();

    assertThat(MixAnalysis.of(found.mix()).ph().orElseThrow()).isBetween(2.3, 2.31);
    assertThat(amount(found, "salicylic-acid")).isBetween(0.2, 1.0);
  }

  @Test
  void keepsWhatItIsMeantForJustAboveItsRow() {
    Nearest found = Nearest.of(mix("white-vinegar 15, water 85"), QUIET, true, WATER).orElseThrow();

    assertThat(MixAnalysis.of(found.mix()).strength(Active.ACETIC_ACID).percent())
        .isCloseTo(1.01, within(0.001));
    assertThat(
            Nearest.of(mix("white-vinegar 60, water 60"), ear(Grade.MILD, Grade.NONE), true, WATER))
        .as("over 1 % for the yeast, and no more than 1 % for the skin")
        .isEmpty();
  }

  @Test
  void isNoneWhereNothingSuits() {
    EarNow held =
        new EarNow(
            Verdict.STOP, MayGoIn.NONE, Grade.NONE, Grade.NONE, Grade.NONE, false, false, false);

    assertThat(nearest("white-vinegar 60, water 60", held)).isEmpty();
  }

  @Test
  void leavesOutTheOneOfAPairThatCostsLess() {
    Nearest found = nearest("chlorhexidine 5, saline 20, water 75", QUIET).orElseThrow();

    assertThat(amount(found, "chlorhexidine")).isZero();
    assertThat(found.changed()).isCloseTo(10, within(1e-6));
    assertThat(found.reasons())
        .extracting(reason -> reason.sentence())
        .contains("Leave out the chlorhexidine 2 %.");
  }

  static LongStream seeds() {
    return LongStream.rangeClosed(1, 300);
  }

  /** The law: what is given passes, and what passes is left as it is. */
  @ParameterizedTest
  @MethodSource("seeds")
  void theNearestThatPassesDoesPass(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Part> parts = new ArrayList<>();
    for (int i = random.nextInt(4); i >= 0; i--) {
      Ingredient one = SHELF.all().get(random.nextInt(SHELF.all().size()));
      parts.add(new Part(one, 0.1 + random.nextDouble() * (one.phase() == Phase.SOLID ? 8 : 80)));
    }
    parts.add(new Part(WATER, 10));
    List<Grade> grades = List.of(Grade.NONE, Grade.NONE, Grade.MILD, Grade.MODERATE);
    EarNow ear = ear(grades.get(random.nextInt(4)), grades.get(random.nextInt(4)));
    Mix mix = new Mix(parts);

    Nearest found = Nearest.of(mix, ear, false, WATER).orElseThrow();

    assertThat(Suitability.of(Offer.mixed(MixAnalysis.of(found.mix()), false), ear).inEar().suits())
        .isEqualTo(Suits.OK);
    assertThat(found.mix().millilitres()).isCloseTo(mix.millilitres(), within(1e-6));
    if (Suitability.of(Offer.mixed(MixAnalysis.of(mix), false), ear).inEar().suits() == Suits.OK) {
      assertThat(found.changed()).isCloseTo(0, within(1e-6));
    }
  }
}
