package org.evenlobe.server.handover;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What somebody who had a dog for a while says that they did and saw.
 *
 * @param dogId which dog
 * @param at when
 * @param zone the zone it is recorded in
 * @param by the name of who says it
 * @param taker as what they had the dog
 * @param done what they did
 * @param seen what they saw
 * @param ear of which ear; both, or it is not known, where it is left out
 * @param note more of it in their own words, 500 characters at most
 * @param ears what was done and seen of each ear; where it is left out, any later check will do to
 *     answer what was seen
 * @param usual of what was seen, what is no more than it had when they took the dog
 * @param gaveAt when they gave the medicine
 */
public record ToldRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotBlank @Size(max = 80) String by,
    @NotNull Taker taker,
    @NotNull @Size(max = 12) List<Told.@NotNull Done> done,
    @NotNull @Size(max = 14) List<Told.@NotNull Seen> seen,
    @Nullable Side ear,
    @Nullable @Size(max = 500) String note,
    @Nullable @Valid ToldEarsRequest ears,
    @Nullable @Size(max = 14) List<Told.@NotNull Seen> usual,
    @Nullable Instant gaveAt)
    implements DogFactRequest {

  /** What was done and seen of each ear. */
  public record ToldEarsRequest(
      @NotNull @Valid ToldEarRequest right, @NotNull @Valid ToldEarRequest left) {
    /** Nothing of either. */
    public static final ToldEarsRequest NOTHING =
        new ToldEarsRequest(ToldEarRequest.NOTHING, ToldEarRequest.NOTHING);

    EarPair<Told.EarTold> toCore() {
      return new EarPair<>(right.toCore(), left.toCore());
    }
  }

  /**
   * What was done and seen of one ear.
   *
   * @param seen what was seen of it
   * @param cleaned whether it was cleaned
   * @param method how, where they know
   * @param load what came out, 0 to 4, where they say
   */
  public record ToldEarRequest(
      @NotNull @Size(max = 14) List<Told.@NotNull Seen> seen,
      @NotNull Boolean cleaned,
      @Nullable CleaningMethod method,
      @Nullable @Min(0) @Max(Load.HEAVIEST) Integer load) {
    /** Nothing. */
    public static final ToldEarRequest NOTHING = new ToldEarRequest(List.of(), false, null, null);

    Told.EarTold toCore() {
      return new Told.EarTold(
          Set.copyOf(seen),
          cleaned,
          Optional.ofNullable(method).filter(how -> cleaned),
          Optional.ofNullable(load).filter(much -> cleaned).map(Load::new));
    }

    private boolean saysAnything() {
      return cleaned || !seen.isEmpty();
    }
  }

  void check(InvalidFields.Collector errors) {
    boolean hasNote = note != null && !note.isBlank();
    errors.require(
        !done.isEmpty() || !seen.isEmpty() || hasNote || saysOfEars(),
        "done",
        "must say something that was done or seen, or the note must");
    errors.require(
        gaveAt == null || !gaveAt.isAfter(at), "gaveAt", "must not lie after it was told");
  }

  private boolean saysOfEars() {
    return ears != null && (ears.right().saysAnything() || ears.left().saysAnything());
  }
}
