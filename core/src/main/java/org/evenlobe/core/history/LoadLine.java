package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.record.Told.EarTold;
import org.evenlobe.core.record.VisitRecord;

/** One ear through its cleanings, by the person or by a vet, told oldest first. */
public final class LoadLine {
  private final List<Pass> passes = new ArrayList<>();
  private final List<DayLoad> days = new ArrayList<>();
  private final List<Dated> byAnyone = new ArrayList<>();

  /**
   * A cleaning of this ear by the person.
   *
   * @param fact the cleaning
   * @param ear what was done to this ear
   */
  public record Pass(CleaningRecord fact, EarCleaning ear) {}

  void take(CleaningRecord cleaning, EarCleaning ear) {
    passes.add(new Pass(cleaning, ear));
    byAnyone.add(cleaning);
    DayLoad.add(days, DayLoad.of(cleaning.day(), ear.method().inCanal(), ear.load()));
  }

  /** Somebody who had the dog cleaned it: by their method, where they said it. */
  void take(Told told, EarTold ear) {
    byAnyone.add(told);
    DayLoad.add(
        days,
        new DayLoad(
            told.day(),
            ear.method().map(CleaningMethod::inCanal),
            ear.method().flatMap(method -> ear.load())));
  }

  void cleanedBy(VisitRecord visit) {
    byAnyone.add(visit);
  }

  /** Its cleanings by the person, oldest first. */
  public List<Pass> passes() {
    return Collections.unmodifiableList(passes);
  }

  /** What they brought out, one for each day, oldest first. */
  public List<DayLoad> days() {
    return Collections.unmodifiableList(days);
  }

  /** The last time that it was cleaned, by the person or by a vet. */
  public Optional<Dated> last() {
    return byAnyone.isEmpty() ? Optional.empty() : Optional.of(byAnyone.get(byAnyone.size() - 1));
  }

  /** Whether it was cleaned after a fact. */
  public boolean isCleanedSince(Dated fact) {
    return last().filter(last -> Dated.BY_TIME.compare(last, fact) > 0).isPresent();
  }

  /** The last time that it was cleaned before a fact. */
  public Optional<Dated> lastBefore(Dated fact) {
    for (int i = byAnyone.size() - 1; i >= 0; i--) {
      if (Dated.BY_TIME.compare(byAnyone.get(i), fact) < 0) {
        return Optional.of(byAnyone.get(i));
      }
    }
    return Optional.empty();
  }

  /** What cleaned it from one day to another, both included, by whomever. */
  public List<Dated> byAnyone(LocalDate from, LocalDate to) {
    List<Dated> within = new ArrayList<>();
    for (int i = byAnyone.size() - 1; i >= 0; i--) {
      LocalDate day = byAnyone.get(i).day();
      if (day.isBefore(from.minusDays(1))) {
        break;
      }
      if (!day.isBefore(from) && !day.isAfter(to)) {
        within.add(byAnyone.get(i));
      }
    }
    return within;
  }

  /** Its cleanings by the person from one day to another, both included, oldest first. */
  public List<Pass> between(LocalDate from, LocalDate to) {
    List<Pass> within = new ArrayList<>();
    for (int i = passes.size() - 1; i >= 0; i--) {
      LocalDate day = passes.get(i).fact().day();
      if (day.isBefore(from.minusDays(1))) {
        break;
      }
      if (!day.isBefore(from) && !day.isAfter(to)) {
        within.add(passes.get(i));
      }
    }
    Collections.reverse(within);
    return within;
  }
}
