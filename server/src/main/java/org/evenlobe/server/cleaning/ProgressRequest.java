package org.evenlobe.server.cleaning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.cleaning.CleaningSession.Purpose;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Hurt;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Odour;
import org.jspecify.annotations.Nullable;

/**
 * How far a guided session has got: a draft that lets it go on after a reload or on another device.
 *
 * @param id the id under which it will be recorded
 * @param purpose what it is for
 * @param ears the ears that were asked for
 * @param fully whether quiet ears that are not due are cleaned fully; not where left out
 * @param helper whether a second person is there
 * @param startedAt when it began
 * @param seconds how long it has been going, pauses not counted
 * @param step the step that is open
 * @param secondsLeft what is left of that step's time, where it is timed
 * @param trail the steps that were gone through, in order
 * @param right what was tapped for the right ear
 * @param left what was tapped for the left ear
 * @param handled how the dog took it, where that was said
 * @param cleaner the bottle that is used, where it was named
 */
public record ProgressRequest(
    @NotNull UUID id,
    @NotNull Purpose purpose,
    @NotNull @Size(max = 2) List<@NotNull Side> ears,
    @Nullable Boolean fully,
    @NotNull Boolean helper,
    @NotNull Instant startedAt,
    @NotNull @Min(0) @Max(86_400) Integer seconds,
    @NotBlank @Size(max = 60) String step,
    @Nullable @Min(0) @Max(3600) Integer secondsLeft,
    @NotNull @Size(max = 120) List<@NotBlank @Size(max = 60) String> trail,
    @NotNull @Valid EarTapsRequest right,
    @NotNull @Valid EarTapsRequest left,
    @Nullable Handled handled,
    @Nullable UUID cleaner) {

  /**
   * What was tapped for one ear so far.
   *
   * @param pours each step in which liquid went in
   * @param wipes how many wipes
   * @param squelched whether the massage was heard to squelch
   * @param load what came out
   * @param colour what it looked like
   * @param odour what it smelled of
   * @param hurt that it hurt, where it did
   * @param hair what was done about its hair, where something was
   * @param cleaner its bottle, where the ears have one each
   */
  public record EarTapsRequest(
      @NotNull @Size(max = 20) List<@NotNull @Valid PourRequest> pours,
      @NotNull @Min(0) @Max(99) Integer wipes,
      @Nullable Boolean squelched,
      @Nullable @Min(0) @Max(Load.HEAVIEST) Integer load,
      @Nullable DischargeKind colour,
      @Nullable Odour odour,
      @Nullable Hurt hurt,
      @Nullable HairWork hair,
      @Nullable UUID cleaner) {}

  /**
   * Liquid that went in.
   *
   * @param step the step in which it did
   * @param millilitres how much, where it was measured
   * @param cameBack whether it came back out at the opening; it did not where that is left out
   */
  public record PourRequest(
      @NotBlank @Size(max = 60) String step,
      @Nullable @DecimalMin("0.1") @DecimalMax("200") Double millilitres,
      @Nullable Boolean cameBack) {}
}
