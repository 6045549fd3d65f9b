package org.evenlobe.core.own;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Worded;
import org.evenlobe.core.record.OwnCourse;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.Offer;
import org.evenlobe.core.suit.Suitability;
import org.evenlobe.core.suit.Suits;

/**
 * What somebody gives on their own, as it stands on a day (rule OWN_COURSE): the bench's answer for
 * each ear that it goes into, and STOP ends it. For example drops of oil from the 1st, and a check
 * of the 5th that says STOP: ended on the 5th, whatever later checks find.
 *
 * @param course which
 * @param state whether it goes on
 * @param endedOn the day it ended, where it did
 * @param ears the bench's answer for each of its ears
 * @param omega what it brings, where it is an oil that is fed
 * @param reasons why it ended, or what is to be thought of
 */
public record OwnCourseNow(
    OwnCourse course,
    State state,
    Optional<LocalDate> endedOn,
    Map<Side, EarAnswer> ears,
    Optional<Omega> omega,
    List<Reason> reasons) {

  /** Whether it goes on. */
  public enum State implements Worded {
    /** Its first day is still to come. */
    TO_COME("to come"),
    /** It is given. */
    GOES_ON("goes on"),
    /** What an ear showed ended it. */
    STOPPED("stopped"),
    /** It is over. */
    OVER("over");

    private final String words;

    State(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  /**
   * The bench's answer for an ear.
   *
   * @param suits whether it suits
   * @param reasons why, the worst first
   */
  public record EarAnswer(Suits suits, List<Reason> reasons) {

    public EarAnswer {
      reasons = List.copyOf(reasons);
    }
  }

  public OwnCourseNow {
    ears = Map.copyOf(ears);
    reasons = List.copyOf(reasons);
  }

  /** What ended it. */
  private record Stop(LocalDate on, Side ear) {}

  /**
   * How it stands on the history's last day.
   *
   * @param offer the bottle that it is from, where it is from one
   * @param ears what is known of each ear
   */
  public static OwnCourseNow of(
      OwnCourse course, DogHistory history, Optional<Offer> offer, Function<Side, EarNow> ears) {
    LocalDate today = history.today();
    Optional<Stop> stop = stop(course, history);
    State state =
        stop.isPresent()
            ? State.STOPPED
            : today.isBefore(course.from())
                ? State.TO_COME
                : course.isGivenOn(today) ? State.GOES_ON : State.OVER;
    Map<Side, EarAnswer> answers = new EnumMap<>(Side.class);
    if (state == State.GOES_ON || state == State.TO_COME) {
      course.ears().forEach(side -> answers.put(side, answer(side, offer, ears.apply(side))));
    }
    List<Reason> reasons = new ArrayList<>();
    stop.ifPresent(one -> reasons.add(stopped(one)));
    if (state == State.OVER) {
      course.endWhy().ifPresent(why -> reasons.add(Reason.of(Rule.OWN_COURSE, "Ended: " + why)));
    }
    return new OwnCourseNow(
        course,
        state,
        stop.map(Stop::on).or(() -> course.to().filter(last -> state == State.OVER)),
        answers,
        course
            .supplement()
            .map(
                said ->
                    Omega.of(said, history.dog().profile().weightOn(today), course.vetAgreed())),
        reasons);
  }

  /** The first STOP of one of its ears while it was given. */
  private static Optional<Stop> stop(OwnCourse course, DogHistory history) {
    for (AssessedCheck check : history.checks()) {
      for (Side side : course.ears()) {
        if (course.isGivenOn(check.check().day())
            && check.verdicts().get(side).atLeast(Verdict.STOP)) {
          return Optional.of(new Stop(check.check().day(), side));
        }
      }
    }
    return course.ears().stream()
        .flatMap(
            side ->
                history
                    .ear(side)
                    .foundCleaning()
                    .filter(one -> one.verdict().atLeast(Verdict.STOP))
                    .filter(one -> course.isGivenOn(one.day()))
                    .map(one -> new Stop(one.day(), side))
                    .stream())
        .findFirst();
  }

  private static Reason stopped(Stop stop) {
    return Reason.of(
        Rule.OWN_COURSE,
        "Ended on %s: the %s said STOP. Put nothing more of it in, and tell your vet what it was."
            .formatted(Quantities.day(stop.on()), stop.ear().ear()));
  }

  private static EarAnswer answer(Side side, Optional<Offer> offer, EarNow ear) {
    if (offer.isPresent()) {
      Suitability.SuitsAnswer said = Suitability.of(offer.get(), ear).inEar();
      return new EarAnswer(
          said.suits(), said.reasons().stream().map(Suitability.Because::reason).toList());
    }
    if (ear.mayGoIn() != MayGoIn.IN_EAR) {
      return new EarAnswer(
          Suits.NO,
          List.of(
              Reason.of(
                  Rule.SUITS_MAY_GO_IN,
                  ear.mayGoIn() == MayGoIn.NONE
                      ? "Nothing may go into the %s but what your vet said.".formatted(side.ear())
                      : "Only wipe the %s: nothing is poured into it now.".formatted(side.ear()))));
    }
    return new EarAnswer(
        Suits.CARE,
        List.of(
            Reason.of(
                Rule.OWN_COURSE,
                "What is in it is not known: put the bottle on the shelf, or mix it at the bench,"
                    + " and it is judged each day.")));
  }
}
