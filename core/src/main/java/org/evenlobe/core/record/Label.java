package org.evenlobe.core.record;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Strength;

/**
 * What is printed on a ready cleaner or on a pack of wipes; empty where it does not say.
 *
 * @param actives what acts in it, and how strong
 * @param ph its pH
 * @param keepsDays for how many days it keeps once it is open
 * @param forDogs whether it is labelled for dogs
 */
public record Label(
    Map<Active, Strength> actives,
    Optional<Double> ph,
    Optional<Integer> keepsDays,
    Optional<Boolean> forDogs) {
  /** One that says nothing, or that nobody has read. */
  public static final Label BLANK =
      new Label(Map.of(), Optional.empty(), Optional.empty(), Optional.empty());

  public Label {
    actives = Map.copyOf(actives);
    Objects.requireNonNull(ph, "ph");
    Objects.requireNonNull(keepsDays, "keepsDays");
    Objects.requireNonNull(forDogs, "forDogs");
  }
}
