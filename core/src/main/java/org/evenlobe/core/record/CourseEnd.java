package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Worded;

/**
 * That a course is over.
 *
 * @param id its id
 * @param moment when
 * @param course which
 * @param cause why
 * @param note more of it in the person's own words
 */
public record CourseEnd(UUID id, Moment moment, UUID course, Cause cause, Optional<String> note)
    implements FoldedFact {

  /** Why a course ends. */
  public enum Cause implements Worded {
    /** The last dose was given. */
    FINISHED("finished"),
    /** The vet said to stop. */
    VET("the vet said so"),
    /** The ear or the dog reacted to it. */
    REACTION("a reaction"),
    /** It hurts. */
    HURTS("it hurts"),
    /** Something else. */
    OTHER("something else");

    private final String words;

    Cause(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }

    /** Whether the medicine has done harm: a vet is to see the dog today. */
    public boolean isHarm() {
      return this == REACTION || this == HURTS;
    }
  }

  public CourseEnd {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(course, "course");
    Objects.requireNonNull(cause, "cause");
    Objects.requireNonNull(note, "note");
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
