package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.check.EarBackground;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * One ear through its checks and visits, told oldest first.
 *
 * <p>A hold (rule CHECK_HOLD) is opened by a sign verdict of STOP or URGENT, by a vet's word or by
 * an eardrum that is not intact. One by STOP is lifted by a vet, or by a person who confirms it
 * once that ear's checks have been quiet in a row, the first and the last at least 2 days apart;
 * every other one by a vet only.
 */
final class EarLine {
  private static final int QUIET_DAYS = 2;

  private final Side side;
  private final UUID dog;
  private final boolean diagnosedAllergy;
  private final EardrumLine eardrum;
  private final ItchBaseline itch = new ItchBaseline();
  private final NormalFinding normal = new NormalFinding();
  private Optional<Opened> stopped = Optional.empty();
  private Optional<Opened> urgent = Optional.empty();
  private Optional<Opened> heldByVet = Optional.empty();
  private Optional<LocalDate> quietFrom = Optional.empty();
  private LocalDate quietTo = LocalDate.MIN;
  private boolean liftedSince;
  private boolean heardBefore;
  private boolean deaf;
  private int worseRunning;
  private final Set<LocalDate> forTheVet = new HashSet<>();

  /** What opened a hold, and when. */
  private record Opened(LocalDate day, UUID fact) {}

  EarLine(Side side, UUID dog, DogProfile profile, boolean diagnosedAllergy) {
    this.side = side;
    this.dog = dog;
    this.diagnosedAllergy = diagnosedAllergy;
    this.eardrum = new EardrumLine(profile.eardrum());
  }

  /** What a check on that day needs to know. */
  EarBackground background(LocalDate day) {
    return new EarBackground(
        diagnosedAllergy ? itch.learned().orElse(Grade.NONE) : Grade.NONE,
        heardBefore,
        deaf,
        eardrum.on(day),
        heldByVet.isPresent());
  }

  /**
   * Takes a check.
   *
   * @param day its local day
   * @param sign its sign verdict in this ear
   * @param itchless its sign verdict if this ear did not itch
   * @param urgentAnywhere whether either ear's is URGENT: that holds both
   * @param isWorse whether this was the worse ear
   */
  void take(
      CheckRecord check,
      LocalDate day,
      Verdict sign,
      Verdict itchless,
      boolean urgentAnywhere,
      boolean isWorse) {
    EarFinding finding = check.ears().get(side);
    liftedSince = false;
    if (sign.atLeast(Verdict.STOP) || urgentAnywhere) {
      forTheVet.add(day);
    }
    if (sign.atLeast(Verdict.STOP)) {
      eardrum.severe(day);
    }
    if (sign == Verdict.STOP && stopped.isEmpty()) {
      stopped = Optional.of(new Opened(day, check.id()));
    }
    if (urgentAnywhere && urgent.isEmpty()) {
      urgent = Optional.of(new Opened(day, check.id()));
    }
    if (sign.isQuiet()) {
      if (quietFrom.isEmpty()) {
        quietFrom = Optional.of(day);
      }
      quietTo = day;
      normal.take(finding);
    } else {
      quietFrom = Optional.empty();
    }
    if (diagnosedAllergy && itchless.isQuiet() && !check.dog().shakesSuddenly()) {
      itch.take(check.dog().itch(side));
    }
    hear(finding.hearing());
    worseRunning = isWorse ? worseRunning + 1 : 0;
  }

  private void hear(HearingTry tried) {
    if (tried != HearingTry.NOT_TRIED) {
      deaf = tried == HearingTry.DID_NOT_TURN;
      heardBefore |= !deaf;
    }
  }

  void take(VisitRecord visit) {
    EarVisit ear = visit.ears().get(side);
    eardrum.seen(ear.eardrum(), visit.day());
    itch.visited();
    switch (ear.hold()) {
      case SET -> heldByVet = heldByVet.or(() -> Optional.of(new Opened(visit.day(), visit.id())));
      case LIFTED -> {
        stopped = Optional.empty();
        urgent = Optional.empty();
        heldByVet = Optional.empty();
        liftedSince = true;
      }
      case NOTHING_SAID -> {}
    }
  }

  /** Takes a person's confirmation; one that the rule does not allow changes nothing. */
  void release(LocalDate day) {
    if (mayConfirm(day)) {
      stopped = Optional.empty();
    }
  }

  /** Whether a vet has said since the latest check that the ear may be cleaned. */
  boolean isLiftedSince() {
    return liftedSince;
  }

  EardrumKnown eardrum(LocalDate day) {
    return eardrum.on(day);
  }

  Optional<EarFinding> normal() {
    return normal.learned();
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
    return heldByVet.isPresent() || eardrum.on(day) == EardrumKnown.NOT_INTACT;
  }

  /** At how many checks running this has been the worse ear. */
  int worseRunning() {
    return worseRunning;
  }

  boolean isHeld(LocalDate day) {
    return stopped.isPresent()
        || urgent.isPresent()
        || heldByVet.isPresent()
        || eardrum.on(day) == EardrumKnown.NOT_INTACT;
  }

  private boolean mayConfirm(LocalDate day) {
    return stopped.isPresent()
        && urgent.isEmpty()
        && heldByVet.isEmpty()
        && eardrum.on(day) != EardrumKnown.NOT_INTACT
        && quietFrom.isPresent()
        && ChronoUnit.DAYS.between(quietFrom.get(), quietTo) >= QUIET_DAYS;
  }

  /** The hold that is open on that day. */
  Optional<Hold> hold(LocalDate day) {
    Optional<LocalDate> torn = eardrum.notIntactSince(day);
    if (torn.isPresent()) {
      return Optional.of(
          byVetOnly(
              Hold.Cause.EARDRUM,
              new Opened(torn.get(), dog),
              "The eardrum of the %s was seen not intact: pour nothing in.",
              "Only a vet's visit that sees it whole lifts the hold."));
    }
    if (heldByVet.isPresent()) {
      return Optional.of(
          byVetOnly(
              Hold.Cause.VET,
              heldByVet.get(),
              "Your vet said to leave the %s alone.",
              "Only a vet's word lifts the hold."));
    }
    if (urgent.isPresent()) {
      return Optional.of(
          byVetOnly(
              Hold.Cause.URGENT,
              urgent.get(),
              "A check said that a vet must see the dog; the %s is held.",
              "Only a vet's word lifts the hold."));
    }
    return stopped.map(opened -> byStop(opened, day));
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

  private Hold byStop(Opened opened, LocalDate day) {
    boolean mayConfirm = mayConfirm(day);
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
                    .formatted(Figures.date(quietFrom.orElseThrow()))
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
