package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.Cover;
import org.evenlobe.core.check.EarBackground;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.VisitRecord;

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
  private Optional<EarSigns> reference = Optional.empty();
  private boolean excusesUrgent;
  private boolean nextIsReference;
  private boolean leftIn;
  private boolean covers;
  private boolean revoked;
  private boolean checkFirst;
  private boolean noBetter;
  private Optional<Seen> lastUnder = Optional.empty();
  private Optional<Seen> last = Optional.empty();

  /**
   * The last check, where nothing was found at it; what it showed is read where it is asked for.
   */
  private Optional<CheckRecord> lastQuiet = Optional.empty();

  private Optional<Ended> ended = Optional.empty();

  /** A check of this ear, with its sign verdict. */
  record Seen(UUID check, LocalDate day, EarSigns signs, Verdict sign) {}

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
    VetOrder stands = order.orElseThrow();
    boolean first =
        reference.isEmpty()
            && (nextIsReference
                || ChronoUnit.DAYS.between(stands.since(), day) <= REFERENCE_DAYS_AFTER);
    return (first ? shown : reference)
        .map(
            seen ->
                new Cover(
                    seen,
                    !first && excusesUrgent,
                    leftIn,
                    stands.instruction().allTheSame(),
                    cleaned,
                    medicine));
  }

  /** Whether what it shows is covered on a day, once it was looked at. */
  boolean isCovered(LocalDate day) {
    return cleaning(day).isPresent() && covers && reference.isPresent();
  }

  /** The reference that covers what the whole dog shows in both ears. */
  Optional<EarSigns> spares(LocalDate day) {
    return isCovered(day) && excusesUrgent ? reference : Optional.empty();
  }

  /** What may go in by the order where the ear's own signs count again. */
  boolean opensUncovered(LocalDate day) {
    return cleaning(day).isPresent() && !revoked;
  }

  /** Whether a full check is wanted before anything goes in. */
  boolean wantsCheckFirst(LocalDate day) {
    return checkFirst || (cleaning(day).isPresent() && reference.isEmpty() && lastUnder.isEmpty());
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
    return cleaning(day).filter(one -> one.instruction().allTheSame()).isPresent();
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
                    Verdict.LEAVE))
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
   * @param own its sign verdict by the ear's own signs
   * @param vestibular whether the head tilts, the balance is lost, eyes flick or the face droops
   * @param medicine whether medicine is in the ear
   * @param isNoBetter whether it is no better than the reference
   */
  void take(
      Seen check,
      Optional<Cover> cover,
      Verdict own,
      boolean vestibular,
      boolean medicine,
      boolean isNoBetter) {
    checkFirst = false;
    last = Optional.of(check);
    lastQuiet = Optional.empty();
    if (order.filter(VetOrder::cleans).isEmpty()) {
      return;
    }
    lastUnder = last;
    if (cover.isEmpty()) {
      revoked |= own.atLeast(Verdict.STOP) || vestibular;
      return;
    }
    if (reference.isEmpty()) {
      reference = Optional.of(check.signs());
      excusesUrgent = nextIsReference;
      nextIsReference = false;
    }
    noBetter = isNoBetter && order.orElseThrow().dayNumber(check.day()) >= NO_BETTER_FROM_DAY;
    if (check.sign().isQuiet() && !medicine) {
      covers = false;
      noBetter = false;
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
      begin(visit, ear, said.get());
    } else if (ear.hold() == HoldWord.SET) {
      order = Optional.empty();
      covers = false;
    } else if (!visit.call()
        && order.filter(one -> one.instruction().untilNextVisit()).isPresent()) {
      endByVisit(visit, ear);
    } else if (order.isPresent()) {
      goesOn(wentOn, ear);
    }
    return wentOn;
  }

  private void begin(VisitRecord visit, EarVisit ear, CleaningInstruction said) {
    order = Optional.of(new VetOrder(visit.id(), visit.moment(), said));
    reference =
        last()
            .filter(check -> !check.day().isBefore(visit.day().minusDays(REFERENCE_DAYS_BEFORE)))
            .map(Seen::signs);
    excusesUrgent = reference.isPresent();
    nextIsReference = false;
    leftIn = ear.leftIn();
    covers = said.cleans();
    revoked = false;
    checkFirst = false;
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

  private void goesOn(boolean wentOn, EarVisit ear) {
    leftIn |= ear.leftIn();
    if (wentOn) {
      reference = last().map(Seen::signs).or(() -> reference);
      excusesUrgent = true;
    } else if (reference.isEmpty()) {
      reference = lastUnder.map(Seen::signs);
      excusesUrgent = reference.isPresent();
      nextIsReference = reference.isEmpty();
    }
  }
}
