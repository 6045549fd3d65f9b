package org.evenlobe.core.history;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Hurt;
import org.evenlobe.core.record.Odour;

/**
 * What each thing that a cleaning may show of an ear asks for, found by itself (rule
 * CHECK_FOUND_CLEANING): what stands here ends the rounds. Under a vet's order only what its
 * reference had not does. For example a yellow wipe of an ear that its vet saw yellow ends nothing.
 *
 * @param colours by what the wipes look like
 * @param odours by what they smell of
 * @param hurts by how it hurt
 */
public record WipeSigns(
    Map<DischargeKind, Verdict> colours, Map<Odour, Verdict> odours, Map<Hurt, Verdict> hurts) {
  /** Of an ear of which nothing is known. */
  public static final WipeSigns NOTHING = new WipeSigns(Map.of(), Map.of(), Map.of());

  public WipeSigns {
    colours = Map.copyOf(colours);
    odours = Map.copyOf(odours);
    hurts = Map.copyOf(hurts);
  }

  /** Of an ear, by what a sign of each kind would be. */
  static WipeSigns of(Asking asking) {
    Map<DischargeKind, Verdict> colours = new EnumMap<>(DischargeKind.class);
    Map<Odour, Verdict> odours = new EnumMap<>(Odour.class);
    Map<Hurt, Verdict> hurts = new EnumMap<>(Hurt.class);
    for (DischargeKind kind : DischargeKind.values()) {
      asking
          .of(Optional.of(kind), Optional.empty(), Optional.empty())
          .ifPresent(verdict -> colours.put(kind, verdict));
    }
    for (Odour odour : Odour.values()) {
      asking
          .of(Optional.empty(), Optional.of(odour), Optional.empty())
          .ifPresent(verdict -> odours.put(odour, verdict));
    }
    for (Hurt hurt : Hurt.values()) {
      asking
          .of(Optional.empty(), Optional.empty(), Optional.of(hurt))
          .ifPresent(verdict -> hurts.put(hurt, verdict));
    }
    return new WipeSigns(colours, odours, hurts);
  }

  /** What one thing asks for; empty where that is nothing. */
  interface Asking {
    Optional<Verdict> of(
        Optional<DischargeKind> colour, Optional<Odour> odour, Optional<Hurt> hurt);
  }
}
