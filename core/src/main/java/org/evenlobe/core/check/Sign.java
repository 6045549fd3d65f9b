package org.evenlobe.core.check;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.SeenThing;

/**
 * What a line of the verdict table asks of an ear, as a number: a grade 0 to 3, a place in an
 * order, or 1 where it is there. A device reads a check by the same names.
 */
public enum Sign {
  /** Redness, 0 to 3. */
  REDNESS(s -> s.ear().redness().number(), s -> grade(s.ear().redness())),
  /** Swelling, 0 to 3. */
  SWELLING(s -> s.ear().swelling().number(), s -> grade(s.ear().swelling())),
  /** Sores, 0 to 3. */
  SORES(s -> s.ear().sores().number(), s -> grade(s.ear().sores())),
  /** How much discharge, 0 to 3. */
  DISCHARGE(s -> s.ear().discharge().number(), s -> grade(s.ear().discharge())),
  /** Its kind, by its place in {@link DischargeKind}. */
  KIND(s -> s.ear().dischargeKind().number(), s -> s.ear().dischargeKind().words()),
  /** The odour, by its place in {@link Odour}. */
  ODOUR(s -> s.ear().odour().number(), s -> s.ear().odour().words()),
  /** Pain, 0 to 3. */
  PAIN(s -> s.ear().pain().number(), s -> grade(s.ear().pain())),
  /** The ear's share of shaking and scratching, 0 to 3. */
  ITCH(s -> s.itch().number(), s -> grade(s.itch())),
  /** The ear score, 0 to 12. */
  SCORE(s -> s.ear().score()),
  /** The same without the discharge. */
  SCORE_BESIDE_DISCHARGE(s -> s.ear().score() - s.ear().discharge().number()),
  /** Nobody could look into it. */
  UNSEEN(s -> s.ear().couldLook() ? 0 : 1),
  /** It did not turn to a sound. */
  DEAF(s -> s.isDeaf() ? 1 : 0),
  /** How many things were seen in it that are a sign: not hair, a mat or what is only noted. */
  THINGS(s -> (int) s.ear().seen().stream().filter(SeenThing::isSign).count()),
  /** Something stuck. */
  FOREIGN_BODY(SeenThing.FOREIGN_BODY),
  /** A tick, lifted off. */
  TICK_LIFTED(SeenThing.TICK_LIFTED),
  /** A tick that stays. */
  TICK_STUCK(SeenThing.TICK_STUCK),
  /** A cut or bite. */
  CUT(SeenThing.CUT),
  /** A ballooned flap. */
  FLAP_BALLOONED(SeenThing.FLAP_BALLOONED),
  /** The head is held to one side. */
  HEAD_TILT(s -> s.dog().headTilt() ? 1 : 0),
  /** It stumbles, falls or circles. */
  BALANCE_LOSS(s -> s.dog().balanceLoss() ? 1 : 0),
  /** The eyes flick to and fro. */
  EYES_FLICKING(s -> s.dog().eyesFlicking() ? 1 : 0),
  /** One side of the face hangs. */
  FACE_DROOPING(s -> s.dog().faceDrooping() ? 1 : 0),
  /** Violent shaking that began from one hour to the next. */
  SHAKES_SUDDENLY(s -> s.dog().shakesSuddenly() ? 1 : 0),
  /** Off its food, or feverish. */
  UNWELL(s -> s.dog().unwell() ? 1 : 0),
  /** A recent blow to the head. */
  BLOW_TO_HEAD(s -> s.dog().blowToHead() ? 1 : 0);

  private final ToIntFunction<EarSigns> number;
  private final Optional<Function<EarSigns, String>> words;

  Sign(ToIntFunction<EarSigns> number, Optional<Function<EarSigns, String>> words) {
    this.number = number;
    this.words = words;
  }

  Sign(ToIntFunction<EarSigns> number, Function<EarSigns, String> words) {
    this(number, Optional.of(words));
  }

  Sign(ToIntFunction<EarSigns> number) {
    this(number, Optional.empty());
  }

  Sign(SeenThing thing) {
    this(s -> s.ear().has(thing) ? 1 : 0, Optional.empty());
  }

  int of(EarSigns signs) {
    return number.applyAsInt(signs);
  }

  /** How it is said of an ear: "moderate (2)". */
  String wordsOf(EarSigns signs) {
    return words.map(said -> said.apply(signs)).orElseGet(() -> Integer.toString(of(signs)));
  }

  /** What stands for it in a sentence: "{redness}". */
  String placeholder() {
    return "{" + name() + "}";
  }

  private static String grade(Grade grade) {
    return grade.words() + " (" + grade.number() + ")";
  }
}
