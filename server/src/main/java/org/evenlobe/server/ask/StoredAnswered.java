package org.evenlobe.server.ask;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answered;
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** The answer to what was asked of a dog once. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "answered")
class StoredAnswered extends StoredDogFact<AnsweredRequest> {
  /** What is read of it, in this order. */
  static final String[] COLUMNS = {
    "fact.question", "fact.about", "fact.ear", "fact.yes", "fact.who"
  };

  @Enumerated(EnumType.STRING)
  private Answered.Question question;

  private @Nullable UUID about;

  @Enumerated(EnumType.STRING)
  private @Nullable Side ear;

  private boolean yes;
  private @Nullable String who;

  @Override
  protected void say(AnsweredRequest said) {
    super.say(said);
    question = said.question();
    about = said.about();
    ear = said.ear();
    yes = said.yes();
    who = said.who();
  }

  static Answered toCore(FactRow row) {
    return new Answered(
        row.id(),
        row.moment(),
        Answered.Question.valueOf(row.text(0)),
        Optional.ofNullable(row.orNull(1, String.class)).map(UUID::fromString),
        Optional.ofNullable(row.orNull(2, String.class)).map(Side::valueOf),
        row.isTrue(3),
        Optional.ofNullable(row.orNull(4, String.class)));
  }
}
