package org.evenlobe.server.course;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.Course;
import org.jspecify.annotations.Nullable;

/** What was asked about a course, as the column holds it, with its days as text. */
record StoredAsked(
    @Nullable String seenOn,
    @Nullable Boolean knowsTorn,
    @Nullable String byVetOn,
    @Nullable String cleanWith) {

  static StoredAsked of(Course.Asked asked) {
    return new StoredAsked(
        asked.seenOn().map(LocalDate::toString).orElse(null),
        asked.knowsTorn().orElse(null),
        asked.byVetOn().map(LocalDate::toString).orElse(null),
        asked.cleanWith().orElse(null));
  }

  Course.Asked toCore() {
    return new Course.Asked(
        Optional.ofNullable(seenOn).map(LocalDate::parse),
        Optional.ofNullable(knowsTorn),
        Optional.ofNullable(byVetOn).map(LocalDate::parse),
        Optional.ofNullable(cleanWith));
  }
}
