package org.evenlobe.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.SeenThing;
import org.junit.jupiter.api.Test;

/**
 * The two laws of the verdict over the whole input space. The property {@code evenlobe.cases} says
 * how many inputs are drawn; the benchmark profile draws a million.
 */
class VerdictLawTest {
  private static final int CASES = Integer.getInteger("evenlobe.cases", 5_000);
  private static final long SEED = Long.getLong("evenlobe.seed", 20_261_125);

  private final SplittableRandom random = new SplittableRandom(SEED);
  private final DrawnSigns drawn = new DrawnSigns(random);

  @Test
  void worseIsNeverMilder() {
    int worsened = 0;
    for (int i = 0; i < CASES; i++) {
      EarSigns signs = signs();
      Verdict verdict = VerdictTable.verdict(signs);
      Verdict sign = VerdictTable.signVerdict(signs);
      Verdict opens = VerdictTable.openingVerdict(signs);
      for (EarSigns worse : worsenings(signs)) {
        worsened++;
        if (!VerdictTable.verdict(worse).atLeast(verdict)
            || !VerdictTable.signVerdict(worse).atLeast(sign)
            || !VerdictTable.openingVerdict(worse).atLeast(opens)) {
          throw new AssertionError(
              "seed " + SEED + ": milder though worse\n" + signs + "\n" + worse);
        }
      }
    }
    assertThat(worsened).as("seed %d", SEED).isGreaterThan(CASES * 10);
  }

  @Test
  void swappingTheEarsSwapsTheAnswers() {
    for (int i = 0; i < CASES; i++) {
      DogSigns dog = drawn.dog();
      EarPair<EarFinding> ears = EarPair.bySide(side -> drawn.ear());
      EarPair<EarBackground> before = EarPair.bySide(side -> before());
      EarPair<EarStory> stories = EarPair.bySide(side -> story());
      CheckVerdict answer = answer(dog, ears, before, stories);
      CheckVerdict swapped =
          answer(
              swapped(dog),
              ears.swapped(),
              before.swapped().map(VerdictLawTest::swapped),
              stories.swapped());

      assertThat(swapped.verdict()).isEqualTo(answer.verdict());
      assertThat(swapped.ears()).as("seed %d", SEED).isEqualTo(answer.ears().swapped());
      assertThat(swapped.evenness().worse()).isEqualTo(answer.evenness().worse().map(Side::other));
    }
  }

  @Test
  void theFirstReasonIsAlwaysTheVerdict() {
    for (int i = 0; i < CASES; i++) {
      EarSigns signs = signs();
      List<VerdictReason> reasons = VerdictTable.reasons(signs);

      assertThat(reasons.get(0).verdict()).as("%s", signs).isEqualTo(VerdictTable.verdict(signs));
      assertThat(reasons)
          .isSortedAccordingTo((one, other) -> other.verdict().compareTo(one.verdict()));
    }
  }

  @Test
  void whereNothingShowsNoRuleOfSignsHolds() {
    int quiet = 0;
    for (EarBackground before : backgrounds()) {
      EarSigns nothing = new EarSigns(Side.LEFT, EarFinding.NOTHING, DogSigns.NOTHING, before);
      EarSigns trace = odourAndHearing(nothing, Odour.WAXY, HearingTry.TURNED);
      List<EarSigns> near = new ArrayList<>(worsenings(nothing));
      near.add(nothing);
      near.addAll(worsenings(trace));
      for (DischargeKind kind : DrawnSigns.KINDS) {
        near.add(discharge(trace, Grade.MILD, kind));
        near.addAll(worsenings(discharge(trace, Grade.MILD, kind)));
      }
      for (EarSigns signs : near) {
        if (signs.ear().showsNothing() && signs.dog().showsNothing()) {
          quiet++;
          assertThat(VerdictTable.signVerdict(signs)).as("%s", signs).isEqualTo(Verdict.LEAVE);
        }
      }
    }
    assertThat(quiet).isGreaterThan(5 * backgrounds().size());
  }

  private static List<EarBackground> backgrounds() {
    List<EarBackground> all = new ArrayList<>();
    for (Grade itch : Grade.values()) {
      for (EardrumKnown eardrum : EardrumKnown.values()) {
        for (int bits = 0; bits < 8; bits++) {
          all.add(
              new EarBackground(itch, (bits & 1) != 0, (bits & 2) != 0, eardrum, (bits & 4) != 0));
        }
      }
    }
    return all;
  }

  private static CheckVerdict answer(
      DogSigns dog,
      EarPair<EarFinding> ears,
      EarPair<EarBackground> before,
      EarPair<EarStory> stories) {
    return CheckVerdicts.of(
        EarPair.bySide(side -> new EarSigns(side, ears.get(side), dog, before.get(side))),
        stories,
        EarPair.both(Optional.empty()),
        EarPair.both(MayGoIn.IN_EAR),
        List.of());
  }

  private EarSigns signs() {
    return new EarSigns(drawn.one(Side.values()), drawn.ear(), drawn.dog(), before());
  }

  private EarBackground before() {
    EarBackground before =
        new EarBackground(
            drawn.grade(),
            random.nextBoolean(),
            random.nextBoolean(),
            drawn.one(EardrumKnown.values()),
            drawn.rarely());
    if (random.nextInt(3) == 0) {
      EarSigns reference = new EarSigns(drawn.one(Side.values()), drawn.ear(), drawn.dog(), before);
      return before.under(
          new Cover(
              reference,
              random.nextBoolean() ? VerdictTable.urgentOf(reference) : Set.of(),
              drawn.rarely(),
              drawn.rarely(),
              random.nextBoolean(),
              random.nextInt(4) == 0));
    }
    return random.nextInt(4) == 0
        ? before.sparing(
            VerdictTable.ofTheDog(
                VerdictTable.urgentOf(
                    new EarSigns(drawn.one(Side.values()), drawn.ear(), drawn.dog(), before))))
        : before;
  }

  private static EarBackground swapped(EarBackground before) {
    return before
        .cover()
        .map(
            cover ->
                before.under(
                    new Cover(
                        new EarSigns(
                            cover.reference().side().other(),
                            cover.reference().ear(),
                            swapped(cover.reference().dog()),
                            cover.reference().before()),
                        cover.excused(),
                        cover.leftIn(),
                        cover.allTheSame(),
                        cover.cleaned(),
                        cover.medicine())))
        .orElse(before);
  }

  private EarStory story() {
    return new EarStory(
        random.nextBoolean(),
        random.nextBoolean(),
        random.nextBoolean(),
        random.nextInt(3),
        random.nextBoolean() ? Optional.empty() : Optional.of(random.nextDouble() * 12));
  }

  private static DogSigns swapped(DogSigns dog) {
    return with(dog, dog.shaking(), dog.scratching(), dog.pawed().map(Side::other));
  }

  private static DogSigns with(
      DogSigns dog, Grade shaking, Grade scratching, Optional<Side> pawed) {
    return new DogSigns(
        shaking,
        scratching,
        pawed,
        dog.onset(),
        dog.headTilt(),
        dog.balanceLoss(),
        dog.eyesFlicking(),
        dog.faceDrooping(),
        dog.unwell(),
        dog.blowToHead(),
        dog.itchyPawsOrBelly(),
        dog.seedSeason(),
        dog.itchingContacts());
  }

  /** The same signs, each time with one of them a step worse. */
  private static List<EarSigns> worsenings(EarSigns s) {
    List<EarSigns> worse = new ArrayList<>();
    EarFinding e = s.ear();
    next(e.redness()).ifPresent(g -> worse.add(ear(s, g, e.swelling(), e.sores(), e.pain())));
    next(e.swelling()).ifPresent(g -> worse.add(ear(s, e.redness(), g, e.sores(), e.pain())));
    next(e.sores()).ifPresent(g -> worse.add(ear(s, e.redness(), e.swelling(), g, e.pain())));
    next(e.pain()).ifPresent(g -> worse.add(ear(s, e.redness(), e.swelling(), e.sores(), g)));
    next(e.discharge())
        .ifPresent(
            grade -> {
              if (e.discharge() == Grade.NONE) {
                for (DischargeKind kind : DischargeKind.values()) {
                  if (kind != DischargeKind.NONE) {
                    worse.add(discharge(s, grade, kind));
                  }
                }
              } else {
                worse.add(discharge(s, grade, e.dischargeKind()));
              }
            });
    if (e.discharge() != Grade.NONE) {
      next(DischargeKind.values(), e.dischargeKind())
          .ifPresent(kind -> worse.add(discharge(s, e.discharge(), kind)));
    }
    next(Odour.values(), e.odour())
        .ifPresent(odour -> worse.add(odourAndHearing(s, odour, e.hearing())));
    next(HearingTry.values(), e.hearing())
        .ifPresent(hearing -> worse.add(odourAndHearing(s, e.odour(), hearing)));
    for (SeenThing thing : SeenThing.values()) {
      Set<SeenThing> more = EnumSet.of(thing);
      more.addAll(e.seen());
      worse.add(
          new EarSigns(
              s.side(),
              new EarFinding(
                  e.redness(),
                  e.swelling(),
                  e.sores(),
                  e.discharge(),
                  e.dischargeKind(),
                  e.odour(),
                  e.pain(),
                  more,
                  e.hearing()),
              s.dog(),
              s.before()));
    }
    DogSigns d = s.dog();
    next(d.shaking()).ifPresent(g -> worse.add(dog(s, with(d, g, d.scratching(), d.pawed()))));
    next(d.scratching()).ifPresent(g -> worse.add(dog(s, with(d, d.shaking(), g, d.pawed()))));
    for (int sign = 0; sign < 6; sign++) {
      worse.add(dog(s, withSign(d, sign)));
    }
    return worse;
  }

  private static DogSigns withSign(DogSigns d, int sign) {
    return new DogSigns(
        d.shaking(),
        d.scratching(),
        d.pawed(),
        d.onset(),
        d.headTilt() || sign == 0,
        d.balanceLoss() || sign == 1,
        d.eyesFlicking() || sign == 2,
        d.faceDrooping() || sign == 3,
        d.unwell() || sign == 4,
        d.blowToHead() || sign == 5,
        d.itchyPawsOrBelly(),
        d.seedSeason(),
        d.itchingContacts());
  }

  private static EarSigns dog(EarSigns s, DogSigns dog) {
    return new EarSigns(s.side(), s.ear(), dog, s.before());
  }

  private static EarSigns ear(EarSigns s, Grade redness, Grade swelling, Grade sores, Grade pain) {
    EarFinding e = s.ear();
    return new EarSigns(
        s.side(),
        new EarFinding(
            redness,
            swelling,
            sores,
            e.discharge(),
            e.dischargeKind(),
            e.odour(),
            pain,
            e.seen(),
            e.hearing()),
        s.dog(),
        s.before());
  }

  private static EarSigns discharge(EarSigns s, Grade grade, DischargeKind kind) {
    EarFinding e = s.ear();
    return new EarSigns(
        s.side(),
        new EarFinding(
            e.redness(),
            e.swelling(),
            e.sores(),
            grade,
            kind,
            e.odour(),
            e.pain(),
            e.seen(),
            e.hearing()),
        s.dog(),
        s.before());
  }

  private static EarSigns odourAndHearing(EarSigns s, Odour odour, HearingTry hearing) {
    EarFinding e = s.ear();
    return new EarSigns(
        s.side(),
        new EarFinding(
            e.redness(),
            e.swelling(),
            e.sores(),
            e.discharge(),
            e.dischargeKind(),
            odour,
            e.pain(),
            e.seen(),
            hearing),
        s.dog(),
        s.before());
  }

  private static Optional<Grade> next(Grade grade) {
    return next(Grade.values(), grade);
  }

  private static <E> Optional<E> next(E[] scale, E value) {
    int at = List.of(scale).indexOf(value);
    return at + 1 < scale.length ? Optional.of(scale[at + 1]) : Optional.empty();
  }
}
