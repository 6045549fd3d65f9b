package org.evenlobe.core.lesson;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.record.EarGrades.GradedSign;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How well somebody grades (rule LESSON_GRADING): Cohen's kappa with quadratic weights over the
 * last 20 made-up ears, and the sign that they read too mildly.
 *
 * @param ears how many ears of them there are, 20 at most
 * @param kappa 1 where every grade is right, 0 where it is as good as chance; empty where there are
 *     too few, or all of one grade
 * @param tooMild the sign that is read too mildly, where one is
 * @param reason the same in words
 */
public record GradingSkill(
    int ears, Optional<Double> kappa, Optional<GradedSign> tooMild, Reason reason) {
  /** So many ears count. */
  public static final int LAST = 20;

  private static final int LEAST = 10;
  private static final int GRADES = 4;
  private static final double TOO_MILD_BY = 0.25;

  /** Of what was graded, oldest first. */
  public static GradingSkill of(List<Graded> all) {
    List<Graded> last = all.subList(Math.max(0, all.size() - LAST), all.size());
    if (last.size() < LEAST) {
      return new GradingSkill(
          last.size(),
          Optional.empty(),
          Optional.empty(),
          Reason.of(
              Rule.LESSON_GRADING,
              "Too few to tell: %d of %d ears graded.".formatted(last.size(), LEAST)));
    }
    Optional<Double> kappa = kappa(last);
    Optional<GradedSign> mild =
        Stream.of(GradedSign.values())
            .filter(sign -> bias(last, sign) <= -TOO_MILD_BY)
            .min(Comparator.comparingDouble(sign -> bias(last, sign)));
    String agreement =
        kappa
            .map(
                value ->
                    "Agreement with the truth over the last %d ears: %.2f, %s."
                        .formatted(last.size(), value, words(value)))
            .orElse("All of one grade: grade a few more.");
    String milder =
        mild.map(
                sign ->
                    " You read %s too mildly, by %.1f of a grade on average."
                        .formatted(sign.words(), -bias(last, sign)))
            .orElse("");
    return new GradingSkill(
        last.size(), kappa, mild, Reason.of(Rule.LESSON_GRADING, agreement + milder));
  }

  private static String words(double kappa) {
    if (kappa >= 0.8) {
      return "very good";
    }
    if (kappa >= 0.6) {
      return "good";
    }
    return kappa >= 0.4 ? "fair: look at the ones you missed" : "not yet more than a guess";
  }

  private static double bias(List<Graded> last, GradedSign sign) {
    return last.stream()
        .mapToInt(one -> one.given().of(sign).number() - one.ear().grades().of(sign).number())
        .average()
        .orElse(0);
  }

  /** 1 − Σ w·seen / Σ w·expected by chance, with w the square of how far two grades lie apart. */
  private static Optional<Double> kappa(List<Graded> last) {
    double[][] seen = new double[GRADES][GRADES];
    for (Graded one : last) {
      for (GradedSign sign : GradedSign.values()) {
        seen[one.ear().grades().of(sign).number()][one.given().of(sign).number()]++;
      }
    }
    double all = (double) last.size() * GradedSign.values().length;
    double[] truth = new double[GRADES];
    double[] given = new double[GRADES];
    for (int i = 0; i < GRADES; i++) {
      for (int j = 0; j < GRADES; j++) {
        truth[i] += seen[i][j];
        given[j] += seen[i][j];
      }
    }
    double apart = 0;
    double byChance = 0;
    for (int i = 0; i < GRADES; i++) {
      for (int j = 0; j < GRADES; j++) {
        double weight = (double) (i - j) * (i - j);
        apart += weight * seen[i][j];
        byChance += weight * truth[i] * given[j] / all;
      }
    }
    return byChance == 0 ? Optional.empty() : Optional.of(1 - apart / byChance);
  }
}
