package org.evenlobe.core.cleaning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.cleaning.SessionStep.Kind;
import org.evenlobe.core.cleaning.SessionStep.OnlyIf;
import org.evenlobe.core.cleaning.SessionStep.StepTimer;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Swabs;
import org.evenlobe.core.rule.Figures;

/**
 * The steps for one ear (rules CLEAN_ROUNDS and CLEAN_MASSAGE): by its method, again while wipes
 * come away dirty, 3 rounds at most and 5 with a syringe; the massage as long as the household
 * likes, and twice that, 60 s at most, where the last load was heavy or more came up than expected.
 */
final class EarSteps {
  private static final int ROUNDS = 3;
  private static final int SYRINGE_ROUNDS = 5;
  private static final int SHAKE_SECONDS = 20;
  private static final int LONGEST_OF_A_SMALL_FILL = 30;

  /** A tilt while liquid runs in is usual; one that stays comes from beyond the eardrum. */
  private static final String STOP_SIGNS =
      "It cries or flinches hard: stop, call your vet. A tilt while it runs in is usual; a head that"
          + " stays tilted after the shake is for the vet today.";

  private final EarTask task;
  private final EarBefore before;
  private final CleaningWays ways;
  private final CleaningMethod method;
  private final Side side;
  private final String ear;
  private final boolean second;
  private final List<SessionStep> steps = new ArrayList<>();

  private EarSteps(EarTask task, EarBefore before, CleaningWays ways, boolean second) {
    this.task = task;
    this.before = before;
    this.ways = ways;
    this.method = task.method().orElseThrow();
    this.side = task.ear();
    this.ear = task.ear().ear();
    this.second = second;
  }

  /**
   * The steps of an ear that has a method, with those that only some findings ask for.
   *
   * @param second whether the other ear was done before it
   */
  static List<SessionStep> steps(
      EarTask task, EarBefore before, CleaningWays ways, boolean second) {
    EarSteps all = new EarSteps(task, before, ways, second);
    all.hair();
    if (all.method.inCanal()) {
      all.rounds(all.mostRounds());
    } else {
      all.steps.add(all.wipeOnly().step(all.side, 0));
    }
    all.steps.add(all.folds().step(all.side, 0));
    all.steps.add(all.load().step(all.side, 0));
    return all.steps;
  }

  /** As many as the vet said; one of a small amount; else as the method allows. */
  private int mostRounds() {
    return before
        .order()
        .flatMap(CleaningInstruction::rounds)
        .orElse(isSmall() ? 1 : method == CleaningMethod.SYRINGE ? SYRINGE_ROUNDS : ROUNDS);
  }

  /** Whether a fill is a small amount by its label, not to the line. */
  private boolean isSmall() {
    return method == CleaningMethod.FILL && ways.smallFill().isPresent() && !task.ordered();
  }

  private void rounds(int most) {
    for (int round = 1; round <= most; round++) {
      steps.add(pour(round).step(side, round));
      steps.add(massage(round).step(side, round));
      steps.add(shake().step(side, round));
      SessionStep wipe = wipe(round == most, most).step(side, round);
      Optional<String> again =
          round == most ? Optional.empty() : Optional.of(StepDraft.id(side, round + 1, pourKind()));
      steps.add(wipe.leadingTo(StepDraft.id(side, 0, Kind.FOLDS), again));
    }
  }

  private void hair() {
    blocking();
    if (!before.verdict().isQuiet()) {
      return;
    }
    if (before.hair().equals(Optional.of(HairCare.TRIM))) {
      steps.add(
          StepDraft.of(
                  Kind.HAIR,
                  "Trim round the opening of the " + ear,
                  "Blunt tips, a little at a time, only what stands round the opening.")
              .because("Hair keeps the liquid out and the wax in.")
              .until("You can see the opening.")
              .beware("Not into the canal. If the dog fidgets, leave it.")
              .onlyIf(OnlyIf.NOT_RED)
              .noting(HairWork.TRIMMED)
              .step(side, 0));
    } else if (before.hair().equals(Optional.of(HairCare.PLUCK))) {
      steps.add(
          StepDraft.of(
                  Kind.HAIR,
                  "Pluck a little from the " + ear,
                  "Powder, comb out what is loose, then a few hairs at a time, from the opening"
                      + " only. Rest, powder again.")
              .because("Dense hair keeps the wax in. A groomer or vet does it best.")
              .until("You can see the opening, or the dog has had enough.")
              .beware("Never in a red ear: plucked skin inflames. Red now? Leave the hair.")
              .onlyIf(OnlyIf.NOT_RED)
              .noting(HairWork.PLUCKED)
              .step(side, 0));
    }
  }

  /** What is done away with first, where the check found it. */
  private void blocking() {
    steps.add(
        StepDraft.of(
                Kind.HAIR,
                "First the hair of the " + ear,
                "Comb it out and trim round the opening, blunt tips pointing away from the canal.")
            .because("It blocks the canal: nothing gets in behind it, and nothing out.")
            .until("You can see the opening. Look at the ear again then; only wipe today.")
            .beware("Never pull at a red or sore ear. If it hurts, leave it to a groomer or vet.")
            .onlyIf(OnlyIf.HAIR_BLOCKING)
            .noting(HairWork.TRIMMED)
            .step(side, 1));
    steps.add(
        StepDraft.of(
                Kind.HAIR,
                "First the mat under the flap of the " + ear,
                "Comb or trim it out, a little at a time, the skin held away from the blades.")
            .because("It keeps the air out and pulls at the skin.")
            .until("The flap lies free. Look at the skin under it.")
            .beware("Red or sore under it? Leave it to a groomer or vet.")
            .onlyIf(OnlyIf.MAT_UNDER_FLAP)
            .noting(HairWork.COMBED)
            .step(side, 2));
  }

  private Kind pourKind() {
    return switch (method) {
      case FILL -> Kind.FILL;
      case SOAKED_PAD -> Kind.PAD;
      case SYRINGE -> Kind.SYRINGE;
      case WIPE -> Kind.WIPE;
    };
  }

  private StepDraft pour(int round) {
    Optional<Volume> volume = task.perFill();
    String about = volume.map(EarSteps::about).orElse("");
    StepDraft draft =
        switch (method) {
          case FILL ->
              StepDraft.of(
                      Kind.FILL,
                      "Fill the %s".formatted(ear),
                      fresh()
                          + "Lift the flap up and out; the canal opens to the front, by the cheek. "
                          + (isSmall()
                              ? "Pour in%s, not to the line.".formatted(about.replace(":", ""))
                              : "Pour until the line shows" + about + "."))
                  .because(
                      isSmall()
                          ? "A small amount by the label: less fright, and less gets below the bend."
                          : "Less never gets below the bend, where the wax sits.")
                  .until(isSmall() ? "That much is in." : "The liquid stands at the opening.")
                  .beware("The nozzle never touches and never seals. " + STOP_SIGNS);
          case SOAKED_PAD ->
              StepDraft.of(
                      Kind.PAD,
                      "Squeeze a soaked pad into the " + ear,
                      fresh()
                          + "Dripping pad in the opening, a hand on the muzzle, squeeze it empty.")
                  .because("The liquid runs down by itself, with less fright.")
                  .until("The pad is empty.")
                  .beware(STOP_SIGNS);
          case SYRINGE, WIPE ->
              StepDraft.of(
                      Kind.SYRINGE,
                      "Syringe into the " + ear,
                      fresh()
                          + "Draw up %s. Flap up and out, blunt tip at the opening, let it run in."
                              .formatted(volume.map(EarSteps::plain).orElse("what fills it")))
                  .because("A measured volume: you know what went in.")
                  .until("The syringe is empty.")
                  .beware("Never seal the canal with the tip: pressure tears.");
        };
    return draft.titled(round == 1 ? draft.title() : draft.title() + " again").measuring(volume);
  }

  private StepDraft massage(int round) {
    int usual =
        isSmall()
            ? Math.min(ways.massageSeconds(), LONGEST_OF_A_SMALL_FILL)
            : ways.massageSeconds();
    int longer = isSmall() ? usual : Math.min(2 * usual, CleaningWays.LONGEST_MASSAGE);
    boolean heavy = before.habit().lastLoad().map(Load::isHeaviest).orElse(false);
    StepTimer timer =
        heavy
            ? StepTimer.of(longer)
            : round == 1
                ? StepTimer.of(usual)
                : StepTimer.of(usual, longer, before.habit().expectedWipes());
    return StepDraft.of(
            Kind.MASSAGE,
            "Massage the base of the " + ear,
            "Keep hold, head level. Circles low on the head, not at the flap, pulling upward.")
        .because(
            heavy
                ? "It loosens the wax below the bend. Longer today: the last load was heavy."
                : "It loosens the wax below the bend.")
        .until("You hear it squelch.")
        .beware("Head level: tipped, it runs out before it has worked.")
        .timed(timer);
  }

  private StepDraft shake() {
    return StepDraft.of(
            Kind.SHAKE, "Let it shake", "Towel over its head, then let go. Again if it wants to.")
        .because("Shaking brings up what the liquid has loosened.")
        .until("It has stopped shaking.")
        .timed(StepTimer.of(SHAKE_SECONDS));
  }

  private StepDraft wipe(boolean last, int rounds) {
    return StepDraft.of(
            Kind.WIPE,
            "Wipe the " + ear,
            "%s over your finger, a clean edge each time. Tap for each one you take."
                .formatted(Figures.capital(a(ways.wipes().words()))))
        .because(
            last
                ? "%d rounds are enough for one day: the plan takes up the rest.".formatted(rounds)
                : "What you take away now need not come out later.")
        .until(
            last
                ? "A wipe comes away clean, or you have done this round."
                : "A wipe comes away clean.")
        .beware("No deeper than the finger goes without force. Nail covered.");
  }

  private StepDraft wipeOnly() {
    return StepDraft.of(
            Kind.WIPE,
            "Wipe the %s, only what you see".formatted(ear),
            fresh()
                + "Cleaner on the %s, never in the ear. A clean edge each time."
                    .formatted(ways.wipes().words()))
        .because(task.narrowed() ? task.reasons().get(0).sentence() : "Enough for most ears.")
        .until("A wipe comes away clean.")
        .beware("No liquid into the canal, no deeper than the finger goes. Nail covered.");
  }

  private StepDraft folds() {
    boolean swab = ways.swabs() == Swabs.FOLDS_ONLY;
    return StepDraft.of(
            Kind.FOLDS,
            "Wipe the folds of the " + ear,
            "The grooves round the opening, then the inside of the flap."
                + (swab ? " A swab for the grooves only: tip in sight, held short." : ""))
        .because("Wax dries there, and the flap lies on it.")
        .until("Flap and folds are clean and dry. Then a treat: one after each ear.")
        .beware("Never a swab down the canal: it packs the wax and can pierce.");
  }

  private StepDraft load() {
    return StepDraft.of(
        Kind.LOAD, "What came out of the %s?".formatted(ear), "Look at its wipes, all together.");
  }

  private String fresh() {
    return second ? "Fresh wipes, the nozzle wiped: nothing is carried across. " : "";
  }

  private static String a(String noun) {
    return ("aeiou".indexOf(noun.charAt(0)) >= 0 ? "an " : "a ") + noun;
  }

  private static String about(Volume volume) {
    return ": about " + plain(volume);
  }

  private static String plain(Volume volume) {
    return Quantities.tenths(volume);
  }
}
