package org.evenlobe.server.course;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** That a course is over. */
@Entity
@Table(name = "course_end")
class StoredCourseEnd extends StoredDogFact<CourseEndRequest> {
  private UUID courseId;

  @Enumerated(EnumType.STRING)
  private CourseEnd.Cause cause;

  private @Nullable String note;

  @Override
  protected void say(CourseEndRequest said) {
    super.say(said);
    courseId = said.courseId();
    cause = said.cause();
    note = said.note();
  }

  @Override
  protected CourseEnd toCore() {
    return new CourseEnd(id(), moment(), courseId, cause, Optional.ofNullable(note));
  }
}
