package org.evenlobe.server.course;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.OwnCourse;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What somebody gives on their own. */
@Entity
@Table(name = "own_course")
class StoredOwnCourse extends StoredDogFact<OwnCourseRequest> {
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

  @Override
  protected OwnCourse toCore() {
    return new OwnCourse(
        id(),
        moment(),
        what,
        StoredCourse.ears(rightEar, leftEar),
        Optional.ofNullable(supplyId),
        howOften.toCore(),
        firstDay,
        Optional.ofNullable(lastDay),
        Optional.ofNullable(endWhy),
        Optional.ofNullable(supplement).map(SupplementRequest::toCore),
        vetAgreed);
  }
}
