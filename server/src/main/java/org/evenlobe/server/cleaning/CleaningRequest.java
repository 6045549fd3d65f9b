package org.evenlobe.server.cleaning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Hurt;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Odour;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a cleaning.
 *
 * @param dogId whose ears
 * @param at when
 * @param zone the zone it is recorded in
 * @param ears what was done to each, one at least
 * @param handled how the dog took it
 * @param seconds how long it took, a day at most
 * @param cleaner the bottle of this household that was used
 * @param note in their own words, 2,000 characters at most
 */
public record CleaningRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull @Valid CleanedEarsRequest ears,
    @Nullable Handled handled,
    @Nullable @Min(0) @Max(86_400) Integer seconds,
    @Nullable UUID cleaner,
    @Nullable @Size(max = 2000) String note)
    implements DogFactRequest {

  /** What was done to each ear; left out for an ear that was left alone. */
  public record CleanedEarsRequest(
      @Nullable @Valid EarCleaningRequest right, @Nullable @Valid EarCleaningRequest left) {}

  /**
   * The cleaning of one ear.
   *
   * @param method how
   * @param load what came out, 0 to 4
   * @param poured what was poured in all its fills, where it was measured
   * @param fills how many fills that was; 1 where it is left out
   * @param wipes how many wipes it took, 99 at most
   * @param squelched whether the massage was heard to squelch
   * @param colour what came out looked like
   * @param odour what it smelled of
   * @param cameBack what went in with the least round of a syringe that came back out at the
   *     opening
   * @param hurt that it hurt, where it did
   * @param small whether a fill was a small amount by its label, not to the line
   * @param cleaner the bottle that was used for this ear, where it was another one
   */
  public record EarCleaningRequest(
      @NotNull CleaningMethod method,
      @NotNull @Min(0) @Max(Load.HEAVIEST) Integer load,
      @Nullable @DecimalMin("0.1") @DecimalMax("200") Double poured,
      @Nullable @Min(1) @Max(20) Integer fills,
      @Nullable @Min(0) @Max(99) Integer wipes,
      @Nullable Boolean squelched,
      @Nullable DischargeKind colour,
      @Nullable Odour odour,
      @Nullable @DecimalMin("0.1") @DecimalMax("200") Double cameBack,
      @Nullable Hurt hurt,
      @Nullable Boolean small,
      @Nullable UUID cleaner) {

    /** One to the line, with the cleaning's bottle. */
    public EarCleaningRequest(
        CleaningMethod method,
        Integer load,
        @Nullable Double poured,
        @Nullable Integer fills,
        @Nullable Integer wipes,
        @Nullable Boolean squelched,
        @Nullable DischargeKind colour,
        @Nullable Odour odour,
        @Nullable Double cameBack,
        @Nullable Hurt hurt) {
      this(
          method, load, poured, fills, wipes, squelched, colour, odour, cameBack, hurt, null, null);
    }

    /** A cleaning of which only the load was noticed. */
    public static EarCleaningRequest of(CleaningMethod method, int load) {
      return new EarCleaningRequest(method, load, null, null, null, null, null, null, null, null);
    }
  }
}
