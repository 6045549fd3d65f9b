package org.evenlobe.core.cleaning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.cleaning.SessionStep.Kind;
import org.evenlobe.core.cleaning.SessionStep.StepTimer;
import org.evenlobe.core.record.Rung;

/**
 * The steps of a practice of 2 to 3 minutes (rule TRUST_PRACTICE): three goes of the rung with a
 * pause after each but the last, ended while the dog is calm.
 */
final class PracticeSteps {
  private static final int GOES = 3;
  private static final int GO_SECONDS = 40;
  private static final int REST_SECONDS = 20;

  private PracticeSteps() {}

  static List<SessionStep> steps(Rung rung) {
    List<SessionStep> steps = new ArrayList<>();
    steps.add(
        StepDraft.of(
                Kind.KIT,
                "Treats within reach",
                rung.atLeast(Rung.DRY_PAD)
                    ? "Small soft treats and a pad. A quiet room, the dog rested."
                    : "Small soft treats. A quiet room, the dog rested.")
            .because("Three minutes at most, and it may walk away at any time.")
            .until("It stands or lies at ease beside you.")
            .step());
    for (int go = 1; go <= GOES; go++) {
      steps.add(go(rung, go));
      if (go < GOES) {
        steps.add(
            StepDraft.of(Kind.REST, "Let it be", "Hands off. Praise it, let it look around.")
                .because("A pause tells it that it may.")
                .until("The time is over and it is at ease.")
                .timed(StepTimer.of(REST_SECONDS))
                .step("rest-" + go, Optional.empty(), go));
      }
    }
    steps.add(
        StepDraft.of(
                Kind.TAKEN,
                "How did it take it?",
                "End while it is calm, with a treat, even if that is early.")
            .step());
    return SessionStep.chained(steps);
  }

  private static SessionStep go(Rung rung, int go) {
    return StepDraft.of(Kind.PRACTISE, title(rung), how(rung))
        .because("Once on the one side, once on the other: each touch earns a treat.")
        .until("The time is over, or it turns away.")
        .beware("It turns away, licks its lips or freezes? Stop there: that was enough.")
        .timed(StepTimer.of(GO_SECONDS))
        .step("practise-" + go, Optional.empty(), go);
  }

  private static String title(Rung rung) {
    return switch (rung) {
      case TOUCH -> "Touch its head and ears";
      case FOLD -> "Lift and fold the flap";
      case HOLD_UP -> "Hold the flap up for 10 seconds";
      case DRY_PAD -> "A dry pad at the opening";
      case WET_PAD -> "A wet pad, wiping";
      case FULL_SESSION -> "As in a cleaning, without liquid";
    };
  }

  private static String how(Rung rung) {
    return switch (rung) {
      case TOUCH -> "A hand on the head, down over the ear, a treat while it rests there.";
      case FOLD -> "Lift the flap, fold it back, a treat, let it fall.";
      case HOLD_UP -> "Hold the flap up, count to ten, a treat while you hold.";
      case DRY_PAD -> "Flap up, lay a dry pad at the opening, a treat, take it away.";
      case WET_PAD -> "Flap up, one wipe of what you see with a pad dipped in saline, a treat.";
      case FULL_SESSION -> "Flap up, massage the base, towel over the head, a treat.";
    };
  }
}
