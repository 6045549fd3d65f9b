package org.evenlobe.server.cleaning;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** What was said of a cleaning. */
@Entity
public class Cleaning extends StoredDogFact<CleaningRequest> {

  @Embedded
  @AttributeOverride(name = "method", column = @Column(name = "right_method"))
  @AttributeOverride(name = "load", column = @Column(name = "right_load"))
  @AttributeOverride(name = "fills", column = @Column(name = "right_fills"))
  @AttributeOverride(name = "poured", column = @Column(name = "right_poured"))
  private @Nullable EarColumns right;

  @Embedded
  @AttributeOverride(name = "method", column = @Column(name = "left_method"))
  @AttributeOverride(name = "load", column = @Column(name = "left_load"))
  @AttributeOverride(name = "fills", column = @Column(name = "left_fills"))
  @AttributeOverride(name = "poured", column = @Column(name = "left_poured"))
  private @Nullable EarColumns left;

  private @Nullable String note;

  @Override
  protected void say(CleaningRequest said) {
    super.say(said);
    right = EarColumns.of(said.ears().right());
    left = EarColumns.of(said.ears().left());
    note = said.note();
  }

  @Override
  public CleaningRecord toCore() {
    return new CleaningRecord(
        id(),
        doneAt(),
        zone(),
        new EarPair<>(EarColumns.toCore(right), EarColumns.toCore(left)),
        Optional.ofNullable(note));
  }
}
