package org.evenlobe.server.course;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Giving;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** That a dose was given, or left out, and who said so first. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "giving")
class StoredGiving extends StoredDogFact<GivingRequest> {
  /** What is read of it, in this order. */
  static final String[] COLUMNS = {
    "fact.courseId",
    "fact.rightEar",
    "fact.leftEar",
    "fact.given",
    "fact.offline",
    "fact.why",
    "fact.personId"
  };

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

  /** The same as the core knows it. */
  Giving toCore() {
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

  static Giving toCore(FactRow row) {
    return new Giving(
        row.id(),
        row.moment(),
        row.id(0),
        StoredCourse.ears(row.isTrue(1), row.isTrue(2)),
        row.isTrue(3),
        row.isTrue(4),
        Optional.ofNullable(row.orNull(5, String.class)),
        Optional.ofNullable(row.orNull(6, String.class)).map(UUID::fromString));
  }
}
