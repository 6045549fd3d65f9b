package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.rule.Reason;

/**
 * How one ear stands on a day (rule CHECK_MAY_GO_IN): the one answer that every page, plan, bottle
 * and letter takes its part from. Whatever is not known allows no more than what is.
 *
 * <p>For example an ear that was quiet on Monday, of which the groomer tells on Wednesday that it
 * hurts: nothing may go in, since Wednesday, because of what was told.
 *
 * @param side which ear
 * @param verdict what its latest check says, with what a cleaning has shown since
 * @param sign the same by its own signs, whatever an order covers or a vet has said since
 * @param counts the sign verdict that counts: nothing where a vet has said since that it may
 * @param found what it showed when it was last looked into, with what a cleaning has shown since
 * @param looked whether anybody has ever looked into it
 * @param mayGoIn what may go in
 * @param because by whose word, or by what
 * @param since since which day
 * @param reason the same in a sentence
 * @param hold the hold that is open
 * @param order the order of a vet, or of a label, that is in force, or what stays in it
 * @param covered whether an order covers its signs
 * @param trusted the order to clean it, while the ear has not become worse under that
 * @param named what a vet named for it, while that stands
 * @param treated whether medicine goes into it
 * @param eardrum what is known of its eardrum
 * @param told what others told of it and nobody has looked at since
 * @param known the signs of which somebody who sees them is asked whether they are more than usual
 * @param unseen that it could not be looked into, where it could not
 * @param callFirst the look after which the vet is asked before anything goes in
 * @param checkFirst whether a full check is wanted before anything goes in
 * @param foundCleaning what a cleaning showed that no check has looked at since
 * @param liftedSince whether a vet has said since the latest check that it may be cleaned
 * @param noBetter whether it is no better under its order than the vet saw it
 * @param blockedChecks at how many checks running hair or a mat has blocked it
 * @param askedFrom from which day it is asked whether its order still stands
 */
public record EarStands(
    Side side,
    Verdict verdict,
    Verdict sign,
    Verdict counts,
    EarFinding found,
    boolean looked,
    MayGoIn mayGoIn,
    Because because,
    LocalDate since,
    Reason reason,
    Optional<Hold> hold,
    Optional<VetOrder> order,
    boolean covered,
    Optional<VetOrder> trusted,
    List<Named> named,
    boolean treated,
    EardrumKnown eardrum,
    List<ToldOpen> told,
    Set<Told.Seen> known,
    Optional<Unseen> unseen,
    Optional<LightLook> callFirst,
    boolean checkFirst,
    Optional<FoundWhileCleaning> foundCleaning,
    boolean liftedSince,
    boolean noBetter,
    int blockedChecks,
    Optional<LocalDate> askedFrom) {

  /** By what it stands so. */
  public enum Because {
    /** A vet said to leave it alone. */
    LEFT_ALONE,
    /** It is held. */
    HELD,
    /** Others told something, and nobody has looked since. */
    TOLD,
    /** Nobody could look. */
    NOT_SEEN,
    /** It is worse and the dog is not itself: the vet is asked first. */
    CALL_FIRST,
    /** A full check is wanted first. */
    CHECK_FIRST,
    /** A vet ordered it. */
    ORDERED,
    /** Its latest check says so. */
    SIGNS,
    /** Hair or a mat is to be done away with first, or a lump blocks it. */
    BLOCKED,
    /** The other ear may hurt: nobody could look into it. */
    OTHER_EAR,
    /** A puppy is only wiped. */
    PUPPY,
    /** What acts long stays in it. */
    STAYS,
    /** Medicine is in it. */
    MEDICINE,
    /** Its eardrum is not known to be whole, and there is trouble on record. */
    DRUM_IN_DOUBT,
    /** Nothing speaks against it. */
    NOTHING;

    /** The same in a few words: "nobody could look into its right ear". */
    public String words(Side side) {
      String words =
          switch (this) {
            case LEFT_ALONE -> "its %s is left alone";
            case HELD -> "its %s is held";
            case TOLD -> "somebody told something of its %s";
            case NOT_SEEN -> "nobody could look into its %s";
            case CALL_FIRST -> "the vet is asked first about its %s";
            case CHECK_FIRST -> "its %s is to be looked at first";
            case ORDERED -> "its vet ordered how its %s is cleaned";
            case SIGNS -> "its %s was not quiet at the last check";
            case BLOCKED -> "something blocks its %s";
            case OTHER_EAR -> "its other ear than the %s may hurt";
            case PUPPY -> "a puppy's %s is only wiped";
            case STAYS -> "medicine stays in its %s";
            case MEDICINE -> "medicine is in its %s";
            case DRUM_IN_DOUBT -> "the eardrum of its %s is not known to be whole";
            case NOTHING -> "nothing speaks against its %s";
          };
      return words.formatted(side.ear());
    }

    /** Whether it is a question that no word of a vet who names a bottle answers. */
    public boolean isOpenQuestion() {
      return this == LEFT_ALONE
          || this == TOLD
          || this == NOT_SEEN
          || this == CALL_FIRST
          || this == CHECK_FIRST;
    }
  }

  public EarStands {
    named = List.copyOf(named);
    told = List.copyOf(told);
    known = Set.copyOf(known);
  }

  /** Whether it was not quiet when it was last looked into, and no vet has said since it may. */
  public boolean showsTrouble() {
    return !counts.isQuiet();
  }

  /** What may go in were nothing found of it at the next look. */
  public MayGoIn atBest() {
    return switch (because) {
      case PUPPY, STAYS, MEDICINE, DRUM_IN_DOUBT, OTHER_EAR -> mayGoIn;
      case LEFT_ALONE,
          HELD,
          TOLD,
          NOT_SEEN,
          CALL_FIRST,
          CHECK_FIRST,
          ORDERED,
          SIGNS,
          BLOCKED,
          NOTHING ->
          MayGoIn.IN_EAR;
    };
  }

  /** Whether something that others told asks for the vet today. */
  public boolean wantsVetAsTold() {
    return told.stream().anyMatch(ToldOpen::isForTheVet);
  }

  /** Whether an order to clean it is in force. */
  public Optional<VetOrder> ordersCleaning() {
    return order.filter(VetOrder::cleans);
  }

  /** Whether an order to clean it waits for a vet's word, for its eardrum is torn. */
  public boolean waitsForTornWord() {
    return eardrum == EardrumKnown.NOT_INTACT
        && hold.filter(one -> one.cause() == Hold.Cause.EARDRUM).isPresent()
        && ordersCleaning().isPresent();
  }
}
