package org.evenlobe.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import org.evenlobe.core.record.DietStep;
import org.evenlobe.server.record.StoredDogFact;

/** What became of a diet trial. */
@Entity
@Table(name = "diet_step")
class StoredDietStep extends StoredDogFact<DietStepRequest> {
  private UUID trialId;

  @Enumerated(EnumType.STRING)
  private DietStep.News news;

  @Override
  protected void say(DietStepRequest said) {
    super.say(said);
    trialId = said.trialId();
    news = said.news();
  }

  @Override
  protected DietStep toCore() {
    return new DietStep(id(), moment(), trialId, news);
  }
}
