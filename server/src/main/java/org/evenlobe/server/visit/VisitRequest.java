package org.evenlobe.server.visit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.record.Alarming;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.HowOften;
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
 * @param call whether it was a call, at which the vet looked at nothing; no where it is left out
 */
public record VisitRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull @Valid VisitedEarsRequest ears,
    @Nullable LocalDate next,
    @Nullable @Size(max = 4000) String note,
    @Nullable Boolean call)
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
   * @param leftIn whether something stuck, or a tick, was left in on purpose
   * @param goOn whether the vet heard that it was worse and said to go on with the order
   * @param medicineUntil the last day of a medicine that goes into it
   * @param named of what asks for the vet today, what was told to the vet in a call at which they
   *     said to go on
   */
  public record EarVisitRequest(
      @NotNull EardrumSeen eardrum,
      @Nullable @Valid SmearRequest smear,
      @Nullable @Size(max = 500) String culture,
      @Nullable @Size(max = 500) String done,
      @NotNull Boolean cleaned,
      @Nullable @Valid InstructionRequest instruction,
      @NotNull HoldWord hold,
      @Nullable Boolean leftIn,
      @Nullable Boolean goOn,
      @Nullable LocalDate medicineUntil,
      @Nullable Set<@NotNull Alarming> named) {

    /** One of which none of the last three was said. */
    public EarVisitRequest(
        EardrumSeen eardrum,
        @Nullable SmearRequest smear,
        @Nullable String culture,
        @Nullable String done,
        Boolean cleaned,
        @Nullable InstructionRequest instruction,
        HoldWord hold) {
      this(eardrum, smear, culture, done, cleaned, instruction, hold, null, null, null, null);
    }
  }

  /** What the microscope showed. */
  public record SmearRequest(
      @NotNull Smear.Amount yeast, @NotNull Smear.Amount cocci, @NotNull Smear.Amount rods) {

    Smear toCore() {
      return new Smear(yeast, cocci, rods);
    }
  }

  /**
   * A vet's order for an ear: to clean it, in one way, or to leave it alone, by none.
   *
   * @param timesADay so many times a day, 1 to 24
   * @param everyDays every so many days, 1 to 365
   * @param weekdays on those days of the week, one at least
   * @param once once, until it is done
   * @param until its last day; without one it stands until a vet says otherwise
   * @param untilNextVisit whether the next visit ends it
   * @param allTheSame whether it is to be done on a held ear, or one with a torn eardrum, too
   * @param timesAWeek so many times a week, 1 to 7
   * @param timesAWeekAtMost up to so many times a week; as many where it is left out
   * @param rounds how many rounds, 1 to 10
   */
  public record InstructionRequest(
      @Nullable @Min(1) @Max(HowOften.MOST_TIMES) Integer timesADay,
      @Nullable @Min(1) @Max(HowOften.MOST_DAYS) Integer everyDays,
      @Nullable @Size(min = 1, max = 7) Set<@NotNull DayOfWeek> weekdays,
      @Nullable Boolean once,
      @Nullable CleaningMethod method,
      @Nullable @Size(max = 200) String product,
      @Nullable LocalDate until,
      @Nullable Boolean untilNextVisit,
      @Nullable Boolean allTheSame,
      @Nullable @Min(1) @Max(7) Integer timesAWeek,
      @Nullable @Min(1) @Max(7) Integer timesAWeekAtMost,
      @Nullable @Min(1) @Max(CleaningInstruction.MOST_ROUNDS) Integer rounds) {

    /** One to leave an ear alone until a day. */
    public static InstructionRequest leaveAlone(LocalDate until) {
      return new InstructionRequest(
          null, null, null, null, null, null, until, null, null, null, null, null);
    }

    /** How often, by each way in which it was said. */
    private List<HowOften> ways() {
      List<HowOften> ways = new ArrayList<>();
      if (timesADay != null) {
        ways.add(HowOften.timesADay(timesADay));
      }
      if (everyDays != null) {
        ways.add(HowOften.everyDays(everyDays));
      }
      if (weekdays != null) {
        ways.add(HowOften.on(weekdays));
      }
      if (timesAWeek != null) {
        ways.add(
            HowOften.timesAWeek(
                timesAWeek,
                timesAWeekAtMost == null ? timesAWeek : Math.max(timesAWeek, timesAWeekAtMost)));
      }
      if (Boolean.TRUE.equals(once)) {
        ways.add(HowOften.once());
      }
      return ways;
    }

    void check(InvalidFields.Collector errors, String path, LocalDate on) {
      errors.require(ways().size() <= 1, path, "says how often in more than one way");
      errors.require(
          until == null || !until.isBefore(on), path + ".until", "must not lie before the visit");
      errors.require(
          timesAWeekAtMost == null || (timesAWeek != null && timesAWeekAtMost >= timesAWeek),
          path + ".timesAWeekAtMost",
          "must not be less than how many times a week");
      errors.require(
          !ways().isEmpty() || rounds == null,
          path + ".rounds",
          "has no meaning where the ear is left alone");
      errors.require(
          !ways().isEmpty() || !Boolean.TRUE.equals(allTheSame),
          path + ".allTheSame",
          "has no meaning where the ear is left alone");
    }

    boolean cleansHeld() {
      return !ways().isEmpty() && !Boolean.TRUE.equals(allTheSame);
    }

    CleaningInstruction toCore() {
      return new CleaningInstruction(
          ways().stream().findFirst(),
          Optional.ofNullable(method),
          Optional.ofNullable(product),
          Optional.ofNullable(until),
          Boolean.TRUE.equals(untilNextVisit),
          Boolean.TRUE.equals(allTheSame),
          Optional.ofNullable(rounds));
    }
  }

  boolean isCall() {
    return Boolean.TRUE.equals(call);
  }

  /** Says what is wrong with the two ears and the dates. */
  void check(InvalidFields.Collector errors) {
    LocalDate on = moment().day();
    errors.require(next == null || next.isAfter(on), "next", "must lie after the visit");
    errors.require(
        !isCall() || (sawNothing(ears.right()) && sawNothing(ears.left())),
        "call",
        "sees no eardrum, takes no smear and cleans nothing");
    check(errors, ears.right(), "ears.right", on);
    check(errors, ears.left(), "ears.left", on);
  }

  private static boolean sawNothing(EarVisitRequest ear) {
    return ear.eardrum() == EardrumSeen.NOT_SEEN && ear.smear() == null && !ear.cleaned();
  }

  private static void check(
      InvalidFields.Collector errors, EarVisitRequest ear, String path, LocalDate on) {
    boolean contradicts = ear.hold() == HoldWord.LIFTED && ear.eardrum() == EardrumSeen.NOT_INTACT;
    errors.require(
        !contradicts, path + ".hold", "cannot be lifted while the eardrum is not intact");
    InstructionRequest said = ear.instruction();
    if (said != null) {
      said.check(errors, path + ".instruction", on);
      errors.require(
          ear.hold() != HoldWord.SET || !said.cleansHeld(),
          path + ".hold",
          "cannot be set beside an order to clean, unless that is for a held ear all the same");
    }
    errors.require(
        ear.medicineUntil() == null || !ear.medicineUntil().isBefore(on),
        path + ".medicineUntil",
        "must not lie before the visit");
  }
}
