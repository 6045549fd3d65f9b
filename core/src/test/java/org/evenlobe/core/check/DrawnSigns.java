package org.evenlobe.core.check;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answer;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Onset;
import org.evenlobe.core.record.SeenThing;

/** Signs drawn at random, from all there are. */
public final class DrawnSigns {
  static final DischargeKind[] KINDS =
      EnumSet.complementOf(EnumSet.of(DischargeKind.NONE)).toArray(DischargeKind[]::new);

  private final SplittableRandom random;

  public DrawnSigns(SplittableRandom random) {
    this.random = random;
  }

  /** What one ear shows. */
  public EarFinding ear() {
    Grade discharge = grade();
    DischargeKind kind = discharge == Grade.NONE ? DischargeKind.NONE : one(KINDS);
    Set<SeenThing> seen = EnumSet.noneOf(SeenThing.class);
    for (SeenThing thing : SeenThing.values()) {
      if (random.nextInt(12) == 0) {
        seen.add(thing);
      }
    }
    return new EarFinding(
        grade(),
        grade(),
        grade(),
        discharge,
        kind,
        one(Odour.values()),
        grade(),
        seen,
        one(HearingTry.values()));
  }

  /** What one ear shows, or that nobody could look at it. */
  public EarFinding maybeSeen() {
    EarFinding ear = ear();
    return random.nextInt(25) == 0
        ? EarFinding.notSeen(
            one(Odour.values()), rarely() ? Grade.MODERATE : Grade.NONE, one(HearingTry.values()))
        : ear;
  }

  /** What the whole dog shows. */
  public DogSigns dog() {
    return new DogSigns(
        grade(),
        grade(),
        random.nextBoolean() ? Optional.empty() : Optional.of(one(Side.values())),
        random.nextBoolean() ? Optional.empty() : Optional.of(one(Onset.values())),
        rarely(),
        rarely(),
        rarely(),
        rarely(),
        random.nextInt(4) == 0,
        random.nextInt(4) == 0,
        one(Answer.values()),
        one(Answer.values()),
        one(Answer.values()));
  }

  /** Mild grades more often, so that every verdict is drawn. */
  Grade grade() {
    Grade one = one(Grade.values());
    Grade other = one(Grade.values());
    return one.atLeast(other) ? other : one;
  }

  boolean rarely() {
    return random.nextInt(12) == 0;
  }

  <E> E one(E[] among) {
    return among[random.nextInt(among.length)];
  }
}
