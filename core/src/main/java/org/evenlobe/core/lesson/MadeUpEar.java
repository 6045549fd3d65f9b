package org.evenlobe.core.lesson;

import java.util.List;
import java.util.SplittableRandom;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarGrades;
import org.evenlobe.core.record.Grade;

/**
 * An ear that nobody has, to be graded. The same number makes the same ear.
 *
 * @param number which
 * @param side which ear it is
 * @param grades what is to be seen of it
 * @param kind what lies in it; nothing where nothing does
 */
public record MadeUpEar(int number, Side side, EarGrades grades, DischargeKind kind) {
  /** Numbers are below this. */
  public static final int MOST = 1_000_000;

  /** Three of eight signs are not there, one is severe: as ears are that somebody looks into. */
  private static final List<Grade> DRAWN =
      List.of(
          Grade.NONE,
          Grade.NONE,
          Grade.NONE,
          Grade.MILD,
          Grade.MILD,
          Grade.MODERATE,
          Grade.MODERATE,
          Grade.SEVERE);

  private static final List<DischargeKind> KINDS =
      List.of(
          DischargeKind.TAN_WAX, DischargeKind.BROWN, DischargeKind.BLACK, DischargeKind.YELLOW);

  /** The ear of that number. */
  public static MadeUpEar numbered(int number) {
    SplittableRandom random = new SplittableRandom(number);
    EarGrades grades = new EarGrades(grade(random), grade(random), grade(random), grade(random));
    Side side = random.nextBoolean() ? Side.RIGHT : Side.LEFT;
    DischargeKind kind = KINDS.get(random.nextInt(KINDS.size()));
    return new MadeUpEar(
        number, side, grades, grades.discharge() == Grade.NONE ? DischargeKind.NONE : kind);
  }

  private static Grade grade(SplittableRandom random) {
    return DRAWN.get(random.nextInt(DRAWN.size()));
  }
}
