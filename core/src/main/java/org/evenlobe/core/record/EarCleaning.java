package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Volume;

/**
 * The cleaning of one ear.
 *
 * @param method how it was cleaned
 * @param load what came out
 * @param poured what was poured in all its fills, where it was measured
 * @param fills how many fills that was
 * @param seen what was noticed besides
 * @param small whether a fill was a small amount by its label, not to the line
 * @param cleaner the bottle that was used for this ear, where it was another one than for the other
 */
public record EarCleaning(
    CleaningMethod method,
    Load load,
    Optional<Volume> poured,
    int fills,
    Noticed seen,
    boolean small,
    Optional<UUID> cleaner) {

  /** One to the line, with the cleaning's bottle. */
  public EarCleaning(
      CleaningMethod method, Load load, Optional<Volume> poured, int fills, Noticed seen) {
    this(method, load, poured, fills, seen, false, Optional.empty());
  }

  /**
   * What was noticed while one ear was cleaned, as far as it was said.
   *
   * @param wipes how many wipes it took
   * @param squelched whether the massage was heard to squelch
   * @param colour what came out looked like
   * @param odour what it smelled of
   * @param cameBack what went in with the least round that came back out at the opening
   * @param hurt that it hurt, where it did
   */
  public record Noticed(
      Optional<Integer> wipes,
      Optional<Boolean> squelched,
      Optional<DischargeKind> colour,
      Optional<Odour> odour,
      Optional<Volume> cameBack,
      Optional<Hurt> hurt) {
    /** Nothing. */
    public static final Noticed NOTHING =
        new Noticed(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public Noticed {
      Objects.requireNonNull(wipes, "wipes");
      Objects.requireNonNull(squelched, "squelched");
      Objects.requireNonNull(colour, "colour");
      Objects.requireNonNull(odour, "odour");
      Objects.requireNonNull(cameBack, "cameBack");
      Objects.requireNonNull(hurt, "hurt");
      if (wipes.isPresent() && wipes.get() < 0) {
        throw new IllegalArgumentException("0 wipes or more, not " + wipes.get());
      }
    }

    /** So many wipes, and nothing else. */
    public static Noticed wipes(int count) {
      return new Noticed(
          Optional.of(count),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty());
    }
  }

  public EarCleaning {
    Objects.requireNonNull(method, "method");
    Objects.requireNonNull(load, "load");
    Objects.requireNonNull(poured, "poured");
    Objects.requireNonNull(seen, "seen");
    Objects.requireNonNull(cleaner, "cleaner");
    if (fills < 1) {
      throw new IllegalArgumentException("1 fill or more, not " + fills);
    }
  }

  /** A cleaning of which nothing was measured. */
  public static EarCleaning unmeasured(CleaningMethod method, Load load) {
    return new EarCleaning(method, load, Optional.empty(), 1, Noticed.NOTHING);
  }

  /**
   * What one fill to the fluid line took, where it was measured. A round of a syringe that came
   * back out at the opening is one; the others are less than the canal holds.
   */
  public Optional<Volume> fillToTheLine() {
    return switch (method) {
      // a small amount tells nothing of the canal unless it came back out
      case FILL ->
          small ? seen.cameBack() : poured.map(all -> new Volume(all.millilitres() / fills));
      case SYRINGE -> seen.cameBack();
      case SOAKED_PAD, WIPE -> Optional.empty();
    };
  }
}
