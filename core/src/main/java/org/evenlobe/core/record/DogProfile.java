package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Weight;

/**
 * Who a dog is and what its ears are like.
 *
 * @param name what it is called
 * @param breeds catalogue ids: none when not known, one, or two for a cross
 * @param bornOn its birthday, where known
 * @param ageEstimated whether the birthday is a guess
 * @param weights what it weighed, oldest first whatever order they came in
 * @param ears what its ears are like
 * @param life what its life does to them
 * @param lightCoat whether its coat is so light that it stains
 * @param litter a time in which she is pregnant or nurses, where one was said
 * @param waterSensitive whether ear trouble is known to follow water
 * @param eardrum what a vet saw of its eardrums
 * @param reactions what it has reacted to, in the person's own words
 * @param normal what is normal for this dog, in the person's own words
 * @param handling how it takes being handled
 * @param ways what is done differently with it than with the household's other dogs
 * @param own when it is cleaned, where that differs from the household's other dogs
 * @param deaf the ears that are known not to hear
 * @param deafSince the day on which that was said
 */
public record DogProfile(
    String name,
    List<String> breeds,
    Optional<LocalDate> bornOn,
    boolean ageEstimated,
    List<Weighing> weights,
    EarTraits ears,
    Life life,
    boolean lightCoat,
    Optional<Litter> litter,
    boolean waterSensitive,
    Eardrum eardrum,
    Optional<String> reactions,
    Optional<String> normal,
    Handling handling,
    CleaningWays.OwnWays ways,
    Preferences.Own own,
    Set<Side> deaf,
    Optional<LocalDate> deafSince) {

  /** One whose ears are not known to be deaf. */
  public DogProfile(
      String name,
      List<String> breeds,
      Optional<LocalDate> bornOn,
      boolean ageEstimated,
      List<Weighing> weights,
      EarTraits ears,
      Life life,
      boolean lightCoat,
      Optional<Litter> litter,
      boolean waterSensitive,
      Eardrum eardrum,
      Optional<String> reactions,
      Optional<String> normal,
      Handling handling,
      CleaningWays.OwnWays ways,
      Preferences.Own own) {
    this(
        name,
        breeds,
        bornOn,
        ageEstimated,
        weights,
        ears,
        life,
        lightCoat,
        litter,
        waterSensitive,
        eardrum,
        reactions,
        normal,
        handling,
        ways,
        own,
        Set.of(),
        Optional.empty());
  }

  public DogProfile {
    Objects.requireNonNull(name, "name");
    breeds = List.copyOf(breeds);
    if (breeds.size() > 2) {
      throw new IllegalArgumentException("a cross names two breeds, not " + breeds.size());
    }
    Objects.requireNonNull(bornOn, "bornOn");
    weights = weights.stream().sorted(Comparator.comparing(Weighing::on)).toList();
    Objects.requireNonNull(ears, "ears");
    Objects.requireNonNull(life, "life");
    Objects.requireNonNull(litter, "litter");
    Objects.requireNonNull(eardrum, "eardrum");
    Objects.requireNonNull(handling, "handling");
    Objects.requireNonNull(ways, "ways");
    Objects.requireNonNull(own, "own");
    deaf = Set.copyOf(deaf);
    Objects.requireNonNull(deafSince, "deafSince");
  }

  /** What it weighs on a day: as weighed last by then, else as weighed first after it. */
  public Optional<Weight> weightOn(LocalDate day) {
    Optional<Weighing> last =
        weights.stream()
            .filter(weighing -> !weighing.on().isAfter(day))
            .reduce((earlier, later) -> later);
    return last.or(() -> weights.stream().findFirst()).map(Weighing::weight);
  }
}
