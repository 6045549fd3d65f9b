package org.evenlobe.server.view;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.evenlobe.core.course.LabelSentence;
import org.evenlobe.core.own.Omega;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.course.SupplementRequest;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.view.CourseView.DogCourses;
import org.evenlobe.server.view.CourseView.DoseBoard;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The dose board, the courses of a dog, and what a label says. */
@RestController
class CourseController {
  private final CourseView courses;
  private final TrialView trials;

  CourseController(CourseView courses, TrialView trials) {
    this.courses = courses;
    this.trials = trials;
  }

  @GetMapping("/api/households/{household}/doses")
  DoseBoard doses(@PathVariable UUID household) {
    return courses.board();
  }

  @GetMapping("/api/households/{household}/dogs/{dog}/courses")
  DogCourses courses(@PathVariable UUID household, @PathVariable UUID dog) {
    return courses.of(dog);
  }

  /**
   * An oil that somebody thinks of.
   *
   * @param supplement what its label says, and how much a day
   * @param vetAgreed whether a vet has said yes to it
   */
  record OilRequest(@NotNull @Valid SupplementRequest supplement, boolean vetAgreed) {}

  /** Stores nothing. */
  @Needs(Role.VIEWER)
  @PostMapping("/api/households/{household}/dogs/{dog}/previews/supplement")
  Omega supplement(
      @PathVariable UUID household, @PathVariable UUID dog, @Valid @RequestBody OilRequest said) {
    InvalidFields.Collector errors = new InvalidFields.Collector();
    said.supplement().check(errors, "supplement.");
    errors.throwIfAny();
    return trials.omega(dog, said.supplement(), said.vetAgreed());
  }

  /**
   * The words of a label.
   *
   * @param words as they stand on it
   */
  record LabelWordsRequest(@NotBlank @Size(max = LabelSentence.MOST_CHARACTERS) String words) {}

  /** Stores nothing. */
  @Needs(Role.VIEWER)
  @PostMapping("/api/households/{household}/previews/label")
  LabelSentence label(@PathVariable UUID household, @Valid @RequestBody LabelWordsRequest said) {
    return LabelSentence.of(said.words());
  }
}
