package org.evenlobe.core.solution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static org.evenlobe.core.solution.Mixes.SHELF;
import static org.evenlobe.core.solution.Mixes.analysed;
import static org.evenlobe.core.solution.Mixes.mix;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.evenlobe.core.measure.Mass;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.rule.Reason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is really in a bottle. */
class MixAnalysisTest {
  @ParameterizedTest
  @CsvSource({
    "5, 2.42",
    "2.5, 2.57",
    "2, 2.62",
    "1, 2.77",
    "10, 2.27",
  })
  void thePhOfVinegarHardlyMovesWithItsStrength(double percent, double ph) {
    Ingredient vinegar =
        SHELF
            .find("white-vinegar")
            .orElseThrow()
            .with(Active.ACETIC_ACID, Strength.percent(percent));

    assertThat(MixAnalysis.of(Mix.of(Part.of(vinegar, new Volume(100)))).ph().orElseThrow())
        .isCloseTo(ph, within(0.005));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "water 100                                   | 7.00",
        "saline 100                                  | 7.00",
        "white-vinegar 50, water 50                  | 2.57",
        "lemon-juice 100                             | 1.87",
        "boric-acid 2, water 100                     | 4.87",
        "tris-edta 100                               | 8.00",
        "tris-edta 99, white-vinegar 1               | 7.68",
        "salicylic-acid 0.1, water 100               | 2.64",
        "salicylic-acid 5, water 100                 | 2.46",
        "witch-hazel 100                             | 7.00",
        "white-vinegar 40, witch-hazel 60, boric-acid 1 | 2.62"
      })
  void isByTheChargesOfWhatIsDissolved(String line, double ph) {
    assertThat(analysed(line).ph().orElseThrow()).isCloseTo(ph, within(0.01));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "glycerine 60, water 40                  | less than half",
        "isopropyl-70 80, water 10               | less than half",
        "olive-oil 50                            | less than half",
        "boric-acid 1, water 90, glycerine 10    | beside glycerine",
        "boric-acid 1, water 90, propylene-glycol 10 | beside glycerine"
      })
  void hasNoPhWhereTheFormulaDoesNotHold(String line, String why) {
    MixAnalysis analysis = analysed(line);

    assertThat(analysis.ph()).isEmpty();
    assertThat(analysis.reasons())
        .extracting(Reason::sentence)
        .anyMatch(said -> said.contains(why));
  }

  /** The second way: bisection on [H⁺] itself, each species by the law of mass action. */
  private static double byMassAction(Mix mix, double millilitres, double boric, double salicylic) {
    double low = 1e-14;
    double high = 1;
    for (int i = 0; i < 300; i++) {
      double middle = Math.sqrt(low * high);
      if (surplus(mix, millilitres, boric, salicylic, middle) > 0) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return -Math.log10(low);
  }

  private static double surplus(Mix mix, double mL, double boric, double salicylic, double h) {
    double acetic = mix.of(Active.ACETIC_ACID) / 60.052 / mL * 1000;
    double citric = mix.of(Active.CITRIC_ACID) / 192.12 / mL * 1000;
    double edta = mix.of(Active.EDTA) / 372.24 / mL * 1000;
    double tris = mix.of(Active.TRIS) / 121.14 / mL * 1000;
    double chloride = mix.of(Active.CHLORIDE) / 35.45 / mL * 1000;
    double k1 = 1e-2;
    double k2 = k1 * Math.pow(10, -2.67);
    double k3 = k2 * Math.pow(10, -6.16);
    double k4 = k3 * Math.pow(10, -10.26);
    double c1 = Math.pow(10, -3.13);
    double c2 = c1 * Math.pow(10, -4.76);
    double c3 = c2 * Math.pow(10, -6.40);
    double ofEdta =
        (k1 * h * h * h + 2 * k2 * h * h + 3 * k3 * h + 4 * k4)
            / (h * h * h * h + k1 * h * h * h + k2 * h * h + k3 * h + k4);
    double ofCitric = (c1 * h * h + 2 * c2 * h + 3 * c3) / (h * h * h + c1 * h * h + c2 * h + c3);
    return h
        + tris * h / (h + Math.pow(10, -8.07))
        + 2 * edta
        - 1e-14 / h
        - chloride
        - acetic * mono(h, 4.756)
        - boric / 61.83 / mL * 1000 * mono(h, 9.24)
        - salicylic / 138.12 / mL * 1000 * mono(h, 2.97)
        - citric * ofCitric
        - edta * ofEdta;
  }

  private static double mono(double h, double pKa) {
    return Math.pow(10, -pKa) / (h + Math.pow(10, -pKa));
  }

  static LongStream seeds() {
    return LongStream.rangeClosed(1, 300);
  }

  /** A mix of a few things from the shelf. */
  private static Mix drawn(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Ingredient> shelf = SHELF.all();
    List<Part> parts = new ArrayList<>();
    parts.add(new Part(SHELF.find("water").orElseThrow(), 1 + random.nextInt(100)));
    for (int i = 1 + random.nextInt(4); i > 0; i--) {
      Ingredient one = shelf.get(random.nextInt(shelf.size()));
      parts.add(new Part(one, random.nextDouble() * (one.phase() == Phase.SOLID ? 8 : 60)));
    }
    return new Mix(parts);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void thePhAgreesWithASecondWay(long seed) {
    MixAnalysis analysis = MixAnalysis.of(drawn(seed));
    double layer = analysis.millilitres() - analysis.oil();

    analysis
        .ph()
        .ifPresent(
            ph ->
                assertThat(ph)
                    .isCloseTo(
                        byMassAction(
                            analysis.mix(),
                            layer,
                            analysis.boric().dissolved(),
                            analysis.salicylic().dissolved()),
                        within(1e-5)));
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void scalingChangesNoStrengthAndNoPh(long seed) {
    MixAnalysis one = MixAnalysis.of(drawn(seed));
    MixAnalysis twice = MixAnalysis.of(drawn(seed).times(2.5));

    assertThat(twice.strengths().keySet()).isEqualTo(one.strengths().keySet());
    one.strengths()
        .forEach(
            (active, strength) ->
                assertThat(twice.strength(active).percent())
                    .isCloseTo(strength.percent(), within(1e-9)));
    assertThat(twice.ph().isPresent()).isEqualTo(one.ph().isPresent());
    one.ph().ifPresent(ph -> assertThat(twice.ph().orElseThrow()).isCloseTo(ph, within(1e-5)));
    assertThat(twice.clashes()).isEqualTo(one.clashes());
    assertThat(twice.keepsDays()).isEqualTo(one.keepsDays());
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void waterNeverRaisesAStrength(long seed) {
    Mix mix = drawn(seed);
    List<Part> more = new ArrayList<>(mix.parts());
    more.add(new Part(SHELF.find("water").orElseThrow(), 50));
    MixAnalysis before = MixAnalysis.of(mix);
    MixAnalysis after = MixAnalysis.of(new Mix(more));

    after
        .strengths()
        .forEach(
            (active, strength) ->
                assertThat(strength.percent())
                    .isLessThanOrEqualTo(before.strength(active).percent() + 1e-9));
    assertThat(after.alcohol().percent()).isLessThanOrEqualTo(before.alcohol().percent() + 1e-9);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void theOrderOfPouringDoesNotMatter(long seed) {
    Mix mix = drawn(seed);
    List<Part> shuffled = new ArrayList<>(mix.parts());
    Collections.shuffle(shuffled, new Random(seed));
    MixAnalysis one = MixAnalysis.of(mix);
    MixAnalysis other = MixAnalysis.of(new Mix(shuffled));

    assertThat(other.clashes()).isEqualTo(one.clashes());
    assertThat(other.millilitres()).isCloseTo(one.millilitres(), within(1e-9));
    assertThat(other.boric().grit()).isCloseTo(one.boric().grit(), within(1e-9));
    one.ph().ifPresent(ph -> assertThat(other.ph().orElseThrow()).isCloseTo(ph, within(1e-5)));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "white-vinegar 60, water 60                | ACETIC_ACID | 2.5",
        "white-vinegar 40, water 60                | ACETIC_ACID | 2",
        "white-vinegar 60, olive-oil 60            | ACETIC_ACID | 5",
        "witch-hazel 50, water 50                  | ETHANOL     | 7",
        "isopropyl-70 25, water 75                 | ISOPROPYL   | 17.5",
        "peroxide 50, water 50                     | PEROXIDE    | 1.5",
        "chlorhexidine 10, water 90                | CHLORHEXIDINE | 0.2",
        "povidone-iodine 10, water 90              | IODINE      | 1",
        "boric-acid 2, water 100                   | BORIC_ACID  | 2",
        "glycerine 25, water 75                    | GLYCERINE   | 25",
        "gentian-violet 5, witch-hazel 95          | DYE         | 0.05",
        "saline 50, water 50                       | SALT        | 0.45"
      })
  void tellsHowStrongEachActiveIs(String line, Active active, double percent) {
    assertThat(analysed(line).strength(active).percent()).isCloseTo(percent, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "boric-acid 20, water 200                 | 9.44  | 10.56 | 3.84 | 3.43",
        "boric-acid 8, water 200                  | 9.44  | 0     | 0    | 1.99",
        "boric-acid 6, water 200                  | 9.44  | 0     | 0    | 0",
        "boric-acid 10, glycerine 100             | 25    | 0     | 0    | 0",
        "boric-acid 10, propylene-glycol 50, water 50 | 4.72 | 5.28 | 1.92 | 1.715",
        "boric-acid 3, olive-oil 100              | 0     | 3     | 3    | 0"
      })
  void tellsWhatOfBoricAcidStaysAsGrit(
      String line, double most, double grit, double warm, double dropsOut) {
    Grit boric = analysed(line).boric();

    assertThat(boric.mostGrams()).isCloseTo(most, within(0.01));
    assertThat(boric.grit()).isCloseTo(grit, within(0.01));
    assertThat(boric.gritWarm()).isCloseTo(warm, within(0.01));
    // at 5 °C 3.005 g dissolve in 100 mL of water, halfway between 0 and 10 °C
    assertThat(boric.dropsOut()).isCloseTo(dropsOut, within(0.01));
  }

  @Test
  void dissolvesMoreBoricAcidBesideGlycerine() {
    // half of each: the geometric mean of 4.72 and 25
    assertThat(analysed("boric-acid 1, water 50, glycerine 50").boric().mostGrams())
        .isCloseTo(Math.sqrt(4.72 * 25), within(0.01));
    assertThat(analysed("boric-acid 1, water 30, isopropyl-70 70").boric().mostGrams())
        .isCloseTo(Math.exp(0.51 * Math.log(4.72) + 0.49 * Math.log(5.6)), within(0.01));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "salicylic-acid 1, water 100                      | 0.8",
        "salicylic-acid 0.1, water 100                    | 0",
        "salicylic-acid 1, water 75, isopropyl-91 25      | 0",
        "salicylic-acid 1, water 90, isopropyl-70 10      | 0.8",
        "salicylic-acid 1, water 70, propylene-glycol 30  | 0"
      })
  void tellsWhatOfSalicylicAcidStaysAsGrit(String line, double grit) {
    assertThat(analysed(line).salicylic().grit()).isCloseTo(grit, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "white-vinegar 50, peroxide 50      | ACID_AND_PEROXIDE",
        "lemon-juice 5, peroxide 50         | ACID_AND_PEROXIDE",
        "peroxide 50, povidone-iodine 5     | PEROXIDE_AND_IODINE",
        "tris-edta 95, white-vinegar 5      | ACID_AND_BUFFER",
        "chlorhexidine 5, soap 5            | CHLORHEXIDINE_AND_SOAP",
        "chlorhexidine 10, saline 90        | CHLORHEXIDINE_AND_SALT",
        "bleach 1, water 99                 | BLEACH",
        "boric-acid 1, peroxide 50          | ",
        "chlorhexidine 5, tris-edta 95      | ",
        "boric-acid 0.01, tris-edta 100     | ",
        "tris-edta 99, white-vinegar 1      | ",
        "white-vinegar 50, witch-hazel 50   | "
      })
  void namesWhatDoesNotGoTogether(String line, Clash clash) {
    assertThat(analysed(line).clashes()).isEqualTo(Optional.ofNullable(clash).stream().toList());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "water 100                            | 7",
        "saline 100                           | 7",
        "white-vinegar 40, water 60           | 30",
        "white-vinegar 39, water 61           | 7",
        "isopropyl-70 20, water 50            | 30",
        "isopropyl-70 20, water 51            | 7",
        "boric-acid 2, water 100              | 30",
        "boric-acid 1.9, water 100            | 7",
        "olive-oil 50, vitamin-e-oil 5        | 30",
        "olive-oil 50, water 50               | 7",
        "olive-oil 50, white-vinegar 50       | 30",
        "boric-acid 5, glycerine 95           | 30",
        "peroxide 50, water 50                | 0",
        "peroxide 5, isopropyl-91 95          | 0"
      })
  void tellsHowLongItKeeps(String line, int days) {
    assertThat(analysed(line).keepsDays()).isEqualTo(days);
  }

  @Test
  void tellsLayersAndWhatIsTheirs() {
    MixAnalysis layered = analysed("coconut-oil 30, white-vinegar 60");

    assertThat(layered.hasLayers()).isTrue();
    assertThat(layered.oil()).isEqualTo(30);
    assertThat(layered.millilitres()).isEqualTo(90);
    assertThat(layered.reasons()).extracting(Reason::sentence).anyMatch(s -> s.contains("part"));
    assertThat(analysed("olive-oil 30").hasLayers()).isFalse();
  }

  @Test
  void saysThatStrongBoricAcidIsSourerThanItsFormula() {
    assertThat(analysed("boric-acid 2, water 100").reasons().get(0).sentence())
        .contains("up to 1 lower");
    assertThat(analysed("boric-acid 0.5, water 100").reasons().get(0).sentence())
        .doesNotContain("lower");
  }

  @Test
  void refusesWhatIsNoMix() {
    Ingredient water = SHELF.find("water").orElseThrow();
    Ingredient boric = SHELF.find("boric-acid").orElseThrow();

    assertThatIllegalArgumentException().isThrownBy(() -> MixAnalysis.of(mix("water 0")));
    assertThatIllegalArgumentException().isThrownBy(() -> new Part(water, -1));
    assertThatIllegalArgumentException().isThrownBy(() -> Part.of(boric, new Volume(1)));
    assertThatIllegalArgumentException().isThrownBy(() -> Part.of(water, Mass.grams(1)));
    assertThatIllegalArgumentException().isThrownBy(() -> Strength.percent(140));
  }

  @Test
  void everyIngredientOfTheShelfHasACautionOrAReasonWhyNot() {
    assertThat(SHELF.all()).hasSizeGreaterThan(24);
    assertThat(SHELF.all()).allMatch(one -> one.caution().isPresent() || one.whyNot().isPresent());
  }
}
