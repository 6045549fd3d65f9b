package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.cleaning.Trust;
import org.evenlobe.core.cleaning.TrustLadder;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.trend.AssessedCheck;
import org.evenlobe.core.trend.CheckHistory;

/**
 * What all schedules of a dog are laid from.
 *
 * @param dog its facts
 * @param history its checks, gone through
 * @param preferences how the household likes its plan made, and what differs with this dog
 * @param trust where it stands on the trust ladder
 * @param moves what a person said of planned items
 * @param wet when its ears were wet, or are expected to be
 * @param cleaned the cleanings of each ear up to today, oldest first
 * @param today the day
 */
record Situation(
    DogRecord dog,
    CheckHistory history,
    Preferences preferences,
    Trust trust,
    Moves moves,
    WetDays wet,
    EarPair<List<CleaningRecord>> cleaned,
    LocalDate today) {

  static Situation of(DogRecord dog, CheckHistory history, Preferences household, LocalDate today) {
    return new Situation(
        dog,
        history,
        household.with(dog.profile().own()),
        TrustLadder.trust(dog, today),
        new Moves(dog, today),
        WetDays.of(dog, today),
        cleaned(dog, today),
        today);
  }

  LocalDate horizon() {
    return today.plusDays(DogPlan.HORIZON_DAYS);
  }

  /** Today, where a day has passed. */
  LocalDate notPast(LocalDate day) {
    return day.isBefore(today) ? today : day;
  }

  /** Whether its ears are cleaned after water: by what is known of the dog, or of the household. */
  boolean cleansAfterWater() {
    return dog.profile().waterSensitive() || preferences.alwaysAfterWater();
  }

  /** The last time that an ear was cleaned, by the person or by a vet. */
  Optional<Dated> lastCleaned(Side side) {
    return cleanedBy(side).max(Dated.BY_TIME);
  }

  /** What was cleaning of that ear, up to today. */
  Stream<Dated> cleanedBy(Side side) {
    return Stream.concat(
        cleaned.get(side).stream(),
        dog.visits().stream()
            .filter(visit -> visit.ears().get(side).cleaned() && hasHappened(visit)));
  }

  boolean cleanedSince(Side side, CheckRecord check) {
    return cleanedBy(side).anyMatch(fact -> Dated.BY_TIME.compare(fact, check) > 0);
  }

  /** The cleanings of an ear up to today, oldest first. */
  List<CleaningRecord> cleanings(Side side) {
    return cleaned.get(side);
  }

  private static EarPair<List<CleaningRecord>> cleaned(DogRecord dog, LocalDate today) {
    EarPair<List<CleaningRecord>> cleaned = EarPair.bySide(side -> new ArrayList<>());
    for (CleaningRecord cleaning : dog.cleanings()) {
      if (cleaning.isBy(today)) {
        for (Side side : Side.values()) {
          if (cleaning.ears().get(side).isPresent()) {
            cleaned.get(side).add(cleaning);
          }
        }
      }
    }
    return cleaned;
  }

  /** The first check on a day or after it that found no discharge in an ear. */
  Optional<LocalDate> foundClean(Side side, LocalDate from) {
    Optional<LocalDate> first = Optional.empty();
    List<AssessedCheck> checks = history.checks();
    for (int i = checks.size() - 1; i >= 0; i--) {
      LocalDate day = checks.get(i).check().day();
      if (day.isBefore(from)) {
        break;
      }
      if (checks.get(i).check().ears().get(side).discharge() == Grade.NONE) {
        first = Optional.of(day);
      }
    }
    return first;
  }

  /** Whether a check found an ear, or the whole dog, to be one for the vet. */
  static boolean isForTheVet(AssessedCheck check, Side side) {
    return check.signs().get(side).atLeast(Verdict.STOP) || check.sign() == Verdict.URGENT;
  }

  /** Whether it is a fact of today or before. */
  boolean hasHappened(Dated fact) {
    return !fact.day().isAfter(today);
  }
}
