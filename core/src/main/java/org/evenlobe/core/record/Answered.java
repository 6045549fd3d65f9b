package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;

/**
 * The answer to what was asked of a dog once.
 *
 * @param id its id
 * @param moment when
 * @param question what was asked
 * @param about the fact that it was asked about: the visit or the appointment; none for the others
 * @param ear of which ear, where it is of one
 * @param yes the answer
 * @param who who said so, where that was asked
 */
public record Answered(
    UUID id,
    Moment moment,
    Question question,
    Optional<UUID> about,
    Optional<Side> ear,
    boolean yes,
    Optional<String> who)
    implements FoldedFact {

  /** What is asked. */
  public enum Question {
    /** Is it under 12 weeks old? Of a dog whose birth is not known. */
    IS_A_PUPPY,
    /** Has a vet looked down its ears? */
    VET_LOOKED,
    /** Does a vet's order still stand? */
    ORDER_STANDS,
    /** Is an appointment that has passed still wanted? */
    STILL_WANTED
  }

  public Answered {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(question, "question");
    Objects.requireNonNull(about, "about");
    Objects.requireNonNull(ear, "ear");
    Objects.requireNonNull(who, "who");
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
