package org.evenlobe.core.history;

import static java.util.Collections.disjoint;

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
import org.evenlobe.core.check.EarStory;
import org.evenlobe.core.check.EarTable;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Figures;
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

  private final DogRecord dog;
  private final LocalDate today;
  private final Fold fold;

  /** How both ears stand, once that was asked: the same whoever asks. */
  private volatile Optional<EarPair<EarStands>> ears = Optional.empty();

  private DogHistory(DogRecord dog, LocalDate today, Fold fold) {
    this.dog = dog;
    this.today = today;
    this.fold = fold;
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
            || !said.life().lastInfection().equals(is.life().lastInfection())
            || !said.eardrum().equals(is.eardrum())
            || !said.deaf().equals(is.deaf())
            || !said.handling().equals(is.handling());
    return asked ? of(dog.with(said), today) : new DogHistory(dog.with(said), today, fold);
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
    Fold fold = new Fold(dog);
    List<CheckRecord> checks = dog.checks();
    int last = checks.size() - 1;
    while (last >= 0 && !counts.test(checks.get(last))) {
      last--;
    }
    for (Dated fact : dog.inOrder()) {
      if (counts.test(fact)) {
        fold.take(fact, last >= 0 && fact == checks.get(last));
      }
    }
    fold.close(today);
    return new DogHistory(dog, today, fold);
  }

  private EarStory story(LocalDate day, int worseBefore) {
    long inTwelveMonths =
        fold.flares.flares().stream().filter(flare -> flare.isWithinAYear(day)).count();
    boolean longStanding =
        fold.flares
            .current()
            .map(flare -> ChronoUnit.DAYS.between(flare.start(), day) >= LONG_STANDING_DAYS)
            .orElse(false);
    return new EarStory(
        !fold.flares.anyBefore(),
        inTwelveMonths >= 2,
        longStanding,
        worseBefore,
        dog.profile().bornOn().map(born -> Figures.years(born, day)));
  }

  /** Every check with its verdicts, oldest first. */
  public List<AssessedCheck> checks() {
    return Collections.unmodifiableList(fold.checks);
  }

  /** The latest check. */
  public Optional<AssessedCheck> latest() {
    return fold.checks.isEmpty()
        ? Optional.empty()
        : Optional.of(fold.checks.get(fold.checks.size() - 1));
  }

  /** All that the latest check says. */
  public Optional<CheckVerdict> latestVerdict() {
    return fold.latestSigns.map(
        signs ->
            CheckVerdicts.of(
                signs,
                stories(),
                ears().map(EarStands::hold),
                ears().map(EarStands::mayGoIn),
                intake()));
  }

  private EarPair<EarStory> stories() {
    LocalDate day = fold.checks.get(fold.checks.size() - 1).check().day();
    return fold.worseBeforeLatest.map(before -> story(day, before));
  }

  /** The latest visit to a vet. */
  public Optional<VisitRecord> latestVisit() {
    return fold.visits.isEmpty()
        ? Optional.empty()
        : Optional.of(fold.visits.get(fold.visits.size() - 1));
  }

  /** The fold.visits to a vet, oldest first. */
  public List<VisitRecord> visits() {
    return Collections.unmodifiableList(fold.visits);
  }

  /** What an ear's cleanings brought out. */
  public LoadLine loads(Side side) {
    return fold.loads.get(side);
  }

  /** The lump of an ear, where it has one that was measured. */
  public Optional<KnownLump> lump(Side side) {
    return fold.lines.get(side).lump();
  }

  /** The days on which a check found an ear, or the whole dog, to be one for the vet. */
  public Set<LocalDate> forTheVet(Side side) {
    return fold.lines.get(side).forTheVet();
  }

  /** Where the dog stands on the fold.trust ladder. */
  public Trust trust() {
    return fold.trust.trust();
  }

  /** What happened to its ears, and when that wetted them. */
  public WetLine wet() {
    return fold.wet;
  }

  /** How an ear stands: the one answer. */
  public EarStands ear(Side side) {
    return ears().get(side);
  }

  /** How both ears stand. */
  public EarPair<EarStands> ears() {
    EarPair<EarStands> known =
        ears.orElseGet(() -> EarPair.bySide(side -> new Standing(this, fold, side).stands()));
    ears = Optional.of(known);
    return known;
  }

  /** The latest check at which an ear could be looked into. */
  public Optional<AssessedCheck> lastSeen(Side side) {
    for (int i = fold.checks.size() - 1; i >= 0; i--) {
      if (fold.checks.get(i).saw(side)) {
        return Optional.of(fold.checks.get(i));
      }
    }
    return Optional.empty();
  }

  /** The tables by which a check of today would be judged. */
  public EarPair<EarTable> tables() {
    return EarPair.bySide(
        side -> fold.lines.get(side).table(today, fold.lines.get(side.other()).spares(today)));
  }

  /** Whether the record makes a drum doubtful that is not known to be whole. */
  boolean isDoubtful(Side side) {
    return fold.lines.get(side).isDoubtful(today)
        || flares().stream()
            .anyMatch(flare -> flare.uncovered().contains(side) && flare.isWithinAYear(today))
        || wasInfected(side);
  }

  /** By what was said: of a month that is known until a year after it, else until records tell. */
  private boolean wasInfected(Side side) {
    Life life = dog.profile().life();
    return life.infections() != InfectionHistory.NONE
        && life.lastInfection()
            .map(last -> last.isOf(side) && last.isWithinAYear(today))
            .orElse(!spansAYear());
  }

  private boolean spansAYear() {
    return fold.begun.map(day -> !day.plusMonths(FLARE_MONTHS).isAfter(today)).orElse(false);
  }

  /** What was told of a cleaning of an ear that was held, and nobody has looked at since. */
  public Optional<Told> cleanedWhileHeld() {
    return fold.cleanedWhileHeld;
  }

  /** What each thing that a cleaning of today may show of an ear would ask for. */
  public WipeSigns wipeSigns(Side side) {
    return FoundCleaning.signs(
        fold.lines.get(side),
        today,
        latest().map(AssessedCheck::check).filter(check -> check.day().equals(today)));
  }

  /** The latest light look. */
  public Optional<LightLook> latestLook() {
    return fold.look;
  }

  /** The last day on which a vet looked at an eardrum. */
  public Optional<LocalDate> drumLookedAtOn(Side side) {
    return fold.lines.get(side).drumLookedAtOn(today);
  }

  /** The day of the first check or visit. */
  public Optional<LocalDate> begun() {
    return fold.begun;
  }

  /** What there is to say of eardrums that are not known to be whole. */
  public List<Reason> intake() {
    List<Side> unknown = new ArrayList<>();
    for (Side side : Side.values()) {
      if (ear(side).eardrum() == EardrumKnown.NOT_KNOWN) {
        unknown.add(side);
      }
    }
    if (unknown.isEmpty()) {
      return List.of();
    }
    List<Side> doubtful = unknown.stream().filter(this::isDoubtful).toList();
    boolean seenToday =
        latestVisit().filter(visit -> !visit.call() && visit.day().equals(today)).isPresent();
    if (doubtful.isEmpty() && seenToday) {
      return List.of();
    }
    return List.of(
        Reason.of(
            Rule.CHECK_MAY_GO_IN,
            doubtful.isEmpty()
                ? notSeenLately(unknown)
                : "The eardrum of "
                    + (doubtful.size() == 2 ? "both ears" : "the " + doubtful.get(0).ear())
                    + " is not known to be whole, and there is trouble on record: only wipe what"
                    + " you can see until a vet has looked."));
  }

  private String notSeenLately(List<Side> unknown) {
    Optional<LocalDate> looked =
        unknown.stream().flatMap(side -> drumLookedAtOn(side).stream()).max(LocalDate::compareTo);
    return looked
        .map(
            on ->
                "A vet last looked at the eardrum on %s; what came since makes it worth another look."
                    .formatted(Quantities.day(on)))
        .orElse("No vet has seen the eardrum lately: ask your vet to look, at the next visit.");
  }

  /** What each ear shows when it is well; empty while that is still being learned. */
  public EarPair<Optional<EarFinding>> normal() {
    return fold.lines.map(EarLine::normal);
  }

  /**
   * What a new check starts from: what is normal for each ear, nothing where that is not known.
   * Empty under a hold and after a check that was not quiet, when every sign is to be looked for.
   */
  public Optional<EarPair<EarFinding>> startsFrom() {
    boolean held = fold.lines.map(line -> line.isHeld(today)).join((right, left) -> right || left);
    boolean quiet = latest().map(AssessedCheck::isQuiet).orElse(true);
    return held || !quiet
        ? Optional.empty()
        : Optional.of(normal().map(normal -> normal.orElse(EarFinding.NOTHING)));
  }

  /** How far an ear has crept away from what is usual for it; empty where it has not. */
  public Optional<Drift> drift(Side side) {
    return fold.lines.get(side).drift();
  }

  /** The courses that went into an ear of a flare, and began while it lasted. */
  public List<Course> coursesOf(Flare flare) {
    LocalDate end = flare.end().orElse(today);
    return dog.all(Course.class).stream()
        .filter(course -> !course.startsOn().isBefore(flare.start()))
        .filter(course -> !course.startsOn().isAfter(end))
        .filter(course -> course.ears().isEmpty() || !disjoint(course.ears(), flare.ears()))
        .toList();
  }

  /** The flares, oldest first. */
  public List<Flare> flares() {
    return fold.flares.flares();
  }

  /**
   * Whether the record is quiet: no sign verdict of CAUTION or worse in 90 days and no flare in 12
   * months.
   */
  public boolean isQuiet() {
    boolean recently =
        fold.troubleOn
            .map(day -> ChronoUnit.DAYS.between(day, today) <= QUIET_RECORD_DAYS)
            .orElse(false);
    return !recently && flares().stream().noneMatch(flare -> flare.isWithinAYear(today));
  }

  /**
   * The ear infections of the last 12 months: the larger of what was said and the flares that a
   * vet's microscope confirmed or that had a course, until the record spans 12 months; then the
   * latter alone.
   */
  public InfectionHistory infections() {
    long confirmed =
        flares().stream()
            .filter(flare -> flare.isWithinAYear(today))
            .filter(flare -> flare.confirmed() || !coursesOf(flare).isEmpty())
            .count();
    InfectionHistory recorded =
        confirmed == 0
            ? InfectionHistory.NONE
            : confirmed == 1 ? InfectionHistory.ONE : InfectionHistory.TWO_OR_MORE;
    InfectionHistory stated = dog.profile().life().infections();
    return spansAYear() || recorded.compareTo(stated) > 0 ? recorded : stated;
  }
}
