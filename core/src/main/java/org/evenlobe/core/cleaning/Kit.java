package org.evenlobe.core.cleaning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.SeenThing;
import org.evenlobe.core.record.Swabs;
import org.evenlobe.core.record.WipeMaterial;

/**
 * What is laid out for a session (rule CLEAN_WIPES): named for the methods, with amounts.
 *
 * <p>For example two ears to be filled, 4.2 mL each, one round expected: "Cotton balls: 4 for the
 * right ear, 4 for the left ear. Cleaner: 8.4 mL a round. Towel, hand towel, treats."
 */
final class Kit {
  private final SessionSetting setting;
  private final EarPair<EarBefore> before;
  private final EarPair<EarTask> tasks;
  private final List<Side> order;

  Kit(SessionSetting setting, EarPair<EarBefore> before, EarPair<EarTask> tasks, List<Side> order) {
    this.setting = setting;
    this.before = before;
    this.tasks = tasks;
    this.order = order;
  }

  String words() {
    List<String> things = new ArrayList<>();
    things.add(wipes());
    if (!takesReadyWipesOnly(setting.ways(), order, tasks)) {
      things.add(cleaner());
    }
    things.addAll(tools());
    things.add("Towel, hand towel, dry pads, treats; gloves if you like");
    return String.join(". ", things) + ". Where it may splash.";
  }

  /** What is laid out besides wipes, cleaner and what every session takes. */
  List<String> tools() {
    List<String> tools = new ArrayList<>();
    if (does(CleaningMethod.SYRINGE)) {
      tools.add("Blunt syringe and a bowl");
    } else if (does(CleaningMethod.SOAKED_PAD)) {
      tools.add("A bowl for the pads");
    }
    tools.addAll(hair());
    if (setting.ways().swabs() == Swabs.FOLDS_ONLY) {
      tools.add("Swabs, for the folds only");
    }
    if (setting.bites()) {
      tools.add("Muzzle");
    }
    return tools;
  }

  private String wipes() {
    return order.stream()
        .map(side -> tasks.get(side).habit().wipesToLayOut() + " for the " + side.ear())
        .collect(Collectors.joining(", ", setting.ways().wipes().many() + ": ", ""));
  }

  private String cleaner() {
    List<Side> poured =
        order.stream()
            .filter(side -> tasks.get(side).method().filter(CleaningMethod::inCanal).isPresent())
            .toList();
    double round =
        poured.stream()
            .flatMap(side -> tasks.get(side).perFill().stream())
            .mapToDouble(Volume::millilitres)
            .sum();
    return poured.isEmpty()
        ? "Cleaner, for the wipes only"
        : round == 0
            ? "Cleaner"
            : "Cleaner: %s a round".formatted(Quantities.tenths(new Volume(round)));
  }

  /** Whether what is done takes ready wipes and nothing from a bottle. */
  static boolean takesReadyWipesOnly(CleaningWays ways, List<Side> order, EarPair<EarTask> tasks) {
    return ways.wipes() == WipeMaterial.READY_WIPES
        && order.stream()
            .noneMatch(
                side -> tasks.get(side).method().filter(CleaningMethod::inCanal).isPresent());
  }

  private boolean does(CleaningMethod method) {
    return order.stream().anyMatch(side -> tasks.get(side).method().equals(Optional.of(method)));
  }

  private List<String> hair() {
    List<String> tools = new ArrayList<>();
    if (any(ear -> ear.hair().equals(Optional.of(HairCare.PLUCK)))) {
      tools.add("Ear powder and a comb");
    }
    if (any(ear -> ear.hair().equals(Optional.of(HairCare.TRIM)) || toDoFirst(ear.seen()))) {
      tools.add("Blunt-tipped scissors and a comb");
    }
    return tools;
  }

  private boolean any(Predicate<EarBefore> ear) {
    return Stream.of(Side.values()).map(before::get).anyMatch(ear);
  }

  private static boolean toDoFirst(EarFinding seen) {
    return seen.has(SeenThing.HAIR_BLOCKING) || seen.has(SeenThing.MAT_UNDER_FLAP);
  }
}
