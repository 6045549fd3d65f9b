package org.evenlobe.core.record;

import java.util.Objects;
import java.util.UUID;
import org.evenlobe.core.measure.Worded;

/**
 * What became of a diet trial.
 *
 * @param id its id
 * @param moment when
 * @param trial of which
 * @param news what
 */
public record DietStep(UUID id, Moment moment, UUID trial, News news) implements ReadFact {

  /** What became of it. */
  public enum News implements Worded {
    /** The old food is fed again, to see whether it gets worse. */
    OLD_FOOD_BACK("the old food is back"),
    /** It got worse with the old food. */
    WORSE_AGAIN("worse again with the old food"),
    /** It did not get worse with the old food. */
    NO_WORSE("no worse with the old food"),
    /** It was given up. */
    GIVEN_UP("given up");

    private final String words;

    News(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  public DietStep {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(trial, "trial");
    Objects.requireNonNull(news, "news");
  }
}
