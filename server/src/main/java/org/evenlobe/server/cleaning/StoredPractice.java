package org.evenlobe.server.cleaning;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.Rung;
import org.evenlobe.server.record.StoredDogFact;

/** What was said of a practice on the trust ladder. */
@Entity
@Table(name = "practice")
class StoredPractice extends StoredDogFact<PracticeRequest> {

  @Enumerated(EnumType.STRING)
  private Rung rung;

  @Enumerated(EnumType.STRING)
  private Handled handled;

  @Override
  protected void say(PracticeRequest said) {
    super.say(said);
    rung = said.rung();
    handled = said.handled();
  }

  @Override
  protected Practice toCore() {
    return new Practice(id(), moment(), rung, handled);
  }
}
