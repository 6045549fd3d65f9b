package org.evenlobe.core.course;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.DoseAmount;
import org.evenlobe.core.record.DoseUnit;
import org.evenlobe.core.record.MedicineKind;

/**
 * A step of giving a medicine.
 *
 * @param title what to do, in a few words
 * @param what how
 * @param seconds how long, where it is timed
 * @param drops how many drops are counted, where they are
 */
public record GivingStep(
    String title, String what, Optional<Integer> seconds, Optional<Integer> drops) {
  private static final int MASSAGE_SECONDS = 30;

  /** How a medicine of a kind is given. */
  public static List<GivingStep> of(MedicineKind kind, DoseAmount amount) {
    List<GivingStep> steps = new ArrayList<>();
    if (!kind.goesIntoAnEar()) {
      steps.add(
          step("Give " + amount.words(), "At the back of the tongue, or in a bite of plain food."));
      steps.add(step("See it swallowed", "Watch for half a minute that it does not come back."));
      return steps;
    }
    steps.add(
        step(
            "Hands washed, head level",
            "The head stays level, not tipped back: tipped, it runs out past the bend. Gloves if"
                + " the label says so."));
    steps.add(
        step(
            "Flap up, nozzle at the opening",
            "Lift the flap. Hold the nozzle at the opening without touching the ear."));
    steps.add(
        new GivingStep(
            "Give " + amount.words(),
            kind == MedicineKind.DROPS
                ? "Let them fall in one by one."
                : "Let it run into the opening.",
            Optional.empty(),
            amount.unit() == DoseUnit.DROP
                ? Optional.of((int) Math.ceil(amount.least()))
                : Optional.empty()));
    steps.add(
        new GivingStep(
            "Massage the base",
            "Let go of the flap and massage the base of the ear until it squelches.",
            Optional.of(MASSAGE_SECONDS),
            Optional.empty()));
    steps.add(step("Let it shake", "Stand back, then wipe off what has run out."));
    steps.add(step("Clean up", "Wipe the nozzle with a clean pad, close it, and wash your hands."));
    return steps;
  }

  private static GivingStep step(String title, String what) {
    return new GivingStep(title, what, Optional.empty(), Optional.empty());
  }
}
