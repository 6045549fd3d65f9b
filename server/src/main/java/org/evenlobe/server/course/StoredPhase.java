package org.evenlobe.server.course;

import java.time.LocalTime;
import java.util.List;
import org.evenlobe.core.record.CoursePhase;
import org.evenlobe.core.record.DoseUnit;
import org.jspecify.annotations.Nullable;

/** A phase of a course, as the column holds it. */
record StoredPhase(
    double least,
    @Nullable Double most,
    DoseUnit unit,
    List<String> times,
    @Nullable Integer everyDays,
    @Nullable Integer days,
    @Nullable Integer mostDays,
    @Nullable Boolean toTheMost) {

  static StoredPhase of(PhaseRequest said) {
    return new StoredPhase(
        said.least(),
        said.most(),
        said.unit(),
        said.times().stream().map(LocalTime::toString).toList(),
        said.everyDays(),
        said.days(),
        said.mostDays(),
        said.toTheMost());
  }

  CoursePhase toCore() {
    return new PhaseRequest(
            least,
            most,
            unit,
            times.stream().map(LocalTime::parse).toList(),
            everyDays,
            days,
            mostDays,
            toTheMost)
        .toCore();
  }
}
