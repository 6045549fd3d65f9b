package org.evenlobe.server.course;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of the end of a course.
 *
 * @param dogId whose
 * @param at when
 * @param zone the zone it is recorded in
 * @param courseId which course
 * @param cause why
 * @param note more of it in their own words
 */
record CourseEndRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull UUID courseId,
    @NotNull CourseEnd.Cause cause,
    @Nullable @Size(max = 1000) String note)
    implements DogFactRequest {}
