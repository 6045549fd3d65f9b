package org.evenlobe.server.ask;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answered;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * The answer to what was asked of a dog once.
 *
 * @param dogId which dog
 * @param at when
 * @param zone the zone it is recorded in
 * @param question what was asked
 * @param about the visit, or the appointment, that it was asked about; left out of the others
 * @param ear of which ear, where it is of one
 * @param yes the answer
 * @param who who said so, where that was asked, 80 characters at most
 */
record AnsweredRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    Answered.@NotNull Question question,
    @Nullable UUID about,
    @Nullable Side ear,
    @NotNull Boolean yes,
    @Nullable @Size(max = 80) String who)
    implements DogFactRequest {

  void check(InvalidFields.Collector errors) {
    boolean isAbout =
        question == Answered.Question.ORDER_STANDS || question == Answered.Question.STILL_WANTED;
    errors
        .require(isAbout == (about != null), "about", "names what was asked about, or nothing")
        .require(
            (question == Answered.Question.ORDER_STANDS) == (ear != null),
            "ear",
            "is named of an order only");
  }
}
