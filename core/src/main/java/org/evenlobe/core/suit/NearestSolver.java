package org.evenlobe.core.suit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Grit;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Mix;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Part;
import org.evenlobe.core.solution.Phase;
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
 * The least change of a recipe within bounds, as a linear program: an amount for each ingredient
 * and how far it is from the one before. What is not linear, how much dissolves and how sour it is,
 * is gone towards in a few rounds.
 */
final class NearestSolver {
  private static final int ROUNDS = 6;
  private static final int HALVINGS = 14;
  private static final double HUNDRED = 100;
  private static final double HALF = 0.5;

  /** Powders are kept a little below what just dissolves. */
  private static final double SAFELY = 0.999;

  private final List<Part> kept;
  private final double volume;
  private final Bounds bounds;

  private NearestSolver(List<Part> kept, double volume, Bounds bounds) {
    this.kept = kept;
    this.volume = volume;
    this.bounds = bounds;
  }

  /** The recipe of those parts, and water, that is nearest within bounds. */
  static Optional<Mix> solve(
      List<Part> before, List<Part> kept, double volume, Bounds bounds, Ingredient water) {
    List<Part> all = new ArrayList<>(kept);
    if (kept.stream().noneMatch(part -> part.ingredient().equals(water))) {
      all.add(new Part(water, 0));
    }
    if (volume <= 0 || before.isEmpty()) {
      return Optional.empty();
    }
    return new NearestSolver(all, volume, bounds).solve();
  }

  private Optional<Mix> solve() {
    Optional<Mix> found = within(1);
    if (found.isEmpty() || isMildEnough(found.get())) {
      return found;
    }
    double mild = 0;
    double sour = 1;
    Optional<Mix> best = Optional.empty();
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (mild + sour) / 2;
      Optional<Mix> tried = within(middle);
      if (tried.filter(this::isMildEnough).isPresent()) {
        best = tried;
        mild = middle;
      } else {
        sour = middle;
      }
    }
    return best;
  }

  private boolean isMildEnough(Mix mix) {
    return MixAnalysis.of(mix).ph().map(ph -> ph >= bounds.leastPh()).orElse(true);
  }

  /** With so much of each acid as that share of what it was allows. */
  private Optional<Mix> within(double share) {
    Optional<Mix> found = Optional.empty();
    Mix last = new Mix(kept);
    for (int round = 0; round < ROUNDS; round++) {
      found = program(last, share);
      if (found.isEmpty()) {
        return found;
      }
      Grit grit = MixAnalysis.of(found.get()).boric();
      last = found.get();
      if (!grit.isThere() && round > 0) {
        return found;
      }
    }
    return found;
  }

  private Optional<Mix> program(Mix last, double share) {
    int n = kept.size();
    double[] cost = new double[2 * n];
    Arrays.fill(cost, n, 2 * n, 1);
    List<LinearConstraint> constraints = new ArrayList<>();
    for (int at = 0; at < n; at++) {
      // |x - x₀| is a variable of its own, above both differences
      constraints.add(row(at, 1, n + at, -1, Relationship.LEQ, kept.get(at).amount()));
      constraints.add(row(at, 1, n + at, 1, Relationship.GEQ, kept.get(at).amount()));
    }
    constraints.add(
        new LinearConstraint(
            coefficients(part -> part.phase() == Phase.SOLID ? 0 : 1), Relationship.EQ, volume));
    for (Map.Entry<Active, Double> bound : bounds.most().entrySet()) {
      constraints.add(atMost(bound.getKey(), bound.getValue()));
    }
    constraints.add(
        layered(part -> part.alcoholShare() * HUNDRED, Relationship.LEQ, bounds.mostAlcohol()));
    if (bounds.leastAcetic() > 0) {
      constraints.add(
          layered(
              part -> part.strength(Active.ACETIC_ACID).percent(),
              Relationship.GEQ,
              bounds.leastAcetic()));
    }
    acids(share).forEach(constraints::add);
    powders(last).forEach(constraints::add);
    if (kept.stream().anyMatch(part -> part.of(Active.CITRIC_ACID) > 0)) {
      constraints.add(
          layered(part -> waterShare(part) * HUNDRED, Relationship.GEQ, HALF * HUNDRED));
    }
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
        double amount = Math.max(0, least.getPoint()[at]);
        if (amount > 1e-9) {
          parts.add(new Part(kept.get(at).ingredient(), amount));
        }
      }
      return Optional.of(new Mix(parts));
    } catch (MathIllegalStateException none) {
      return Optional.empty();
    }
  }

  private interface PerUnit {
    double of(Ingredient ingredient);
  }

  private double[] coefficients(PerUnit per) {
    double[] row = new double[2 * kept.size()];
    for (int at = 0; at < kept.size(); at++) {
      row[at] = per.of(kept.get(at).ingredient());
    }
    return row;
  }

  private LinearConstraint row(
      int one, double ofOne, int other, double ofOther, Relationship is, double value) {
    double[] row = new double[2 * kept.size()];
    row[one] = ofOne;
    row[other] = ofOther;
    return new LinearConstraint(row, is, value);
  }

  /** What is in each mL or g, percent, against a share of the layer without its oil. */
  private LinearConstraint layered(PerUnit percent, Relationship is, double limit) {
    return new LinearConstraint(
        coefficients(part -> percent.of(part) - (isInLayer(part) ? limit : 0)), is, 0);
  }

  private LinearConstraint atMost(Active active, double percent) {
    return layered(part -> part.strength(active).percent(), Relationship.LEQ, percent);
  }

  private static boolean isInLayer(Ingredient part) {
    return part.phase() != Phase.OIL && part.phase() != Phase.SOLID;
  }

  private static double waterShare(Ingredient part) {
    return part.phase() == Phase.WATER || part.phase() == Phase.ALCOHOL
        ? 1 - part.alcoholShare()
        : 0;
  }

  /** Acids that make it too sour are thinned all alike. */
  private List<LinearConstraint> acids(double share) {
    List<LinearConstraint> thinned = new ArrayList<>();
    if (share < 1) {
      for (int at = 0; at < kept.size(); at++) {
        Part part = kept.get(at);
        boolean sour =
            part.ingredient().strengths().keySet().stream()
                .anyMatch(active -> active.isAcid() && active != Active.BORIC_ACID);
        if (sour) {
          double[] row = new double[2 * kept.size()];
          row[at] = 1;
          thinned.add(new LinearConstraint(row, Relationship.LEQ, share * part.amount()));
        }
      }
    }
    return thinned;
  }

  /** No more powder than the recipe of the round before dissolves. */
  private List<LinearConstraint> powders(Mix last) {
    List<LinearConstraint> dissolved = new ArrayList<>();
    if (last.millilitres() > 0) {
      MixAnalysis was = MixAnalysis.of(last);
      double layer = was.millilitres() - was.oil();
      if (layer > 0) {
        dissolved.add(
            atMost(Active.BORIC_ACID, was.boric().mostGrams() / layer * HUNDRED * SAFELY));
        double salicylic = was.salicylic().mostGrams() / layer * HUNDRED * SAFELY;
        if (Double.isFinite(salicylic)) {
          dissolved.add(atMost(Active.SALICYLIC_ACID, salicylic));
        }
      }
    }
    return dissolved;
  }
}
