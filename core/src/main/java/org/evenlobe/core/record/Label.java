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
 * @param madeFor for whom and what it says that it is made, where that was read
 */
public record Label(
    Map<Active, Strength> actives,
    Optional<Double> ph,
    Optional<Integer> keepsDays,
    Optional<MadeFor> madeFor) {
  /** One that says nothing, or that nobody has read. */
  public static final Label BLANK =
      new Label(Map.of(), Optional.empty(), Optional.empty(), Optional.empty());

  public Label {
    actives = Map.copyOf(actives);
    Objects.requireNonNull(ph, "ph");
    Objects.requireNonNull(keepsDays, "keepsDays");
    Objects.requireNonNull(madeFor, "madeFor");
  }

  /** Whether it is known to be made for dogs' ears. */
  public boolean saysDogsEars() {
    return madeFor.filter(MadeFor.DOGS_EARS::equals).isPresent();
  }
}
