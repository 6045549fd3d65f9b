package org.evenlobe.server.lesson;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import org.evenlobe.core.lesson.MadeUpEar;
import org.evenlobe.core.record.EarGrades;
import org.evenlobe.core.record.Grade;

/**
 * How a person graded a made-up ear.
 *
 * @param at when
 * @param drawing the number of the drawn ear
 * @param redness what they said
 * @param swelling what they said
 * @param sores what they said
 * @param discharge what they said
 */
record GradingRequest(
    @NotNull Instant at,
    @NotNull @Min(0) @Max(MadeUpEar.MOST - 1) Integer drawing,
    @NotNull Grade redness,
    @NotNull Grade swelling,
    @NotNull Grade sores,
    @NotNull Grade discharge) {

  EarGrades grades() {
    return new EarGrades(redness, swelling, sores, discharge);
  }
}
