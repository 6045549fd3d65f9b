package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.CheckVerdicts;
import org.evenlobe.core.check.EarBackground;
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
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HoldRelease;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * A dog's facts up to a day, gone through once in the order in which they happened: the verdict of
 * each check, what each ear's cleanings brought out, its wet days, and how it stands at the end.
 *
 * <p>For example two checks of CAUTION in a row and then two quiet ones are one flare, over at the
 * second quiet one.
 */
public final class DogHistory {
  private static final int QUIET_RECORD_DAYS = 90;
  private static final int FLARE_MONTHS = 12;
  private static final int LONG_STANDING_DAYS = 30;
  private static final double DAYS_IN_A_YEAR = 365.25;
  private static final EarPair<Verdict> BOTH_QUIET = EarPair.both(Verdict.LEAVE);

  private final DogRecord dog;
  private final LocalDate today;
  private final EarPair<EarLine> lines;
  private final EarPair<LoadLine> loads;
  private final FlareRun flares;
  private final TrustLine trust;
  private final WetLine wet;
  private final List<AssessedCheck> checks;
  private final List<VisitRecord> visits;
  private EarPair<EarBackground> beforeLatest = EarPair.both(EarBackground.NOTHING_KNOWN);
  private EarPair<Integer> worseBeforeLatest = EarPair.both(0);
  private Optional<LocalDate> troubleOn = Optional.empty();
  private Optional<LocalDate> begun = Optional.empty();
  private boolean troubleOnRecord;

  private DogHistory(DogRecord dog, LocalDate today) {
    this.dog = dog;
    this.today = today;
    boolean diagnosed = dog.profile().life().allergy() == Allergy.DIAGNOSED;
    this.lines = EarPair.bySide(side -> new EarLine(side, dog.id(), dog.profile(), diagnosed));
    this.loads = EarPair.bySide(side -> new LoadLine());
    this.flares = new FlareRun();
    this.trust = new TrustLine(dog.profile().handling());
    this.wet = new WetLine();
    this.checks = new ArrayList<>();
    this.visits = new ArrayList<>();
    this.troubleOnRecord = dog.profile().life().infections() != InfectionHistory.NONE;
  }

  private DogHistory(DogHistory other, DogRecord dog) {
    this.dog = dog;
    today = other.today;
    lines = other.lines;
    loads = other.loads;
    flares = other.flares;
    trust = other.trust;
    wet = other.wet;
    checks = other.checks;
    visits = other.visits;
    beforeLatest = other.beforeLatest;
    worseBeforeLatest = other.worseBeforeLatest;
    troubleOn = other.troubleOn;
    begun = other.begun;
    troubleOnRecord = other.troubleOnRecord;
  }

  /** The history up to a day, that day included. */
  public static DogHistory of(DogRecord dog, LocalDate today) {
    return gone(dog, today, fact -> fact.isBy(today));
  }

  /** The history up to a check of that dog's, that check included. */
  public static DogHistory upTo(DogRecord dog, CheckRecord check) {
    return gone(dog, check.day(), fact -> Dated.BY_TIME.compare(fact, check) <= 0);
  }

  /**
   * The same history of a dog of which something else was said. What was found stands; the facts
   * are gone through again only where what is said is asked on the way.
   */
  public DogHistory asIf(DogProfile said) {
    DogProfile is = dog.profile();
    boolean asked =
        said.life().allergy() != is.life().allergy()
            || said.life().infections() != is.life().infections()
            || !said.eardrum().equals(is.eardrum())
            || !said.handling().equals(is.handling());
    return asked ? of(dog.with(said), today) : new DogHistory(this, dog.with(said));
  }

  /** Whose it is. */
  public DogRecord dog() {
    return dog;
  }

  /** The day up to which it goes. */
  public LocalDate today() {
    return today;
  }

  private static DogHistory gone(DogRecord dog, LocalDate today, Predicate<Dated> counts) {
    DogHistory history = new DogHistory(dog, today);
    List<CheckRecord> checks = dog.checks();
    int last = checks.size() - 1;
    while (last >= 0 && !counts.test(checks.get(last))) {
      last--;
    }
    for (Dated fact : dog.inOrder()) {
      if (counts.test(fact)) {
        history.take(fact, last >= 0 && fact == checks.get(last));
      }
    }
    history.wet.close(today);
    return history;
  }

  private void take(Dated fact, boolean isLatestCheck) {
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
    return Collections.unmodifiableList(checks);
  }

  /** The latest check. */
  public Optional<AssessedCheck> latest() {
    return checks.isEmpty() ? Optional.empty() : Optional.of(checks.get(checks.size() - 1));
  }

  /** All that the latest check says. */
  public Optional<CheckVerdict> latestVerdict() {
    return latest()
        .map(latest -> EarSigns.of(latest.check(), beforeLatest))
        .map(signs -> CheckVerdicts.of(signs, stories(), holds(), mayGoIn(), intake()));
  }

  private EarPair<EarStory> stories() {
    LocalDate day = checks.get(checks.size() - 1).check().day();
    return worseBeforeLatest.map(before -> story(day, before));
  }

  /** The latest visit to a vet. */
  public Optional<VisitRecord> latestVisit() {
    return visits.isEmpty() ? Optional.empty() : Optional.of(visits.get(visits.size() - 1));
  }

  /** The visits to a vet, oldest first. */
  public List<VisitRecord> visits() {
    return Collections.unmodifiableList(visits);
  }

  /** What an ear's cleanings brought out. */
  public LoadLine loads(Side side) {
    return loads.get(side);
  }

  /** The days on which a check found an ear, or the whole dog, to be one for the vet. */
  public Set<LocalDate> forTheVet(Side side) {
    return lines.get(side).forTheVet();
  }

  /** Where the dog stands on the trust ladder. */
  public Trust trust() {
    return trust.trust();
  }

  /** What happened to its ears, and when that wetted them. */
  public WetLine wet() {
    return wet;
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
