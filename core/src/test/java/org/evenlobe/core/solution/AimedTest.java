package org.evenlobe.core.solution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.evenlobe.core.solution.Mixes.SHELF;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.evenlobe.core.solution.Aim.Target;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The amounts that meet targets, and what cannot be met. */
class AimedTest {

  private static List<Ingredient> from(String ids) {
    return Stream.of(ids.split(" ", -1)).map(id -> SHELF.find(id).orElseThrow()).toList();
  }

  private static Aimed at(double millilitres, String ids, Target... targets) {
    return Aimed.at(new Aim(millilitres, List.of(targets), from(ids), Map.of()));
  }

  private static double amount(Aimed aimed, String id) {
    return aimed.mix().orElseThrow().parts().stream()
        .filter(part -> part.ingredient().id().equals(id))
        .mapToDouble(Part::amount)
        .sum();
  }

  private static double percent(Aimed aimed, Active active) {
    return MixAnalysis.of(aimed.mix().orElseThrow()).strength(active).percent();
  }

  @Test
  void meetsAllTargetsAtTheVolumeWithTheFewestIngredients() {
    Aimed aimed =
        at(
            120,
            "white-vinegar witch-hazel aloe water boric-acid",
            Target.of(Active.ACETIC_ACID, 2),
            Target.of(Active.BORIC_ACID, 2),
            new Target(Active.ETHANOL, 0, 10));

    assertThat(aimed.isMet()).isTrue();
    assertThat(amount(aimed, "white-vinegar")).isCloseTo(48, within(1e-6));
    assertThat(amount(aimed, "boric-acid")).isCloseTo(2.4, within(1e-6));
    assertThat(aimed.mix().orElseThrow().millilitres()).isCloseTo(120, within(1e-6));
    assertThat(aimed.mix().orElseThrow().parts()).hasSize(3);
  }

  @Test
  void saysWhatCannotBeMetAndGivesTheNearest() {
    Aimed aimed = at(100, "white-vinegar water", Target.of(Active.ACETIC_ACID, 6));

    assertThat(aimed.isMet()).isFalse();
    assertThat(amount(aimed, "white-vinegar")).isCloseTo(100, within(1e-6));
    assertThat(aimed.reasons().get(0).sentence())
        .isEqualTo("6 % acetic acid cannot be met: with these more than 5 % is not to be had.");
  }

  @Test
  void boricAcidCountsAsDissolved() {
    Aimed aimed = at(100, "water boric-acid", Target.of(Active.BORIC_ACID, 8));

    assertThat(aimed.isMet()).isFalse();
    assertThat(percent(aimed, Active.BORIC_ACID)).isCloseTo(4.72, within(0.02));
    assertThat(MixAnalysis.of(aimed.mix().orElseThrow()).boric().isThere()).isFalse();
    assertThat(aimed.reasons().get(0).sentence()).contains("8 % boric acid").contains("dissolved");
  }

  @Test
  void ofTargetsThatCanBeMetSinglyOnlyTheSmallestSetIsNamed() {
    Aimed aimed =
        at(
            100,
            "white-vinegar isopropyl-70 boric-acid water",
            Target.of(Active.BORIC_ACID, 1),
            Target.of(Active.ACETIC_ACID, 4),
            Target.of(Active.ETHANOL, 35));

    assertThat(aimed.unmet())
        .extracting(Target::active)
        .containsExactly(Active.ACETIC_ACID, Active.ETHANOL);
    assertThat(aimed.reasons().get(0).sentence())
        .isEqualTo("Each of these can be met, but not together: acetic acid, alcohol.");
  }

  @Test
  void whatIsLockedStays() {
    Aimed aimed =
        Aimed.at(
            new Aim(
                100,
                List.of(Target.of(Active.ACETIC_ACID, 2)),
                from("white-vinegar cider-vinegar water"),
                Map.of("cider-vinegar", 10.0)));

    assertThat(amount(aimed, "cider-vinegar")).isEqualTo(10);
    assertThat(amount(aimed, "white-vinegar")).isCloseTo(30, within(1e-6));
    assertThat(
            Aimed.at(
                    new Aim(
                        100,
                        List.of(Target.of(Active.ACETIC_ACID, 2)),
                        from("white-vinegar water"),
                        Map.of("white-vinegar", 200.0)))
                .mix())
        .isEmpty();
  }

  static LongStream seeds() {
    return LongStream.rangeClosed(1, 60);
  }

  /** What was mixed can be aimed at again, and is met. */
  @ParameterizedTest
  @MethodSource("seeds")
  void whatAMixHasCanBeMet(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Ingredient> shelf =
        from("water white-vinegar witch-hazel isopropyl-70 peroxide chlorhexidine");
    List<Part> parts = new ArrayList<>();
    for (Ingredient one : shelf) {
      parts.add(new Part(one, 1 + random.nextInt(40)));
    }
    Mix mix = new Mix(parts);
    MixAnalysis is = MixAnalysis.of(mix);
    List<Target> targets =
        Stream.of(Active.ACETIC_ACID, Active.PEROXIDE, Active.CHLORHEXIDINE)
            .map(active -> Target.of(active, is.strength(active).percent()))
            .toList();

    Aimed aimed = Aimed.at(new Aim(mix.millilitres(), targets, shelf, Map.of()));

    assertThat(aimed.isMet()).isTrue();
    for (Target target : targets) {
      assertThat(percent(aimed, target.active())).isCloseTo(target.least(), within(1e-4));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "water, 59,    true,  0.25, CUP",
    "water, 60,    false, 4,    METRIC_TABLESPOON",
    "water, 120,   true,  0.5,  CUP",
    "water, 5,     true,  1,    TEASPOON",
    "water, 6.8,   true,  6.8,  MILLILITRE",
    "water, 0.6,   false, 0.6,  MILLILITRE",
    "boric-acid, 2.237, true, 2.24, GRAM",
  })
  void kitchenMeasuresAreOfferedWithinFivePercentOnly(
      String id, double amount, boolean american, double count, Measure measure) {
    Part wanted = new Part(SHELF.find(id).orElseThrow(), amount);

    Kitchen.Measured measured = Kitchen.of(Mix.of(wanted), american).get(0);

    assertThat(measured.measure()).isEqualTo(measure);
    assertThat(measured.count()).isEqualTo(count);
    assertThat(measured.part().amount()).isCloseTo(amount, within(0.05 * amount + 1e-9));
  }
}
