package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.EarBackground;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.check.VerdictTable;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.HoldRelease;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.VisitRecord;

/** Takes a dog's facts one after the other, oldest first, and hands each to the lines it moves. */
final class Fold {
  private static final EarPair<Verdict> BOTH_QUIET = EarPair.both(Verdict.LEAVE);

  final EarPair<EarLine> lines;
  final EarPair<LoadLine> loads = EarPair.bySide(side -> new LoadLine());
  final FlareRun flares = new FlareRun();
  final TrustLine trust;
  final WetLine wet = new WetLine();
  final List<AssessedCheck> checks = new ArrayList<>();
  final List<VisitRecord> visits = new ArrayList<>();

  /** What was known before the latest check. */
  EarPair<EarBackground> beforeLatest = EarPair.both(EarBackground.NOTHING_KNOWN);

  EarPair<Integer> worseBeforeLatest = EarPair.both(0);

  /** The day of the last check that was not quiet. */
  Optional<LocalDate> troubleOn = Optional.empty();

  /** The day of the first check or visit. */
  Optional<LocalDate> begun = Optional.empty();

  boolean troubleOnRecord;

  Fold(DogRecord dog) {
    boolean diagnosed = dog.profile().life().allergy() == Allergy.DIAGNOSED;
    lines = EarPair.bySide(side -> new EarLine(side, dog.id(), dog.profile(), diagnosed));
    trust = new TrustLine(dog.profile().handling());
    troubleOnRecord = dog.profile().life().infections() != InfectionHistory.NONE;
  }

  /**
   * Takes a fact.
   *
   * @param isLatestCheck whether no check follows
   */
  void take(Dated fact, boolean isLatestCheck) {
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
    }
  }

  private void take(CleaningRecord cleaning) {
    trust.take(cleaning);
    cleaning.ears().right().ifPresent(ear -> loads.right().take(cleaning, ear));
    cleaning.ears().left().ifPresent(ear -> loads.left().take(cleaning, ear));
  }

  private void take(VisitRecord visit) {
    begun = begun.or(() -> Optional.of(visit.day()));
    visits.add(visit);
    flares.take(visit);
    for (Side side : Side.values()) {
      lines.get(side).take(visit);
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
      beforeLatest = lines.map(line -> line.background(day));
      worseBeforeLatest = lines.map(EarLine::worseRunning);
    }
    if (check.showsNothing()) {
      takeQuiet(check, day);
      return;
    }
    EarPair<EarSigns> signs = EarSigns.of(check, lines.map(line -> line.background(day)));
    EarPair<Verdict> bySign = signs.map(VerdictTable::signVerdict);
    EarPair<Verdict> verdicts =
        EarPair.bySide(side -> VerdictTable.verdict(signs.get(side), bySign.get(side)));
    Verdict worstSign = bySign.join(Verdict::or);
    flares.take(check, bySign);
    if (!worstSign.isQuiet()) {
      troubleOn = Optional.of(day);
    }
    troubleOnRecord |= check.dog().headTilt() || flares.any() || isStop(verdicts);
    for (Side side : Side.values()) {
      lines
          .get(side)
          .take(
              check,
              day,
              bySign.get(side),
              withoutItch(signs.get(side), bySign.get(side)),
              worstSign == Verdict.URGENT,
              isWorse(check, side));
    }
    checks.add(new AssessedCheck(check, verdicts, bySign));
  }

  /** The same for a check at which nothing was found: no rule need be asked what its signs say. */
  private void takeQuiet(CheckRecord check, LocalDate day) {
    EarPair<Verdict> verdicts =
        lines.right().isStoppedByVet(day) || lines.left().isStoppedByVet(day)
            ? lines.map(line -> line.isStoppedByVet(day) ? Verdict.STOP : Verdict.LEAVE)
            : BOTH_QUIET;
    flares.take(check, BOTH_QUIET);
    troubleOnRecord |= flares.any() || isStop(verdicts);
    lines.right().take(check, day, Verdict.LEAVE, Verdict.LEAVE, false, false);
    lines.left().take(check, day, Verdict.LEAVE, Verdict.LEAVE, false, false);
    checks.add(new AssessedCheck(check, verdicts, BOTH_QUIET));
  }

  private static boolean isStop(EarPair<Verdict> verdicts) {
    return verdicts.right().atLeast(Verdict.STOP) || verdicts.left().atLeast(Verdict.STOP);
  }

  private static boolean isWorse(CheckRecord check, Side side) {
    return check.ears().get(side).score() - check.ears().get(side.other()).score() >= 2;
  }

  /** The sign verdict if nothing itched; a quiet one stays so. */
  private static Verdict withoutItch(EarSigns signs, Verdict sign) {
    return sign.isQuiet()
        ? sign
        : VerdictTable.signVerdict(
            new EarSigns(signs.side(), signs.ear(), signs.dog().withoutItch(), signs.before()));
  }
}
