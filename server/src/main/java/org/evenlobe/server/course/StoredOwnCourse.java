package org.evenlobe.server.course;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.OwnCourse;
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What somebody gives on their own. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "own_course")
class StoredOwnCourse extends StoredDogFact<OwnCourseRequest> {
  /** What is read of it, in this order. */
  static final String[] COLUMNS = {
    "fact.what",
    "fact.rightEar",
    "fact.leftEar",
    "fact.supplyId",
    "fact.howOften",
    "fact.firstDay",
    "fact.lastDay",
    "fact.endWhy",
    "fact.supplement",
    "fact.vetAgreed"
  };

  private String what;
  private boolean rightEar;
  private boolean leftEar;
  private @Nullable UUID supplyId;

  @JdbcTypeCode(SqlTypes.JSON)
  private HowOftenRequest howOften;

  private LocalDate firstDay;
  private @Nullable LocalDate lastDay;
  private @Nullable String endWhy;

  @JdbcTypeCode(SqlTypes.JSON)
  private @Nullable SupplementRequest supplement;

  private boolean vetAgreed;

  @Override
  protected void say(OwnCourseRequest said) {
    super.say(said);
    what = said.what().strip();
    rightEar = said.ears().contains(Side.RIGHT);
    leftEar = said.ears().contains(Side.LEFT);
    supplyId = said.supplyId();
    howOften = said.howOften();
    firstDay = said.from();
    lastDay = said.to();
    endWhy = said.endWhy();
    supplement = said.supplement();
    vetAgreed = Boolean.TRUE.equals(said.vetAgreed());
  }

  static OwnCourse toCore(FactRow row) {
    return new OwnCourse(
        row.id(),
        row.moment(),
        row.get(0, String.class),
        StoredCourse.ears(row.get(1, Boolean.class), row.get(2, Boolean.class)),
        Optional.ofNullable(row.orNull(3, UUID.class)),
        row.get(4, HowOftenRequest.class).toCore(),
        row.get(5, LocalDate.class),
        Optional.ofNullable(row.orNull(6, LocalDate.class)),
        Optional.ofNullable(row.orNull(7, String.class)),
        Optional.ofNullable(row.orNull(8, SupplementRequest.class)).map(SupplementRequest::toCore),
        row.get(9, Boolean.class));
  }
}
