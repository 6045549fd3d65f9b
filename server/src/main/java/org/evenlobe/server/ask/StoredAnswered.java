package org.evenlobe.server.ask;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answered;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** The answer to what was asked of a dog once. */
@Entity
@Table(name = "answered")
class StoredAnswered extends StoredDogFact<AnsweredRequest> {
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

  @Override
  protected Answered toCore() {
    return new Answered(
        id(),
        moment(),
        question,
        Optional.ofNullable(about),
        Optional.ofNullable(ear),
        yes,
        Optional.ofNullable(who));
  }
}
