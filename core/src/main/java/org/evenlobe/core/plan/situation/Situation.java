package org.evenlobe.core.plan.situation;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.Trust;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.water.WetDays;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.core.record.Preferences;

/**
 * What all schedules of a dog are laid from.
 *
 * @param dog its facts
 * @param history its checks, gone through
 * @param preferences how the household likes its plan made, and what differs with this dog
 * @param trust where it stands on the trust ladder
 * @param moves what a person said of planned items
 * @param wet when its ears were wet, or are expected to be
 * @param today the day
 */
public record Situation(
    DogRecord dog,
    DogHistory history,
    Preferences preferences,
    Trust trust,
    Moves moves,
    WetDays wet,
    LocalDate today) {

  public static Situation of(DogHistory history, Preferences household) {
    DogRecord dog = history.dog();
    LocalDate today = history.today();
    return new Situation(
        dog,
        history,
        household.with(dog.profile().own()),
        history.trust(),
        new Moves(dog, today),
        WetDays.of(dog, history.wet(), today),
        today);
  }

  public LocalDate horizon() {
    return today.plusDays(PlanItem.HORIZON_DAYS);
  }

  /** Today, where a day has passed. */
  public LocalDate notPast(LocalDate day) {
    return day.isBefore(today) ? today : day;
  }

  /** Whether its ears are cleaned after water: by what is known of the dog, or of the household. */
  public boolean cleansAfterWater() {
    return dog.isWaterSensitive() || preferences.alwaysAfterWater();
  }

  /** How long a medicine waits after a cleaning, by this dog's ways, else the household's. */
  public MedicineWait medicineWait() {
    return dog.profile().ways().medicineWait().orElse(preferences.also().medicineWait());
  }

  /** The last time that an ear was cleaned, by the person or by a vet. */
  public Optional<Dated> lastCleaned(Side side) {
    return history.loads(side).last();
  }

  /** The first check on a day or after it that found no discharge in an ear. */
  public Optional<LocalDate> foundClean(Side side, LocalDate from) {
    Optional<LocalDate> first = Optional.empty();
    List<AssessedCheck> checks = history.checks();
    for (int i = checks.size() - 1; i >= 0; i--) {
      LocalDate day = checks.get(i).check().day();
      if (day.isBefore(from)) {
        break;
      }
      if (checks.get(i).found(side).filter(ear -> ear.discharge() == Grade.NONE).isPresent()) {
        first = Optional.of(day);
      }
    }
    return first;
  }

  /** Whether it is a fact of today or before. */
  public boolean hasHappened(Dated fact) {
    return !fact.day().isAfter(today);
  }
}
