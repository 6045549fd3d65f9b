package org.evenlobe.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.List;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;

/** A diet trial; its foods are one a line. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "diet_trial")
class StoredDietTrial extends StoredDogFact<DietTrialRequest> {
  /** What is read of it, in this order. */
  static final String[] COLUMNS = {
    "fact.protein", "fact.starch", "fact.foodsSoFar", "fact.allowed", "fact.startsOn", "fact.days"
  };

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

  static DietTrial toCore(FactRow row) {
    return new DietTrial(
        row.id(),
        row.moment(),
        row.text(0),
        row.text(1),
        lines(row.text(2)),
        lines(row.text(3)),
        row.day(4),
        Integer.parseInt(row.text(5)));
  }

  private static List<String> lines(String text) {
    return text.lines().filter(line -> !line.isBlank()).toList();
  }
}
