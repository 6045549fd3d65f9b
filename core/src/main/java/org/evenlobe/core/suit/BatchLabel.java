package org.evenlobe.core.suit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.record.Batch;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.MixAnalysis;

/**
 * What stands on the bottle of a batch: what is in it, made when, used by when, for whom, what can
 * harm, how much boric acid that is for each kilogram of a dog, and what to do if one drinks it.
 * For example 2 g in a bottle, a dog of 20 kg: 100 mg for each kg.
 *
 * @param name what it is called
 * @param contents what was poured together
 * @param strengths what acts in it
 * @param madeOn the day it was made
 * @param useBy its last day
 * @param forWhom the dogs that it suits, with which ears
 * @param cautions what can harm
 * @param boric the boric acid in all of it for each kilogram of each dog; none where none is in it
 * @param ifDrunk what to do if a dog drinks it
 */
public record BatchLabel(
    String name,
    List<String> contents,
    List<String> strengths,
    LocalDate madeOn,
    LocalDate useBy,
    List<String> forWhom,
    List<String> cautions,
    List<String> boric,
    String ifDrunk) {
  private static final double MILLIGRAMS = 1000;

  /**
   * A dog of the household.
   *
   * @param name what it is called
   * @param weight what it weighs, where that is known
   * @param ears whether it suits each ear
   */
  public record ForDog(String name, Optional<Weight> weight, EarPair<Suitability> ears) {}

  public BatchLabel {
    contents = List.copyOf(contents);
    strengths = List.copyOf(strengths);
    forWhom = List.copyOf(forWhom);
    cautions = List.copyOf(cautions);
    boric = List.copyOf(boric);
  }

  /**
   * The label of a batch.
   *
   * @throws IllegalArgumentException if it was not mixed at home
   */
  public static BatchLabel of(Supply supply, List<ForDog> dogs) {
    Batch batch =
        supply.batch().orElseThrow(() -> new IllegalArgumentException("it was not mixed at home"));
    MixAnalysis mix = supply.contents();
    return new BatchLabel(
        supply.name(),
        batch.mix().parts().stream()
            .filter(part -> part.amount() > 0)
            .map(part -> "%s: %s".formatted(part.ingredient().name(), part.words()))
            .toList(),
        mix.strengths().entrySet().stream()
            .map(
                one ->
                    "%s %s %%"
                        .formatted(one.getKey().words(), Figures.plain(one.getValue().percent())))
            .toList(),
        batch.madeOn(),
        batch.useBy(),
        dogs.stream().flatMap(dog -> forWhom(dog).stream()).toList(),
        cautions(mix),
        boric(batch, dogs),
        ifDrunk(mix));
  }

  private static Optional<String> forWhom(ForDog dog) {
    boolean right = dog.ears().right().inEar().suits() != Suits.NO;
    boolean left = dog.ears().left().inEar().suits() != Suits.NO;
    return right || left
        ? Optional.of(
            dog.name() + (right && left ? ", both ears" : right ? ", right ear" : ", left ear"))
        : Optional.empty();
  }

  private static List<String> cautions(MixAnalysis mix) {
    List<String> cautions = new ArrayList<>();
    cautions.add("For the ears of quiet, healthy dogs only; never on red or sore skin.");
    if (mix.hasLayers()) {
      cautions.add("Shake before use.");
    }
    if (mix.boric().fallsInTheCold()) {
      cautions.add("Do not keep it cold.");
    }
    if (mix.alcohol().percent() > 0) {
      cautions.add("Keep it from flames.");
    }
    cautions.add("Keep it out of reach of dogs and children.");
    return cautions;
  }

  private static List<String> boric(Batch batch, List<ForDog> dogs) {
    double grams = batch.mix().of(Active.BORIC_ACID);
    if (grams == 0) {
      return List.of();
    }
    List<String> lines = new ArrayList<>();
    lines.add(Figures.plain(grams) + " g in all");
    for (ForDog dog : dogs) {
      dog.weight()
          .map(weight -> Figures.plain(grams * MILLIGRAMS / weight.kilograms()))
          .ifPresent(each -> lines.add("%s: %s mg for each kg".formatted(dog.name(), each)));
    }
    return lines;
  }

  private static String ifDrunk(MixAnalysis mix) {
    String poisons =
        mix.strengths().keySet().stream()
            .filter(active -> !active.equals(Active.SALT))
            .map(Active::words)
            .collect(Collectors.joining(", "));
    return "If a dog drinks it: take it away, rinse the mouth, do not make it vomit. Call your vet"
        + " or a poison line at once and read them this label"
        + (poisons.isEmpty() ? "." : ": " + poisons + ".");
  }
}
