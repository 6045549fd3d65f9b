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
import org.evenlobe.core.record.Load;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a cleaning.
 *
 * @param dogId whose ears
 * @param at when
 * @param zone the zone it is recorded in
 * @param ears what was done to each, one at least
 * @param note in their own words, 2,000 characters at most
 */
public record CleaningRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull @Valid CleanedEarsRequest ears,
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
   */
  public record EarCleaningRequest(
      @NotNull CleaningMethod method,
      @NotNull @Min(0) @Max(Load.HEAVIEST) Integer load,
      @Nullable @DecimalMin("0.1") @DecimalMax("200") Double poured,
      @Nullable @Min(1) @Max(20) Integer fills) {}
}
