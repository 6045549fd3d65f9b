package org.evenlobe.core.round;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.record.WipeMaterial;
import org.evenlobe.core.round.Tray.TrayCleaner;
import org.evenlobe.core.round.Tray.TrayEars;
import org.evenlobe.core.round.Tray.TrayTool;
import org.evenlobe.core.round.Tray.TrayWipes;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.suit.Bottles.Chosen;
import org.evenlobe.core.suit.Bottles.LaidOut;

/**
 * Makes a round of dogs (rule CLEAN_TRAY): quiet ones by name, then the sore and smelly ones, the
 * worst last, each with its own cloth; and counts out one tray for all of them. For example three
 * dogs of which each ear takes 4 pads are 24 pads, and at 2 mL a pad 48 mL of cleaner.
 */
public final class Rounds {
  private static final Comparator<Optional<Sore>> QUIET_FIRST =
      Comparator.comparing(sore -> sore.orElse(null), Comparator.nullsFirst(Sore.WORST_LAST));

  private final Map<UUID, Double> left;
  private final double perWipe;

  private Rounds(Map<UUID, Double> left, double perWipe) {
    this.left = left;
    this.perWipe = perWipe;
  }

  /**
   * The round of those dogs.
   *
   * @param left how much is left in each bottle or pack
   * @param perWipe how much cleaner a wipe takes, mL
   */
  public static Round of(List<Entrant> entrants, Map<UUID, Double> left, double perWipe) {
    List<Placed> placed =
        entrants.stream()
            .map(one -> new Placed(one, sore(one.history())))
            .sorted(
                Comparator.comparing(Placed::sore, QUIET_FIRST)
                    .thenComparing(one -> one.dog().name())
                    .thenComparing(one -> one.dog().id()))
            .toList();
    return new Round(
        placed.stream().map(Placed::inRound).toList(),
        new Rounds(left, perWipe).tray(placed),
        placed.stream().mapToInt(one -> one.dog().minutes()).sum(),
        placed.stream().anyMatch(one -> one.sore().isPresent())
            ? List.of(
                Reason.of(
                    Rule.CLEAN_TRAY,
                    "What is sore or smells comes last, so that nothing is carried from dog to dog."
                        + " Wash your hands between dogs."))
            : List.of(Reason.of(Rule.CLEAN_TRAY, "Wash your hands between dogs.")));
  }

  /**
   * Why a dog comes last.
   *
   * @param shows whether it is sore or smells; else medicine only goes in
   * @param verdict what its latest check says
   */
  private record Sore(boolean shows, Verdict verdict, String why) {
    private static final Comparator<Sore> WORST_LAST =
        Comparator.comparing(Sore::shows).thenComparing(Sore::verdict);
  }

  private record Placed(Entrant dog, Optional<Sore> sore) {
    RoundDog inRound() {
      return new RoundDog(
          dog.id(),
          dog.name(),
          dog.cleans(),
          dog.look(),
          sore.map(
              one -> Reason.of(Rule.CLEAN_TRAY, "Last, with its own cloth: " + one.why() + ".")),
          dog.minutes());
    }
  }

  private static Optional<Sore> sore(DogHistory history) {
    return Stream.of(Side.values())
        .flatMap(side -> sore(history, side).stream())
        .max(Sore.WORST_LAST);
  }

  private static Optional<Sore> sore(DogHistory history, Side side) {
    EarStands ear = history.ear(side);
    Verdict verdict = ear.verdict();
    if (history.ear(side).hold().isPresent()) {
      return Optional.of(new Sore(true, verdict, "its %s is held".formatted(side.ear())));
    }
    if (ear.because().isOpenQuestion()) {
      return Optional.of(new Sore(true, verdict, ear.because().words(side)));
    }
    Optional<Odour> smell =
        Optional.of(ear.found().odour()).filter(odour -> odour.atLeast(Odour.SWEET));
    if (smell.isPresent()) {
      return Optional.of(
          new Sore(true, verdict, "its %s smelled %s".formatted(side.ear(), smell.get().words())));
    }
    if (history.ear(side).showsTrouble()) {
      return Optional.of(
          new Sore(true, verdict, "its %s was not quiet at the last check".formatted(side.ear())));
    }
    return history.ear(side).treated()
        ? Optional.of(new Sore(false, verdict, "medicine goes into its " + side.ear()))
        : Optional.empty();
  }

  private Tray tray(List<Placed> placed) {
    List<Entrant> dogs = placed.stream().map(Placed::dog).toList();
    Map<WipeMaterial, Integer> wipes = new EnumMap<>(WipeMaterial.class);
    dogs.stream()
        .filter(dog -> dog.wipes() > 0)
        .forEach(dog -> wipes.merge(dog.session().ways().wipes(), dog.wipes(), Integer::sum));
    return new Tray(
        wipes.entrySet().stream().map(one -> new TrayWipes(one.getKey(), one.getValue())).toList(),
        cleaners(dogs),
        (int) placed.stream().filter(one -> one.sore().isPresent()).count(),
        tools(dogs),
        because(dogs, wipes.values().stream().mapToInt(Integer::intValue).sum()));
  }

  /** An ear that is cleaned, and what is laid out for it. */
  private record Wanted(Entrant dog, Side side) {
    LaidOut laidOut() {
      return dog.bottles().get(side);
    }

    /**
     * One bottle serves all ears that it is laid out for; what is missing, those it is named for.
     */
    String key() {
      return laidOut()
          .chosen()
          .map(one -> one.supply().id().toString())
          .or(() -> laidOut().missing().map(Reason::sentence))
          .orElse("");
    }
  }

  private List<TrayCleaner> cleaners(List<Entrant> dogs) {
    Map<String, List<Wanted>> byBottle = new LinkedHashMap<>();
    for (Entrant dog : dogs) {
      if (dog.cleans()) {
        for (Side side : dog.session().order()) {
          Wanted wanted = new Wanted(dog, side);
          byBottle.computeIfAbsent(wanted.key(), key -> new ArrayList<>()).add(wanted);
        }
      }
    }
    return byBottle.values().stream().map(this::cleaner).toList();
  }

  private TrayCleaner cleaner(List<Wanted> ears) {
    LaidOut laidOut = ears.get(0).laidOut();
    Optional<Supply> supply = laidOut.chosen().map(Chosen::supply);
    double amount = Figures.halfUp(ears.stream().mapToDouble(this::draws).sum());
    Optional<Double> rest = supply.flatMap(one -> Optional.ofNullable(left.get(one.id())));
    Map<String, List<Side>> byDog = new LinkedHashMap<>();
    ears.forEach(
        ear -> byDog.computeIfAbsent(ear.dog().name(), dog -> new ArrayList<>()).add(ear.side()));
    return new TrayCleaner(
        supply,
        amount,
        rest,
        rest.map(there -> there >= amount).orElse(true),
        laidOut.chosen().map(Chosen::shake).orElse(false),
        byDog.entrySet().stream().map(one -> new TrayEars(one.getKey(), one.getValue())).toList(),
        laidOut.missing());
  }

  /** What one ear takes of its bottle or pack. */
  private double draws(Wanted ear) {
    boolean pack = ear.dog().session().takesFrom() == Supply.Kind.WIPES;
    int wipes = ear.dog().wipes(ear.side());
    return pack
        ? wipes
        : ear.dog().poured(ear.side())
            + (ear.dog().session().ways().wipes() == WipeMaterial.READY_WIPES
                ? 0
                : perWipe * wipes);
  }

  private static List<TrayTool> tools(List<Entrant> dogs) {
    Map<String, List<String>> tools = new LinkedHashMap<>();
    for (Entrant dog : dogs) {
      if (dog.cleans()) {
        dog.session()
            .tools()
            .forEach(
                tool -> tools.computeIfAbsent(tool, none -> new ArrayList<>()).add(dog.name()));
      }
    }
    return tools.entrySet().stream()
        .map(one -> new TrayTool(one.getKey(), one.getValue()))
        .toList();
  }

  private List<Reason> because(List<Entrant> dogs, int wipes) {
    if (wipes == 0) {
      return List.of();
    }
    double poured = dogs.stream().mapToDouble(Entrant::poured).sum();
    return List.of(
        Reason.of(
                Rule.CLEAN_TRAY,
                "%s: for each ear the middle of its last counts and two to spare; %s of cleaner a wipe%s."
                    .formatted(
                        Figures.count(wipes, "wipe"),
                        Quantities.volume(perWipe),
                        poured > 0
                            ? ", and %s poured in one round".formatted(Quantities.volume(poured))
                            : ""))
            .with("wipes", wipes)
            .with("perWipe", perWipe)
            .with("poured", poured));
  }
}
