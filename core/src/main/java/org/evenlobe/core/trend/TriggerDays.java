package org.evenlobe.core.trend;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.Trigger;
import org.evenlobe.core.rule.Figures;

/** The days of a dog's record on which something was that trouble may follow. */
final class TriggerDays {
  private static final int CLOSE_CLEANINGS = 3;
  private static final int CLOSE_DAYS = 15;

  private final DogHistory history;
  private final Function<UUID, Optional<String>> bottles;

  /**
   * @param bottles what the bottle of an id is called
   */
  TriggerDays(DogHistory history, Function<UUID, Optional<String>> bottles) {
    this.history = history;
    this.bottles = bottles;
  }

  /** The days of one of them, from a day to another. */
  Set<LocalDate> of(Trigger trigger, LocalDate from, LocalDate to) {
    if (trigger.isSeason()) {
      return new HashSet<>(from.datesUntil(to.plusDays(1)).filter(trigger::isSeasonOf).toList());
    }
    return switch (trigger) {
      case NEW_CLEANER -> newCleaners();
      case CLEANINGS -> closeCleanings();
      default -> noted(trigger, to);
    };
  }

  private Set<LocalDate> noted(Trigger trigger, LocalDate to) {
    Set<LocalDate> days = new HashSet<>();
    for (Exposure exposure : history.wet().since(LocalDate.MIN)) {
      if (trigger.isBroughtBy(exposure.kind()) && !exposure.firstDay().isAfter(to)) {
        exposure
            .firstDay()
            .datesUntil(Figures.earlier(exposure.lastDay(), to).plusDays(1))
            .forEach(days::add);
      }
    }
    return days;
  }

  /** A cleaner is new where another was used before it; the first on record may be an old one. */
  private Set<LocalDate> newCleaners() {
    Set<LocalDate> days = new HashSet<>();
    Set<String> known = new HashSet<>();
    for (CleaningRecord cleaning : history.dog().cleanings()) {
      if (!cleaning.isBy(history.today())) {
        continue;
      }
      cleaning
          .manner()
          .cleaner()
          .flatMap(bottles)
          .map(name -> name.strip().toLowerCase(Locale.ROOT))
          .filter(name -> !known.contains(name))
          .ifPresent(
              name -> {
                if (!known.isEmpty()) {
                  days.add(cleaning.day());
                }
                known.add(name);
              });
    }
    return days;
  }

  private Set<LocalDate> closeCleanings() {
    List<LocalDate> cleaned = List.copyOf(cleaningDays());
    Set<LocalDate> days = new HashSet<>();
    for (int i = CLOSE_CLEANINGS - 1; i < cleaned.size(); i++) {
      LocalDate first = cleaned.get(i - CLOSE_CLEANINGS + 1);
      if (ChronoUnit.DAYS.between(first, cleaned.get(i)) < CLOSE_DAYS) {
        days.add(cleaned.get(i));
      }
    }
    return days;
  }

  /** By whomever, of whichever ear. */
  private Set<LocalDate> cleaningDays() {
    Set<LocalDate> days = new TreeSet<>();
    Stream.of(Side.values())
        .flatMap(side -> history.loads(side).byAnyone(LocalDate.EPOCH, history.today()).stream())
        .map(Dated::day)
        .forEach(days::add);
    return days;
  }
}
