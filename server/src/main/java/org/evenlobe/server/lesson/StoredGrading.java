package org.evenlobe.server.lesson;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.evenlobe.core.lesson.Graded;
import org.evenlobe.core.lesson.MadeUpEar;
import org.evenlobe.core.record.EarGrades;
import org.evenlobe.core.record.Grade;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.fact.StoredFact;
import org.jspecify.annotations.Nullable;

/** How a person graded a made-up ear. */
@Entity
@SuppressWarnings("UnusedVariable") // when it was is for the query
@Table(name = "grading")
class StoredGrading extends StoredFact<GradingRequest> {
  private @Nullable UUID personId;
  private Instant gradedAt;

  @Column(name = "ear")
  private int drawing;

  @Enumerated(EnumType.STRING)
  private Grade redness;

  @Enumerated(EnumType.STRING)
  private Grade swelling;

  @Enumerated(EnumType.STRING)
  private Grade sores;

  @Enumerated(EnumType.STRING)
  private Grade discharge;

  @Override
  protected void say(GradingRequest said) {
    if (personId == null) {
      personId = CurrentMember.get().person();
    }
    gradedAt = said.at();
    drawing = said.drawing();
    redness = said.redness();
    swelling = said.swelling();
    sores = said.sores();
    discharge = said.discharge();
  }

  Graded toCore() {
    return new Graded(
        MadeUpEar.numbered(drawing), new EarGrades(redness, swelling, sores, discharge));
  }
}
