package org.evenlobe.core.plan.situation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Pin;
import org.evenlobe.core.record.Skip;

/** What a person said of planned items, by their ids: skip it, or do it on that day. */
public final class Moves {
  private final List<Said<Skip>> skips = new ArrayList<>();
  private final List<Said<Pin>> pins = new ArrayList<>();

  private record Said<F extends Dated>(PlanItem.Id item, F fact) {}

  Moves(DogRecord dog, LocalDate today) {
    for (Skip skip : dog.all(Skip.class)) {
      if (skip.isBy(today)) {
        item(skip.item()).ifPresent(item -> skips.add(new Said<>(item, skip)));
      }
    }
    for (Pin pin : dog.all(Pin.class)) {
      if (pin.isBy(today)) {
        item(pin.item()).ifPresent(item -> pins.add(new Said<>(item, pin)));
      }
    }
  }

  /** An earlier version of the product took any text for an item: such a one names none. */
  private static Optional<PlanItem.Id> item(String text) {
    try {
      return Optional.of(PlanItem.Id.parse(text));
    } catch (IllegalArgumentException none) {
      return Optional.empty();
    }
  }

  public boolean anySkips() {
    return !skips.isEmpty();
  }

  public boolean anyPins() {
    return !pins.isEmpty();
  }

  /** The word by which an item was skipped, where it was; the latest. */
  public Optional<Skip> skipped(PlanItem.Id item) {
    return latest(skips.stream(), item);
  }

  /** The word that put an item on a day, where one did; the latest. */
  public Optional<Pin> pinned(PlanItem.Id item) {
    return latest(pins.stream(), item);
  }

  /** All words that put an item on a day: to take it back is to take them all back. */
  public List<UUID> pins(PlanItem.Id item) {
    return pins.stream()
        .filter(one -> one.item().shares(item))
        .map(one -> one.fact().id())
        .toList();
  }

  /** A planned item where a person put it, or as the rules lay it. */
  public PlanItem placed(PlanItem item, LocalDate today) {
    return pinned(item.id()).map(pin -> item.putBy(pin, pins(item.id()), today)).orElse(item);
  }

  private static <F extends Dated> Optional<F> latest(Stream<Said<F>> said, PlanItem.Id item) {
    return said.filter(one -> one.item().shares(item))
        .map(Said::fact)
        .reduce((earlier, later) -> later);
  }
}
