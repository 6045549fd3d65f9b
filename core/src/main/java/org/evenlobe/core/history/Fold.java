package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.check.Evenness;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.check.VerdictTable;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.HoldRelease;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.VisitRecord;

/** Takes a dog's facts one after the other, oldest first, and hands each to the lines it moves. */
final class Fold {
  private static final EarPair<Verdict> BOTH_QUIET = EarPair.both(Verdict.LEAVE);
  private static final Optional<Boolean> QUIET = Optional.of(true);
  private static final EarPair<FlareRun.Shown> NOTHING_SHOWN = EarPair.both(FlareRun.Shown.NOTHING);

  final EarPair<EarLine> lines;
  final EarPair<LoadLine> loads = EarPair.bySide(side -> new LoadLine());
  final FlareRun flares = new FlareRun();
  final TrustLine trust;
  final WetLine wet = new WetLine();
  final List<AssessedCheck> checks = new ArrayList<>();
  final List<VisitRecord> visits = new ArrayList<>();

  /** What the latest check showed, as it was read then. */
  Optional<EarPair<EarSigns>> latestSigns = Optional.empty();

  EarPair<Integer> worseBeforeLatest = EarPair.both(0);

  /** The day of the last check that was not quiet. */
  Optional<LocalDate> troubleOn = Optional.empty();

  /** The day of the first check or visit. */
  Optional<LocalDate> begun = Optional.empty();

  /** The latest light look. */
  Optional<LightLook> look = Optional.empty();

  Fold(DogRecord dog) {
    boolean diagnosed = dog.profile().life().allergy() == Allergy.DIAGNOSED;
    lines = EarPair.bySide(side -> new EarLine(side, dog.id(), dog.profile(), diagnosed));
    trust = new TrustLine(dog.profile().handling());
  }

  /**
   * Takes a fact.
   *
   * @param isLatestCheck whether no check follows
   */
  void take(Dated fact, boolean isLatestCheck) {
    advance(fact.day());
    if (fact instanceof CheckRecord check) {
      take(check, isLatestCheck);
    } else if (fact instanceof CleaningRecord cleaning) {
      take(cleaning);
    } else if (fact instanceof Exposure exposure) {
      wet.take(exposure);
    } else if (fact instanceof VisitRecord visit) {
      take(visit);
    } else if (fact instanceof Practice practice) {
      trust.take(practice);
    } else if (fact instanceof HoldRelease release) {
      lines.get(release.ear()).release(release.day());
    } else if (fact instanceof LightLook light) {
      take(light);
    } else if (fact instanceof Course course) {
      course.ears().forEach(ear -> lines.get(ear).take(course));
    } else if (fact instanceof CourseEnd end) {
      boolean harm =
          end.cause().isHarm()
              && (lines.right().isUnder(end.course()) || lines.left().isUnder(end.course()));
      lines.right().take(end, harm);
      lines.left().take(end, harm);
    }
  }

  /** Nothing more is told: what goes by itself goes on up to today. */
  void close(LocalDate today) {
    wet.close(today);
    advance(today);
  }

  private void advance(LocalDate day) {
    lines.right().advance(day);
    lines.left().advance(day);
    settle(Side.RIGHT, day, Optional.empty());
    settle(Side.LEFT, day, Optional.empty());
  }

  /** What a cleaning showed counts in a flare, unless a quiet check has followed. */
  private void settle(Side side, LocalDate day, Optional<Boolean> quietCheck) {
    if (!lines.get(side).isPending()) {
      return;
    }
    lines
        .get(side)
        .settled(day, quietCheck)
        .ifPresent(
            one ->
                flares.found(
                    one.day(),
                    side,
                    new FlareRun.Shown(one.verdict(), one.lasting(), true, one.score())));
  }

  private void take(LightLook light) {
    look = Optional.of(light);
    for (Side side : Side.values()) {
      if (!light.dogIsWell() || light.ears().get(side).filter(LightLook.Ear::alarms).isPresent()) {
        lines.get(side).order().alarm();
      }
    }
  }

  private void take(CleaningRecord cleaning) {
    trust.take(cleaning);
    Optional<CheckRecord> ofDay = checkOf(cleaning.day());
    for (Side side : Side.values()) {
      EarLine line = lines.get(side);
      cleaning
          .ears()
          .get(side)
          .ifPresent(
              ear -> {
                Optional<EarLine.Found> found = FoundCleaning.of(line, cleaning, ear, ofDay);
                loads.get(side).take(cleaning, ear);
                line.cleaned(cleaning.day());
                line.underCare(cleaning.day());
                found.ifPresent(one -> line.take(one, one.verdict() == Verdict.URGENT));
              });
    }
  }

  /** The last check, where it was that day. */
  private Optional<CheckRecord> checkOf(LocalDate day) {
    return checks.isEmpty()
        ? Optional.empty()
        : Optional.of(checks.get(checks.size() - 1).check())
            .filter(check -> check.day().equals(day));
  }

  private void take(VisitRecord visit) {
    begun = begun.or(() -> Optional.of(visit.day()));
    visits.add(visit);
    flares.take(visit);
    for (Side side : Side.values()) {
      lines.get(side).take(visit).ifPresent(lines.get(side.other())::goOnWith);
      if (visit.ears().get(side).cleaned()) {
        loads.get(side).cleanedBy(visit);
      }
    }
  }

  private void take(CheckRecord check, boolean isLatest) {
    LocalDate day = check.day();
    if (begun.isEmpty()) {
      begun = Optional.of(day);
    }
    if (isLatest) {
      worseBeforeLatest = lines.map(EarLine::worseRunning);
    }
    if (check.showsNothing() && lines.right().isPlain(day) && lines.left().isPlain(day)) {
      if (isLatest) {
        latestSigns = Optional.of(read(check, day));
      }
      takeQuiet(check, day);
      return;
    }
    EarPair<EarSigns> signs = read(check, day);
    if (isLatest) {
      latestSigns = Optional.of(signs);
    }
    EarPair<Verdict> bySign = signs.map(VerdictTable::signVerdict);
    EarPair<Verdict> verdicts =
        EarPair.bySide(side -> VerdictTable.verdict(signs.get(side), bySign.get(side)));
    EarPair<Verdict> opens = signs.map(VerdictTable::openingVerdict);
    EarPair<Verdict> own = signs.map(VerdictTable::ownVerdict);
    boolean urgentAnywhere = opens.join(Verdict::or) == Verdict.URGENT;
    boolean isQuiet = bySign.join(Verdict::or).isQuiet();
    boolean treated = lines.right().medicine().isIn(day) || lines.left().medicine().isIn(day);
    for (Side side : Side.values()) {
      settle(side, day, Optional.of(bySign.get(side).isQuiet()));
    }
    if (!isQuiet) {
      troubleOn = Optional.of(day);
    }
    if (!isQuiet || !treated) {
      flares.take(
          day, EarPair.bySide(side -> shown(signs.get(side), bySign.get(side), opens.get(side))));
    }
    for (Side side : Side.values()) {
      lines
          .get(side)
          .take(
              new EarLine.Judged(
                  check,
                  signs.get(side),
                  bySign.get(side),
                  opens.get(side),
                  own.get(side),
                  withoutItch(signs.get(side), bySign.get(side)),
                  urgentAnywhere,
                  VerdictTable.isVestibular(signs.get(side)),
                  isWorse(check, side)));
      if (own.get(side).atLeast(Verdict.CAUTION) && isUncovered(signs.get(side), opens.get(side))) {
        lines.get(side).cautioned(flares.run().orElse(day), flares.isFlare(), day);
      }
    }
    checks.add(new AssessedCheck(check, verdicts, bySign));
  }

  private EarPair<EarSigns> read(CheckRecord check, LocalDate day) {
    return EarPair.bySide(
        side ->
            lines
                .get(side)
                .read(
                    check.ears().get(side), check.dog(), day, lines.get(side.other()).spares(day)));
  }

  private static boolean isUncovered(EarSigns signs, Verdict opens) {
    return signs.before().cover().isEmpty() || opens.atLeast(Verdict.STOP);
  }

  private static FlareRun.Shown shown(EarSigns signs, Verdict sign, Verdict opens) {
    return new FlareRun.Shown(
        sign, VerdictTable.isLasting(signs), isUncovered(signs, opens), signs.ear().score());
  }

  /** The same for a check at which nothing was found: no rule need be asked what its signs say. */
  private void takeQuiet(CheckRecord check, LocalDate day) {
    EarPair<Verdict> verdicts =
        lines.right().isStoppedByVet(day) || lines.left().isStoppedByVet(day)
            ? lines.map(line -> line.isStoppedByVet(day) ? Verdict.STOP : Verdict.LEAVE)
            : BOTH_QUIET;
    settle(Side.RIGHT, day, QUIET);
    settle(Side.LEFT, day, QUIET);
    flares.take(day, NOTHING_SHOWN);
    lines.right().takeQuiet(check, day);
    lines.left().takeQuiet(check, day);
    checks.add(new AssessedCheck(check, verdicts, BOTH_QUIET));
  }

  private static boolean isWorse(CheckRecord check, Side side) {
    return Evenness.worse(check.ears().map(EarFinding::score)).equals(Optional.of(side));
  }

  /** The sign verdict if nothing itched; a quiet one stays so. */
  private static Verdict withoutItch(EarSigns signs, Verdict sign) {
    return sign.isQuiet()
        ? sign
        : VerdictTable.signVerdict(
            new EarSigns(signs.side(), signs.ear(), signs.dog().withoutItch(), signs.before()));
  }
}
