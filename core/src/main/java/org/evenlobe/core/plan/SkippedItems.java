package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.evenlobe.core.record.Skip;

/** The planned items that were skipped, by their ids. */
final class SkippedItems {
  private final Map<String, Skip> byItem = new HashMap<>();

  SkippedItems(List<Skip> skips, LocalDate today) {
    for (Skip skip : skips) {
      if (!skip.day().isAfter(today)) {
        byItem.put(skip.item(), skip);
      }
    }
  }

  /** The day on which an item was skipped, where it was. */
  Optional<LocalDate> dayOf(String item) {
    return Optional.ofNullable(byItem.get(item)).map(Skip::day);
  }

  /** Why it was. */
  String reasonOf(String item) {
    return byItem.get(item).reason();
  }
}
