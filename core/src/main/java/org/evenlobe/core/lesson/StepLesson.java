package org.evenlobe.core.lesson;

import java.util.List;

/**
 * The steps of a cleaning in their order, and a few of them done wrong.
 *
 * @param order each step with why it stands there
 * @param mistakes one after the other
 */
public record StepLesson(List<LessonStep> order, List<Mistake> mistakes) {

  /**
   * A step.
   *
   * @param words what is done
   * @param why why then
   */
  public record LessonStep(String words, String why) {}

  /**
   * A cleaning in which one step is wrong.
   *
   * @param steps what is done
   * @param wrong which of them is wrong, from 0
   * @param why what it does, and what is done instead
   */
  public record Mistake(List<String> steps, int wrong, String why) {
    public Mistake {
      steps = List.copyOf(steps);
      if (wrong < 0 || wrong >= steps.size()) {
        throw new IllegalArgumentException("one of them is wrong");
      }
    }
  }

  public StepLesson {
    order = List.copyOf(order);
    mistakes = List.copyOf(mistakes);
  }

  /** The one that ships (rule LESSON_STEPS). */
  public static StepLesson shipped() {
    return new StepLesson(
        List.of(
            new LessonStep(
                "Warm the bottle in your hands, count out the wipes",
                "cold liquid startles, and once the ear is full no hand is free"),
            new LessonStep(
                "Look into both ears and smell them", "a sore ear takes no liquid: the vet first"),
            new LessonStep(
                "Begin with the better ear", "nothing is carried from the worse to the better"),
            new LessonStep(
                "Lift the flap up and out", "it straightens the canal so that liquid runs down it"),
            new LessonStep(
                "Fill to the line, the nozzle clear of the ear",
                "a sealed canal is pressed on, and a touched nozzle carries what it touched"),
            new LessonStep(
                "Massage the base until it squelches",
                "it lifts what sticks below the bend, where nothing else reaches"),
            new LessonStep(
                "Towel over, let go, let it shake",
                "the shake brings up what the massage loosened"),
            new LessonStep(
                "Wipe what has come up, no deeper than a finger goes",
                "deeper only pushes it back toward the eardrum"),
            new LessonStep("A treat, then the other ear with fresh wipes", "so it comes again"),
            new LessonStep(
                "Write down what came out of each", "the next day is reckoned from the load")),
        List.of(
            new Mistake(
                List.of(
                    "Flap up and out",
                    "Nozzle pressed into the opening so that nothing runs out",
                    "Massage the base",
                    "Let it shake",
                    "Wipe"),
                1,
                "A sealed canal is pressed on, and that can hurt the eardrum. Keep the nozzle clear of"
                    + " the ear; what runs out is wiped off."),
            new Mistake(
                List.of(
                    "Fill to the line",
                    "Massage until it squelches",
                    "Let it shake",
                    "A cotton swab down the canal for the rest",
                    "A treat"),
                3,
                "A swab packs the wax and can pierce the drum. Fill and shake once more, or leave it"
                    + " for next time."),
            new Mistake(
                List.of(
                    "Left ear red and sore, right ear waxy",
                    "Look at both",
                    "Fill the left ear first, it needs it most",
                    "Leave the right for tomorrow"),
                2,
                "Liquid does not go into a sore ear: it may sting, and behind a torn drum it can"
                    + " deafen. Have the vet look; the waxy one may be cleaned."),
            new Mistake(
                List.of(
                    "Bottle straight from the cold shed",
                    "Flap up and out",
                    "Fill to the line",
                    "Massage",
                    "Let it shake"),
                0,
                "Cold liquid startles and makes the dog dizzy. Warm it in your hands and test a drop"
                    + " on the wrist."),
            new Mistake(
                List.of(
                    "Clean the right ear",
                    "Wipe until it comes away clean",
                    "The same wipe for the left ear, it is nearly clean",
                    "A treat"),
                2,
                "What is in one ear goes into the other. Fresh wipes for each, and the nozzle wiped"
                    + " between them."),
            new Mistake(
                List.of(
                    "Fill to the line",
                    "Let go at once so that it can shake",
                    "Massage what is left",
                    "Wipe"),
                1,
                "Nothing is loosened yet, so the liquid is shaken out for nothing. Keep hold, massage"
                    + " until it squelches, then let it shake.")));
  }
}
