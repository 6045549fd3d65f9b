package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The holds of one ear (rule CHECK_HOLD), told oldest first: opened by a verdict of STOP or URGENT,
 * by a vet's word or by an eardrum that is not intact. One by STOP is lifted by a vet, or by a
 * person who confirms it once that ear's checks have been quiet in a row, the first and the last at
 * least 2 days apart; every other one by a vet only.
 */
final class HoldLine {
  private static final int QUIET_DAYS = 2;

  private final Side side;
  private final UUID dog;
  private Optional<Opened> stopped = Optional.empty();
  private Optional<Opened> urgent = Optional.empty();
  private Optional<Opened> byVet = Optional.empty();

  /** By whose signs the dog is URGENT, as long as no vet has heard of them. */
  private final Set<Whose> urgentBy = EnumSet.noneOf(Whose.class);

  private Optional<LocalDate> quietFrom = Optional.empty();
  private LocalDate quietTo = LocalDate.MIN;

  /** Whose sign it is that holds both ears. */
  enum Whose {
    /** This ear's own. */
    MINE,
    /** The other ear's. */
    OTHERS,
    /** The whole dog's. */
    DOGS
  }

  /** What opened a hold, and when. */
  private record Opened(LocalDate day, UUID fact) {}

  HoldLine(Side side, UUID dog) {
    this.side = side;
    this.dog = dog;
  }

  /**
   * Takes the verdict of a check or cleaning.
   *
   * @param here the verdict that opens a hold of this ear
   * @param by by whose signs the dog is URGENT: that holds both
   */
  void take(Verdict here, Set<Whose> by, LocalDate day, UUID fact) {
    if (here == Verdict.STOP && stopped.isEmpty()) {
      stopped = Optional.of(new Opened(day, fact));
    }
    if (!by.isEmpty()) {
      urgent = urgent.or(() -> Optional.of(new Opened(day, fact)));
      urgentBy.addAll(by);
    }
  }

  /** What an order covered is one for the vet still. */
  void take(OrderLine.Ended ended) {
    Optional<Opened> opened = Optional.of(new Opened(ended.day(), ended.check().check()));
    if (ended.check().sign() == Verdict.URGENT) {
      urgent = urgent.or(() -> opened);
      urgentBy.add(Whose.MINE);
    } else {
      stopped = stopped.or(() -> opened);
    }
    restless();
  }

  /** A check found the ear quiet. */
  void quiet(LocalDate day) {
    if (quietFrom.isEmpty()) {
      quietFrom = Optional.of(day);
    }
    quietTo = day;
  }

  /** It was found not to be quiet: what was quiet before counts no longer. */
  void restless() {
    quietFrom = Optional.empty();
  }

  /** A vet said to leave it alone. */
  void set(VisitRecord visit) {
    byVet = byVet.or(() -> Optional.of(new Opened(visit.day(), visit.id())));
  }

  /** A vet said that it may be cleaned again. */
  void lift() {
    byVet = Optional.empty();
    stopped = Optional.empty();
    urgent = Optional.empty();
    urgentBy.clear();
  }

  /**
   * A vet saw the ear on a day and gave what is cleaned before: what was found by then is lifted.
   */
  void liftOpenedBy(LocalDate day) {
    stopped = stopped.filter(opened -> opened.day().isAfter(day));
    urgent = urgent.filter(opened -> opened.day().isAfter(day));
    if (urgent.isEmpty()) {
      urgentBy.clear();
    }
  }

  /**
   * A vet heard that it was worse and said to go on with the order: what checks opened is lifted,
   * not what a vet set, nor what the other ear's own signs hold.
   */
  void goOn() {
    stopped = Optional.empty();
    heard(Set.of(Whose.MINE, Whose.DOGS));
  }

  /**
   * The same of the other ear: what its own signs hold, and the whole dog's, is lifted here too.
   */
  void goOnWithOther() {
    heard(Set.of(Whose.OTHERS, Whose.DOGS));
  }

  private void heard(Set<Whose> of) {
    urgentBy.removeAll(of);
    if (urgentBy.isEmpty()) {
      urgent = Optional.empty();
    }
  }

  /** Takes a person's confirmation; one that the rule does not allow changes nothing. */
  void release(boolean isTorn) {
    if (mayConfirm(isTorn)) {
      stopped = Optional.empty();
    }
  }

  /** Whether what checks found holds it. */
  boolean isOpenByChecks() {
    return stopped.isPresent() || urgent.isPresent();
  }

  /** Whether a vet's word holds it. */
  boolean isByVet() {
    return byVet.isPresent();
  }

  private boolean mayConfirm(boolean isTorn) {
    return stopped.isPresent()
        && urgent.isEmpty()
        && byVet.isEmpty()
        && !isTorn
        && quietFrom.isPresent()
        && ChronoUnit.DAYS.between(quietFrom.get(), quietTo) >= QUIET_DAYS;
  }

  /**
   * The hold that is open; the strictest where there are several.
   *
   * @param torn the day on which the eardrum was seen not intact, where it is not
   * @param allTheSame whether an order stands above a torn eardrum and a vet's hold
   */
  Optional<Hold> open(Optional<LocalDate> torn, boolean allTheSame) {
    if (torn.isPresent() && !allTheSame) {
      return Optional.of(
          byVetOnly(
              Hold.Cause.EARDRUM,
              new Opened(torn.get(), dog),
              "The eardrum of the %s was seen not intact: pour nothing in.",
              "Only a vet's visit that sees it whole lifts the hold."));
    }
    if (byVet.isPresent() && !allTheSame) {
      return Optional.of(
          byVetOnly(
              Hold.Cause.VET,
              byVet.get(),
              "Your vet said to leave the %s alone.",
              "Only a vet's word lifts the hold."));
    }
    if (urgent.isPresent()) {
      return Optional.of(
          byVetOnly(
              Hold.Cause.URGENT,
              urgent.get(),
              "What was seen says that a vet must see the dog; the %s is held.",
              "Only a vet's word lifts the hold."));
    }
    return stopped.map(opened -> byStop(opened, torn.isPresent()));
  }

  private Hold byVetOnly(Hold.Cause cause, Opened opened, String why, String lifting) {
    return new Hold(
        cause,
        opened.day(),
        opened.fact(),
        false,
        Optional.empty(),
        List.of(
            Reason.of(Rule.CHECK_HOLD, why.formatted(side.ear())),
            Reason.of(Rule.CHECK_HOLD, lifting)));
  }

  private Hold byStop(Opened opened, boolean isTorn) {
    boolean mayConfirm = mayConfirm(isTorn);
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
            Rule.CHECK_HOLD,
            "A check found signs in the %s that no liquid may meet.".formatted(side.ear())));
    reasons.add(
        Reason.of(
            Rule.CHECK_HOLD,
            mayConfirm
                ? "Its checks have been quiet since %s: you may confirm that the hold is over."
                    .formatted(Quantities.day(quietFrom.orElseThrow()))
                : "A vet's word lifts the hold, or quiet checks of this ear, the first and the last"
                    + " at least 2 days apart, and your word."));
    return new Hold(
        Hold.Cause.STOP,
        opened.day(),
        opened.fact(),
        mayConfirm,
        mayConfirm ? Optional.empty() : quietFrom.map(from -> from.plusDays(QUIET_DAYS)),
        reasons);
  }
}
