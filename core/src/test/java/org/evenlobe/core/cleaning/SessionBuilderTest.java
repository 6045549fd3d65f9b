package org.evenlobe.core.cleaning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.evenlobe.core.check.Advice;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.cleaning.CleaningSession.Ending;
import org.evenlobe.core.cleaning.SessionStep.Kind;
import org.evenlobe.core.history.Trust;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.core.record.MixSchool;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.Swabs;
import org.evenlobe.core.record.WipeMaterial;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class SessionBuilderTest {
  private static final Habit NEW = habit(2, Optional.empty());

  private static Habit habit(int expected, Optional<Load> lastLoad) {
    return new Habit(expected, expected + 2, Optional.empty(), lastLoad, List.of());
  }

  private static EarFinding found(int score, boolean red) {
    int others = score - (red ? 1 : 0);
    return new EarFinding(
        red ? Grade.MILD : Grade.NONE,
        grade(Math.max(0, others - 3)),
        grade(Math.max(0, Math.min(others, 3))),
        Grade.NONE,
        DischargeKind.NONE,
        Odour.NONE,
        Grade.NONE,
        Set.of(),
        HearingTry.NOT_TRIED);
  }

  private static Grade grade(int number) {
    return Stream.of(Grade.values())
        .filter(one -> one.number() == number)
        .findFirst()
        .orElseThrow();
  }

  /** An ear as it is when nothing is said against it. */
  private record Ear(
      Verdict verdict,
      int score,
      boolean due,
      MayGoIn mayGoIn,
      Optional<String> held,
      Optional<CleaningInstruction> order,
      Optional<HairCare> hair,
      boolean red,
      Habit habit) {
    static final Ear QUIET =
        new Ear(
            Verdict.LEAVE,
            0,
            true,
            MayGoIn.IN_EAR,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            false,
            NEW);

    Ear verdict(Verdict is, int scored, MayGoIn may) {
      return new Ear(is, scored, due, may, held, order, hair, red, habit);
    }

    Ear notDue() {
      return new Ear(verdict, score, false, mayGoIn, held, order, hair, red, habit);
    }

    Ear isHeld() {
      return new Ear(
          verdict,
          score,
          due,
          MayGoIn.NONE,
          Optional.of("Since yesterday."),
          order,
          hair,
          red,
          habit);
    }

    Ear mayTake(MayGoIn may) {
      return new Ear(verdict, score, due, may, held, order, hair, red, habit);
    }

    Ear ordered(Optional<Integer> every, Optional<CleaningMethod> how) {
      CleaningInstruction said =
          new CleaningInstruction(
              every.map(HowOften::everyDays),
              how,
              Optional.empty(),
              Optional.empty(),
              false,
              false);
      return new Ear(verdict, score, due, mayGoIn, held, Optional.of(said), hair, red, habit);
    }

    Ear hairy(Optional<HairCare> asked, boolean isRed) {
      return new Ear(verdict, score, due, mayGoIn, held, order, asked, isRed, habit);
    }

    Ear brought(int load, int expectedWipes) {
      return new Ear(
          verdict,
          score,
          due,
          mayGoIn,
          held,
          order,
          hair,
          red,
          SessionBuilderTest.habit(expectedWipes, Optional.of(new Load(load))));
    }

    EarBefore before() {
      return new EarBefore(
          true,
          due,
          verdict,
          found(score, red),
          held,
          mayGoIn,
          order,
          hair,
          Optional.of(new Volume(6.7)),
          Optional.of(new Volume(4.3)),
          Optional.of(14),
          habit);
    }
  }

  private record Given(
      CleaningMethod method, Rung rung, boolean helper, boolean bites, double weight) {
    static final Given FILLING = new Given(CleaningMethod.FILL, Rung.FULL_SESSION, true, false, 15);

    Given by(CleaningMethod how) {
      return new Given(how, rung, helper, bites, weight);
    }

    Given on(Rung stands) {
      return new Given(method, stands, helper, bites, weight);
    }

    CleaningSession clean(Ear right, Ear left) {
      return SessionBuilder.cleaning(
          setting(true), new EarPair<>(right.before(), left.before()), Optional.empty());
    }

    CleaningSession unchecked(Ear both) {
      return SessionBuilder.cleaning(setting(false), EarPair.both(both.before()), Optional.empty());
    }

    CleaningSession practise(Ear right, Ear left) {
      return SessionBuilder.practice(setting(true), new EarPair<>(right.before(), left.before()));
    }

    private SessionSetting setting(boolean checked) {
      return new SessionSetting(
          "Fen",
          Optional.of(new Weight(weight)),
          bites,
          Optional.empty(),
          helper,
          new CleaningWays(
              method,
              Swabs.NEVER,
              WipeMaterial.GAUZE,
              HairCare.LEAVE,
              MedicineWait.AN_HOUR,
              MixSchool.READY_ONLY,
              30),
          new Trust(rung, Optional.<LocalDate>empty(), false, List.of()),
          Optional.empty(),
          checked,
          Optional.of(new Advice("Pour nothing in; call your vet.", List.of("Keep it dry."))));
    }
  }

  private static List<String> kinds(CleaningSession session) {
    return session.steps().stream().map(step -> step.kind().name()).toList();
  }

  private static List<SessionStep> of(CleaningSession session, Kind kind) {
    return session.steps().stream().filter(step -> step.kind() == kind).toList();
  }

  private static Optional<CleaningMethod> methodOfRight(CleaningSession session) {
    return session.ears().right().method();
  }

  private static String firstReason(CleaningSession session) {
    return session.ears().right().reasons().get(0).sentence();
  }

  @Nested
  class TheOrderOfEars {
    @ParameterizedTest
    @CsvSource({
      "LEAVE, 0, CLEAN, 2, RIGHT",
      "CLEAN, 2, LEAVE, 0, LEFT",
      "CLEAN, 3, CLEAN, 2, LEFT",
      "CAUTION, 2, CLEAN, 2, LEFT",
      "LEAVE, 0, LEAVE, 0, RIGHT"
    })
    void isTheBetterOneFirst(Verdict right, int rights, Verdict left, int lefts, Side first) {
      CleaningSession session =
          Given.FILLING.clean(
              Ear.QUIET.verdict(right, rights, MayGoIn.IN_EAR),
              Ear.QUIET.verdict(left, lefts, MayGoIn.IN_EAR));

      assertThat(session.order()).containsExactly(first, first.other());
      assertThat(session.reasons().get(0).sentence()).contains(first.ear() + " first");
    }

    @Test
    void goesByWhatCameOutLastWhereBothLookAlike() {
      CleaningSession session =
          Given.FILLING.clean(Ear.QUIET.brought(3, 3), Ear.QUIET.brought(1, 3));

      assertThat(session.order()).containsExactly(Side.LEFT, Side.RIGHT);
    }

    @Test
    void takesFreshWipesForTheSecondEar() {
      CleaningSession session = Given.FILLING.clean(Ear.QUIET, Ear.QUIET);

      assertThat(of(session, Kind.FILL).get(0).what()).doesNotContain("Fresh wipes");
      assertThat(
              of(session, Kind.FILL).stream()
                  .filter(step -> step.ear().equals(Optional.of(Side.LEFT)))
                  .findFirst()
                  .orElseThrow()
                  .what())
          .startsWith("Fresh wipes");
    }
  }

  @Nested
  class AVerdictCanOnlyNarrow {
    @ParameterizedTest
    @EnumSource(CleaningMethod.class)
    void cautionIsWiping(CleaningMethod preferred) {
      CleaningSession session =
          Given.FILLING
              .by(preferred)
              .clean(Ear.QUIET.verdict(Verdict.CAUTION, 2, MayGoIn.WIPE), Ear.QUIET);

      assertThat(methodOfRight(session)).contains(CleaningMethod.WIPE);
      assertThat(session.ears().right().narrowed()).isEqualTo(preferred != CleaningMethod.WIPE);
      assertThat(session.ears().left().method()).contains(preferred);
    }

    @Test
    void urgentEndsItAndSaysWhatToDo() {
      CleaningSession session =
          Given.FILLING.clean(
              Ear.QUIET.verdict(Verdict.URGENT, 5, MayGoIn.NONE),
              Ear.QUIET.verdict(Verdict.CLEAN, 2, MayGoIn.IN_EAR));

      Ending ending = session.ending().orElseThrow();
      assertThat(session.steps()).isEmpty();
      assertThat(ending.cause()).isEqualTo(Ending.Cause.VERDICT);
      assertThat(ending.now()).contains("call your vet");
      assertThat(ending.steps()).containsExactly("Keep it dry.");
    }

    @Test
    void stopEndsItForThatEarAndTheOtherIsDoneByItself() {
      CleaningSession session =
          Given.FILLING.clean(
              Ear.QUIET.verdict(Verdict.STOP, 5, MayGoIn.NONE),
              Ear.QUIET.verdict(Verdict.CLEAN, 2, MayGoIn.IN_EAR));

      assertThat(session.ending()).isEmpty();
      assertThat(session.order()).containsExactly(Side.LEFT);
      assertThat(session.ears().right().method()).isEmpty();
      assertThat(session.ears().right().reasons().get(0).sentence()).contains("call your vet");
    }

    @Test
    void stopInBothEndsIt() {
      Ear stopped = Ear.QUIET.verdict(Verdict.STOP, 5, MayGoIn.NONE);

      assertThat(Given.FILLING.clean(stopped, stopped).ending()).isPresent();
    }

    @Test
    void cleanIsTheHouseholdsMethod() {
      CleaningSession session =
          Given.FILLING.clean(
              Ear.QUIET.verdict(Verdict.CLEAN, 2, MayGoIn.IN_EAR).notDue(), Ear.QUIET);

      assertThat(methodOfRight(session)).contains(CleaningMethod.FILL);
      assertThat(session.ears().right().narrowed()).isFalse();
    }

    @Test
    void leaveIsWipingWhereNothingIsDue() {
      CleaningSession session = Given.FILLING.clean(Ear.QUIET.notDue(), Ear.QUIET);

      assertThat(methodOfRight(session)).contains(CleaningMethod.WIPE);
      assertThat(firstReason(session)).contains("quiet and not due");
      assertThat(session.ears().left().method()).contains(CleaningMethod.FILL);
    }

    @Test
    void aDoubtfulEardrumIsWipingAndSaysSo() {
      CleaningSession session = Given.FILLING.clean(Ear.QUIET.mayTake(MayGoIn.WIPE), Ear.QUIET);

      assertThat(methodOfRight(session)).contains(CleaningMethod.WIPE);
      assertThat(firstReason(session)).contains("eardrum");
      assertThat(
              of(session, Kind.WIPE).stream().filter(s -> s.ear().equals(Optional.of(Side.RIGHT))))
          .singleElement()
          .satisfies(step -> assertThat(step.why()).contains("eardrum"));
    }

    @Test
    void aHeldEarIsLeftAloneAndTheOtherOneDone() {
      CleaningSession session = Given.FILLING.clean(Ear.QUIET.isHeld(), Ear.QUIET);

      assertThat(session.order()).containsExactly(Side.LEFT);
      assertThat(firstReason(session)).contains("held").contains("Since yesterday.");
      assertThat(session.steps()).noneMatch(step -> step.ear().equals(Optional.of(Side.RIGHT)));
    }

    @Test
    void whereBothAreClosedItEnds() {
      CleaningSession session = Given.FILLING.clean(Ear.QUIET.isHeld(), Ear.QUIET.isHeld());

      assertThat(session.ending().orElseThrow().cause()).isEqualTo(Ending.Cause.CLOSED);
    }
  }

  @Nested
  class TheVetsWord {
    @Test
    void replacesMethodAndVerdict() {
      CleaningSession session =
          Given.FILLING.clean(
              Ear.QUIET
                  .verdict(Verdict.CLEAN, 3, MayGoIn.IN_EAR)
                  .ordered(Optional.of(3), Optional.of(CleaningMethod.SYRINGE)),
              Ear.QUIET);

      assertThat(methodOfRight(session)).contains(CleaningMethod.SYRINGE);
    }

    @Test
    void isNarrowedWhereOnlyAWipeMayGoIn() {
      CleaningSession session =
          Given.FILLING.clean(
              Ear.QUIET
                  .verdict(Verdict.CLEAN, 3, MayGoIn.WIPE)
                  .ordered(Optional.of(3), Optional.of(CleaningMethod.SYRINGE)),
              Ear.QUIET);

      assertThat(methodOfRight(session)).contains(CleaningMethod.WIPE);
    }

    @Test
    void withoutAMethodStillLeavesTheVerdictsCaution() {
      CleaningSession session =
          Given.FILLING.clean(
              Ear.QUIET
                  .verdict(Verdict.CAUTION, 3, MayGoIn.WIPE)
                  .ordered(Optional.of(3), Optional.empty()),
              Ear.QUIET);

      assertThat(methodOfRight(session)).contains(CleaningMethod.WIPE);
    }

    @Test
    void neverOpensAHeldEar() {
      CleaningSession session =
          Given.FILLING.clean(
              Ear.QUIET.ordered(Optional.of(3), Optional.of(CleaningMethod.FILL)).isHeld(),
              Ear.QUIET);

      assertThat(methodOfRight(session)).isEmpty();
    }

    @Test
    void notToCleanClosesTheEar() {
      CleaningSession session =
          Given.FILLING.clean(Ear.QUIET.ordered(Optional.empty(), Optional.empty()), Ear.QUIET);

      assertThat(methodOfRight(session)).isEmpty();
      assertThat(firstReason(session)).contains("vet said to leave the right ear alone");
    }

    @Test
    void doesNotWaitForTheTrustLine() {
      CleaningSession session =
          Given.FILLING
              .on(Rung.FOLD)
              .clean(
                  Ear.QUIET.ordered(Optional.of(2), Optional.of(CleaningMethod.FILL)), Ear.QUIET);

      assertThat(methodOfRight(session)).contains(CleaningMethod.FILL);
      assertThat(session.ears().right().reasons().get(1).sentence()).contains("helper");
      assertThat(session.ears().left().method()).isEmpty();
    }
  }

  @Nested
  class TheTrustLine {
    @Test
    void onRungFiveIsWiping() {
      CleaningSession session = Given.FILLING.on(Rung.WET_PAD).clean(Ear.QUIET, Ear.QUIET);

      assertThat(methodOfRight(session)).contains(CleaningMethod.WIPE);
      assertThat(firstReason(session)).contains("step 5");
    }

    @ParameterizedTest
    @EnumSource(
        value = Rung.class,
        names = {"TOUCH", "FOLD", "HOLD_UP", "DRY_PAD"})
    void belowItIsPractice(Rung rung) {
      CleaningSession session = Given.FILLING.on(rung).clean(Ear.QUIET, Ear.QUIET);

      assertThat(session.ending().orElseThrow().cause()).isEqualTo(Ending.Cause.PRACTISE);
      assertThat(session.steps()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Rung.class)
    void practisesTwoToThreeMinutes(Rung rung) {
      CleaningSession session = Given.FILLING.on(rung).practise(Ear.QUIET, Ear.QUIET);

      int seconds =
          session.steps().stream()
              .flatMap(step -> step.timer().stream())
              .mapToInt(SessionStep.StepTimer::seconds)
              .sum();
      assertThat(seconds).isBetween(120, 180);
      assertThat(session.practises()).contains(rung);
    }

    @Test
    void doesNotPractiseWithASoreEar() {
      CleaningSession session =
          Given.FILLING
              .on(Rung.FOLD)
              .practise(Ear.QUIET, Ear.QUIET.verdict(Verdict.CAUTION, 2, MayGoIn.WIPE));

      assertThat(session.ending()).isPresent();
      assertThat(session.steps()).isEmpty();
    }
  }

  @Nested
  class Rounds {
    @ParameterizedTest
    @CsvSource({"FILL, FILL, 3", "SOAKED_PAD, PAD, 3", "SYRINGE, SYRINGE, 5"})
    void areThreeOrFive(CleaningMethod method, Kind pour, int rounds) {
      CleaningSession session = Given.FILLING.by(method).clean(Ear.QUIET, Ear.QUIET.isHeld());

      assertThat(of(session, pour)).hasSize(rounds);
      List<SessionStep> wipes = of(session, Kind.WIPE);
      for (int i = 0; i < rounds; i++) {
        boolean last = i == rounds - 1;
        assertThat(wipes.get(i).again())
            .isEqualTo(last ? Optional.empty() : Optional.of(of(session, pour).get(i + 1).id()));
        assertThat(wipes.get(i).next()).contains("right-folds");
      }
      assertThat(wipes.get(rounds - 1).why()).contains("enough for one day");
    }

    @ParameterizedTest
    @CsvSource({"FILL, FILL, 6.7", "SYRINGE, SYRINGE, 4.3"})
    void takeWhatTheCanalHoldsAndOfASyringeWhatIsKnownToGoIn(
        CleaningMethod method, Kind pour, double millilitres) {
      CleaningSession session = Given.FILLING.by(method).clean(Ear.QUIET, Ear.QUIET.isHeld());

      assertThat(of(session, pour))
          .allSatisfy(step -> assertThat(step.volume()).contains(new Volume(millilitres)));
    }

    @Test
    void wipingHasOneStepAndPoursNothing() {
      CleaningSession session =
          Given.FILLING.by(CleaningMethod.WIPE).clean(Ear.QUIET, Ear.QUIET.isHeld());

      assertThat(kinds(session))
          .containsExactly("KIT", "POSITION", "CHECK", "WIPE", "FOLDS", "LOAD", "DRY", "TAKEN");
    }

    @Test
    void ofAFillReadLikeTheRule() {
      CleaningSession session = Given.FILLING.clean(Ear.QUIET, Ear.QUIET.isHeld());

      assertThat(kinds(session).subList(0, 8))
          .containsExactly("KIT", "POSITION", "CHECK", "FILL", "MASSAGE", "SHAKE", "WIPE", "FILL");
      assertThat(Wording.METRIC.of(of(session, Kind.FILL).get(0).what())).contains("6.7 mL");
    }
  }

  @Nested
  class TheMassage {
    private List<SessionStep.StepTimer> timers(Ear ear) {
      return of(Given.FILLING.clean(ear, Ear.QUIET.isHeld()), Kind.MASSAGE).stream()
          .map(step -> step.timer().orElseThrow())
          .toList();
    }

    @Test
    void isThirtySeconds() {
      assertThat(timers(Ear.QUIET.brought(3, 3)).get(0).seconds()).isEqualTo(30);
    }

    @Test
    void isSixtyAfterAHeavyLoad() {
      assertThat(timers(Ear.QUIET.brought(4, 3)))
          .allSatisfy(timer -> assertThat(timer.seconds()).isEqualTo(60));
    }

    @Test
    void isSixtyInALaterRoundWhereMoreCameUpThanExpected() {
      SessionStep.StepTimer second = timers(Ear.QUIET.brought(2, 3)).get(1);

      assertThat(second.seconds()).isEqualTo(30);
      assertThat(second.secondsIfMore()).contains(60);
      assertThat(second.overWipes()).contains(3);
    }
  }

  @Nested
  class Hair {
    @ParameterizedTest
    @CsvSource({
      ", false, ",
      "TRIM, false, TRIMMED",
      "TRIM, true, ",
      "PLUCK, false, PLUCKED",
      "PLUCK, true, "
    })
    void isCaredForWhereItIsDueAndTheEarIsQuiet(String due, boolean red, String noted) {
      CleaningSession session =
          Given.FILLING.clean(
              Ear.QUIET.hairy(Optional.ofNullable(due).map(HairCare::valueOf), red),
              Ear.QUIET.isHeld());

      assertThat(of(session, Kind.HAIR).stream().flatMap(step -> step.hair().stream()))
          .isEqualTo(Optional.ofNullable(noted).map(HairWork::valueOf).stream().toList());
    }
  }

  @Test
  void endsAtTheCheckWhileTheEarsHaveNotBeenLookedAtToday() {
    CleaningSession session = Given.FILLING.unchecked(Ear.QUIET);

    assertThat(kinds(session)).containsExactly("KIT", "POSITION", "CHECK");
    assertThat(session.ending()).isEmpty();
  }

  @Test
  void laysOutTwoWipesToSpareForEachEar() {
    CleaningSession session = Given.FILLING.clean(Ear.QUIET.brought(1, 3), Ear.QUIET.brought(2, 5));

    assertThat(of(session, Kind.KIT).get(0).what())
        .contains("5 for the right ear")
        .contains("7 for the left ear");
  }

  static Stream<CleaningSession> everySession() {
    List<CleaningSession> sessions = new ArrayList<>();
    for (CleaningMethod method : CleaningMethod.values()) {
      for (Verdict verdict : List.of(Verdict.LEAVE, Verdict.CLEAN, Verdict.CAUTION)) {
        MayGoIn may = verdict == Verdict.CAUTION ? MayGoIn.WIPE : MayGoIn.IN_EAR;
        sessions.add(Given.FILLING.by(method).clean(Ear.QUIET.verdict(verdict, 1, may), Ear.QUIET));
      }
    }
    for (Rung rung : Rung.values()) {
      sessions.add(Given.FILLING.on(rung).practise(Ear.QUIET, Ear.QUIET));
    }
    return sessions.stream();
  }

  @ParameterizedTest
  @MethodSource("everySession")
  void everyStepIsReachedAndEveryWayEnds(CleaningSession session) {
    Map<String, SessionStep> byId = new HashMap<>();
    session.steps().forEach(step -> byId.put(step.id(), step));
    Set<String> reached = new HashSet<>();
    List<String> open = new ArrayList<>(List.of(session.steps().get(0).id()));
    while (!open.isEmpty()) {
      SessionStep step = byId.get(open.remove(0));
      if (reached.add(step.id())) {
        step.next().ifPresent(open::add);
        step.again().ifPresent(open::add);
      }
    }
    List<String> ids = session.steps().stream().map(SessionStep::id).toList();

    assertThat(byId).hasSize(session.steps().size());
    assertThat(reached).containsExactlyInAnyOrderElementsOf(ids);
    for (SessionStep step : session.steps()) {
      step.next()
          .ifPresent(next -> assertThat(ids.indexOf(next)).isGreaterThan(ids.indexOf(step.id())));
      step.again()
          .ifPresent(next -> assertThat(ids.indexOf(next)).isGreaterThan(ids.indexOf(step.id())));
    }
    assertThat(session.steps().get(ids.size() - 1).next()).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("everySession")
  void noLiquidGoesInWhereTheMethodIsWiping(CleaningSession session) {
    for (Side side : session.order()) {
      if (session.ears().get(side).method().equals(Optional.of(CleaningMethod.WIPE))) {
        assertThat(session.steps())
            .filteredOn(step -> step.ear().equals(Optional.of(side)))
            .extracting(SessionStep::kind)
            .doesNotContain(Kind.FILL, Kind.PAD, Kind.SYRINGE, Kind.MASSAGE);
      }
    }
  }
}
