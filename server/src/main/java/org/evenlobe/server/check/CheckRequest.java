package org.evenlobe.server.check;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answer;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Lump;
import org.evenlobe.core.record.LumpPlace;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Onset;
import org.evenlobe.core.record.SeenThing;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.record.ToldAsked;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a check.
 *
 * @param dogId whose ears
 * @param at when
 * @param zone the zone it is recorded in
 * @param ears what each showed
 * @param dog what the whole dog showed
 * @param note in their own words, 2,000 characters at most
 * @param asked what others told and was asked; what is not named here closes its ear still
 */
public record CheckRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull @Valid CheckedEarsRequest ears,
    @NotNull @Valid DogSignsRequest dog,
    @Nullable @Size(max = 2000) String note,
    @Nullable @Size(max = 60) List<@NotNull @Valid ToldAskedRequest> asked)
    implements DogFactRequest {

  /** One at which nothing that others told was asked. */
  public CheckRequest(
      UUID dogId,
      Instant at,
      ZoneId zone,
      CheckedEarsRequest ears,
      DogSignsRequest dog,
      @Nullable String note) {
    this(dogId, at, zone, ears, dog, note, null);
  }

  /**
   * A sign that somebody told of, asked by name.
   *
   * @param told what was told
   * @param seen which of its signs
   * @param ear of which ear; left out for the whole dog, or for both ears
   * @param answer whether it is there now, was then, or was not
   */
  public record ToldAskedRequest(
      @NotNull UUID told,
      Told.@NotNull Seen seen,
      @Nullable Side ear,
      ToldAsked.@NotNull Is answer) {

    ToldAsked toCore() {
      return new ToldAsked(told, seen, Optional.ofNullable(ear), answer);
    }
  }

  /** What each ear showed. */
  public record CheckedEarsRequest(
      @NotNull @Valid EarFindingRequest right, @NotNull @Valid EarFindingRequest left) {}

  /**
   * What one ear showed.
   *
   * @param dischargeKind NONE exactly when there is no discharge
   * @param seen what was seen that does not belong there; none where it is left out
   * @param hearing not tried where it is left out
   * @param lump where a lump sits and how large it is, where one was seen and measured
   * @param couldLook whether the dog let anybody see it; true where it is left out. Of an ear that
   *     nobody saw every grade is NONE but pain, which is MODERATE where it pulls away as it never
   *     did
   */
  public record EarFindingRequest(
      @NotNull Grade redness,
      @NotNull Grade swelling,
      @NotNull Grade sores,
      @NotNull Grade discharge,
      @NotNull DischargeKind dischargeKind,
      @NotNull Odour odour,
      @NotNull Grade pain,
      @Nullable @Size(max = 12) List<@NotNull SeenThing> seen,
      @Nullable HearingTry hearing,
      @Nullable @Valid LumpRequest lump,
      @Nullable Boolean couldLook) {

    /** One that could be looked into. */
    public EarFindingRequest(
        Grade redness,
        Grade swelling,
        Grade sores,
        Grade discharge,
        DischargeKind dischargeKind,
        Odour odour,
        Grade pain,
        @Nullable List<SeenThing> seen,
        @Nullable HearingTry hearing,
        @Nullable LumpRequest lump) {
      this(
          redness,
          swelling,
          sores,
          discharge,
          dischargeKind,
          odour,
          pain,
          seen,
          hearing,
          lump,
          null);
    }

    private boolean isSeen() {
      return !Boolean.FALSE.equals(couldLook);
    }

    private boolean isGraded() {
      return redness.or(swelling).or(sores).or(discharge) != Grade.NONE
          || (seen != null && !seen.isEmpty())
          || (pain != Grade.NONE && pain != Grade.MODERATE);
    }

    /** Says what is wrong with the pair of discharge and its kind. */
    void check(InvalidFields.Collector errors, String ear) {
      boolean fits = (discharge == Grade.NONE) == (dischargeKind == DischargeKind.NONE);
      String message =
          discharge == Grade.NONE
              ? "must be NONE where there is no discharge, or discharge must be graded"
              : "must say what it looks like, or discharge must be NONE";
      errors.require(fits, ear + ".discharge", "does not fit its kind: " + dischargeKind);
      errors.require(fits, ear + ".dischargeKind", message);
      boolean seesLump =
          seen != null && (seen.contains(SeenThing.LUMP) || seen.contains(SeenThing.LUMP_BLOCKING));
      errors.require(lump == null || seesLump, ear + ".lump", "was not seen");
      errors.require(
          isSeen() || !isGraded(),
          ear + ".couldLook",
          "is false: of an ear that nobody saw nothing is graded, and pain is NONE or MODERATE");
    }

    EarFinding toCore() {
      Set<SeenThing> things = EnumSet.noneOf(SeenThing.class);
      if (seen != null) {
        things.addAll(seen);
      }
      return new EarFinding(
          redness,
          swelling,
          sores,
          discharge,
          dischargeKind,
          odour,
          pain,
          things,
          hearing == null ? HearingTry.NOT_TRIED : hearing,
          Optional.ofNullable(lump).map(LumpRequest::toCore),
          isSeen());
    }
  }

  /**
   * Where a lump sits, and how large it is.
   *
   * @param place where
   * @param millimetres across
   */
  public record LumpRequest(
      @NotNull LumpPlace place,
      @NotNull @Min(Lump.SMALLEST) @Max(Lump.LARGEST) Integer millimetres) {

    Lump toCore() {
      return new Lump(place, millimetres);
    }
  }

  /**
   * What the whole dog showed. Flags that are left out are false, answers that are left out are not
   * known.
   *
   * @param pawed which ear is pawed, where it is one of the two
   * @param onset how it began, where that is known
   */
  public record DogSignsRequest(
      @NotNull Grade shaking,
      @NotNull Grade scratching,
      @Nullable Side pawed,
      @Nullable Onset onset,
      @Nullable Boolean headTilt,
      @Nullable Boolean balanceLoss,
      @Nullable Boolean eyesFlicking,
      @Nullable Boolean faceDrooping,
      @Nullable Boolean unwell,
      @Nullable Boolean blowToHead,
      @Nullable Answer itchyPawsOrBelly,
      @Nullable Answer seedSeason,
      @Nullable Answer itchingContacts) {

    DogSigns toCore() {
      return new DogSigns(
          shaking,
          scratching,
          Optional.ofNullable(pawed),
          Optional.ofNullable(onset),
          isTrue(headTilt),
          isTrue(balanceLoss),
          isTrue(eyesFlicking),
          isTrue(faceDrooping),
          isTrue(unwell),
          isTrue(blowToHead),
          known(itchyPawsOrBelly),
          known(seedSeason),
          known(itchingContacts));
    }

    private static boolean isTrue(@Nullable Boolean flag) {
      return Boolean.TRUE.equals(flag);
    }

    private static Answer known(@Nullable Answer answer) {
      return answer == null ? Answer.NOT_KNOWN : answer;
    }
  }

  /** Says what is wrong with the two ears. */
  public void check(InvalidFields.Collector errors) {
    ears.right().check(errors, "ears.right");
    ears.left().check(errors, "ears.left");
  }

  /** The fact as the core knows it, under that id. */
  public CheckRecord toCore(UUID id) {
    return new CheckRecord(
        id,
        Moment.of(at, zone),
        new EarPair<>(ears.right().toCore(), ears.left().toCore()),
        dog.toCore(),
        Optional.ofNullable(note),
        asked == null ? List.of() : asked.stream().map(ToldAskedRequest::toCore).toList());
  }
}
