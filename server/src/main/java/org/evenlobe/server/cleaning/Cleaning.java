package org.evenlobe.server.cleaning;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Handled;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** What was said of a cleaning. */
@Entity
class Cleaning extends StoredDogFact<CleaningRequest> {

  @Embedded
  @AttributeOverride(name = "method", column = @Column(name = "right_method"))
  @AttributeOverride(name = "load", column = @Column(name = "right_load"))
  @AttributeOverride(name = "fills", column = @Column(name = "right_fills"))
  @AttributeOverride(name = "poured", column = @Column(name = "right_poured"))
  @AttributeOverride(name = "wipes", column = @Column(name = "right_wipes"))
  @AttributeOverride(name = "squelched", column = @Column(name = "right_squelched"))
  @AttributeOverride(name = "colour", column = @Column(name = "right_colour"))
  @AttributeOverride(name = "odour", column = @Column(name = "right_odour"))
  @AttributeOverride(name = "cameBack", column = @Column(name = "right_came_back"))
  @AttributeOverride(name = "hurt", column = @Column(name = "right_hurt"))
  @AttributeOverride(name = "small", column = @Column(name = "right_small"))
  @AttributeOverride(name = "cleanerId", column = @Column(name = "right_cleaner_id"))
  private @Nullable EarColumns right;

  @Embedded
  @AttributeOverride(name = "method", column = @Column(name = "left_method"))
  @AttributeOverride(name = "load", column = @Column(name = "left_load"))
  @AttributeOverride(name = "fills", column = @Column(name = "left_fills"))
  @AttributeOverride(name = "poured", column = @Column(name = "left_poured"))
  @AttributeOverride(name = "wipes", column = @Column(name = "left_wipes"))
  @AttributeOverride(name = "squelched", column = @Column(name = "left_squelched"))
  @AttributeOverride(name = "colour", column = @Column(name = "left_colour"))
  @AttributeOverride(name = "odour", column = @Column(name = "left_odour"))
  @AttributeOverride(name = "cameBack", column = @Column(name = "left_came_back"))
  @AttributeOverride(name = "hurt", column = @Column(name = "left_hurt"))
  @AttributeOverride(name = "small", column = @Column(name = "left_small"))
  @AttributeOverride(name = "cleanerId", column = @Column(name = "left_cleaner_id"))
  private @Nullable EarColumns left;

  @Enumerated(EnumType.STRING)
  private @Nullable Handled handled;

  private @Nullable Integer seconds;
  private @Nullable UUID cleanerId;
  private @Nullable String note;

  @Override
  protected void say(CleaningRequest said) {
    super.say(said);
    right = EarColumns.of(said.ears().right());
    left = EarColumns.of(said.ears().left());
    handled = said.handled();
    seconds = said.seconds();
    cleanerId = said.cleaner();
    note = said.note();
  }

  @Override
  protected CleaningRecord toCore() {
    return new CleaningRecord(
        id(),
        moment(),
        new EarPair<>(EarColumns.toCore(right), EarColumns.toCore(left)),
        new CleaningRecord.Manner(
            Optional.ofNullable(handled),
            Optional.ofNullable(seconds),
            Optional.ofNullable(cleanerId)),
        Optional.ofNullable(note));
  }
}
