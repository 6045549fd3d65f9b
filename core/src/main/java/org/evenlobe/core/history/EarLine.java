package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.Cover;
import org.evenlobe.core.check.EarBackground;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.check.EarTable;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.check.VerdictTable;
import org.evenlobe.core.course.DoseSchedule;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Rule;

/**
 * One ear through its checks, visits and cleanings, told oldest first. Each thing that follows from
 * them has a line of its own; this one knows what a fact means for each.
 */
final class EarLine {
  /** The last day of what has no end. */
  private static final LocalDate FAR = LocalDate.of(9999, 1, 1);

  private static final int CHECKED_WITHIN_DAYS = 3;
  private static final int DOUBTFUL_MONTHS = 12;
  private static final int DOUBTFUL_AFTER_DAYS = 30;

  private final Side side;
  private final boolean diagnosedAllergy;
  private final EardrumLine eardrum;
  private final ItchBaseline itch = new ItchBaseline();
  private final NormalFinding normal = new NormalFinding();
  private final DriftLine drift = new DriftLine();
  private final HoldLine holds;
  private boolean liftedSince;
  private boolean heardBefore;
  private boolean deaf;
  private int worseRunning;
  private Optional<LocalDate> severeOn = Optional.empty();
  private boolean drumInDoubt;
  private Optional<LocalDate> cautionFrom = Optional.empty();
  private Optional<LocalDate> cautionRun = Optional.empty();
  private Optional<Found> found = Optional.empty();
  private Optional<Found> pending = Optional.empty();
  private EarFinding lastFinding = EarFinding.NOTHING;
  private Optional<LocalDate> cleanedOn = Optional.empty();
  private final OrderLine order;
  private final LumpLine lump = new LumpLine();
  private final MedicineLine medicine = new MedicineLine();
  private final Set<LocalDate> forTheVet = new HashSet<>();

  EarLine(Side side, UUID dog, DogProfile profile, boolean diagnosedAllergy) {
    this.side = side;
    this.holds = new HoldLine(side, dog);
    this.diagnosedAllergy = diagnosedAllergy;
    this.eardrum = new EardrumLine(profile.eardrum());
    this.order = new OrderLine(side);
  }

  /**
   * What a cleaning showed that no check has looked at since.
   *
   * @param cleaning its id
   * @param day its day
   * @param verdict what it asks for
   * @param lasting whether it is more than itch
   * @param score of the ear with it
   */
  record Found(UUID cleaning, LocalDate day, Verdict verdict, boolean lasting, int score) {}

  /**
   * A check of this ear, judged.
   *
   * @param check the check
   * @param signs the ear's signs, as they are read
   * @param sign its sign verdict
   * @param opens the verdict that opens a hold: what an order covers does not
   * @param own its sign verdict by the ear's own signs
   * @param itchless its sign verdict if this ear did not itch
   * @param urgentAnywhere whether either ear's is URGENT: that holds both
   * @param vestibular whether the whole dog shows a sign from beyond the eardrum that no vet saw
   * @param isWorse whether this was the worse ear
   */
  record Judged(
      CheckRecord check,
      EarSigns signs,
      Verdict sign,
      Verdict opens,
      Verdict own,
      Verdict itchless,
      boolean urgentAnywhere,
      boolean vestibular,
      boolean isWorse) {}

  /** Days go by up to one. */
  void advance(LocalDate day) {
    if (order.isGiven()) {
      order.advance(day);
      order.takeEnded().ifPresent(this::heldSinceTheOrder);
    }
  }

  private void heldSinceTheOrder(OrderLine.Ended ended) {
    holds.take(ended);
    liftedSince = false;
  }

  /** An ear's signs at a check, as they are read there: with medicine, and under an order. */
  EarSigns read(EarFinding finding, DogSigns dog, LocalDate day, Set<Rule> spared) {
    return read(new EarSigns(side, finding, dog, background(day)), day, spared, true);
  }

  /** The same of what a cleaning showed: a vet's order is not held against that. */
  EarSigns readWhileCleaning(EarFinding finding, DogSigns dog, LocalDate day) {
    return read(new EarSigns(side, finding, dog, background(day)), day, Set.of(), false);
  }

  private EarSigns read(EarSigns signs, LocalDate day, Set<Rule> spared, boolean isCheck) {
    EarSigns shown = medicine.isIn(day) ? medicine.read(signs) : signs;
    return shown.with(
        judgedBy(shown.before(), day, Optional.of(shown).filter(ear -> isCheck), spared));
  }

  /** What an ear is judged by on a day: its order, and what a vet saw of the whole dog. */
  private EarBackground judgedBy(
      EarBackground before, LocalDate day, Optional<EarSigns> first, Set<Rule> spared) {
    Optional<Cover> cover =
        order.cover(day, first, cleanedOn.filter(day::equals).isPresent(), medicine.isIn(day));
    if (cover.isPresent()) {
      return before.under(cover.get());
    }
    return spared.isEmpty() ? before : before.sparing(spared);
  }

  /** The table by which a check on that day would be judged. */
  EarTable table(LocalDate day, Set<Rule> spared) {
    EarBackground before = background(day);
    // a check that becomes the reference of an order is not worse than itself
    EarSigns worst = new EarSigns(side, EarFinding.WORST, DogSigns.NOTHING, before);
    EarBackground known = judgedBy(before, day, Optional.of(worst), spared);
    return medicine.isIn(day)
        ? EarTable.of(
            known,
            Stream.of(DischargeKind.values())
                .filter(medicine::counts)
                .collect(Collectors.toUnmodifiableSet()),
            medicine.deafnessCounts())
        : EarTable.of(known);
  }

  /** The signs of the whole dog that a vet saw with this ear, and covers in both. */
  Set<Rule> spares(LocalDate day) {
    return order.spares(day).map(VerdictTable::seenOfTheDog).orElse(Set.of());
  }

  Side side() {
    return side;
  }

  /** Whether no order and no medicine has a say on that day. */
  boolean isPlain(LocalDate day) {
    return order.on(day).isEmpty() && !medicine.isIn(day);
  }

  OrderLine order() {
    return order;
  }

  /** Its lump, where it has one that was measured. */
  Optional<KnownLump> lump() {
    return lump.known();
  }

  MedicineLine medicine() {
    return medicine;
  }

  /** What a check on that day needs to know. */
  EarBackground background(LocalDate day) {
    return new EarBackground(
        diagnosedAllergy ? itch.learned().orElse(Grade.NONE) : Grade.NONE,
        heardBefore,
        deaf,
        eardrum.on(day),
        holds.isByVet() && !order.allTheSame(day));
  }

  /** Takes a check. */
  void take(Judged judged) {
    CheckRecord check = judged.check();
    LocalDate day = check.day();
    Verdict sign = judged.sign();
    boolean treated = medicine.isIn(day);
    Optional<Cover> cover = judged.signs().before().cover();
    EarFinding finding = check.ears().get(side);
    liftedSince = false;
    found = Optional.empty();
    lastFinding = finding;
    lump.take(finding, day);
    if (sign.atLeast(Verdict.STOP) || judged.urgentAnywhere()) {
      forTheVet.add(day);
    }
    if (judged.opens().atLeast(Verdict.STOP)) {
      eardrum.severe(day);
      if (judged.own().atLeast(Verdict.STOP)) {
        severeOn = Optional.of(day);
      }
    }
    drumInDoubt |= judged.vestibular();
    holds.take(judged.opens(), judged.own(), judged.urgentAnywhere(), day, check.id());
    if (!sign.isQuiet()) {
      holds.restless();
    } else if (!treated) {
      quietOn(day, finding);
    }
    if (!sign.isQuiet() || !treated) {
      drift.take(day, DriftLine.score(judged.signs().ear()), sign.isQuiet());
    }
    if (diagnosedAllergy && judged.itchless().isQuiet() && !check.dog().shakesSuddenly()) {
      itch.take(check.dog().itch(side));
    }
    hear(finding.hearing());
    worseRunning = judged.isWorse() ? worseRunning + 1 : 0;
    order.take(
        new OrderLine.Seen(check.id(), day, judged.signs(), sign),
        cover,
        judged.own(),
        judged.vestibular(),
        treated,
        judged.opens() == Verdict.CLEAN && VerdictTable.isNoBetter(judged.signs()));
  }

  /** Takes a check at which nothing was found, on a day without an order and a medicine. */
  void takeQuiet(CheckRecord check, LocalDate day) {
    liftedSince = false;
    found = Optional.empty();
    lastFinding = check.ears().get(side);
    lump.take(lastFinding, day);
    quietOn(day, lastFinding);
    drift.take(day, DriftLine.score(lastFinding), true);
    if (diagnosedAllergy) {
      itch.take(Grade.NONE);
    }
    hear(lastFinding.hearing());
    worseRunning = 0;
    order.takeQuiet(check);
  }

  private void quietOn(LocalDate day, EarFinding finding) {
    holds.quiet(day);
    normal.take(finding);
  }

  /**
   * A check at which this ear asked for caution, in a run of them: a drum that was seen whole
   * before is in doubt after {@value #DOUBTFUL_AFTER_DAYS} days of one flare.
   */
  void cautioned(LocalDate run, boolean isFlare, LocalDate day) {
    boolean goesOn =
        cautionRun.filter(run::equals).isPresent()
            && cautionFrom.filter(eardrum::isNotSeenSince).isPresent();
    if (!goesOn) {
      cautionRun = Optional.of(run);
      cautionFrom = Optional.of(day);
    } else if (isFlare
        && ChronoUnit.DAYS.between(cautionFrom.orElseThrow(), day) >= DOUBTFUL_AFTER_DAYS) {
      eardrum.severe(day);
    }
  }

  /** Takes what a cleaning showed, where it asks for something. */
  void take(Found shown, boolean urgentAnywhere) {
    found = Optional.of(shown);
    pending = found;
    liftedSince = false;
    if (shown.verdict().atLeast(Verdict.STOP)) {
      forTheVet.add(shown.day());
      holds.restless();
    }
    holds.take(shown.verdict(), shown.verdict(), urgentAnywhere, shown.day(), shown.cleaning());
  }

  /**
   * What a cleaning showed and counts from now on: it does not where the ear's next check, within
   * {@value #CHECKED_WITHIN_DAYS} days, is quiet.
   *
   * @param quietCheck whether a check of that day found the ear quiet; empty where there was none
   */
  Optional<Found> settled(LocalDate day, Optional<Boolean> quietCheck) {
    if (pending.isEmpty()) {
      return pending;
    }
    boolean late = ChronoUnit.DAYS.between(pending.get().day(), day) > CHECKED_WITHIN_DAYS;
    if (!late && quietCheck.isEmpty()) {
      return Optional.empty();
    }
    Optional<Found> shown = pending.filter(one -> late || !quietCheck.orElseThrow());
    pending = Optional.empty();
    shown
        .filter(one -> one.verdict().atLeast(Verdict.STOP))
        .ifPresent(one -> severeOn = Optional.of(one.day()));
    return shown;
  }

  /** Whether it is still to be seen whether what a cleaning showed counts. */
  boolean isPending() {
    return pending.isPresent();
  }

  /** What a cleaning showed that no check has looked at since. */
  Optional<Found> found() {
    return found;
  }

  void cleaned(LocalDate day) {
    cleanedOn = Optional.of(day);
  }

  /** A cleaning under an order, or while medicine is given, tells nothing of wax. */
  void underCare(LocalDate day) {
    if (order.on(day).filter(VetOrder::cleans).isPresent() || medicine.isGiven(day)) {
      forTheVet.add(day);
    }
  }

  /** Whether the record makes a drum doubtful that is not known to be whole. */
  boolean isDoubtful(LocalDate day) {
    return deaf
        || drumInDoubt
        || pending.filter(one -> one.verdict().atLeast(Verdict.STOP)).isPresent()
        || severeOn.filter(on -> on.plusMonths(DOUBTFUL_MONTHS).isAfter(day)).isPresent();
  }

  private void hear(HearingTry tried) {
    if (tried != HearingTry.NOT_TRIED) {
      deaf = tried == HearingTry.DID_NOT_TURN;
      heardBefore |= !deaf;
    }
  }

  /**
   * Takes a visit or a call.
   *
   * @return the check by which this ear was URGENT, where a vet said to go on all the same
   */
  Optional<UUID> take(VisitRecord visit) {
    EarVisit ear = visit.ears().get(side);
    advance(visit.day());
    if (!visit.call()) {
      eardrum.seen(ear.eardrum(), visit.day());
      drumInDoubt &= ear.eardrum() == EarVisit.EardrumSeen.NOT_SEEN;
      itch.visited();
      drift.visited();
      lump.visited();
    }
    boolean wentOn = order.take(visit, ear);
    order.takeEnded().ifPresent(this::heldSinceTheOrder);
    ear.medicineUntil().ifPresent(until -> medicine.take(visit.day(), until, lastFinding, deaf));
    boolean lifts =
        ear.hold() == HoldWord.LIFTED
            || (ear.ordersCleaning() && ear.hold() == HoldWord.NOTHING_SAID);
    Optional<UUID> heldBoth = wentOn ? holds.goOn() : Optional.empty();
    if (lifts) {
      holds.lift();
    }
    if (lifts || wentOn) {
      found = Optional.empty();
      liftedSince = true;
    }
    if (ear.hold() == HoldWord.SET) {
      holds.set(visit);
    }
    return heldBoth;
  }

  /** A course of medicine goes into it. */
  void take(Course course) {
    medicine.begin(
        course.id(),
        course.day(),
        course.startsOn(),
        DoseSchedule.lastDay(course).orElse(FAR),
        lastFinding,
        deaf);
  }

  /** Whether a course went into it. */
  boolean isUnder(UUID course) {
    return medicine.knows(course);
  }

  /**
   * A course is over.
   *
   * @param harm whether it did harm in either ear: that holds both, as URGENT does (rule
   *     COURSE_REACTION)
   */
  void take(CourseEnd end, boolean harm) {
    boolean here = medicine.knows(end.course());
    medicine.end(end.course(), end.day());
    if (harm) {
      Verdict verdict = here ? Verdict.URGENT : Verdict.LEAVE;
      forTheVet.add(end.day());
      holds.restless();
      holds.take(verdict, verdict, true, end.day(), end.id());
      if (here) {
        eardrum.severe(end.day());
        severeOn = Optional.of(end.day());
      }
    }
  }

  /** A vet said to go on with an order of the other ear, by which both were held. */
  void goOnWith(UUID heldBoth) {
    holds.goOnWith(heldBoth);
  }

  /** Takes a person's confirmation; one that the rule does not allow changes nothing. */
  void release(LocalDate day) {
    holds.release(eardrum.on(day) == EardrumKnown.NOT_INTACT);
  }

  /** Whether a vet has said since the latest check that the ear may be cleaned. */
  boolean isLiftedSince() {
    return liftedSince;
  }

  /** The last day on which a vet looked at the drum. */
  Optional<LocalDate> drumLookedAtOn(LocalDate day) {
    return eardrum.lookedAtOn(day);
  }

  EardrumKnown eardrum(LocalDate day) {
    return eardrum.on(day);
  }

  Optional<EarFinding> normal() {
    return normal.learned();
  }

  /** How far it has crept away from what is usual. */
  Optional<Drift> drift() {
    return drift.now();
  }

  /** A failed hearing that no pass has followed. */
  boolean isDeaf() {
    return deaf;
  }

  /** The days on which a check found it, or the whole dog, to be one for the vet. */
  Set<LocalDate> forTheVet() {
    return Collections.unmodifiableSet(forTheVet);
  }

  /** Whether a vet's word or the eardrum stops it, whatever it shows on that day. */
  boolean isStoppedByVet(LocalDate day) {
    return !order.allTheSame(day)
        && (holds.isByVet() || eardrum.on(day) == EardrumKnown.NOT_INTACT);
  }

  /** At how many checks running this has been the worse ear. */
  int worseRunning() {
    return worseRunning;
  }

  boolean isHeld(LocalDate day) {
    return holds.isOpenByChecks() || isStoppedByVet(day);
  }

  /** The hold that is open on that day. */
  Optional<Hold> hold(LocalDate day) {
    return holds.open(eardrum.notIntactSince(day), order.allTheSame(day));
  }
}
