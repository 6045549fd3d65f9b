package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.evenlobe.core.measure.Weight;

/**
 * Who a dog is and what its ears are like.
 *
 * @param name what it is called
 * @param breeds catalogue ids: none when not known, one, or two for a cross
 * @param bornOn its birthday, where known
 * @param weight its weight, where known
 * @param ears what its ears are like
 * @param life what its life does to them
 */
public record DogProfile(
    String name,
    List<String> breeds,
    Optional<LocalDate> bornOn,
    Optional<Weight> weight,
    EarTraits ears,
    Life life) {

  public DogProfile {
    Objects.requireNonNull(name, "name");
    breeds = List.copyOf(breeds);
    if (breeds.size() > 2) {
      throw new IllegalArgumentException("a cross names two breeds, not " + breeds.size());
    }
    Objects.requireNonNull(bornOn, "bornOn");
    Objects.requireNonNull(weight, "weight");
    Objects.requireNonNull(ears, "ears");
    Objects.requireNonNull(life, "life");
  }
}
