package org.evenlobe.server.visit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.Smear;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a visit to the vet.
 *
 * @param dogId whose ears
 * @param at when
 * @param zone the zone it is recorded in
 * @param ears what was found and said of each
 * @param next when the dog is to come again, where that was said
 * @param note in their own words, 4,000 characters at most
 */
public record VisitRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull @Valid VisitedEarsRequest ears,
    @Nullable LocalDate next,
    @Nullable @Size(max = 4000) String note)
    implements DogFactRequest {

  /** What was found and said of each ear. */
  public record VisitedEarsRequest(
      @NotNull @Valid EarVisitRequest right, @NotNull @Valid EarVisitRequest left) {}

  /**
   * What was found and said of one ear.
   *
   * @param smear what the microscope showed, where a smear was taken
   * @param culture what grew, or that it is still to come
   * @param done what was done to it
   * @param cleaned whether the vet cleaned or flushed it
   * @param instruction how it is to be cleaned, where the vet said so
   */
  public record EarVisitRequest(
      @NotNull EardrumSeen eardrum,
      @Nullable @Valid SmearRequest smear,
      @Nullable @Size(max = 500) String culture,
      @Nullable @Size(max = 500) String done,
      @NotNull Boolean cleaned,
      @Nullable @Valid InstructionRequest instruction,
      @NotNull HoldWord hold) {}

  /** What the microscope showed. */
  public record SmearRequest(
      @NotNull Smear.Amount yeast, @NotNull Smear.Amount cocci, @NotNull Smear.Amount rods) {

    Smear toCore() {
      return new Smear(yeast, cocci, rods);
    }
  }

  /**
   * How an ear is to be cleaned.
   *
   * @param everyDays how often, 1 to 365; left out for "do not clean"
   * @param until its last day; without one it stands until another visit
   */
  public record InstructionRequest(
      @Nullable @Min(1) @Max(CleaningInstruction.MOST_DAYS) Integer everyDays,
      @Nullable CleaningMethod method,
      @Nullable @Size(max = 200) String product,
      @Nullable LocalDate until) {

    CleaningInstruction toCore() {
      return new CleaningInstruction(
          Optional.ofNullable(everyDays),
          Optional.ofNullable(method),
          Optional.ofNullable(product),
          Optional.ofNullable(until));
    }
  }

  /** Says what is wrong with the two ears and the dates. */
  void check(InvalidFields.Collector errors) {
    LocalDate on = moment().day();
    errors.require(next == null || next.isAfter(on), "next", "must lie after the visit");
    check(errors, ears.right(), "ears.right", on);
    check(errors, ears.left(), "ears.left", on);
  }

  private static void check(
      InvalidFields.Collector errors, EarVisitRequest ear, String path, LocalDate on) {
    boolean contradicts = ear.hold() == HoldWord.LIFTED && ear.eardrum() == EardrumSeen.NOT_INTACT;
    errors.require(
        !contradicts, path + ".hold", "cannot be lifted while the eardrum is not intact");
    InstructionRequest said = ear.instruction();
    errors.require(
        said == null || said.until() == null || !said.until().isBefore(on),
        path + ".instruction.until",
        "must not lie before the visit");
  }
}
