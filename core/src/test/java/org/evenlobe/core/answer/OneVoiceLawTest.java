package org.evenlobe.core.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Signs;
import org.evenlobe.core.cleaning.CleaningSession;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.EarStands.Because;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.Sessions;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.Label;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.MadeFor;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Strength;
import org.evenlobe.core.suit.Reacted;
import org.evenlobe.core.suit.Suits;
import org.junit.jupiter.api.Test;

/**
 * All that is said of an ear at an instant is one answer: over drawn histories, each by its seed,
 * what the plan, the session, the bench and the bottle that is laid out say of going in agrees with
 * how the ear stands; swapped ears swap; and whatever is known less never allows more.
 */
class OneVoiceLawTest {
  /** A part of them where they are run with each change, all of them in the bench. */
  private static final int HISTORIES =
      Math.min(3_000, Integer.getInteger("evenlobe.cases", 5_000) / 8);

  private static final int ENOUGH_FOR_EVERY_WAY = 3_000;
  private static final int TODAY = 12;
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final String[] SIGNS = {
    "",
    "",
    "",
    "discharge=2:BROWN",
    "redness=1",
    "redness=2 pain=1",
    "odour=FOUL",
    "sores=1",
    "redness=2 pain=2 odour=FOUL discharge=2:YELLOW",
    "seen=HAIR_BLOCKING",
    "hearing=DID_NOT_TURN"
  };
  private static final HowOften[] OFTEN = {
    HowOften.timesADay(2), HowOften.timesADay(1), HowOften.everyDays(3), HowOften.once()
  };
  private static final List<Told.Seen> TOLD = List.of(Told.Seen.values());
  private static final Set<Because> CLOSED =
      EnumSet.of(Because.LEFT_ALONE, Because.HELD, Because.TOLD, Because.CALL_FIRST);
  private static final Moment NOW = at(TODAY, 21);

  private static Moment at(int day, int hour) {
    return Moment.of(day(day).atTime(hour, 0).atZone(TestDog.ZONE).toInstant(), TestDog.ZONE);
  }

  private static Supply bottle(int id, CleanerKind kind, Label label) {
    return new Supply(
        new UUID(90, id),
        Supply.Kind.CLEANER,
        "Bottle " + id,
        Optional.of(kind),
        100,
        100,
        day(0).atStartOfDay(ZoneOffset.UTC).toInstant(),
        Optional.of(day(0)),
        label,
        Optional.empty(),
        Optional.empty(),
        List.of());
  }

  private static final Supply READ =
      bottle(
          1,
          CleanerKind.SALINE,
          new Label(Map.of(), Optional.of(7.0), Optional.empty(), Optional.of(MadeFor.DOGS_EARS)));
  private static final Supply UNREAD = bottle(2, CleanerKind.DRYING, Label.BLANK);

  /** A history, drawn; the ears the other way round where they are swapped. */
  private static TestDog drawn(long seed, boolean swapped) {
    SplittableRandom random = new SplittableRandom(seed);
    TestDog dog = new TestDog();
    if (random.nextInt(8) == 0) {
      dog.bornOn(day(-60));
    }
    for (int day = 0; day < TODAY; day++) {
      if (random.nextInt(3) == 0) {
        EarPair<EarFinding> ears = EarPair.bySide(side -> finding(random));
        dog.with(check(day, swapped ? ears.swapped() : ears));
      }
      if (random.nextInt(10) == 0) {
        EarPair<EarVisit> word = new EarPair<>(word(random, day), word(random, day));
        EarPair<EarVisit> said = swapped ? word.swapped() : word;
        dog.visit(day, said.right(), said.left());
      }
      if (random.nextInt(14) == 0) {
        Side side = random.nextBoolean() ? Side.RIGHT : Side.LEFT;
        dog.with(told(day, swapped ? side.other() : side, seen(random)));
      }
      if (random.nextInt(10) == 0) {
        EarPair<Optional<LightLook.Ear>> ears = EarPair.bySide(side -> looked(random));
        boolean isWell = random.nextBoolean();
        dog.with(
            new LightLook(new UUID(93, day), at(day, 17), swapped ? ears.swapped() : ears, isWell));
      }
    }
    return dog;
  }

  private static EarFinding finding(SplittableRandom random) {
    return random.nextInt(9) == 0
        ? EarFinding.NOT_SEEN
        : Signs.ear(SIGNS[random.nextInt(SIGNS.length)]);
  }

  private static Optional<LightLook.Ear> looked(SplittableRandom random) {
    return Optional.of(
        new LightLook.Ear(
            random.nextBoolean() ? LightLook.Change.WORSE : LightLook.Change.SAME,
            random.nextInt(3) == 0));
  }

  private static EarVisit word(SplittableRandom random, int day) {
    CleaningInstruction clean =
        CleaningInstruction.clean(
            OFTEN[random.nextInt(OFTEN.length)],
            random.nextBoolean() ? Optional.of(day(day + 8)) : Optional.empty());
    return switch (random.nextInt(7)) {
      case 6 -> TestDog.order(CleaningInstruction.leaveAlone(Optional.of(day(day + 8))));
      case 0 -> TestDog.order(clean);
      case 1 -> TestDog.order(EardrumSeen.NOT_INTACT, clean, HoldWord.NOTHING_SAID);
      case 2 -> TestDog.hold(HoldWord.SET);
      case 3 -> TestDog.hold(HoldWord.LIFTED);
      case 4 -> TestDog.seen(EardrumSeen.INTACT);
      default -> EarVisit.NOTHING;
    };
  }

  private static Set<Told.Seen> seen(SplittableRandom random) {
    return EnumSet.of(TOLD.get(random.nextInt(TOLD.size())));
  }

  private static CheckRecord check(int day, EarPair<EarFinding> ears) {
    return new CheckRecord(new UUID(91, day), at(day, 12), ears, Signs.dog(""), Optional.empty());
  }

  private static Told told(int day, Side side, Set<Told.Seen> seen) {
    Told.EarTold of = new Told.EarTold(seen, false, Optional.empty(), Optional.empty());
    return new Told(
        new UUID(92, side == Side.RIGHT ? day : -day - 1),
        at(day, 15),
        "Rona",
        Taker.GROOMER,
        Set.of(),
        Set.of(),
        Optional.empty(),
        Optional.empty(),
        EarPair.bySide(one -> one == side ? of : Told.EarTold.NOTHING),
        Set.of(),
        Optional.empty(),
        true);
  }

  private static DogHistory history(TestDog dog) {
    return DogHistory.of(dog.record(), day(TODAY));
  }

  private static DogPlan plan(DogHistory history) {
    return PLANNER.plan(history, Preferences.DEFAULT);
  }

  private static EarPair<EarAnswer> answers(DogHistory history, Supply... there) {
    return EarAnswers.of(
        history,
        plan(history),
        new EarAnswers.House(List.of(there), Reacted.NOTHING, CleaningWays.DEFAULT));
  }

  private static CleaningSession session(DogHistory history) {
    return Sessions.cleaning(
        history,
        OneVoiceLawTest::plan,
        NOW,
        List.of(Side.values()),
        false,
        true,
        CleaningWays.DEFAULT);
  }

  /** What a view says of an ear that does not agree with how it stands, in words. */
  private static List<String> otherwise(EarAnswer answer, CleaningSession session) {
    EarStands stands = answer.stands();
    List<String> words = new ArrayList<>();
    MayGoIn may = stands.mayGoIn();
    if (may != MayGoIn.IN_EAR
        && answer.bottles().stream().anyMatch(one -> one.answers().inEar().suits() != Suits.NO)) {
      words.add("the bench pours in");
    }
    if (answer.laidOut().chosen().stream().anyMatch(one -> one.suits() == Suits.NO)) {
      words.add("a bottle that does not suit is laid out");
    }
    Optional<CleaningMethod> method = session.ears().get(stands.side()).method();
    if ((may == MayGoIn.NONE && method.isPresent())
        || (may == MayGoIn.WIPE && method.filter(CleaningMethod::inCanal).isPresent())) {
      words.add("the session does " + method);
    }
    boolean opens =
        session.check().stream()
            .flatMap(check -> check.ways().stream())
            .anyMatch(way -> way.ear() == stands.side() && way.task().method().isPresent());
    if (!stands.told().isEmpty() && opens) {
      words.add("the session's check opens what was told");
    }
    boolean isToday =
        answer.clean().filter(item -> !item.window().earliest().isAfter(day(TODAY))).isPresent();
    if (CLOSED.contains(stands.because()) && isToday) {
      words.add("it is planned for today");
    }
    boolean presses =
        Stream.of(answer.check(), answer.visit())
            .flatMap(Optional::stream)
            .anyMatch(PlanItem::pressing);
    if (stands.wantsVetAsTold() && !presses) {
      words.add("nothing presses");
    }
    return words;
  }

  @Test
  void everyViewSaysHowTheEarStands() {
    List<String> otherwise = new ArrayList<>();
    for (long seed = 1; seed <= HISTORIES; seed++) {
      DogHistory history = history(drawn(seed, false));
      EarPair<EarAnswer> answers = answers(history, READ, UNREAD);
      CleaningSession session = session(history);
      for (Side side : Side.values()) {
        EarAnswer answer = answers.get(side);
        for (String words : otherwise(answer, session)) {
          EarStands stands = answer.stands();
          otherwise.add(
              "%d %s: %s, but %s by %s"
                  .formatted(seed, side, words, stands.mayGoIn(), stands.because()));
        }
      }
    }
    assertThat(otherwise).isEmpty();
  }

  @Test
  void theDrawnHistoriesStandInEveryWay() {
    EnumSet<Because> seen = EnumSet.noneOf(Because.class);
    for (long seed = 1; seed <= ENOUGH_FOR_EVERY_WAY; seed++) {
      EarPair<EarStands> ears = history(drawn(seed, false)).ears();
      seen.add(ears.right().because());
      seen.add(ears.left().because());
    }
    // courses and what stays in have tests of their own
    assertThat(EnumSet.complementOf(seen)).isSubsetOf(Because.STAYS, Because.MEDICINE);
  }

  @Test
  void swappedEarsSwap() {
    for (long seed = 1; seed <= HISTORIES; seed++) {
      EarPair<EarStands> ears = history(drawn(seed, false)).ears();
      EarPair<EarStands> swapped = history(drawn(seed, true)).ears();

      for (Side side : Side.values()) {
        assertThat(inShort(swapped.get(side.other())))
            .as("seed %d", seed)
            .isEqualTo(inShort(ears.get(side)));
      }
    }
  }

  private static List<Object> inShort(EarStands ear) {
    return List.of(ear.mayGoIn(), ear.because(), ear.since(), ear.verdict(), ear.sign());
  }

  /** Whatever comes to a history that tells less, or worse, opens no ear of it. */
  private static void neverAllowsMore(UnaryOperator<TestDog> worse) {
    for (long seed = 1; seed <= HISTORIES; seed++) {
      EarPair<EarStands> before = history(drawn(seed, false)).ears();
      EarPair<EarStands> after = history(worse.apply(drawn(seed, false))).ears();

      for (Side side : Side.values()) {
        assertThat(room(after.get(side)))
            .as("seed %d, %s, %s", seed, side, after.get(side).because())
            .isLessThanOrEqualTo(room(before.get(side)));
      }
    }
  }

  private static int room(EarStands stands) {
    return switch (stands.mayGoIn()) {
      case NONE -> 0;
      case WIPE -> 1;
      case IN_EAR -> 2;
    };
  }

  @Test
  void whatOthersTellNeverAllowsMore() {
    neverAllowsMore(dog -> dog.with(told(TODAY, Side.RIGHT, EnumSet.of(Told.Seen.SMELL))));
  }

  @Test
  void anEarThatNobodyCouldSeeNeverAllowsMore() {
    neverAllowsMore(dog -> dog.with(check(TODAY, EarPair.both(EarFinding.NOT_SEEN))));
  }

  @Test
  void aBottleThatNobodyReadNeverSuitsBetter() {
    Supply read =
        bottle(
            3,
            CleanerKind.GENTLE,
            new Label(
                Map.of(Active.GLYCERINE, Strength.percent(1)),
                Optional.of(7.0),
                Optional.empty(),
                Optional.of(MadeFor.DOGS_EARS)));
    Supply unread = bottle(3, CleanerKind.GENTLE, Label.BLANK);
    for (long seed = 1; seed <= HISTORIES; seed++) {
      DogHistory history = history(drawn(seed, false));
      EarPair<EarAnswer> known = answers(history, read);
      EarPair<EarAnswer> unknown = answers(history, unread);
      for (Side side : Side.values()) {
        assertThat(unknown.get(side).bottles().get(0).answers().inEar().suits())
            .as("seed %d", seed)
            .isGreaterThanOrEqualTo(known.get(side).bottles().get(0).answers().inEar().suits());
      }
    }
  }
}
