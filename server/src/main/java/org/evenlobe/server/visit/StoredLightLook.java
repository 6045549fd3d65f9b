package org.evenlobe.server.visit;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.LightLook.Change;
import org.evenlobe.server.record.StoredDogFact;
import org.evenlobe.server.visit.LightLookRequest.LookedEarRequest;
import org.jspecify.annotations.Nullable;

/** What was said of a light look. */
@Entity
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

  @Override
  protected LightLook toCore() {
    return new LightLook(
        id(),
        moment(),
        new EarPair<>(ear(rightChange, rightHurts), ear(leftChange, leftHurts)),
        dogIsWell);
  }

  private static Optional<LightLook.Ear> ear(@Nullable Change change, boolean hurts) {
    return Optional.ofNullable(change).map(seen -> new LightLook.Ear(seen, hurts));
  }
}
