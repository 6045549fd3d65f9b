package org.evenlobe.core.solution;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.solution.Aim.Target;
import org.evenlobe.core.solution.AimSolver.Tried;

/**
 * The amounts that meet targets (rule SOLUTION_AIM), of the fewest ingredients; where they cannot
 * be met, which, why, and the nearest that can: the least sum of relative misses. For example 6 %
 * acetic acid of white vinegar: it has 5 %, so 5 % is the nearest.
 *
 * @param mix the recipe; nothing where not even the volume can be made
 * @param isMet whether every target is met
 * @param unmet what cannot be met: single ones, or the smallest set of which each one can
 * @param reasons which cannot be met and why
 */
public record Aimed(Optional<Mix> mix, boolean isMet, List<Target> unmet, List<Reason> reasons) {
  /** Of so many ingredients every choice is gone through. */
  private static final int MOST_CHOICES = 8;

  private static final double CRUMB = 1e-6;

  public Aimed {
    unmet = List.copyOf(unmet);
    reasons = List.copyOf(reasons);
  }

  /** What meets the aim, or comes nearest. */
  public static Aimed at(Aim aim) {
    Optional<Tried> best = AimSolver.tried(aim, aim.targets());
    if (best.isEmpty()) {
      return new Aimed(
          Optional.empty(),
          false,
          List.of(),
          List.of(
              Reason.of(
                  Rule.SOLUTION_AIM,
                  "What is fixed does not leave %s: nothing can be poured."
                      .formatted(Quantities.volume(aim.millilitres())))));
    }
    Tried fewest = fewest(aim, best.get());
    if (fewest.miss() <= CRUMB) {
      return new Aimed(Optional.of(fewest.mix()), true, List.of(), List.of());
    }
    List<Target> unmet = unmet(aim);
    return new Aimed(Optional.of(fewest.mix()), false, unmet, why(aim, unmet));
  }

  /** The same with as few ingredients as that can be done with. */
  private static Tried fewest(Aim aim, Tried best) {
    int n = aim.from().size();
    if (n > MOST_CHOICES) {
      return best;
    }
    return subsets(n)
        .map(set -> chosen(aim, set))
        .filter(some -> some.locked().keySet().equals(aim.locked().keySet()))
        .flatMap(some -> AimSolver.tried(some, some.targets()).stream())
        .filter(tried -> tried.miss() <= best.miss() + CRUMB)
        .findFirst()
        .orElse(best);
  }

  private static Stream<Integer> subsets(int n) {
    return IntStream.range(1, 1 << n).boxed().sorted(Comparator.comparing(Integer::bitCount));
  }

  private static Aim chosen(Aim aim, int set) {
    List<Ingredient> some =
        IntStream.range(0, aim.from().size())
            .filter(at -> (set & (1 << at)) != 0)
            .mapToObj(aim.from()::get)
            .toList();
    Map<String, Double> locked =
        aim.locked().entrySet().stream()
            .filter(one -> some.stream().anyMatch(it -> it.id().equals(one.getKey())))
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    return new Aim(aim.millilitres(), aim.targets(), some, locked);
  }

  /** Those that cannot be met by themselves; else the smallest set that cannot be met together. */
  private static List<Target> unmet(Aim aim) {
    List<Target> single = aim.targets().stream().filter(one -> !meets(aim, List.of(one))).toList();
    if (!single.isEmpty()) {
      return single;
    }
    return subsets(aim.targets().size())
        .map(
            set ->
                IntStream.range(0, aim.targets().size())
                    .filter(at -> (set & (1 << at)) != 0)
                    .mapToObj(aim.targets()::get)
                    .toList())
        .filter(some -> !meets(aim, some))
        .findFirst()
        .orElse(List.of());
  }

  private static boolean meets(Aim aim, List<Target> targets) {
    return AimSolver.tried(aim, targets).filter(tried -> tried.miss() <= CRUMB).isPresent();
  }

  private static List<Reason> why(Aim aim, List<Target> unmet) {
    List<Reason> reasons = new ArrayList<>();
    boolean together = unmet.stream().allMatch(one -> meets(aim, List.of(one)));
    if (together) {
      reasons.add(
          Reason.of(
              Rule.SOLUTION_AIM,
              "Each of these can be met, but not together: %s."
                  .formatted(unmet.stream().map(Target::words).collect(Collectors.joining(", ")))));
      return reasons;
    }
    for (Target one : unmet) {
      double reached =
          AimSolver.tried(aim, List.of(one)).map(tried -> tried.percent(one)).orElse(0.0);
      boolean tooLittle = reached < one.least();
      reasons.add(
          Reason.of(
              Rule.SOLUTION_AIM,
              "%s %% %s cannot be met: with these %s than %s %% is not to be had%s."
                  .formatted(
                      Figures.plain(tooLittle ? one.least() : one.most()),
                      one.words(),
                      tooLittle ? "more" : "less",
                      Figures.plain(reached),
                      one.active() == Active.BORIC_ACID && tooLittle ? " dissolved" : "")));
    }
    return reasons;
  }
}
