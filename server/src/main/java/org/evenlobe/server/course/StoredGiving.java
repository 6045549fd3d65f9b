package org.evenlobe.server.course;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Giving;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** That a dose was given, or left out, and who said so first. */
@Entity
@Table(name = "giving")
class StoredGiving extends StoredDogFact<GivingRequest> {
  private UUID courseId;
  private boolean rightEar;
  private boolean leftEar;
  private boolean given;
  private boolean offline;
  private @Nullable String why;
  private @Nullable UUID personId;

  @Override
  protected void say(GivingRequest said) {
    super.say(said);
    courseId = said.courseId();
    rightEar = said.ears().contains(Side.RIGHT);
    leftEar = said.ears().contains(Side.LEFT);
    given = said.given();
    offline = said.isOffline();
    why = said.why();
    if (personId == null) {
      personId = CurrentMember.get().person();
    }
  }

  @Override
  protected Giving toCore() {
    return new Giving(
        id(),
        moment(),
        courseId,
        StoredCourse.ears(rightEar, leftEar),
        given,
        offline,
        Optional.ofNullable(why),
        Optional.ofNullable(personId));
  }
}
