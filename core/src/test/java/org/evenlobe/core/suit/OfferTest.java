package org.evenlobe.core.suit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;
import static org.evenlobe.core.solution.Mixes.SHELF;
import static org.evenlobe.core.solution.Mixes.analysed;
import static org.evenlobe.core.solution.Mixes.mix;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Batch;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.Label;
import org.evenlobe.core.record.MadeFor;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Strength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whether a bottle of the household suits an ear: ready ones, batches, what a vet named. */
class OfferTest {
  private static final Instant COUNTED = Instant.from(day(0).atStartOfDay(ZoneOffset.UTC));

  private static Supply bottle(String name, CleanerKind kind, Label label, LocalDate opened) {
    return new Supply(
        UUID.nameUUIDFromBytes((name + opened).getBytes(StandardCharsets.UTF_8)),
        Supply.Kind.CLEANER,
        name,
        Optional.of(kind),
        250,
        250,
        COUNTED,
        Optional.of(opened),
        label,
        Optional.empty(),
        Optional.of(12.5),
        List.of());
  }

  private static Supply ready(CleanerKind kind, Map<Active, Double> actives, Double ph) {
    return bottle("Clear Tide", kind, label(actives, Optional.ofNullable(ph), 90, true), day(0));
  }

  private static Label label(
      Map<Active, Double> actives, Optional<Double> ph, int keeps, boolean forDogs) {
    return new Label(
        actives.entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, one -> new Strength(one.getValue()))),
        ph,
        Optional.of(keeps),
        Optional.of(forDogs ? MadeFor.DOGS_EARS : MadeFor.PEOPLE));
  }

  private static Supply batch(String line, int madeOn) {
    return new Supply(
        new UUID(7, madeOn),
        Supply.Kind.CLEANER,
        "Our own " + madeOn,
        Optional.empty(),
        120,
        120,
        COUNTED,
        Optional.of(day(madeOn)),
        Label.BLANK,
        Optional.of(new Batch(mix(line), day(madeOn), Optional.empty())),
        Optional.empty(),
        List.of());
  }

  private static EarNow ear(TestDog dog, int today, Supply... supplies) {
    DogRecord record = dog.record();
    Map<UUID, Supply> byId = Stream.of(supplies).collect(Collectors.toMap(Supply::id, one -> one));
    return EarNow.of(
        DogHistory.of(record, day(today)), Side.RIGHT, Reacted.of(record, byId, SHELF));
  }

  private static Suits suits(Supply supply, EarNow ear, int today) {
    return Suitability.of(Offer.of(supply, day(today)), ear).inEar().suits();
  }

  private static List<Rule> rules(Supply supply, EarNow ear, int today) {
    return Suitability.of(Offer.of(supply, day(today)), ear).inEar().reasons().stream()
        .map(because -> because.reason().rule())
        .toList();
  }

  private static final Supply WASH =
      ready(CleanerKind.ANTISEPTIC, Map.of(Active.CHLORHEXIDINE, 0.15), 6.0);

  private static TestDog named(String product) {
    return new TestDog()
        .check(0, "redness=2", "")
        .visit(
            1,
            TestDog.order(
                new CleaningInstruction(
                    Optional.of(HowOften.everyDays(2)),
                    Optional.empty(),
                    Optional.of(product),
                    Optional.empty(),
                    false,
                    false)),
            EarVisit.NOTHING);
  }

  @Test
  void whatTheVetNamedIsAskedAboutAndNeverRefused() {
    EarNow red = ear(named(" clear  TIDE"), 1);

    Suitability said = Suitability.of(Offer.of(WASH, day(1)), red);

    assertThat(said.inEar().suits()).isNotEqualTo(Suits.NO);
    Supply strong = ready(CleanerKind.ANTISEPTIC, Map.of(Active.CHLORHEXIDINE, 0.5), 6.0);
    Suitability asked = Suitability.of(Offer.of(strong, day(1)), red);
    assertThat(asked.inEar().suits()).isEqualTo(Suits.CARE);
    assertThat(asked.inEar().reasons())
        .allSatisfy(
            because -> assertThat(because.reason().sentence()).contains("ask whether they know"));
  }

  @Test
  void whatTheVetNamedIsRefusedForAPairAndPastItsDate() {
    EarNow red = ear(named("Clear Tide"), 1);
    Supply pair =
        ready(CleanerKind.ANTISEPTIC, Map.of(Active.CHLORHEXIDINE, 0.1, Active.SALT, 0.9), 6.0);

    assertThat(suits(pair, red, 1)).isEqualTo(Suits.NO);
    assertThat(suits(WASH, red, 90)).isNotEqualTo(Suits.NO);
    assertThat(suits(WASH, red, 91)).isEqualTo(Suits.NO);
  }

  @Test
  void anotherBottleThanTheNamedOneIsJudgedAsAnyIs() {
    EarNow red = ear(named("Something else"), 1);
    Supply strong = ready(CleanerKind.DRYING, Map.of(Active.ACETIC_ACID, 2.0), 2.6);

    assertThat(suits(strong, red, 1)).isEqualTo(Suits.NO);
  }

  @Test
  void whatTheVetNamedIsRefusedOnceTheEarHasBecomeWorse() {
    TestDog dog = named("Clear Tide").check(4, "redness=3 pain=2 discharge=3:GREEN", "");
    Supply strong = ready(CleanerKind.ANTISEPTIC, Map.of(Active.CHLORHEXIDINE, 0.5), 6.0);

    assertThat(suits(strong, ear(dog, 4), 4)).isEqualTo(Suits.NO);
  }

  @Test
  void aReactionSinceTheOrderRefusesWhatTheVetNamed() {
    TestDog before = named("Clear Tide").reacted(0, WASH);
    TestDog after = named("Clear Tide").reacted(2, WASH);

    assertThat(suits(WASH, ear(before, 3, WASH), 3)).isEqualTo(Suits.CARE);
    assertThat(suits(WASH, ear(after, 3, WASH), 3)).isEqualTo(Suits.NO);
  }

  @ParameterizedTest
  @CsvSource({
    "6.5,   OK,   ''",
    "2.2,   NO,   SUITS_PH",
    "9.5,   NO,   SUITS_PH",
    ",      OK,   ''",
  })
  void aReadyOneGoesByThePhOnItsLabel(Double ph, Suits suits, String rule) {
    Supply drying = ready(CleanerKind.DRYING, Map.of(Active.ACETIC_ACID, 2.0), ph);
    EarNow quiet = ear(new TestDog().quiet(0), 0);

    assertThat(suits(drying, quiet, 0)).isEqualTo(suits);
    assertThat(rules(drying, quiet, 0).toString()).contains(rule);
  }

  @Test
  void aReadyOneIsForAnUnquietEarTooAHomeMixIsNot() {
    EarNow uneasy = ear(new TestDog().check(0, "redness=1 discharge=1:YELLOW", ""), 0);
    Supply gentle = ready(CleanerKind.GENTLE, Map.of(), 6.5);

    assertThat(rules(gentle, uneasy, 0)).doesNotContain(Rule.SUITS_HOME_MIXED);
    assertThat(rules(batch("saline 100", 0), uneasy, 0)).contains(Rule.SUITS_HOME_MIXED);
  }

  @Test
  void labelsSpeakForThemselves() {
    EarNow quiet = ear(new TestDog().quiet(0), 0);
    Supply forPeople =
        bottle(
            "Drops",
            CleanerKind.GENTLE,
            label(Map.of(Active.GLYCERINE, 2.0), Optional.of(6.0), 30, false),
            day(0));

    assertThat(rules(forPeople, quiet, 0)).containsExactly(Rule.SUITS_NOT_FOR_DOGS);
    assertThat(rules(WASH, quiet, 0)).containsExactly(Rule.SUITS_FROM_THE_VET);
    assertThat(suits(ready(CleanerKind.GENTLE, Map.of(Active.GLYCERINE, 2.0), null), quiet, 0))
        .isEqualTo(Suits.OK);
  }

  @ParameterizedTest
  @CsvSource({
    "'white-vinegar 50, water 50',              30",
    "'saline 100',                              7",
    "'olive-oil 60',                            30",
    "'peroxide 40, water 60',                   0",
  })
  void aBatchIsPastTheDayAfterItsLast(String line, int keeps) {
    EarNow quiet = ear(new TestDog().quiet(0), 0);
    Supply batch = batch(line, 3);

    assertThat(batch.useBy()).contains(day(3 + keeps));
    assertThat(rules(batch, quiet, 3 + keeps)).doesNotContain(Rule.SUITS_USE_BY);
    assertThat(rules(batch, quiet, 4 + keeps)).contains(Rule.SUITS_USE_BY);
  }

  @ParameterizedTest
  @CsvSource({
    "'boric-acid 2, water 100',      5,  CARE",
    "'povidone-iodine 5, water 95',  5,  CARE",
    "'white-vinegar 50, water 50',   5,  OK",
    "'boric-acid 2, water 100',      9,  CARE",
    "'boric-acid 2, water 100',      10, OK",
  })
  void aLitterIsAskedAbout(String line, int today, Suits suits) {
    EarNow ear = ear(new TestDog().quiet(0).litter(2, 9), today);

    assertThat(Suitability.of(Offer.mixed(analysed(line), false), ear).inEar().suits())
        .isEqualTo(suits);
  }

  @Test
  void aReactionCountsAgainstAllThatIsLikeIt() {
    Supply gentle = ready(CleanerKind.GENTLE, Map.of(Active.GLYCERINE, 2.0), 6.5);
    Supply again =
        bottle(
            "clear tide",
            CleanerKind.GENTLE,
            label(Map.of(Active.GLYCERINE, 2.0), Optional.empty(), 9, true),
            day(4));
    Supply other =
        bottle(
            "Dune",
            CleanerKind.GENTLE,
            label(Map.of(Active.GLYCERINE, 2.0), Optional.empty(), 9, true),
            day(4));
    Supply mixed = batch("witch-hazel-free 50, water 50", 1);
    EarNow ear = ear(new TestDog().quiet(0).reacted(4, gentle).reacted(5, mixed), 5, gentle, mixed);

    assertThat(suits(gentle, ear, 5)).isEqualTo(Suits.NO);
    assertThat(suits(again, ear, 5)).as("of the same name").isEqualTo(Suits.NO);
    assertThat(suits(other, ear, 5)).isEqualTo(Suits.OK);
    assertThat(suits(batch("witch-hazel-free 20, water 90", 5), ear, 5))
        .as("of the same things")
        .isEqualTo(Suits.NO);
    assertThat(suits(batch("aloe 20, witch-hazel-free 50, water 50", 5), ear, 5))
        .isEqualTo(Suits.OK);
  }

  @Test
  void aReactionToAnIngredientCountsAgainstWhatActsInIt() {
    EarNow ear = ear(new TestDog().quiet(0).reacted(0, "white-vinegar"), 5);

    assertThat(suits(batch("cider-vinegar 50, water 50", 5), ear, 5)).isEqualTo(Suits.NO);
    assertThat(suits(ready(CleanerKind.DRYING, Map.of(Active.ACETIC_ACID, 1.0), 4.0), ear, 5))
        .isEqualTo(Suits.NO);
    assertThat(suits(batch("boric-acid 2, water 100", 5), ear, 5)).isEqualTo(Suits.OK);
  }
}
