package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/**
 * A vet's order for one ear: to clean it, or to leave it alone. It overrides the plan from the day
 * of the visit.
 *
 * @param howOften how often it is cleaned; empty for "leave it alone"
 * @param method how, where that was said
 * @param product with what, in the person's own words; of an ear that is left alone, the medicine
 *     that stays in it
 * @param until its last day, where it has one
 * @param untilNextVisit whether the next visit ends it, unless that gives an order of its own
 * @param allTheSame whether it is to be done on a held ear, or one with a torn eardrum, too
 * @param rounds how many rounds, where that was said
 */
public record CleaningInstruction(
    Optional<HowOften> howOften,
    Optional<CleaningMethod> method,
    Optional<String> product,
    Optional<LocalDate> until,
    boolean untilNextVisit,
    boolean allTheSame,
    Optional<Integer> rounds) {
  /** The most rounds that may be said. */
  public static final int MOST_ROUNDS = 10;

  /** One of which no rounds were said. */
  public CleaningInstruction(
      Optional<HowOften> howOften,
      Optional<CleaningMethod> method,
      Optional<String> product,
      Optional<LocalDate> until,
      boolean untilNextVisit,
      boolean allTheSame) {
    this(howOften, method, product, until, untilNextVisit, allTheSame, Optional.empty());
  }

  public CleaningInstruction {
    Objects.requireNonNull(howOften, "howOften");
    Objects.requireNonNull(method, "method");
    Objects.requireNonNull(product, "product");
    Objects.requireNonNull(until, "until");
    if (howOften.isEmpty() && (allTheSame || rounds.isPresent())) {
      throw new IllegalArgumentException("an ear that is left alone has no rounds, whatever it is");
    }
    if (rounds.filter(many -> many < 1 || many > MOST_ROUNDS).isPresent()) {
      throw new IllegalArgumentException("1 to 10 rounds, not " + rounds.get());
    }
  }

  /** To clean it so often, until a day where one is named. */
  public static CleaningInstruction clean(HowOften howOften, Optional<LocalDate> until) {
    return new CleaningInstruction(
        Optional.of(howOften), Optional.empty(), Optional.empty(), until, false, false);
  }

  /** To leave it alone, until a day where one is named. */
  public static CleaningInstruction leaveAlone(Optional<LocalDate> until) {
    return new CleaningInstruction(
        Optional.empty(), Optional.empty(), Optional.empty(), until, false, false);
  }

  /** That a medicine stays in it until a day: it is left alone but for a wipe. */
  public static CleaningInstruction staysIn(String medicine, LocalDate until) {
    return new CleaningInstruction(
        Optional.empty(),
        Optional.empty(),
        Optional.of(medicine),
        Optional.of(until),
        false,
        false);
  }

  /** The medicine that stays in it, where it is left alone for that. */
  public Optional<String> staysIn() {
    return cleans() ? Optional.empty() : product;
  }

  /** Whether it is to clean. */
  public boolean cleans() {
    return howOften.isPresent();
  }

  /** Whether it stands on that day, which is not before the visit. */
  public boolean standsOn(LocalDate day) {
    return until.map(last -> !day.isAfter(last)).orElse(true);
  }
}
