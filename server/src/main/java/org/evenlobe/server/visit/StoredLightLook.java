package org.evenlobe.server.visit;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.LightLook.Change;
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.evenlobe.server.visit.LightLookRequest.LookedEarRequest;
import org.jspecify.annotations.Nullable;

/** What was said of a light look. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "light_look")
class StoredLightLook extends StoredDogFact<LightLookRequest> {
  @Enumerated(EnumType.STRING)
  private @Nullable Change rightChange;

  private boolean rightHurts;

  @Enumerated(EnumType.STRING)
  private @Nullable Change leftChange;

  private boolean leftHurts;
  private boolean dogIsWell;

  @Override
  protected void say(LightLookRequest said) {
    super.say(said);
    rightChange = said.right() == null ? null : said.right().change();
    rightHurts = hurts(said.right());
    leftChange = said.left() == null ? null : said.left().change();
    leftHurts = hurts(said.left());
    dogIsWell = said.dogIsWell();
  }

  private static boolean hurts(@Nullable LookedEarRequest ear) {
    return ear != null && ear.hurts();
  }

  static LightLook toCore(FactRow row) {
    return new LightLook(
        row.id(), row.moment(), new EarPair<>(ear(row, 0), ear(row, 2)), row.isTrue(4));
  }

  private static Optional<LightLook.Ear> ear(FactRow row, int column) {
    return Optional.ofNullable(row.orNull(column, String.class))
        .map(change -> new LightLook.Ear(Change.valueOf(change), row.isTrue(column + 1)));
  }
}
