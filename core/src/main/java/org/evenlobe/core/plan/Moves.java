package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Pin;
import org.evenlobe.core.record.Skip;

/** What a person said of planned items, by their ids: skip it, or do it on that day. */
final class Moves {
  private final Map<String, Skip> skips = new HashMap<>();
  private final Map<String, Pin> pins = new HashMap<>();

  Moves(DogRecord dog, LocalDate today) {
    for (Skip skip : dog.skips()) {
      if (!skip.day().isAfter(today)) {
        skips.put(skip.item(), skip);
      }
    }
    for (Pin pin : dog.pins()) {
      if (!pin.day().isAfter(today)) {
        pins.put(pin.item(), pin);
      }
    }
  }

  /** The day on which an item was skipped, where it was. */
  Optional<LocalDate> skippedOn(String item) {
    return Optional.ofNullable(skips.get(item)).map(Skip::day);
  }

  /** Why it was. */
  String whySkipped(String item) {
    return skips.get(item).reason();
  }

  /** The day that a person put an item on, where one did. */
  Optional<Pin> pinned(String item) {
    return Optional.ofNullable(pins.get(item));
  }
}
