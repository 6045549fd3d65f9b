package org.evenlobe.core.history;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.record.ToldAsked;

/**
 * A check with what others told counted in (rule CHECK_TOLD): what was there then counts as a sign
 * of that check, a grade as mild. For example red skin that the sitter saw and that is gone is
 * redness 1; what runs out of an ear is taken for watery.
 */
final class ToldCounted {

  private ToldCounted() {}

  /** The check, with what was answered "now" or "then". */
  static CheckRecord in(CheckRecord check) {
    if (check.asked().stream().allMatch(one -> one.answer() == ToldAsked.Is.NO)) {
      return check;
    }
    return new CheckRecord(
        check.id(),
        check.moment(),
        EarPair.bySide(
            side -> counted(check.ears().get(side), there(check, one -> one.isOf(side)))),
        counted(check.dog(), there(check, one -> true)),
        check.note(),
        check.asked());
  }

  private static Set<Told.Seen> there(CheckRecord check, Predicate<ToldAsked> of) {
    return check.asked().stream()
        .filter(one -> one.answer() != ToldAsked.Is.NO)
        .filter(of)
        .map(ToldAsked::seen)
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Told.Seen.class)));
  }

  private static EarFinding counted(EarFinding ear, Set<Told.Seen> there) {
    if (!ear.couldLook()) {
      return ear;
    }
    boolean bleeds = there.contains(Told.Seen.BLEEDS);
    boolean runs = there.contains(Told.Seen.RUNS);
    boolean waxy = there.contains(Told.Seen.WAX);
    DischargeKind kind =
        bleeds
            ? DischargeKind.BLOODY
            : runs ? DischargeKind.WATERY : waxy ? DischargeKind.TAN_WAX : DischargeKind.NONE;
    return ear.or(
        new EarFinding(
            mild(there, Told.Seen.RED),
            mild(there, Told.Seen.SWOLLEN),
            Grade.NONE,
            kind == DischargeKind.NONE ? Grade.NONE : Grade.MILD,
            kind,
            there.contains(Told.Seen.SMELL) ? Odour.SWEET : Odour.NONE,
            mild(there, Told.Seen.HURTS),
            Set.of(),
            there.contains(Told.Seen.NO_LONGER_HEARS) ? HearingTry.DID_NOT_TURN : HearingTry.TURNED,
            Optional.empty()));
  }

  private static DogSigns counted(DogSigns dog, Set<Told.Seen> there) {
    return new DogSigns(
        dog.shaking().or(mild(there, Told.Seen.SHAKES)),
        dog.scratching().or(mild(there, Told.Seen.SCRATCHES)),
        dog.pawed(),
        dog.onset(),
        dog.headTilt() || there.contains(Told.Seen.TILTS),
        dog.balanceLoss() || there.contains(Told.Seen.STAGGERS),
        dog.eyesFlicking() || there.contains(Told.Seen.EYES_FLICK),
        dog.faceDrooping() || there.contains(Told.Seen.FACE_DROOPS),
        dog.unwell(),
        dog.blowToHead(),
        dog.itchyPawsOrBelly(),
        dog.seedSeason(),
        dog.itchingContacts());
  }

  private static Grade mild(Set<Told.Seen> there, Told.Seen seen) {
    return there.contains(seen) ? Grade.MILD : Grade.NONE;
  }
}
