package org.evenlobe.core.trend;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.Flare;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.Smear;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * A flare as it is told (rule TREND_FLARE). For example from 3 to 24 May, the right ear, a score of
 * 7 at the worst, 21 days, with a course.
 *
 * @param flare which
 * @param days from its start to its end, or so far
 * @param courses what was given for it
 * @param smears what the vet's microscope showed of its ears meanwhile
 * @param reason the same in a sentence
 */
public record FlareStory(
    Flare flare, int days, List<String> courses, List<EarSmear> smears, Reason reason) {

  /**
   * What a microscope showed.
   *
   * @param day when
   * @param ear of which ear
   * @param smear what
   */
  public record EarSmear(LocalDate day, Side ear, Smear smear) {}

  public FlareStory {
    courses = List.copyOf(courses);
    smears = List.copyOf(smears);
  }

  /** A dog's flares, the latest first. */
  public static List<FlareStory> of(DogHistory history) {
    List<FlareStory> stories =
        history.flares().stream().map(flare -> of(flare, history)).collect(Collectors.toList());
    Collections.reverse(stories);
    return stories;
  }

  private static FlareStory of(Flare flare, DogHistory history) {
    LocalDate end = flare.end().orElse(history.today());
    int days = (int) ChronoUnit.DAYS.between(flare.start(), end);
    List<String> courses = history.coursesOf(flare).stream().map(Course::what).toList();
    List<EarSmear> smears =
        history.visits().stream()
            .filter(visit -> !visit.day().isBefore(flare.start()) && !visit.day().isAfter(end))
            .flatMap(visit -> flare.ears().stream().flatMap(ear -> smear(visit, ear).stream()))
            .toList();
    return new FlareStory(flare, days, courses, smears, reason(flare, days, courses, smears));
  }

  private static Optional<EarSmear> smear(VisitRecord visit, Side ear) {
    return visit.ears().get(ear).smear().map(smear -> new EarSmear(visit.day(), ear, smear));
  }

  private static Reason reason(Flare flare, int days, List<String> courses, List<EarSmear> smears) {
    String ears =
        flare.ears().isEmpty()
            ? "by signs of the whole dog"
            : flare.ears().size() == 2 ? "both ears" : flare.ears().get(0).ear();
    String sentence =
        "%s, %s: score %d at the worst, %s%s. %s %s"
            .formatted(
                Quantities.day(flare.start()),
                ears,
                flare.peakScore(),
                Figures.count(days, "day"),
                flare.end().isPresent() ? "" : " so far",
                courses.isEmpty() ? "No course." : "Given: " + String.join(", ", courses) + ".",
                smears.isEmpty()
                    ? "No smear."
                    : smears.stream().anyMatch(one -> one.smear().showsAny())
                        ? "The vet's smear showed an infection."
                        : "The vet's smear showed nothing.");
    return Reason.of(Rule.TREND_FLARE, sentence).with("peak", flare.peakScore()).with("days", days);
  }
}
