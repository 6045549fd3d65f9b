package org.evenlobe.server.view;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.evenlobe.core.course.LabelSentence;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
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

  CourseController(CourseView courses) {
    this.courses = courses;
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
