package org.evenlobe.core.record;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Worded;

/**
 * What somebody who had a dog for a while says that they did and saw.
 *
 * @param id its id
 * @param moment when it was said
 * @param by who says it
 * @param taker as what they had the dog
 * @param done what they did
 * @param seen what they saw
 * @param ear of which ear; empty for both, or where they do not know
 * @param note more of it in their own words
 */
public record Told(
    UUID id,
    Moment moment,
    String by,
    Taker taker,
    Set<Done> done,
    Set<Seen> seen,
    Optional<Side> ear,
    Optional<String> note)
    implements Dated {

  /** What is done with ears, or comes to them. */
  public enum Done implements Worded {
    /** Looked into them. */
    LOOKED("looked into the ears"),
    /** Wiped what can be seen. */
    WIPED("wiped the ears"),
    /** Put cleaner into them. */
    CLEANED("put cleaner into the ears"),
    /** Bathed the dog. */
    BATHED("bathed the dog"),
    /** Let it swim. */
    SWAM("the dog swam"),
    /** Dried them. */
    DRIED("dried the ears"),
    /** Trimmed their hair. */
    TRIMMED("trimmed the ears' hair"),
    /** Plucked hair out of the canals. */
    PLUCKED("plucked the ears' hair"),
    /** Gave the medicine. */
    GAVE_MEDICINE("gave the medicine");

    private final String words;

    Done(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  /** What is seen of ears without knowing how to grade it. */
  public enum Seen implements Worded {
    /** They smell. */
    SMELL("a smell"),
    /** They are red. */
    RED("red skin"),
    /** Something runs out of them. */
    RUNS("something runs out"),
    /** More wax than usual. */
    WAX("a lot of wax"),
    /** The dog shakes its head. */
    SHAKES("shakes its head"),
    /** The dog scratches them. */
    SCRATCHES("scratches"),
    /** It hurts where they are touched. */
    HURTS("it hurts"),
    /** The head hangs to one side. */
    TILTS("holds its head askew");

    private final String words;

    Seen(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  public Told {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(by, "by");
    Objects.requireNonNull(taker, "taker");
    EnumSet<Done> did = EnumSet.noneOf(Done.class);
    did.addAll(done);
    done = Collections.unmodifiableSet(did);
    EnumSet<Seen> saw = EnumSet.noneOf(Seen.class);
    saw.addAll(seen);
    seen = Collections.unmodifiableSet(saw);
    Objects.requireNonNull(ear, "ear");
    Objects.requireNonNull(note, "note");
  }
}
