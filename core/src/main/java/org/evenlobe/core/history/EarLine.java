package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
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
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
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
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Told;
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
  private int blockedRunning;
  private Optional<LocalDate> severeOn = Optional.empty();
  private boolean drumInDoubt;
  private Optional<LocalDate> cautionFrom = Optional.empty();
  private Optional<LocalDate> cautionRun = Optional.empty();
  private Optional<Found> found = Optional.empty();

  /** What cleanings showed and no check has looked at since, oldest first. */
  private final List<Found> pending = new ArrayList<>();

  private EarFinding lastFinding = EarFinding.NOTHING;
  private Optional<LocalDate> cleanedOn = Optional.empty();
  private final OrderLine order;
  private final LumpLine lump = new LumpLine();
  private final MedicineLine medicine = new MedicineLine();
  private final ToldLine told;
  private final UnseenLine unseen = new UnseenLine();
  private final DogProfile profile;
  private Optional<LightLook> callFirst = Optional.empty();
  private Verdict lastSign = Verdict.LEAVE;
  private final Set<LocalDate> forTheVet = new HashSet<>();

  EarLine(Side side, UUID dog, DogProfile profile, boolean diagnosedAllergy) {
    this.side = side;
    this.profile = profile;
    this.told = new ToldLine(side);
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
   * @param shown the ear with it
   */
  record Found(UUID cleaning, LocalDate day, Verdict verdict, boolean lasting, EarFinding shown) {}

  /**
   * A check of this ear, judged.
   *
   * @param check the check, with what others told of it counted in
   * @param signs the ear's signs, as they are read
   * @param sign its sign verdict
   * @param opens the verdict that opens a hold: what an order covers does not
   * @param own its sign verdict by the ear's own signs
   * @param itchless its sign verdict if this ear did not itch
   * @param urgentBy by whose signs the dog is URGENT: that holds both
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
      Set<HoldLine.Whose> urgentBy,
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
    EarSigns heard =
        isKnownDeaf(day) ? signs.with(signs.ear().hearing(HearingTry.NOT_TRIED)) : signs;
    EarSigns shown = medicine.isIn(day) ? medicine.read(heard) : heard;
    // a check that nobody could make is no reference
    Optional<EarSigns> first = Optional.of(heard).filter(ear -> isCheck && ear.ear().couldLook());
    return shown.with(judgedBy(shown.before(), day, first, spared));
  }

  /** An ear that was said to be deaf before it ever turned to a sound is not tried. */
  private boolean isKnownDeaf(LocalDate day) {
    return profile.deaf().contains(side)
        && !heardBefore
        && profile.deafSince().map(since -> !day.isBefore(since)).orElse(true);
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
            medicine.deafnessCounts() && !isKnownDeaf(day))
        : EarTable.of(known, EnumSet.allOf(DischargeKind.class), !isKnownDeaf(day));
  }

  /** The signs of the whole dog that a vet saw with this ear, and covers in both. */
  Set<Rule> spares(LocalDate day) {
    return order.spares(day);
  }

  Side side() {
    return side;
  }

  /** Whether no order and no medicine has a say on that day. */
  boolean isPlain(LocalDate day) {
    return order.on(day).isEmpty() && !medicine.isIn(day) && unseen.now().isEmpty();
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
        // a torn one that a vet knows of and orders to clean all the same stops nothing
        order.allTheSame(day) && drum(day) == EardrumKnown.NOT_INTACT
            ? EardrumKnown.NOT_KNOWN
            : drum(day),
        holds.isByVet() && !order.allTheSame(day));
  }

  private EardrumKnown drum(LocalDate day) {
    return eardrum.on(
        day,
        profile
            .life()
            .lastInfection()
            .filter(last -> last.isOf(side))
            .map(last -> last.month().atDay(1)));
  }

  /** Takes a check. */
  void take(Judged judged) {
    CheckRecord check = judged.check();
    EarFinding finding = check.ears().get(side);
    LocalDate day = check.day();
    told.take(check.asked(), finding.couldLook(), check.sawAny());
    severe(judged, day);
    if (!finding.couldLook()) {
      takeUnseen(judged);
      return;
    }
    Verdict sign = judged.sign();
    boolean treated = medicine.isIn(day);
    Optional<Cover> cover = judged.signs().before().cover();
    unseen.seen();
    lastSign = sign;
    liftedSince = false;
    found = Optional.empty();
    lastFinding = finding;
    lump.take(finding, day);
    if (sign.atLeast(Verdict.STOP) || !judged.urgentBy().isEmpty()) {
      forTheVet.add(day);
    }
    if (!sign.isQuiet()) {
      holds.restless();
    } else if (!treated) {
      quietOn(day, finding);
    }
    if (!sign.isQuiet() || !treated) {
      drift.take(day, DriftLine.score(judged.signs().ear()), sign.isQuiet());
    }
    if (diagnosedAllergy
        && !treated
        && judged.itchless().isQuiet()
        && !check.dog().shakesSuddenly()) {
      itch.take(check.dog().itch(side));
    }
    hear(judged.signs().ear().hearing());
    worseRunning = judged.isWorse() ? worseRunning + 1 : 0;
    blockedRunning = finding.hairBlocks() ? blockedRunning + 1 : 0;
    order.take(
        new OrderLine.Seen(
            check.id(),
            day,
            new EarSigns(side, finding, check.dog(), judged.signs().before()),
            sign,
            treated),
        cover,
        judged.opens(),
        judged.own(),
        judged.vestibular(),
        judged.opens() == Verdict.CLEAN && VerdictTable.isNoBetter(judged.signs()));
  }

  /** What is one for the vet holds it, lapses what is known of its drum and makes that doubtful. */
  private void severe(Judged judged, LocalDate day) {
    boolean covered = judged.signs().before().cover().isPresent();
    if (judged.opens().atLeast(Verdict.STOP)) {
      if (!covered || VerdictTable.isSevereAnew(judged.signs())) {
        eardrum.severe(day);
      }
      if (covered || judged.own().atLeast(Verdict.STOP)) {
        severeOn = Optional.of(day);
      }
    }
    drumInDoubt |= judged.vestibular();
    holds.take(judged.opens(), judged.urgentBy(), day, judged.check().id());
  }

  /** An ear that could not be looked into: no check of it, but what is known may be for the vet. */
  private void takeUnseen(Judged judged) {
    LocalDate day = judged.check().day();
    boolean pressing =
        !lastSign.isQuiet()
            || isHeld(day)
            || order.on(day).filter(VetOrder::cleans).isPresent()
            || medicine.isGiven(day);
    unseen.take(judged.check(), pressing);
    if (judged.opens().atLeast(Verdict.STOP)) {
      forTheVet.add(day);
      holds.restless();
      liftedSince = false;
    }
    hear(judged.signs().ear().hearing());
    order.takeUnseen(judged.opens());
  }

  /** Takes a check at which nothing was found, on a day without an order and a medicine. */
  void takeQuiet(CheckRecord check, LocalDate day) {
    told.take(check.asked(), true, true);
    lastSign = Verdict.LEAVE;
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
    blockedRunning = 0;
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
            && cautionFrom.filter(eardrum::isNotSaidSince).isPresent();
    if (!goesOn) {
      cautionRun = Optional.of(run);
      cautionFrom = Optional.of(day);
    } else if (isFlare
        && ChronoUnit.DAYS.between(cautionFrom.orElseThrow(), day) >= DOUBTFUL_AFTER_DAYS) {
      eardrum.severe(day);
    }
  }

  /** Takes what a cleaning showed, where it asks for something. */
  void take(Found shown, Set<HoldLine.Whose> urgentBy) {
    found = Optional.of(shown);
    pending.add(shown);
    liftedSince = false;
    if (shown.verdict().atLeast(Verdict.STOP)) {
      forTheVet.add(shown.day());
      holds.restless();
    }
    holds.take(shown.verdict(), urgentBy, shown.day(), shown.cleaning());
  }

  /** The other ear's cleaning showed what holds both. */
  void heldByOther(LocalDate day, UUID cleaning) {
    holds.take(Verdict.LEAVE, Set.of(HoldLine.Whose.OTHERS), day, cleaning);
  }

  /**
   * What cleanings showed and counts from now on: each does unless the ear's next check, within
   * {@value #CHECKED_WITHIN_DAYS} days, is quiet.
   *
   * @param quietCheck whether a check of that day found the ear quiet; empty where there was none
   */
  List<Found> settled(LocalDate day, Optional<Boolean> quietCheck) {
    if (pending.isEmpty()) {
      return List.of();
    }
    List<Found> counting = new ArrayList<>();
    for (Found one : pending) {
      boolean late = ChronoUnit.DAYS.between(one.day(), day) > CHECKED_WITHIN_DAYS;
      if (late || quietCheck.filter(quiet -> !quiet).isPresent()) {
        counting.add(one);
      }
    }
    if (quietCheck.isPresent()) {
      pending.clear();
    } else {
      pending.removeAll(counting);
    }
    for (Found one : counting) {
      if (one.verdict().atLeast(Verdict.STOP)) {
        severeOn = Optional.of(one.day());
      }
    }
    return counting;
  }

  /** Whether it is still to be seen whether what a cleaning showed counts. */
  boolean isPending() {
    return !pending.isEmpty();
  }

  /** What a cleaning showed that no check has looked at since. */
  Optional<Found> found() {
    return found;
  }

  /**
   * Takes that it was cleaned.
   *
   * @param method how, where that is known
   */
  void cleaned(LocalDate day, Optional<CleaningMethod> method, boolean hadToStop) {
    cleanedOn = Optional.of(day);
    order.cleaned(day, method, hadToStop);
  }

  /** A light look: worse, or it hurts, and the dog is not itself: the vet is asked first. */
  void take(LightLook look) {
    boolean alarms = look.ears().get(side).filter(LightLook.Ear::alarms).isPresent();
    if (alarms || !look.dogIsWell()) {
      order.alarm();
    }
    if (alarms && !look.dogIsWell()) {
      callFirst = Optional.of(look);
    }
  }

  /** The look after which the vet is asked before anything goes in. */
  Optional<LightLook> callFirst() {
    return callFirst;
  }

  /** Takes what somebody told of it; what was so before closes nothing. */
  void take(Told said) {
    Set<Told.Seen> seen = EnumSet.noneOf(Told.Seen.class);
    for (Told.Seen one : said.seenOf(side)) {
      boolean usual = !one.isForTheVet() && said.usual().contains(one) && isKnown(one, said.day());
      if (!usual) {
        seen.add(one);
      }
    }
    told.take(said, seen);
  }

  /** The signs that are normal for it, or that its vet saw: who sees them is asked whether more. */
  Set<Told.Seen> known(LocalDate day) {
    Set<Told.Seen> known = EnumSet.noneOf(Told.Seen.class);
    for (Told.Seen one : Told.Seen.values()) {
      if (!one.isForTheVet() && isKnown(one, day)) {
        known.add(one);
      }
    }
    return known;
  }

  private boolean isKnown(Told.Seen seen, LocalDate day) {
    Optional<EarSigns> reference = order.reference(day);
    boolean itches = itch.learned().filter(usual -> usual != Grade.NONE).isPresent();
    return reference.filter(one -> shows(seen, one.ear(), one.dog())).isPresent()
        || normal.learned().filter(one -> shows(seen, one, DogSigns.NOTHING)).isPresent()
        || (itches && (seen == Told.Seen.SHAKES || seen == Told.Seen.SCRATCHES));
  }

  private boolean shows(Told.Seen seen, EarFinding ear, DogSigns dog) {
    return switch (seen) {
      case SMELL -> ear.odour().atLeast(Odour.SWEET);
      case RED -> ear.redness() != Grade.NONE;
      case RUNS, WAX -> ear.discharge() != Grade.NONE;
      case SWOLLEN -> ear.swelling() != Grade.NONE;
      case SHAKES -> dog.shaking() != Grade.NONE;
      case SCRATCHES -> dog.itch(side) != Grade.NONE;
      case HURTS, TILTS, BLEEDS, STAGGERS, EYES_FLICK, FACE_DROOPS, NO_LONGER_HEARS -> false;
    };
  }

  /** What others told of it and nobody has looked at since. */
  List<ToldOpen> toldOpen() {
    return told.open();
  }

  /** That it could not be looked into, where it could not. */
  Optional<Unseen> unseen() {
    return unseen.now();
  }

  /** At how many checks running hair or a mat has blocked it. */
  int blockedRunning() {
    return blockedRunning;
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
        || pending.stream().anyMatch(one -> one.verdict().atLeast(Verdict.STOP))
        || severeOn.filter(on -> on.plusMonths(DOUBTFUL_MONTHS).isAfter(day)).isPresent();
  }

  private void hear(HearingTry tried) {
    if (tried != HearingTry.NOT_TRIED) {
      deaf = tried == HearingTry.DID_NOT_TURN;
      heardBefore |= !deaf;
    }
  }

  /** Takes a visit or a call; whether a vet said to go on all the same. */
  boolean take(VisitRecord visit) {
    EarVisit ear = visit.ears().get(side);
    advance(visit.day());
    boolean wasTorn = drum(visit.day()) == EardrumKnown.NOT_INTACT;
    if (!visit.call()) {
      if (ear.eardrum() != EarVisit.EardrumSeen.NOT_SEEN) {
        // a look at the drum on the day of a check stands by its time
        cautionRun = Optional.empty();
      }
      eardrum.seen(ear.eardrum(), visit.day());
      drumInDoubt &= ear.eardrum() == EarVisit.EardrumSeen.NOT_SEEN;
      itch.visited();
      drift.visited();
      lump.visited();
      unseen.seen();
    }
    boolean wentOn = order.take(visit, ear);
    if (!visit.call() || ear.goOn()) {
      told.clear();
      callFirst = Optional.empty();
    }
    if (ear.eardrum() == EarVisit.EardrumSeen.NOT_INTACT && ear.instruction().isEmpty()) {
      if (wentOn || !wasTorn) {
        order.torn(wentOn);
      }
    }
    order.takeEnded().ifPresent(this::heldSinceTheOrder);
    ear.medicineUntil().ifPresent(until -> medicine.take(visit.day(), until, lastFinding, deaf));
    ear.instruction()
        .filter(said -> said.staysIn().isPresent())
        .flatMap(CleaningInstruction::until)
        .ifPresent(until -> medicine.stays(visit.id(), visit.day(), until, lastFinding, deaf));
    boolean lifts =
        ear.hold() == HoldWord.LIFTED
            || (ear.ordersCleaning() && ear.hold() == HoldWord.NOTHING_SAID);
    if (wentOn) {
      holds.goOn();
    }
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
    return wentOn;
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
    if (course.cleans()) {
      order.take(course);
      if (course.wasSeen()
          && order.on(course.day()).filter(VetOrder::comesFromALabel).isPresent()) {
        // a vet who saw this ear and gave what is cleaned before has said that it may be cleaned
        holds.liftOpenedBy(course.asked().seenOn().orElseThrow());
        liftedSince |= !holds.isOpenByChecks();
      }
    }
  }

  /** What acts long was put in, and stays up to and including a day. */
  void stays(UUID giving, LocalDate day, LocalDate lastDay) {
    medicine.stays(giving, day, lastDay, lastFinding, deaf);
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
    order.end(end.course(), end.day());
    order.takeEnded().ifPresent(this::heldSinceTheOrder);
    if (harm) {
      Verdict verdict = here ? Verdict.URGENT : Verdict.LEAVE;
      forTheVet.add(end.day());
      holds.restless();
      holds.take(
          verdict, Set.of(here ? HoldLine.Whose.MINE : HoldLine.Whose.OTHERS), end.day(), end.id());
      if (here) {
        eardrum.severe(end.day());
        severeOn = Optional.of(end.day());
      }
    }
  }

  /** A vet said to go on with an order of the other ear. */
  void goOnWithOther() {
    holds.goOnWithOther();
  }

  /** Somebody said that an order does not stand any more. */
  void endOrder(UUID visit, LocalDate day) {
    order.end(visit, day);
    order.takeEnded().ifPresent(this::heldSinceTheOrder);
  }

  /** Takes a person's confirmation; one that the rule does not allow changes nothing. */
  void release(LocalDate day) {
    holds.release(drum(day) == EardrumKnown.NOT_INTACT);
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
    return drum(day);
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
    return !order.allTheSame(day) && (holds.isByVet() || drum(day) == EardrumKnown.NOT_INTACT);
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
