package org.evenlobe.core.suit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;
import static org.evenlobe.core.solution.Mixes.SHELF;
import static org.evenlobe.core.solution.Mixes.mix;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Batch;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.Label;
import org.evenlobe.core.record.MadeFor;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Strength;
import org.evenlobe.core.suit.Bottles.Chosen;
import org.evenlobe.core.suit.Bottles.LaidOut;
import org.evenlobe.core.suit.Bottles.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which bottle is taken. */
class BottlesTest {
  private static final LocalDate TODAY = day(10);
  private static final Supply GENTLE = bottle(1, "Gentle", CleanerKind.GENTLE, Label.BLANK, 3);
  private static final Supply DRYING =
      bottle(2, "Drying", CleanerKind.DRYING, acid(2, MadeFor.DOGS_EARS), 1);
  private static final Supply FOR_PEOPLE =
      bottle(3, "For people", CleanerKind.SALINE, acid(0.2, MadeFor.PEOPLE), 0);
  private static final Supply MIXED =
      new Supply(
          new UUID(0, 4),
          Supply.Kind.CLEANER,
          "Mixed",
          Optional.empty(),
          100,
          100,
          Instant.from(day(0).atStartOfDay(ZoneOffset.UTC)),
          Optional.of(day(0)),
          Label.BLANK,
          Optional.of(new Batch(mix("white-vinegar 40, water 60"), day(0), Optional.empty())),
          Optional.empty(),
          List.of());

  private static Label acid(double percent, MadeFor madeFor) {
    return new Label(
        Map.of(Active.ACETIC_ACID, new Strength(percent)),
        Optional.of(3.0),
        Optional.of(60),
        Optional.of(madeFor));
  }

  private static Supply bottle(int id, String name, CleanerKind kind, Label label, int opened) {
    return new Supply(
        new UUID(0, id),
        Supply.Kind.CLEANER,
        name,
        Optional.of(kind),
        100,
        100,
        Instant.from(day(0).atStartOfDay(ZoneOffset.UTC)),
        Optional.of(day(opened)),
        label,
        Optional.empty(),
        Optional.empty(),
        List.of());
  }

  private static LaidOut laidOut(
      TestDog dog, boolean afterWater, boolean homeMixed, Supply... there) {
    DogHistory history = DogHistory.of(dog.record(), TODAY);
    Reacted reacted =
        Reacted.of(history.dog(), Map.of(GENTLE.id(), GENTLE, DRYING.id(), DRYING), SHELF);
    return Bottles.of(List.of(there), TODAY)
        .layOut(new Wish(EarNow.of(history, Side.RIGHT, reacted), true, afterWater, homeMixed));
  }

  private static Optional<Chosen> chosen(
      TestDog dog, boolean afterWater, boolean homeMixed, Supply... there) {
    return laidOut(dog, afterWater, homeMixed, there).chosen();
  }

  @ParameterizedTest
  @CsvSource({"false, Drying", "true,  Drying"})
  void afterWaterTheDryingOneElseTheOneOpenLongest(boolean afterWater, String name) {
    assertThat(chosen(new TestDog().quiet(9), afterWater, false, GENTLE, DRYING))
        .map(one -> one.supply().name())
        .contains(name);
  }

  @Test
  void whatAVetNamedIsLaidOutFirstAndNothingInItsPlaceWhereItIsNotToBeHad() {
    TestDog ordered = new TestDog().quiet(8).orderedWith(9, HowOften.timesADay(2), "Gentle");

    assertThat(chosen(ordered, true, false, GENTLE, DRYING)).map(Chosen::supply).contains(GENTLE);
    assertThat(laidOut(ordered, true, false, DRYING).chosen()).isEmpty();
    assertThat(laidOut(ordered, true, false, DRYING).missing())
        .map(Reason::sentence)
        .hasValueSatisfying(said -> assertThat(said).contains("not at hand", "Ask your vet"));
  }

  @Test
  void neverOneThatDoesNotSuitAnEarItIsFor() {
    TestDog sore = new TestDog().check(9, "sores=1", "");

    assertThat(chosen(sore, true, false, GENTLE, DRYING))
        .map(Chosen::supply)
        .isNotEqualTo(Optional.of(DRYING));
    assertThat(chosen(new TestDog().quiet(9).reacted(9, GENTLE), false, false, GENTLE)).isEmpty();
  }

  @Test
  void neverOneThatIsNotForDogsAndAHomeMixOnlyWhereTheHouseholdMixes() {
    TestDog quiet = new TestDog().quiet(9);

    assertThat(chosen(quiet, false, true, FOR_PEOPLE)).isEmpty();
    assertThat(chosen(quiet, false, false, MIXED)).isEmpty();
    assertThat(chosen(quiet, false, true, MIXED)).map(Chosen::supply).contains(MIXED);
  }

  @Test
  void skinThatWasPluckedTodayIsSoreBeforeAnyCheck() {
    TestDog dog =
        new TestDog().haired(CanalHair.DENSE).quiet(9).hairDone(10, HairWork.PLUCKED, Side.RIGHT);
    DogHistory history = DogHistory.of(dog.record(), TODAY);
    EarPair<EarNow> ears =
        EarPair.bySide(side -> EarNow.of(history, side, Reacted.NOTHING).quiet());
    Offer sour = Offer.of(DRYING, TODAY);

    assertThat(Suitability.of(sour, ears.right()).inEar().suits()).isEqualTo(Suits.NO);
    assertThat(Suitability.of(sour, ears.left()).inEar().suits()).isEqualTo(Suits.OK);
    assertThat(Suitability.of(sour, Found.DISCHARGE.in(ears.right())).inEar().suits())
        .isEqualTo(Suits.NO);
  }

  @Test
  void whatACheckWouldFindIsToldAhead() {
    DogHistory history = DogHistory.of(new TestDog().quiet(9).record(), TODAY);
    EarPair<EarNow> ears =
        EarPair.bySide(side -> EarNow.of(history, side, Reacted.NOTHING).quiet());

    Map<Found, Suitability> found =
        Bottles.of(List.of(MIXED), TODAY)
            .judged(ears)
            .findFirst()
            .orElseThrow()
            .getValue()
            .right()
            .found();

    assertThat(found.get(Found.PINK).inEar().suits()).isEqualTo(Suits.CARE);
    assertThat(found.get(Found.RED).inEar().suits()).isEqualTo(Suits.NO);
    assertThat(found.get(Found.SORE).inEar().suits()).isEqualTo(Suits.NO);
    assertThat(found.get(Found.UNQUIET).inEar().suits()).isEqualTo(Suits.NO);
    assertThat(found.get(Found.DISCHARGE).inEar().suits()).isEqualTo(Suits.OK);
  }
}
