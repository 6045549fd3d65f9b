package org.evenlobe.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.List;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.server.record.StoredDogFact;

/** A diet trial; its foods are one a line. */
@Entity
@Table(name = "diet_trial")
class StoredDietTrial extends StoredDogFact<DietTrialRequest> {
  private String protein;
  private String starch;
  private String foodsSoFar;
  private String allowed;
  private LocalDate startsOn;
  private int days;

  @Override
  protected void say(DietTrialRequest said) {
    super.say(said);
    protein = said.protein().strip();
    starch = said.starch().strip();
    foodsSoFar = String.join("\n", said.foodsSoFar());
    allowed = String.join("\n", said.allowed());
    startsOn = said.startsOn();
    days = said.days() == null ? DietTrial.USUAL_DAYS : said.days();
  }

  @Override
  protected DietTrial toCore() {
    return new DietTrial(
        id(), moment(), protein, starch, lines(foodsSoFar), lines(allowed), startsOn, days);
  }

  private static List<String> lines(String text) {
    return text.lines().filter(line -> !line.isBlank()).toList();
  }
}
