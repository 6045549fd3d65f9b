package org.evenlobe.core.suit;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HairDone;
import org.evenlobe.core.record.HairWork;

/**
 * What must be known of an ear to say what suits it.
 *
 * @param verdict what its latest check says
 * @param mayGoIn what may go in
 * @param redness of its skin
 * @param sores on its skin; plucked today counts as one
 * @param discharge how much
 * @param lightCoat whether the coat is light
 * @param puppy whether it is under 12 weeks old
 * @param litter whether she is pregnant or nurses
 * @param vetsWord whether a vet has ordered it to be cleaned
 * @param trusted the order to clean it, while it has not become worse under that
 * @param plucked whether its hair was plucked today: its skin counts as sore, whatever is found
 * @param reacted what it, or the other ear, has reacted to
 */
public record EarNow(
    Verdict verdict,
    MayGoIn mayGoIn,
    Grade redness,
    Grade sores,
    Grade discharge,
    boolean lightCoat,
    boolean puppy,
    boolean litter,
    boolean vetsWord,
    Optional<VetOrder> trusted,
    boolean plucked,
    Reacted reacted) {
  /** An ear of which nothing is to be said. */
  public static final EarNow QUIET =
      new EarNow(
          Verdict.LEAVE, MayGoIn.IN_EAR, Grade.NONE, Grade.NONE, Grade.NONE, false, false, false);

  private static final int PUPPY_WEEKS = 12;

  /** An ear of a dog that bears no litter, has reacted to nothing and is under no order. */
  public EarNow(
      Verdict verdict,
      MayGoIn mayGoIn,
      Grade redness,
      Grade sores,
      Grade discharge,
      boolean lightCoat,
      boolean puppy,
      boolean vetsWord) {
    this(
        verdict,
        mayGoIn,
        redness,
        sores,
        discharge,
        lightCoat,
        puppy,
        false,
        vetsWord,
        Optional.empty(),
        false,
        Reacted.NOTHING);
  }

  /** An ear of a dog, as it stands on the last day of its history. */
  public static EarNow of(DogHistory history, Side side, Reacted reacted) {
    DogRecord dog = history.dog();
    LocalDate today = history.today();
    EarFinding found =
        history
            .latest()
            .map(AssessedCheck::check)
            .map(check -> check.ears().get(side))
            .orElse(EarFinding.NOTHING);
    boolean plucked =
        dog.all(HairDone.class).stream()
            .anyMatch(
                done ->
                    done.work() == HairWork.PLUCKED && done.isOf(side) && done.day().equals(today));
    Optional<LocalDate> born = dog.profile().bornOn();
    return new EarNow(
        history.verdictNow(side),
        history.mayGoIn().get(side),
        found.redness(),
        plucked && found.sores() == Grade.NONE ? Grade.MILD : found.sores(),
        found.discharge(),
        dog.profile().lightCoat(),
        born.filter(day -> ChronoUnit.WEEKS.between(day, today) < PUPPY_WEEKS).isPresent(),
        dog.profile().litter().filter(litter -> litter.includes(today)).isPresent(),
        history.order(side).filter(VetOrder::cleans).isPresent(),
        history.trustedOrder(side),
        plucked,
        reacted);
  }

  /** The order by which a vet named that for it, while it has not become worse. */
  Optional<VetOrder> naming(Offer offer) {
    return trusted.filter(
        order ->
            order
                .instruction()
                .product()
                .flatMap(product -> offer.supply().filter(supply -> supply.isNamed(product)))
                .isPresent());
  }

  /** The same ear, were that found of it, and were it for that alone that it is not poured into. */
  EarNow showing(Verdict found, Grade red, Grade sore, Grade dirty) {
    return new EarNow(
        found,
        MayGoIn.IN_EAR,
        red,
        plucked && sore == Grade.NONE ? Grade.MILD : sore,
        dirty,
        lightCoat,
        puppy,
        litter,
        vetsWord,
        trusted,
        plucked,
        reacted);
  }

  /** The same ear, were nothing found of it. */
  public EarNow quiet() {
    return showing(Verdict.LEAVE, Grade.NONE, Grade.NONE, Grade.NONE);
  }
}
