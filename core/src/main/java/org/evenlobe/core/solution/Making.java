package org.evenlobe.core.solution;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.rule.Figures;

/**
 * How a mix is made, step by step: a clean bottle; water, warm where powder is to dissolve in it;
 * the powder, stirred until it is clear; once that is cool what is sour; alcohol away from flames;
 * oil last. For example vinegar, water and boric acid: warm water, the powder into it, the vinegar
 * when it has cooled.
 */
public final class Making {
  private Making() {}

  /**
   * One step.
   *
   * @param what what to do
   * @param caution what can harm, where something can
   * @param part what goes in, where something does
   * @param grams what that weighs
   */
  public record MakingStep(
      String what, Optional<String> caution, Optional<Part> part, Optional<Double> grams) {

    static MakingStep of(String what) {
      return new MakingStep(what, Optional.empty(), Optional.empty(), Optional.empty());
    }
  }

  /** The steps that make it. */
  public static List<MakingStep> steps(MixAnalysis analysed) {
    Mix mix = analysed.mix();
    List<MakingStep> steps = new ArrayList<>();
    steps.add(
        new MakingStep(
            "Rinse a bottle and its cap with boiling water and let them dry.",
            guard(mix),
            Optional.empty(),
            Optional.empty()));
    boolean powder = mix.parts().stream().anyMatch(Making::isPowder);
    boolean watery = mix.parts().stream().anyMatch(part -> isPlainWater(part) && part.amount() > 0);
    mix.parts().stream()
        .filter(part -> part.amount() > 0)
        .sorted(Comparator.comparingInt(part -> turn(part, watery)))
        .map(part -> step(part, powder && watery))
        .forEach(steps::add);
    if (analysed.hasLayers()) {
      steps.add(MakingStep.of("Shake it: it parts again, so shake before each use too."));
    }
    steps.add(check(analysed));
    steps.add(keep(analysed));
    return List.copyOf(steps);
  }

  private static boolean isPowder(Part part) {
    return part.ingredient().phase() == Phase.SOLID && part.amount() > 0;
  }

  private static boolean isPlainWater(Part part) {
    return part.ingredient().phase() == Phase.WATER && part.ingredient().strengths().isEmpty();
  }

  /** Water first, then powders, then what is dissolved already; without water powders go last. */
  private static int turn(Part part, boolean watery) {
    return switch (part.ingredient().phase()) {
      case WATER -> isPlainWater(part) ? 0 : 2;
      case SOLID -> watery ? 1 : 5;
      case ALCOHOL -> 3;
      case GLYCERINE, GLYCOL -> 4;
      case OIL -> 6;
    };
  }

  private static MakingStep step(Part part, boolean warm) {
    Ingredient one = part.ingredient();
    String amount =
        "%s of %s"
            .formatted(
                part.words(),
                one.name().substring(0, 1).toLowerCase(Locale.ROOT) + one.name().substring(1));
    String what =
        switch (one.phase()) {
          case SOLID ->
              "Weigh in %s and stir until it is clear%s."
                  .formatted(amount, warm ? "; then let it cool to room temperature" : "");
          case WATER ->
              isPlainWater(part)
                  ? "Pour in %s, %s."
                      .formatted(
                          amount,
                          warm
                              ? "warm as a bath, " + Quantities.celsius(MixAnalysis.WARM)
                              : "at room temperature")
                  : "Pour in %s.".formatted(amount);
          case OIL ->
              "Pour in %s%s."
                  .formatted(
                      amount,
                      one.id().equals("coconut-oil")
                          ? ", melted above " + Quantities.celsius(24)
                          : "");
          default -> "Pour in %s.".formatted(amount);
        };
    Optional<String> flame =
        one.phase() == Phase.ALCOHOL
            ? Optional.of("Away from flames, with the window open. " + one.caution().orElse(""))
            : one.caution();
    return new MakingStep(what, flame, Optional.of(part), Optional.of(part.grams()));
  }

  private static Optional<String> guard(Mix mix) {
    boolean harms =
        Stream.of(
                Active.BORIC_ACID,
                Active.SALICYLIC_ACID,
                Active.PEROXIDE,
                Active.ISOPROPYL,
                Active.ETHANOL,
                Active.IODINE,
                Active.DYE,
                Active.CHLORHEXIDINE)
            .anyMatch(mix::has);
    return harms
        ? Optional.of("Gloves and glasses on; children and dogs out of the kitchen.")
        : Optional.empty();
  }

  private static MakingStep check(MixAnalysis analysed) {
    double grit = analysed.boric().grit() + analysed.salicylic().grit();
    return grit > 0
        ? new MakingStep(
            "Look at the floor of the bottle: %s g will stay there as grit."
                .formatted(Figures.plain(grit)),
            Optional.of("Grit scratches: do not use it. Take less powder."),
            Optional.empty(),
            Optional.empty())
        : MakingStep.of(
            analysed.hasLayers()
                ? "Look at it against the light: no grit, nothing that floats but the oil."
                : "Look at it against the light: clear, no grit, nothing that floats.");
  }

  private static MakingStep keep(MixAnalysis analysed) {
    boolean falls = analysed.boric().fallsInTheCold();
    return MakingStep.of(
        "Close it, put the label on, and keep it %s, out of reach of dogs and children."
            .formatted(
                falls
                    ? "at room temperature, never cold"
                    : analysed.keepsDays() <= 7 ? "in the fridge" : "cool and dark"));
  }
}
