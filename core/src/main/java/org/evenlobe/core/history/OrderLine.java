package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.check.Cover;
import org.evenlobe.core.check.EarBackground;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.check.VerdictTable;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Alarming;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Rule;

/**
 * One ear through its vet's orders (rule CHECK_ORDER), told oldest first.
 *
 * <p>An order to clean covers what the ear shows, against a reference: the last check of the 7 days
 * before the visit, else the first on its day or the two days after. It covers until the first
 * quiet check without medicine, 28 days at most. When it ends, or covers no more, and the last
 * check under it was one for the vet, the ear is held from the next day; where there was none, one
 * is asked for before anything goes in.
 */
final class OrderLine {
  private static final int REFERENCE_DAYS_BEFORE = 7;
  private static final int REFERENCE_DAYS_AFTER = 2;
  private static final int NO_BETTER_FROM_DAY = 3;

  private final Side side;
  private Optional<VetOrder> order = Optional.empty();
  private Optional<Seen> reference = Optional.empty();

  /**
   * What of that which asks for the vet today is excused, and will be once there is a reference.
   */
  private Set<Rule> excused = Set.of();

  private boolean nextIsReference;
  private boolean leftIn;
  private boolean covers;
  private boolean revoked;
  private boolean checkFirst;
  private boolean noBetter;

  /** Whether it was one for the vet since the order, or since a vet said last to go on. */
  private boolean severeUnder;

  /** Whether its drum was found torn at a visit after it was said to clean it all the same. */
  private boolean tornSince;

  private boolean allTheSameSince;
  private LocalDate noBetterFrom = LocalDate.MIN;
  private Optional<LocalDate> quietSince = Optional.empty();
  private Optional<Seen> lastUnder = Optional.empty();
  private Optional<Seen> last = Optional.empty();

  /**
   * The last check, where nothing was found at it; what it showed is read where it is asked for.
   */
  private Optional<CheckRecord> lastQuiet = Optional.empty();

  private Optional<Ended> ended = Optional.empty();

  /**
   * A check of this ear.
   *
   * @param signs what it showed, whatever explains it
   * @param sign its sign verdict
   * @param medicine whether medicine was in it
   */
  record Seen(UUID check, LocalDate day, EarSigns signs, Verdict sign, boolean medicine) {}

  /** That what an order covered is one for the vet still. */
  record Ended(LocalDate day, Seen check) {}

  OrderLine(Side side) {
    this.side = side;
  }

  /** Whether one was given and has not ended. */
  boolean isGiven() {
    return order.isPresent();
  }

  /** The order that is in force on a day. */
  Optional<VetOrder> on(LocalDate day) {
    return order.filter(one -> one.standsOn(day));
  }

  private Optional<VetOrder> cleaning(LocalDate day) {
    return on(day).filter(VetOrder::cleans);
  }

  /**
   * What covers an ear on a day, where something does.
   *
   * @param shown what a check shows, which becomes the reference where it is the first
   */
  Optional<Cover> cover(
      LocalDate day, Optional<EarSigns> shown, boolean cleaned, boolean medicine) {
    if (cleaning(day).isEmpty() || !covers) {
      return Optional.empty();
    }
    boolean first =
        reference.isEmpty()
            && (nextIsReference
                || ChronoUnit.DAYS.between(order.orElseThrow().since(), day)
                    <= REFERENCE_DAYS_AFTER);
    return (first ? shown : reference.map(Seen::signs))
        .map(
            seen ->
                new Cover(
                    seen,
                    excused,
                    leftIn,
                    allTheSame(day),
                    cleaned,
                    medicine || reference.filter(Seen::medicine).isPresent()));
  }

  /** Whether what it shows is covered on a day, once it was looked at. */
  boolean isCovered(LocalDate day) {
    return cleaning(day).isPresent() && covers && reference.isPresent();
  }

  /** The signs of the whole dog that it covers in both ears. */
  Set<Rule> spares(LocalDate day) {
    return isCovered(day) ? VerdictTable.ofTheDog(excused) : Set.of();
  }

  /** What the ear is held against, while an order is in force. */
  Optional<EarSigns> reference(LocalDate day) {
    return cleaning(day).isPresent() ? reference.map(Seen::signs) : Optional.empty();
  }

  /** What may go in by the order where the ear's own signs count again. */
  boolean opensUncovered(LocalDate day) {
    return cleaning(day).filter(VetOrder::comesFromAVet).isPresent() && !revoked;
  }

  /** Whether a full check is wanted before anything goes in. */
  boolean wantsCheckFirst(LocalDate day) {
    return checkFirst
        || (cleaning(day).filter(VetOrder::comesFromAVet).isPresent()
            && reference.isEmpty()
            && lastUnder.isEmpty());
  }

  /**
   * From which day it is asked whether an order without an end still stands: its first quiet check,
   * or the last day that it covers.
   */
  Optional<LocalDate> askedFrom() {
    return order
        .filter(VetOrder::cleans)
        .filter(one -> one.by() == VetOrder.By.VET)
        .filter(one -> one.instruction().until().isEmpty())
        .filter(one -> !one.instruction().untilNextVisit())
        .filter(one -> one.instruction().howOften().orElseThrow().kind() != HowOften.Kind.ONCE)
        .map(
            one -> {
              LocalDate lastCovered = one.since().plusDays(VetOrder.COVER_DAYS - 1L);
              return quietSince.filter(lastCovered::isAfter).orElse(lastCovered);
            });
  }

  void alarm() {
    checkFirst = true;
  }

  /** Whether the last check under it, from the third day on, was no better than the vet saw it. */
  boolean isNoBetter(LocalDate day) {
    return noBetter && cleaning(day).isPresent();
  }

  /** Whether a torn eardrum, or a vet's hold, gives way to it. */
  boolean allTheSame(LocalDate day) {
    return cleaning(day)
        .filter(one -> allTheSameSince || (one.instruction().allTheSame() && !tornSince))
        .isPresent();
  }

  /** At a visit its drum was found torn; whether the vet said to go on all the same. */
  void torn(boolean wentOn) {
    tornSince = true;
    allTheSameSince = wentOn;
  }

  /**
   * Takes a cleaning: what was to be done once ends with the one that did it.
   *
   * @param method how it was cleaned, where that is known
   */
  void cleaned(LocalDate day, Optional<CleaningMethod> method, boolean hadToStop) {
    boolean doesIt =
        order
            .map(VetOrder::instruction)
            .filter(
                said ->
                    said.howOften().filter(often -> often.kind() == HowOften.Kind.ONCE).isPresent())
            .filter(said -> said.method().isEmpty() || said.method().equals(method))
            .isPresent();
    if (doesIt && !hadToStop) {
      if (covers) {
        endCover(day);
      }
      order = Optional.empty();
    }
  }

  /** Somebody said that an order does not stand any more. */
  void end(UUID visit, LocalDate day) {
    if (order.filter(one -> one.visit().equals(visit)).isPresent()) {
      if (covers) {
        endCover(day);
      }
      order = Optional.empty();
      noBetter = false;
    }
  }

  /** That the ear is held since an order ended; told once. */
  Optional<Ended> takeEnded() {
    Optional<Ended> once = ended;
    ended = Optional.empty();
    return once;
  }

  /** Takes a check at which nothing was found, while no order is in force. */
  void takeQuiet(CheckRecord check) {
    checkFirst = false;
    lastQuiet = Optional.of(check);
  }

  private Optional<Seen> last() {
    return lastQuiet
        .map(
            check ->
                new Seen(
                    check.id(),
                    check.day(),
                    new EarSigns(
                        side, check.ears().get(side), check.dog(), EarBackground.NOTHING_KNOWN),
                    Verdict.LEAVE,
                    false))
        .or(() -> last);
  }

  /** Days go by up to one: an order ends, or covers no more. */
  void advance(LocalDate day) {
    if (order.isEmpty()) {
      return;
    }
    VetOrder stands = order.get();
    LocalDate lastCovered = stands.since().plusDays(VetOrder.COVER_DAYS - 1L);
    LocalDate lastDay = stands.instruction().until().orElse(LocalDate.MAX);
    LocalDate end = lastDay.isBefore(lastCovered) ? lastDay : lastCovered;
    if (covers && day.isAfter(end)) {
      endCover(end);
    }
    if (day.isAfter(lastDay)) {
      order = Optional.empty();
      noBetter = false;
    }
  }

  private void endCover(LocalDate end) {
    covers = false;
    noBetter = false;
    if (lastUnder.isEmpty()) {
      checkFirst = true;
    } else if (lastUnder.get().sign().atLeast(Verdict.STOP)) {
      ended = Optional.of(new Ended(end.plusDays(1), lastUnder.get()));
    }
  }

  /**
   * Takes a check.
   *
   * @param cover what covered it, where something did
   * @param opens the verdict that opens a hold
   * @param own its sign verdict by the ear's own signs
   * @param vestibular whether the head tilts, the balance is lost, eyes flick or the face droops
   * @param isNoBetter whether it is no better than the reference
   */
  void take(
      Seen check,
      Optional<Cover> cover,
      Verdict opens,
      Verdict own,
      boolean vestibular,
      boolean isNoBetter) {
    checkFirst = false;
    last = Optional.of(check);
    lastQuiet = Optional.empty();
    if (order.filter(VetOrder::cleans).isEmpty()) {
      return;
    }
    lastUnder = last;
    severeUnder |= opens.atLeast(Verdict.STOP);
    boolean quiet = check.sign().isQuiet() && !check.medicine();
    if (quiet && quietSince.isEmpty()) {
      quietSince = Optional.of(check.day());
    }
    if (cover.isEmpty()) {
      revoked |= own.atLeast(Verdict.STOP) || vestibular;
    } else if (reference.isEmpty()) {
      reference = last;
      nextIsReference = false;
    } else {
      noBetter = isNoBetter && !check.day().isBefore(noBetterFrom);
    }
    if (quiet) {
      covers = false;
      noBetter = false;
    }
  }

  /** What could not be looked at and is one for the vet by what is known of it. */
  void takeUnseen(Verdict opens) {
    if (order.filter(VetOrder::cleans).isPresent()) {
      severeUnder |= opens.atLeast(Verdict.STOP);
    }
  }

  /** Takes a visit or a call; whether the vet said to go on with the order that was in force. */
  boolean take(VisitRecord visit, EarVisit ear) {
    advance(visit.day());
    boolean wentOn =
        ear.goOn() && ear.hold() != HoldWord.SET && order.filter(VetOrder::cleans).isPresent();
    noBetter = false;
    Optional<CleaningInstruction> said = ear.instruction();
    if (said.isPresent()) {
      VetOrder given = new VetOrder(visit.id(), visit.moment(), said.get());
      begin(given, visit.call() ? Optional.of(ear.named()) : Optional.empty(), ear.leftIn());
    } else if (ear.hold() == HoldWord.SET) {
      order = Optional.empty();
      covers = false;
    } else if (!visit.call()
        && order.filter(one -> one.instruction().untilNextVisit()).isPresent()) {
      endByVisit(visit, ear);
    } else if (order.isPresent()) {
      leftIn |= ear.leftIn();
      if (wentOn) {
        goesOn(visit, ear);
      }
    }
    return wentOn;
  }

  /** That a label says to clean it, where no vet has said how. */
  void take(Course course) {
    VetOrder said = VetOrder.of(course);
    boolean stands = on(course.day()).filter(one -> !one.comesFromALabel()).isPresent();
    if (!stands && said.standsOn(course.day())) {
      begin(said, Optional.empty(), false);
      covers = said.comesFromAVet();
      if (last().filter(check -> check.day().isAfter(said.since())).isPresent()) {
        // a check that came after the visit excuses nothing
        excused = Set.of();
      }
    }
  }

  /**
   * An order begins.
   *
   * @param named what was told to the vet, where it was given in a call
   */
  private void begin(VetOrder given, Optional<Set<Alarming>> named, boolean left) {
    order = Optional.of(given);
    reference =
        last()
            .filter(check -> !check.day().isBefore(given.since().minusDays(REFERENCE_DAYS_BEFORE)));
    excused =
        named
            .map(VerdictTable::urgentOf)
            .orElseGet(
                () -> reference.map(seen -> VerdictTable.urgentOf(seen.signs())).orElse(Set.of()));
    nextIsReference = false;
    leftIn = left;
    covers = given.cleans();
    revoked = false;
    checkFirst = false;
    severeUnder = false;
    tornSince = false;
    allTheSameSince = false;
    noBetterFrom = given.since().plusDays(NO_BETTER_FROM_DAY - 1L);
    quietSince = Optional.empty();
    lastUnder = Optional.empty();
    ended = Optional.empty();
  }

  private void endByVisit(VisitRecord visit, EarVisit ear) {
    if (covers && ear.hold() != HoldWord.LIFTED) {
      endCover(visit.day());
    }
    covers = false;
    order = Optional.empty();
  }

  /** The reference is taken afresh where it was one for the vet, or there was none. */
  private void goesOn(VisitRecord visit, EarVisit ear) {
    Set<Rule> before = excused;
    if (lastUnder.isPresent() && (severeUnder || reference.isEmpty())) {
      reference = lastUnder;
      excused = VerdictTable.urgentOf(lastUnder.get().signs());
    } else if (reference.isEmpty()) {
      nextIsReference = true;
    }
    if (visit.call()) {
      excused = EnumSet.copyOf(VerdictTable.urgentOf(ear.named()));
      excused.addAll(before);
    }
    revoked = false;
    severeUnder = false;
    noBetterFrom = visit.day().plusDays(NO_BETTER_FROM_DAY - 1L);
  }
}
