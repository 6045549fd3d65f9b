package org.evenlobe.core.record;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * What a look, a sniff and a gentle feel of one ear found.
 *
 * @param redness of the skin
 * @param swelling of the skin
 * @param sores on the skin
 * @param discharge how much
 * @param dischargeKind what it looks like; NONE exactly when there is none
 * @param odour what it smells of
 * @param pain when it is touched or the mouth is opened
 * @param seen what was seen that does not belong there
 * @param hearing whether the dog turned to a sound on that side
 * @param lump where a lump sits and how large it is, where one was seen and measured
 * @param couldLook whether the dog let anybody see it; where it did not, nothing is known but its
 *     odour, whether it was pulled away in pain, and a sound that was tried
 */
public record EarFinding(
    Grade redness,
    Grade swelling,
    Grade sores,
    Grade discharge,
    DischargeKind dischargeKind,
    Odour odour,
    Grade pain,
    Set<SeenThing> seen,
    HearingTry hearing,
    Optional<Lump> lump,
    boolean couldLook) {
  /** An ear that was looked into. */
  public EarFinding(
      Grade redness,
      Grade swelling,
      Grade sores,
      Grade discharge,
      DischargeKind dischargeKind,
      Odour odour,
      Grade pain,
      Set<SeenThing> seen,
      HearingTry hearing,
      Optional<Lump> lump) {
    this(
        redness, swelling, sores, discharge, dischargeKind, odour, pain, seen, hearing, lump, true);
  }

  /** An ear in which no lump was measured. */
  public EarFinding(
      Grade redness,
      Grade swelling,
      Grade sores,
      Grade discharge,
      DischargeKind dischargeKind,
      Odour odour,
      Grade pain,
      Set<SeenThing> seen,
      HearingTry hearing) {
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
        Optional.empty());
  }

  /** An ear in which there is nothing to find. */
  public static final EarFinding NOTHING =
      new EarFinding(
          Grade.NONE,
          Grade.NONE,
          Grade.NONE,
          Grade.NONE,
          DischargeKind.NONE,
          Odour.NONE,
          Grade.NONE,
          Set.of(),
          HearingTry.NOT_TRIED);

  /** An ear that shows all there is, as badly as can be. */
  public static final EarFinding WORST =
      new EarFinding(
          Grade.SEVERE,
          Grade.SEVERE,
          Grade.SEVERE,
          Grade.SEVERE,
          DischargeKind.BLOODY,
          Odour.FOUL,
          Grade.SEVERE,
          EnumSet.allOf(SeenThing.class),
          HearingTry.DID_NOT_TURN);

  /** An ear that the dog let nobody see. */
  public static final EarFinding NOT_SEEN = notSeen(Odour.NONE, Grade.NONE, HearingTry.NOT_TRIED);

  /**
   * An ear that the dog let nobody see, of which that is known all the same.
   *
   * @param pain moderate where it pulls away as it never did, else none
   */
  public static EarFinding notSeen(Odour odour, Grade pain, HearingTry hearing) {
    return new EarFinding(
        Grade.NONE,
        Grade.NONE,
        Grade.NONE,
        Grade.NONE,
        DischargeKind.NONE,
        odour,
        pain,
        Set.of(),
        hearing,
        Optional.empty(),
        false);
  }

  /** The highest score. */
  public static final int HIGHEST_SCORE = 12;

  public EarFinding {
    Objects.requireNonNull(redness, "redness");
    Objects.requireNonNull(swelling, "swelling");
    Objects.requireNonNull(sores, "sores");
    Objects.requireNonNull(odour, "odour");
    Objects.requireNonNull(pain, "pain");
    Objects.requireNonNull(hearing, "hearing");
    if ((discharge == Grade.NONE) != (dischargeKind == DischargeKind.NONE)) {
      throw new IllegalArgumentException(
          "discharge of grade " + discharge + " cannot be of the kind " + dischargeKind);
    }
    EnumSet<SeenThing> things = EnumSet.noneOf(SeenThing.class);
    things.addAll(seen);
    if (lump.isPresent()
        && !things.contains(SeenThing.LUMP)
        && !things.contains(SeenThing.LUMP_BLOCKING)) {
      throw new IllegalArgumentException("no lump was seen that could be measured");
    }
    seen = things.isEmpty() ? Set.of() : Collections.unmodifiableSet(things);
    if (!couldLook
        && (redness.or(swelling).or(sores).or(discharge) != Grade.NONE || !seen.isEmpty())) {
      throw new IllegalArgumentException("of an ear that nobody saw no grade is known");
    }
  }

  /**
   * The ear score: redness, swelling, sores and discharge added up, 0 to {@value #HIGHEST_SCORE}.
   * Dermatologists use a published index built on the same four signs (Nuttall and Bensignor,
   * 2014).
   */
  public int score() {
    return redness.number() + swelling.number() + sores.number() + discharge.number();
  }

  /** The same with one more thing seen. */
  public EarFinding with(SeenThing thing) {
    EnumSet<SeenThing> things = EnumSet.of(thing);
    things.addAll(seen);
    return new EarFinding(
        redness,
        swelling,
        sores,
        discharge,
        dischargeKind,
        odour,
        pain,
        things,
        hearing,
        lump,
        couldLook);
  }

  /** The same, with another trial of its hearing. */
  public EarFinding hearing(HearingTry tried) {
    return new EarFinding(
        redness,
        swelling,
        sores,
        discharge,
        dischargeKind,
        odour,
        pain,
        seen,
        tried,
        lump,
        couldLook);
  }

  /** What both show, each sign as badly as in either; of the kinds the worse. */
  public EarFinding or(EarFinding other) {
    EnumSet<SeenThing> things = EnumSet.noneOf(SeenThing.class);
    things.addAll(seen);
    things.addAll(other.seen);
    return new EarFinding(
        redness.or(other.redness),
        swelling.or(other.swelling),
        sores.or(other.sores),
        discharge.or(other.discharge),
        dischargeKind.compareTo(other.dischargeKind) >= 0 ? dischargeKind : other.dischargeKind,
        odour.atLeast(other.odour) ? odour : other.odour,
        pain.or(other.pain),
        things,
        hearing.compareTo(other.hearing) >= 0 ? hearing : other.hearing,
        lump.or(other::lump),
        couldLook || other.couldLook);
  }

  /** Whether that thing was seen. */
  public boolean has(SeenThing thing) {
    return seen.contains(thing);
  }

  /** Whether hair or a mat is to be done away with first. */
  public boolean hairBlocks() {
    return has(SeenThing.HAIR_BLOCKING) || has(SeenThing.MAT_UNDER_FLAP);
  }

  /** Whether something keeps all but a wipe out of it: hair, a mat, a lump that blocks. */
  public boolean wipeOnly() {
    return seen.stream().anyMatch(SeenThing::wipeOnly);
  }

  /** Whether nothing was found but a trace of wax; a sound that it turned to is nothing. */
  public boolean showsNothing() {
    return redness == Grade.NONE
        && swelling == Grade.NONE
        && sores == Grade.NONE
        && (discharge == Grade.NONE || (discharge == Grade.MILD && dischargeKind.isWax()))
        && (odour == Odour.NONE || odour == Odour.WAXY)
        && pain == Grade.NONE
        && hearing != HearingTry.DID_NOT_TURN
        && seen.isEmpty()
        && couldLook;
  }
}
