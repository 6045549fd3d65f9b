package org.evenlobe.core.solution;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.solution.Aim.Target;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/**
 * The least sum of relative misses as a linear program: an amount for each ingredient, and for each
 * target how far it is missed below and above. How much powder dissolves is gone towards in rounds.
 */
final class AimSolver {
  private static final int ROUNDS = 6;
  private static final double HUNDRED = 100;
  private static final double SAFELY = 0.999;
  private static final double CRUMB = 1e-9;

  /** Of a target of nothing, a miss of so many percent counts as a whole one. */
  private static final double LEAST_SCALE = 0.1;

  private final Aim aim;
  private final List<Target> targets;
  private final int n;
  private final int width;

  private AimSolver(Aim aim, List<Target> targets) {
    this.aim = aim;
    this.targets = targets;
    this.n = aim.from().size();
    this.width = n + 2 * targets.size();
  }

  /**
   * What was found.
   *
   * @param mix the recipe
   * @param miss the sum of its relative misses
   */
  record Tried(Mix mix, double miss) {

    /** How strong that is in it. */
    double percent(Target target) {
      double layer = layer(mix);
      double in =
          mix.parts().stream()
              .mapToDouble(part -> target.in(part.ingredient()) / HUNDRED * part.amount())
              .sum();
      return layer == 0 ? 0 : in / layer * HUNDRED;
    }

    private static double layer(Mix mix) {
      return mix.parts().stream()
          .filter(part -> isInLayer(part.ingredient()))
          .mapToDouble(Part::amount)
          .sum();
    }
  }

  /** The nearest to those targets; empty where not even the volume can be made. */
  static Optional<Tried> tried(Aim aim, List<Target> targets) {
    return new AimSolver(aim, targets).solve();
  }

  private Optional<Tried> solve() {
    Optional<Tried> found = program(Optional.empty());
    for (int round = 0; round < ROUNDS && found.isPresent(); round++) {
      MixAnalysis was = MixAnalysis.of(found.get().mix());
      if (!was.boric().isThere() && !was.salicylic().isThere()) {
        return found;
      }
      found = program(Optional.of(was));
    }
    return found;
  }

  private Optional<Tried> program(Optional<MixAnalysis> last) {
    List<LinearConstraint> constraints = new ArrayList<>();
    double[] volume = new double[width];
    double[] cost = new double[width];
    for (int at = 0; at < n; at++) {
      Ingredient one = aim.from().get(at);
      volume[at] = one.phase() == Phase.SOLID ? 0 : 1;
      Double locked = aim.locked().get(one.id());
      if (locked != null) {
        double[] row = new double[width];
        row[at] = 1;
        constraints.add(new LinearConstraint(row, Relationship.EQ, locked));
      }
    }
    constraints.add(new LinearConstraint(volume, Relationship.EQ, aim.millilitres()));
    for (int at = 0; at < targets.size(); at++) {
      Target target = targets.get(at);
      int below = n + 2 * at;
      int above = below + 1;
      constraints.add(layered(target, target.least(), below, HUNDRED, Relationship.GEQ));
      constraints.add(layered(target, target.most(), above, -HUNDRED, Relationship.LEQ));
      double scale = aim.millilitres() * Math.max(target.most(), LEAST_SCALE) / HUNDRED;
      cost[below] = 1 / scale;
      cost[above] = 1 / scale;
    }
    last.ifPresent(was -> constraints.addAll(dissolved(was)));
    try {
      PointValuePair least =
          new SimplexSolver()
              .optimize(
                  new LinearObjectiveFunction(cost, 0),
                  new LinearConstraintSet(constraints),
                  GoalType.MINIMIZE,
                  new NonNegativeConstraint(true));
      List<Part> parts = new ArrayList<>();
      for (int at = 0; at < n; at++) {
        if (least.getPoint()[at] > CRUMB) {
          parts.add(new Part(aim.from().get(at), least.getPoint()[at]));
        }
      }
      return Optional.of(new Tried(new Mix(parts), least.getValue()));
    } catch (MathIllegalStateException none) {
      return Optional.empty();
    }
  }

  /** What is in it against a share of the layer without its oil, missed by so much. */
  private LinearConstraint layered(
      Target target, double limit, int missed, double miss, Relationship is) {
    double[] row = new double[width];
    for (int at = 0; at < n; at++) {
      Ingredient one = aim.from().get(at);
      row[at] = target.in(one) - (isInLayer(one) ? limit : 0);
    }
    row[missed] = miss;
    return new LinearConstraint(row, is, 0);
  }

  private static boolean isInLayer(Ingredient one) {
    return one.phase() != Phase.OIL && one.phase() != Phase.SOLID;
  }

  private List<LinearConstraint> dissolved(MixAnalysis was) {
    List<LinearConstraint> most = new ArrayList<>();
    double layer = was.millilitres() - was.oil();
    if (layer > 0) {
      most.add(atMost(Active.BORIC_ACID, was.boric().mostGrams() / layer));
      if (Double.isFinite(was.salicylic().mostGrams())) {
        most.add(atMost(Active.SALICYLIC_ACID, was.salicylic().mostGrams() / layer));
      }
    }
    return most;
  }

  private LinearConstraint atMost(Active active, double share) {
    double[] row = new double[width];
    for (int at = 0; at < n; at++) {
      Ingredient one = aim.from().get(at);
      row[at] = one.strength(active).percent() / HUNDRED - (isInLayer(one) ? share * SAFELY : 0);
    }
    return new LinearConstraint(row, Relationship.LEQ, 0);
  }
}
