package org.evenlobe.core.record;

import java.time.Instant;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Worded;

/**
 * What somebody who had a dog for a while says that they did and saw (rule TOLD). It is no check:
 * nobody graded anything. But until somebody has looked, what was seen closes an ear.
 *
 * @param id its id
 * @param moment when it was said
 * @param by who says it
 * @param taker as what they had the dog
 * @param done what they did, to the dog or to both ears
 * @param seen what they saw of the whole dog, or of ears that they do not tell apart
 * @param ear of which ear that was; empty for both, or where they do not know
 * @param note more of it in their own words
 * @param ears what was done and seen of each ear, where they tell them apart
 * @param usual of what was seen, what is no more than it had when they took it
 * @param gaveAt when they gave the medicine, where that was said
 * @param asksBack whether a check has to ask each sign by name; of what was told before checks
 *     could ask, any later look at that ear will do
 */
public record Told(
    UUID id,
    Moment moment,
    String by,
    Taker taker,
    Set<Done> done,
    Set<Seen> seen,
    Optional<Side> ear,
    Optional<String> note,
    EarPair<EarTold> ears,
    Set<Seen> usual,
    Optional<Instant> gaveAt,
    boolean asksBack)
    implements FoldedFact {

  /** One by somebody who did not tell the ears apart. */
  public Told(
      UUID id,
      Moment moment,
      String by,
      Taker taker,
      Set<Done> done,
      Set<Seen> seen,
      Optional<Side> ear,
      Optional<String> note) {
    this(
        id,
        moment,
        by,
        taker,
        done,
        seen,
        ear,
        note,
        EarPair.both(EarTold.NOTHING),
        Set.of(),
        Optional.empty(),
        false);
  }

  /**
   * What is told of one ear.
   *
   * @param seen what was seen of it
   * @param cleaned whether it was cleaned
   * @param method how, where that was said
   * @param load what came out, where that was said
   */
  public record EarTold(
      Set<Seen> seen, boolean cleaned, Optional<CleaningMethod> method, Optional<Load> load) {
    /** Nothing. */
    public static final EarTold NOTHING =
        new EarTold(Set.of(), false, Optional.empty(), Optional.empty());

    public EarTold {
      seen = set(Seen.class, seen);
      Objects.requireNonNull(method, "method");
      Objects.requireNonNull(load, "load");
      if (!cleaned && (method.isPresent() || load.isPresent())) {
        throw new IllegalArgumentException("what was not cleaned has no method and no load");
      }
    }
  }

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
    HURTS("it hurts", true),
    /** The head hangs to one side. */
    TILTS("holds its head askew", true),
    /** They are swollen. */
    SWOLLEN("swollen"),
    /** It bleeds. */
    BLEEDS("blood", true),
    /** The dog staggers, falls or circles. */
    STAGGERS("staggers", true),
    /** The eyes flick to and fro. */
    EYES_FLICK("its eyes flick", true),
    /** The face droops on one side. */
    FACE_DROOPS("its face droops", true),
    /** It no longer hears. */
    NO_LONGER_HEARS("no longer hears", true);

    private static final Set<Seen> OF_THE_DOG =
        EnumSet.of(TILTS, STAGGERS, EYES_FLICK, FACE_DROOPS, SHAKES);

    private final String words;
    private final boolean forTheVet;

    Seen(String words) {
      this(words, false);
    }

    Seen(String words, boolean forTheVet) {
      this.words = words;
      this.forTheVet = forTheVet;
    }

    @Override
    public String words() {
      return words;
    }

    /** Whether the vet is wanted today, unless somebody has looked. */
    public boolean isForTheVet() {
      return forTheVet;
    }

    /** Whether it is of the whole dog. */
    public boolean isOfTheDog() {
      return OF_THE_DOG.contains(this);
    }
  }

  public Told {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(by, "by");
    Objects.requireNonNull(taker, "taker");
    done = set(Done.class, done);
    seen = set(Seen.class, seen);
    usual = set(Seen.class, usual);
    Objects.requireNonNull(ear, "ear");
    Objects.requireNonNull(note, "note");
    Objects.requireNonNull(ears, "ears");
    Objects.requireNonNull(gaveAt, "gaveAt");
  }

  private static <E extends Enum<E>> Set<E> set(Class<E> kind, Collection<E> of) {
    EnumSet<E> all = EnumSet.noneOf(kind);
    all.addAll(of);
    return Collections.unmodifiableSet(all);
  }

  /** All that was seen of an ear, and of the whole dog, with it. */
  public Set<Seen> seenOf(Side side) {
    EnumSet<Seen> of = EnumSet.noneOf(Seen.class);
    of.addAll(ears.get(side).seen());
    for (Seen one : seen) {
      if (one.isOfTheDog() || ear.isEmpty() || ear.get() == side) {
        of.add(one);
      }
    }
    ears.get(side.other()).seen().stream().filter(Seen::isOfTheDog).forEach(of::add);
    return of;
  }

  /** All that was seen. */
  public Set<Seen> seenAnywhere() {
    EnumSet<Seen> all = EnumSet.noneOf(Seen.class);
    all.addAll(seen);
    all.addAll(ears.right().seen());
    all.addAll(ears.left().seen());
    return all;
  }

  /** What cleaned an ear, where something did. */
  public Optional<EarTold> cleaning(Side side) {
    EarTold told = ears.get(side);
    if (told.cleaned()) {
      return Optional.of(told);
    }
    boolean apart = ears.get(side.other()).cleaned();
    boolean wiped = done.contains(Done.WIPED);
    boolean put = done.contains(Done.CLEANED);
    if (apart || !(wiped || put) || ear.filter(one -> one != side).isPresent()) {
      return Optional.empty();
    }
    // who put cleaner in did not say how
    return Optional.of(
        new EarTold(
            Set.of(),
            true,
            put ? Optional.empty() : Optional.of(CleaningMethod.WIPE),
            Optional.empty()));
  }

  /** When the medicine was given, where it was. */
  public Optional<Instant> gave() {
    return done.contains(Done.GAVE_MEDICINE)
        ? Optional.of(gaveAt.orElse(moment.at()))
        : Optional.empty();
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
