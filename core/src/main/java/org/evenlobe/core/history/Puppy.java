package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.Answered;
import org.evenlobe.core.record.DogRecord;

/**
 * Whether a dog is under 12 weeks old (rule CHECK_MAY_GO_IN): by its birth; where that is not
 * known, by what was answered when it was asked, for 12 weeks from then.
 */
public final class Puppy {
  private static final int WEEKS = 12;

  private Puppy() {}

  /** Whether it is one on a day. */
  public static boolean is(DogRecord dog, LocalDate day) {
    return dog.profile()
        .bornOn()
        .map(born -> born.plusWeeks(WEEKS).isAfter(day))
        .orElseGet(
            () ->
                answer(dog, day)
                    .filter(one -> one.yes() && one.day().plusWeeks(WEEKS).isAfter(day))
                    .isPresent());
  }

  /** Whether it is to be asked: its birth is not known, and nobody has answered. */
  public static boolean isAsked(DogRecord dog, LocalDate day) {
    return dog.profile().bornOn().isEmpty() && answer(dog, day).isEmpty();
  }

  private static Optional<Answered> answer(DogRecord dog, LocalDate day) {
    return dog.all(Answered.class).stream()
        .filter(one -> one.question() == Answered.Question.IS_A_PUPPY && one.isBy(day))
        .reduce((earlier, later) -> later);
  }
}
