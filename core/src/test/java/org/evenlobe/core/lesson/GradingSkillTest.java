package org.evenlobe.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarGrades;
import org.evenlobe.core.record.EarGrades.GradedSign;
import org.evenlobe.core.record.Grade;
import org.junit.jupiter.api.Test;

/** How well somebody grades; expected values worked out with a script of another language. */
class GradingSkillTest {
  private static final Grade[] GRADES = Grade.values();

  private static EarGrades all(Grade grade) {
    return new EarGrades(grade, grade, grade, grade);
  }

  private static Graded graded(EarGrades truth, EarGrades given) {
    return new Graded(new MadeUpEar(0, Side.LEFT, truth, DischargeKind.NONE), given);
  }

  @Test
  void theWorkedExample() {
    List<Graded> ten =
        IntStream.range(0, 10)
            .mapToObj(
                i ->
                    i % 2 == 0
                        ? graded(all(Grade.MODERATE), all(Grade.MILD))
                        : graded(all(Grade.NONE), all(Grade.NONE)))
            .toList();

    GradingSkill skill = GradingSkill.of(ten);

    assertThat(skill.kappa().orElseThrow()).isCloseTo(2.0 / 3, within(1e-9));
    assertThat(skill.tooMild()).contains(GradedSign.REDNESS);
    assertThat(skill.reason().sentence())
        .isEqualTo(
            "Agreement with the truth over the last 10 ears: 0.67, good. You read redness too"
                + " mildly, by 0.5 of a grade on average.");
  }

  @Test
  void allRightIsOneAndGuessesAreAboutZero() {
    List<Graded> right =
        IntStream.range(0, 20)
            .mapToObj(MadeUpEar::numbered)
            .map(ear -> new Graded(ear, ear.grades()))
            .toList();
    assertThat(GradingSkill.of(right).kappa()).contains(1.0);
    SplittableRandom random = new SplittableRandom(7);
    double mean =
        IntStream.range(0, 200)
            .mapToDouble(
                round -> {
                  List<Graded> guessed =
                      IntStream.range(0, 20)
                          .mapToObj(i -> MadeUpEar.numbered(20 * round + i))
                          .map(
                              ear ->
                                  new Graded(
                                      ear,
                                      new EarGrades(
                                          GRADES[random.nextInt(4)],
                                          GRADES[random.nextInt(4)],
                                          GRADES[random.nextInt(4)],
                                          GRADES[random.nextInt(4)])))
                          .toList();
                  return GradingSkill.of(guessed).kappa().orElseThrow();
                })
            .average()
            .orElseThrow();
    assertThat(mean).isCloseTo(0, within(0.03));
  }

  @Test
  void onlyTheLastTwentyCount() {
    List<Graded> early = Collections.nCopies(50, graded(all(Grade.SEVERE), all(Grade.NONE)));
    List<Graded> late =
        IntStream.range(0, 20)
            .mapToObj(MadeUpEar::numbered)
            .map(ear -> new Graded(ear, ear.grades()))
            .toList();

    GradingSkill skill = GradingSkill.of(Stream.concat(early.stream(), late.stream()).toList());

    assertThat(skill.ears()).isEqualTo(20);
    assertThat(skill.kappa()).contains(1.0);
    assertThat(skill.tooMild()).isEqualTo(Optional.empty());
  }

  @Test
  void belowTenItIsTooFewToTellAndOfOneGradeThereIsNoKappa() {
    List<Graded> nine = Collections.nCopies(9, graded(all(Grade.MILD), all(Grade.MILD)));
    assertThat(GradingSkill.of(nine).reason().sentence()).startsWith("Too few to tell: 9 of 10");
    assertThat(
            GradingSkill.of(Collections.nCopies(12, graded(all(Grade.MILD), all(Grade.MILD))))
                .kappa())
        .isEmpty();
  }

  @Test
  void theSameNumberMakesTheSameEarAndEveryGradeComesUp() {
    assertThat(MadeUpEar.numbered(5)).isEqualTo(MadeUpEar.numbered(5));
    for (GradedSign sign : GradedSign.values()) {
      assertThat(
              IntStream.range(0, 200)
                  .mapToObj(MadeUpEar::numbered)
                  .map(ear -> ear.grades().of(sign))
                  .distinct())
          .hasSize(4);
    }
  }

  @Test
  void theShippedLessonsNameOneWrongStepEach() {
    StepLesson lesson = StepLesson.shipped();
    assertThat(lesson.order()).hasSizeGreaterThan(7).doesNotHaveDuplicates();
    assertThat(lesson.mistakes()).hasSizeGreaterThan(4).allMatch(one -> one.steps().size() > 3);
  }
}
