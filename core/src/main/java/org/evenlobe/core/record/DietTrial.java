package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;

/**
 * A trial of one new protein and one new starch and nothing else, to find out whether food is
 * behind ear trouble that comes back.
 *
 * @param id its id
 * @param moment when it was written down
 * @param protein the new protein
 * @param starch the new starch
 * @param foodsSoFar what the dog has been fed so far, so that what is new can be told
 * @param allowed what else is allowed
 * @param startsOn its first day
 * @param days how many clean days it needs
 */
public record DietTrial(
    UUID id,
    Moment moment,
    String protein,
    String starch,
    List<String> foodsSoFar,
    List<String> allowed,
    LocalDate startsOn,
    int days)
    implements ReadFact {
  /** The shortest: the school of 30 to 60 days. */
  public static final int SHORTEST_DAYS = 30;

  /** The longest: the school of 8 to 12 weeks. */
  public static final int LONGEST_DAYS = 84;

  /** Eight weeks. */
  public static final int USUAL_DAYS = 56;

  public DietTrial {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(protein, "protein");
    Objects.requireNonNull(starch, "starch");
    Objects.requireNonNull(startsOn, "startsOn");
    foodsSoFar = List.copyOf(foodsSoFar);
    allowed = List.copyOf(allowed);
    if (days < SHORTEST_DAYS || days > LONGEST_DAYS) {
      throw new IllegalArgumentException(SHORTEST_DAYS + " to " + LONGEST_DAYS + " days");
    }
  }
}
