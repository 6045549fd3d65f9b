package org.evenlobe.core.trend;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.CheckVerdicts;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.check.EarStory;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.check.VerdictTable;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HoldRelease;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * A dog's checks, visits and confirmed holds, gone through in the order in which they happened: the
 * verdict of each check, and how the ears stand at the end.
 */
public final class CheckHistory {
  private static final int QUIET_RECORD_DAYS = 90;
  private static final int FLARE_MONTHS = 12;
  private static final int LONG_STANDING_DAYS = 30;
  private static final double DAYS_IN_A_YEAR = 365.25;

  private final DogRecord dog;
  private final LocalDate today;
  private final EarPair<EarLine> lines;
  private final FlareRun flares = new FlareRun();
  private final List<AssessedCheck> checks = new ArrayList<>();
  private Optional<EarPair<EarSigns>> latestSigns = Optional.empty();
  private EarPair<Integer> worseBeforeLatest = EarPair.both(0);
  private Optional<LocalDate> troubleOn = Optional.empty();
  private Optional<LocalDate> begun = Optional.empty();
  private boolean troubleOnRecord;

  private CheckHistory(DogRecord dog, LocalDate today) {
    this.dog = dog;
    this.today = today;
    boolean diagnosed = dog.profile().life().allergy() == Allergy.DIAGNOSED;
    this.lines = EarPair.bySide(side -> new EarLine(side, dog.id(), dog.profile(), diagnosed));
    this.troubleOnRecord = dog.profile().life().infections() != InfectionHistory.NONE;
  }

  /** The history up to a day, that day included. */
  public static CheckHistory of(DogRecord dog, LocalDate today) {
    return gone(dog, today, fact -> fact.isBy(today));
  }

  /** The history up to a check of that dog's, that check included. */
  public static CheckHistory upTo(DogRecord dog, CheckRecord check) {
    return gone(dog, check.day(), fact -> Dated.BY_TIME.compare(fact, check) <= 0);
  }

  private static CheckHistory gone(DogRecord dog, LocalDate today, Predicate<Dated> counts) {
    CheckHistory history = new CheckHistory(dog, today);
    List<Dated> facts =
        new ArrayList<>(
            dog.checks().size() + dog.visits().size() + dog.all(HoldRelease.class).size());
    facts.addAll(dog.checks());
    facts.addAll(dog.visits());
    facts.addAll(dog.all(HoldRelease.class));
    facts.sort(Dated.BY_TIME);
    for (Dated fact : facts) {
      if (counts.test(fact)) {
        history.take(fact);
      }
    }
    return history;
  }

  private void take(Dated fact) {
    if (fact instanceof CheckRecord check) {
      take(check);
    } else if (fact instanceof VisitRecord visit) {
      begun = begun.or(() -> Optional.of(visit.day()));
      flares.take(visit);
      lines.right().take(visit);
      lines.left().take(visit);
    } else if (fact instanceof HoldRelease release) {
      lines.get(release.ear()).release(release.day());
    }
  }

  private void take(CheckRecord check) {
    // a zone's rules are slow to ask: once a check
    LocalDate day = check.day();
    begun = begun.or(() -> Optional.of(day));
    EarPair<EarSigns> signs = EarSigns.of(check, lines.map(line -> line.background(day)));
    EarPair<Verdict> bySign = signs.map(VerdictTable::signVerdict);
    EarPair<Verdict> verdicts =
        EarPair.bySide(side -> VerdictTable.verdict(signs.get(side), bySign.get(side)));
    worseBeforeLatest = lines.map(EarLine::worseRunning);
    flares.take(check, bySign);
    Verdict worstSign = bySign.join(Verdict::or);
    if (!worstSign.isQuiet()) {
      troubleOn = Optional.of(day);
    }
    troubleOnRecord |=
        check.dog().headTilt() || flares.any() || verdicts.join(Verdict::or).atLeast(Verdict.STOP);
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
    latestSigns = Optional.of(signs);
  }

  private static boolean isWorse(CheckRecord check, Side side) {
    return check.ears().get(side).score() - check.ears().get(side.other()).score() >= 2;
  }

  /** The sign verdict if nothing itched; a quiet one stays so. */
  private static Verdict withoutItch(EarSigns signs, Verdict sign) {
    if (sign.isQuiet()) {
      return sign;
    }
    DogSigns dog = signs.dog();
    DogSigns itchless =
        new DogSigns(
            Grade.NONE,
            Grade.NONE,
            dog.pawed(),
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
    return VerdictTable.signVerdict(
        new EarSigns(signs.side(), signs.ear(), itchless, signs.before()));
  }

  private EarStory story(LocalDate day, int worseBefore) {
    long inTwelveMonths =
        flares.flares().stream()
            .filter(flare -> flare.reaches(day.minusMonths(FLARE_MONTHS)))
            .count();
    boolean longStanding =
        flares
            .current()
            .map(flare -> ChronoUnit.DAYS.between(flare.start(), day) >= LONG_STANDING_DAYS)
            .orElse(false);
    return new EarStory(
        !flares.anyBefore(),
        inTwelveMonths >= 2,
        longStanding,
        worseBefore,
        dog.profile().bornOn().map(born -> ChronoUnit.DAYS.between(born, day) / DAYS_IN_A_YEAR));
  }

  /** Every check with its verdicts, oldest first. */
  public List<AssessedCheck> checks() {
    return List.copyOf(checks);
  }

  /** The latest check. */
  public Optional<AssessedCheck> latest() {
    return checks.isEmpty() ? Optional.empty() : Optional.of(checks.get(checks.size() - 1));
  }

  /** All that the latest check says. */
  public Optional<CheckVerdict> latestVerdict() {
    return latestSigns.map(
        signs -> CheckVerdicts.of(signs, stories(), holds(), mayGoIn(), intake()));
  }

  private EarPair<EarStory> stories() {
    LocalDate day = checks.get(checks.size() - 1).check().day();
    return worseBeforeLatest.map(before -> story(day, before));
  }

  /** The holds that are open. */
  public EarPair<Optional<Hold>> holds() {
    return lines.map(line -> line.hold(today));
  }

  /**
   * What an ear's latest check said of it; nothing where a vet has said since that it may be
   * cleaned, for the vet's word overrides.
   */
  public Verdict verdictNow(Side side) {
    return latest()
        .filter(check -> !lines.get(side).isLiftedSince())
        .map(check -> check.verdicts().get(side))
        .orElse(Verdict.LEAVE);
  }

  private Verdict signNow(Side side) {
    return latest()
        .filter(check -> !lines.get(side).isLiftedSince())
        .map(check -> check.signs().get(side))
        .orElse(Verdict.LEAVE);
  }

  /** Whether an ear was not quiet at its latest check, and no vet has said since that it may. */
  public boolean isTroubled(Side side) {
    return !signNow(side).isQuiet();
  }

  /** What may go into each ear by its latest check, a visit since, its holds and its eardrum. */
  public EarPair<MayGoIn> mayGoIn() {
    return EarPair.bySide(
        side ->
            MayGoIn.of(
                signNow(side),
                lines.get(side).isHeld(today),
                lines.get(side).eardrum(today),
                troubled(side)));
  }

  private boolean troubled(Side side) {
    return troubleOnRecord || lines.get(side).isDeaf();
  }

  /** What is known of an eardrum. */
  public EardrumKnown eardrum(Side side) {
    return lines.get(side).eardrum(today);
  }

  /** What there is to say of eardrums that are not known to be whole. */
  public List<Reason> intake() {
    List<Side> unknown = new ArrayList<>();
    for (Side side : Side.values()) {
      if (lines.get(side).eardrum(today) == EardrumKnown.NOT_KNOWN) {
        unknown.add(side);
      }
    }
    if (unknown.isEmpty()) {
      return List.of();
    }
    List<Side> doubtful = unknown.stream().filter(this::troubled).toList();
    return List.of(
        Reason.of(
            Rule.CHECK_MAY_GO_IN,
            doubtful.isEmpty()
                ? "No vet has seen the eardrum lately: have it looked at once."
                : "The eardrum of "
                    + (doubtful.size() == 2 ? "both ears" : "the " + doubtful.get(0).ear())
                    + " is not known to be whole, and there is trouble on record: only wipe what"
                    + " you can see until a vet has looked."));
  }

  /** What each ear shows when it is well; empty while that is still being learned. */
  public EarPair<Optional<EarFinding>> normal() {
    return lines.map(EarLine::normal);
  }

  /**
   * What a new check starts from: what is normal for each ear, nothing where that is not known.
   * Empty under a hold and after a check that was not quiet, when every sign is to be looked for.
   */
  public Optional<EarPair<EarFinding>> startsFrom() {
    boolean held = lines.map(line -> line.isHeld(today)).join((right, left) -> right || left);
    boolean quiet = latest().map(check -> check.sign().isQuiet()).orElse(true);
    return held || !quiet
        ? Optional.empty()
        : Optional.of(normal().map(normal -> normal.orElse(EarFinding.NOTHING)));
  }

  /** The flares, oldest first. */
  public List<Flare> flares() {
    return flares.flares();
  }

  /**
   * Whether the record is quiet: no sign verdict of CAUTION or worse in 90 days and no flare in 12
   * months.
   */
  public boolean isQuiet() {
    boolean recently =
        troubleOn.map(day -> ChronoUnit.DAYS.between(day, today) < QUIET_RECORD_DAYS).orElse(false);
    return !recently
        && flares().stream().noneMatch(flare -> flare.reaches(today.minusMonths(FLARE_MONTHS)));
  }

  /**
   * The ear infections of the last 12 months: the larger of what was said and what a vet's
   * microscope confirmed, until checks and visits span 12 months; then the latter alone.
   */
  public InfectionHistory infections() {
    long confirmed =
        flares().stream()
            .filter(Flare::confirmed)
            .filter(flare -> flare.reaches(today.minusMonths(FLARE_MONTHS)))
            .count();
    InfectionHistory recorded =
        confirmed == 0
            ? InfectionHistory.NONE
            : confirmed == 1 ? InfectionHistory.ONE : InfectionHistory.TWO_OR_MORE;
    InfectionHistory stated = dog.profile().life().infections();
    boolean spans = begun.map(day -> !day.isAfter(today.minusMonths(FLARE_MONTHS))).orElse(false);
    return spans || recorded.compareTo(stated) > 0 ? recorded : stated;
  }
}
