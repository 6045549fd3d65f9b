package org.evenlobe.core.suit;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.Named;
import org.evenlobe.core.history.Puppy;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HairDone;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.Supply;

/**
 * What must be known of an ear to say what suits it.
 *
 * @param sign its sign verdict when it was last looked into, with what a cleaning has shown since,
 *     whatever an order covers
 * @param seen whether it could be looked into at the last try
 * @param mayGoIn what may go in
 * @param atBest what may go in were nothing found of it
 * @param redness of its skin
 * @param sores on its skin; plucked today counts as one
 * @param discharge how much
 * @param lightCoat whether the coat is light
 * @param puppy whether it is under 12 weeks old
 * @param litter whether she is pregnant or nurses
 * @param vetsWord whether a vet has ordered it to be cleaned
 * @param underVet whether a vet's order or course is in force in it
 * @param named what a vet named for it, while that stands
 * @param plucked whether its hair was plucked today: its skin counts as sore, whatever is found
 * @param reacted what it, or the other ear, has reacted to
 */
public record EarNow(
    Verdict sign,
    boolean seen,
    MayGoIn mayGoIn,
    MayGoIn atBest,
    Grade redness,
    Grade sores,
    Grade discharge,
    boolean lightCoat,
    boolean puppy,
    boolean litter,
    boolean vetsWord,
    boolean underVet,
    List<Named> named,
    boolean plucked,
    Reacted reacted) {
  /** An ear of which nothing is to be said. */
  public static final EarNow QUIET =
      new EarNow(
          Verdict.LEAVE, MayGoIn.IN_EAR, Grade.NONE, Grade.NONE, Grade.NONE, false, false, false);

  /** An ear of a dog that bears no litter, has reacted to nothing and is under no vet's care. */
  public EarNow(
      Verdict sign,
      MayGoIn mayGoIn,
      Grade redness,
      Grade sores,
      Grade discharge,
      boolean lightCoat,
      boolean puppy,
      boolean vetsWord) {
    this(
        sign,
        true,
        mayGoIn,
        MayGoIn.IN_EAR,
        redness,
        sores,
        discharge,
        lightCoat,
        puppy,
        false,
        vetsWord,
        vetsWord,
        List.of(),
        false,
        Reacted.NOTHING);
  }

  public EarNow {
    named = List.copyOf(named);
  }

  /** An ear of a dog, as it stands on the last day of its history. */
  public static EarNow of(DogHistory history, Side side, Reacted reacted) {
    DogRecord dog = history.dog();
    LocalDate today = history.today();
    EarStands ear = history.ear(side);
    boolean plucked =
        dog.all(HairDone.class).stream()
            .anyMatch(
                done ->
                    done.work() == HairWork.PLUCKED && done.isOf(side) && done.day().equals(today));
    return new EarNow(
        ear.sign(),
        ear.unseen().isEmpty(),
        ear.mayGoIn(),
        ear.atBest(),
        ear.found().redness(),
        plucked && ear.found().sores() == Grade.NONE ? Grade.MILD : ear.found().sores(),
        ear.found().discharge(),
        dog.profile().lightCoat(),
        Puppy.is(dog, today),
        dog.profile().litter().filter(litter -> litter.includes(today)).isPresent(),
        ear.ordersCleaning().filter(VetOrder::comesFromAVet).isPresent(),
        ear.order().isPresent() || ear.treated(),
        ear.named(),
        plucked,
        reacted);
  }

  /** By what a vet named that for it, while it has not become worse. */
  Optional<Named> naming(Offer offer) {
    return named.stream()
        .filter(one -> offer.supply().filter(supply -> isNamed(supply, one)).isPresent())
        .findFirst();
  }

  private static boolean isNamed(Supply supply, Named one) {
    return supply.isNamed(one.product());
  }

  /** The same ear, were that found of it, and were it for that alone that it is not poured into. */
  EarNow showing(Verdict found, Grade red, Grade sore, Grade dirty) {
    return new EarNow(
        found,
        true,
        atBest,
        atBest,
        red,
        plucked && sore == Grade.NONE ? Grade.MILD : sore,
        dirty,
        lightCoat,
        puppy,
        litter,
        vetsWord,
        underVet,
        named,
        plucked,
        reacted);
  }

  /** The same ear, were nothing found of it. */
  public EarNow quiet() {
    return showing(Verdict.LEAVE, Grade.NONE, Grade.NONE, Grade.NONE);
  }
}
