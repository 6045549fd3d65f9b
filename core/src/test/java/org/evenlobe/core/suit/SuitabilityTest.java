package org.evenlobe.core.suit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;
import static org.evenlobe.core.solution.Mixes.SHELF;
import static org.evenlobe.core.solution.Mixes.analysed;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Mix;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Part;
import org.evenlobe.core.solution.Phase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Whether a mix suits an ear. */
class SuitabilityTest {
  private static final EarNow QUIET = EarNow.QUIET;

  private static EarNow with(Grade redness, Grade sores, Grade discharge) {
    return new EarNow(
        Verdict.LEAVE, MayGoIn.IN_EAR, redness, sores, discharge, false, false, false);
  }

  private static EarNow may(MayGoIn mayGoIn, Verdict verdict) {
    return new EarNow(verdict, mayGoIn, Grade.NONE, Grade.NONE, Grade.NONE, false, false, false);
  }

  private static Suitability of(String mix, EarNow ear) {
    return Suitability.of(Offer.mixed(analysed(mix), false), ear);
  }

  private static List<Rule> rules(Suitability.SuitsAnswer answer) {
    return answer.reasons().stream().map(because -> because.reason().rule()).toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "white-vinegar 50, water 50                     | OK   | ",
        "water 100                                      | OK   | ",
        "saline 100                                     | OK   | ",
        "white-vinegar 40, water 60, boric-acid 2       | OK   | ",
        "witch-hazel 60, water 40                       | OK   | ",
        "white-vinegar 51, water 49                     | CARE | SUITS_ACETIC",
        "white-vinegar 80, water 20                     | CARE | SUITS_ACETIC",
        "white-vinegar 81, water 19                     | NO   | SUITS_ACETIC",
        "isopropyl-70 36, water 64                      | CARE | SUITS_ALCOHOL",
        "isopropyl-70 35, water 65                      | OK   | ",
        "isopropyl-91 66, water 34                      | NO   | SUITS_ALCOHOL",
        "boric-acid 3, ethanol-96 70, water 30          | NO   | SUITS_ALCOHOL",
        "boric-acid 20, water 200                       | NO   | SUITS_BORIC",
        "boric-acid 6, glycerine 100                    | NO   | SUITS_BORIC",
        "boric-acid 5, glycerine 100                    | OK   | ",
        "salicylic-acid 1, water 100                    | NO   | SUITS_BORIC",
        "peroxide 50, water 50                          | CARE | SUITS_PEROXIDE",
        "peroxide 51, water 49                          | NO   | SUITS_PEROXIDE",
        "peroxide 50, white-vinegar 50                  | NO   | SUITS_PAIR",
        "chlorhexidine 10, water 90                     | OK   | ",
        "chlorhexidine 11, water 89                     | NO   | SUITS_STRONG",
        "povidone-iodine 10, water 90                   | OK   | ",
        "povidone-iodine 11, water 89                   | NO   | SUITS_STRONG",
        "propylene-glycol 50, water 50                  | OK   | ",
        "propylene-glycol 51, water 49                  | NO   | SUITS_STRONG",
        "lemon-juice 1, water 99                        | NO   | SUITS_NEVER",
        "soap 5, water 95                               | NO   | SUITS_NEVER",
        "salicylic-acid 1.5, water 75, isopropyl-91 25  | NO   | SUITS_PH",
        "tris-edta 100                                  | OK   | ",
        "gentian-violet 5, water 95                     | CARE | SUITS_DYE",
        "tea-tree-oil 1, olive-oil 99                   | NO   | SUITS_NEVER",
        "bleach 1                                       | NO   | SUITS_NEVER",
        "olive-oil 50, vitamin-e-oil 5                  | OK   | ",
        "olive-oil 50, white-vinegar 25, water 25       | CARE | SUITS_LAYERS",
        "white-vinegar 20, boric-acid 1, water 20, glycerine 60 | CARE | SUITS_PH_UNKNOWN",
        "white-vinegar 20, water 20, glycerine 60       | OK   | ",
        "boric-acid 2, glycerine 60, water 40           | OK   | "
      })
  void ofAQuietEar(String mix, Suits suits, Rule worst) {
    Suitability said = of(mix, QUIET);

    assertThat(said.inEar().suits()).isEqualTo(suits);
    assertThat(said.onPad()).isEqualTo(said.inEar());
    if (worst == null) {
      assertThat(said.inEar().reasons()).isEmpty();
    } else {
      assertThat(rules(said.inEar()).get(0)).isEqualTo(worst);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "MODERATE | NONE | white-vinegar 50, water 50                | NO   | SUITS_BURNS",
        "NONE     | MILD | white-vinegar 50, water 50                | NO   | SUITS_BURNS",
        "NONE     | MILD | witch-hazel 100                           | NO   | SUITS_BURNS",
        "NONE     | MILD | witch-hazel 70, water 30                  | OK   | ",
        "NONE     | MILD | peroxide 10, water 90                     | NO   | SUITS_BURNS",
        "NONE     | MILD | white-vinegar 20, water 80                | OK   | ",
        "NONE     | MILD | salicylic-acid 0.01, water 100            | OK   | ",
        "NONE     | MILD | salicylic-acid 0.1, water 100             | NO   | SUITS_BURNS",
        "NONE     | MILD | white-vinegar 10, water 30, glycerine 60  | OK   | ",
        "NONE     | MILD | salicylic-acid 0.1, water 30, glycerine 70 | NO  | SUITS_BURNS",
        "NONE     | MILD | boric-acid 0.5, water 100                 | NO   | SUITS_BROKEN_SKIN",
        "NONE     | MILD | boric-acid 0.4, water 100                 | OK   | ",
        "NONE     | NONE | boric-acid 2, water 100                   | OK   | ",
        "MILD     | NONE | white-vinegar 50, water 50                | CARE | SUITS_RED",
        "MILD     | NONE | witch-hazel 100                           | CARE | SUITS_RED",
        "MILD     | NONE | white-vinegar 20, water 80                | OK   | ",
        "MODERATE | NONE | saline 100                                | OK   | "
      })
  void ofRedAndSoreSkin(Grade redness, Grade sores, String mix, Suits suits, Rule worst) {
    Suitability.SuitsAnswer answer = of(mix, with(redness, sores, Grade.NONE)).inEar();

    assertThat(answer.suits()).isEqualTo(suits);
    if (worst != null) {
      assertThat(rules(answer).get(0)).isEqualTo(worst);
    }
  }

  @Test
  void wherePouringIsForbiddenThePadMayStillDo() {
    Suitability said = of("white-vinegar 50, water 50", may(MayGoIn.WIPE, Verdict.LEAVE));

    assertThat(said.onPad().suits()).isEqualTo(Suits.OK);
    assertThat(said.inEar().suits()).isEqualTo(Suits.NO);
    assertThat(said.inEar().reasons().get(0).reason().sentence())
        .contains("torn eardrum", "acetic acid");
    assertThat(
            of("saline 100", may(MayGoIn.WIPE, Verdict.LEAVE))
                .inEar()
                .reasons()
                .get(0)
                .reason()
                .sentence())
        .isEqualTo("Only wipe this ear.");
  }

  @Test
  void whereNothingMayGoInNothingSuits() {
    Suitability said = of("saline 100", may(MayGoIn.NONE, Verdict.STOP));

    assertThat(said.onPad().suits()).isEqualTo(Suits.NO);
    assertThat(rules(said.onPad())).contains(Rule.SUITS_MAY_GO_IN);
  }

  @Test
  void aHomeMixIsForAQuietEar() {
    Suitability said = of("white-vinegar 50, water 50", may(MayGoIn.WIPE, Verdict.CAUTION));

    assertThat(said.onPad().suits()).isEqualTo(Suits.NO);
    assertThat(said.inEar().suits()).isEqualTo(Suits.NO);
    assertThat(rules(said.onPad())).containsExactly(Rule.SUITS_HOME_MIXED);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "white-vinegar 20, water 80 | true  | CARE",
        "white-vinegar 20, water 80 | false | OK",
        "white-vinegar 21, water 79 | true  | OK",
        "white-vinegar 1, water 99  | true  | OK",
        "white-vinegar 2, water 98  | true  | CARE"
      })
  void tooWeakAgainstYeastIsSaid(String mix, boolean againstYeast, Suits suits) {
    assertThat(Suitability.of(Offer.mixed(analysed(mix), againstYeast), QUIET).inEar().suits())
        .isEqualTo(suits);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "saline 100                 | false | OK",
        "saline 50, water 50        | false | NO",
        "white-vinegar 50, water 50 | false | NO",
        "white-vinegar 50, water 50 | true  | NO",
        "olive-oil 10               | false | NO"
      })
  void aPuppyTakesSalineOnly(String mix, boolean vetsWord, Suits suits) {
    EarNow puppy =
        new EarNow(
            Verdict.LEAVE,
            MayGoIn.IN_EAR,
            Grade.NONE,
            Grade.NONE,
            Grade.NONE,
            false,
            true,
            vetsWord);

    assertThat(of(mix, puppy).inEar().suits()).isEqualTo(suits);
  }

  @Test
  void oilSealsDirtIn() {
    assertThat(of("olive-oil 10", with(Grade.NONE, Grade.NONE, Grade.MODERATE)).inEar().suits())
        .isEqualTo(Suits.CARE);
    assertThat(of("olive-oil 10", with(Grade.NONE, Grade.NONE, Grade.MILD)).inEar().suits())
        .isEqualTo(Suits.OK);
  }

  @Test
  void dyeStainsALightCoat() {
    EarNow light =
        new EarNow(
            Verdict.LEAVE, MayGoIn.IN_EAR, Grade.NONE, Grade.NONE, Grade.NONE, true, false, false);

    assertThat(of("gentian-violet 1, water 99", light).inEar().reasons().get(0).reason().sentence())
        .contains("light coat");
  }

  @Test
  void anEarIsTakenAsItStands() {
    TestDog dog =
        new TestDog()
            .haired(CanalHair.DENSE)
            .bornOn(day(-70))
            .check(0, "redness=1 discharge=2:BROWN", "redness=2")
            .hairDone(0, HairWork.PLUCKED, Side.RIGHT);
    DogHistory history = DogHistory.of(dog.record(), day(0));
    EarNow right = EarNow.of(history, Side.RIGHT, Reacted.NOTHING);
    EarNow left = EarNow.of(history, Side.LEFT, Reacted.NOTHING);

    assertThat(right.sores()).isEqualTo(Grade.MILD);
    assertThat(right.discharge()).isEqualTo(Grade.MODERATE);
    assertThat(right.puppy()).isTrue();
    assertThat(left.sores()).isEqualTo(Grade.NONE);
    assertThat(left.sign()).isEqualTo(Verdict.CAUTION);
    assertThat(left.mayGoIn()).isEqualTo(MayGoIn.WIPE);
    assertThat(EarNow.of(DogHistory.of(dog.record(), day(1)), Side.RIGHT, Reacted.NOTHING).sores())
        .as("the day after the plucking")
        .isEqualTo(Grade.NONE);
  }

  static LongStream seeds() {
    return LongStream.rangeClosed(1, 500);
  }

  private static Grade milder(Grade grade) {
    return switch (grade) {
      case NONE, MILD -> Grade.NONE;
      case MODERATE -> Grade.MILD;
      case SEVERE -> Grade.MODERATE;
    };
  }

  /** The law: a mix that suits an ear suits the same ear with fewer signs. */
  @ParameterizedTest
  @MethodSource("seeds")
  void fewerSignsNeverGiveAWorseAnswer(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Part> parts = new ArrayList<>();
    parts.add(new Part(SHELF.find("water").orElseThrow(), 20));
    for (int i = random.nextInt(3); i >= 0; i--) {
      Ingredient one = SHELF.all().get(random.nextInt(SHELF.all().size()));
      parts.add(new Part(one, random.nextDouble() * (one.phase() == Phase.SOLID ? 3 : 40)));
    }
    MixAnalysis mix = MixAnalysis.of(new Mix(parts));
    List<Grade> grades = List.of(Grade.values());
    Grade redness = grades.get(random.nextInt(4));
    Grade sores = grades.get(random.nextInt(4));
    Grade discharge = grades.get(random.nextInt(4));
    Verdict verdict = List.of(Verdict.values()).get(random.nextInt(5));
    MayGoIn may = List.of(MayGoIn.values()).get(random.nextInt(3));
    EarNow ear = new EarNow(verdict, may, redness, sores, discharge, true, false, false);
    EarNow better =
        new EarNow(
            Verdict.LEAVE,
            MayGoIn.IN_EAR,
            milder(redness),
            milder(sores),
            milder(discharge),
            true,
            false,
            false);

    Suitability before = Suitability.of(Offer.mixed(mix, true), ear);
    Suitability after = Suitability.of(Offer.mixed(mix, true), better);
    assertThat(after.onPad().suits()).isLessThanOrEqualTo(before.onPad().suits());
    assertThat(after.inEar().suits()).isLessThanOrEqualTo(before.inEar().suits());
    assertThat(before.onPad().suits()).isLessThanOrEqualTo(before.inEar().suits());
  }
}
