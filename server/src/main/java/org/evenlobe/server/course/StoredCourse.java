package org.evenlobe.server.course;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleanBefore;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.MedicineKind;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A course of medicine. */
@Entity
@Table(name = "course")
class StoredCourse extends StoredDogFact<CourseRequest> {
  private String what;

  @Enumerated(EnumType.STRING)
  private MedicineKind kind;

  private @Nullable String prescribedBy;
  private boolean rightEar;
  private boolean leftEar;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<StoredPhase> phases = List.of();

  private LocalDate startsOn;
  private int firstSlot;

  @JdbcTypeCode(SqlTypes.JSON)
  private @Nullable CleanBeforeRequest cleanBefore;

  private @Nullable Integer vetWait;
  private @Nullable Integer labelWait;

  @JdbcTypeCode(SqlTypes.JSON)
  private @Nullable StoredBottle bottle;

  private @Nullable Integer staysDays;
  private @Nullable LocalDate recheck;

  @JdbcTypeCode(SqlTypes.JSON)
  private @Nullable StoredAsked asked;

  @Override
  protected void say(CourseRequest said) {
    super.say(said);
    what = said.what().strip();
    kind = said.kind();
    prescribedBy = said.prescribedBy();
    rightEar = said.ears().contains(Side.RIGHT);
    leftEar = said.ears().contains(Side.LEFT);
    phases = said.phases().stream().map(StoredPhase::of).toList();
    startsOn = said.startsOn();
    firstSlot = said.firstSlot() == null ? 0 : said.firstSlot();
    cleanBefore = said.cleanBefore();
    vetWait = said.vetWait();
    labelWait = said.labelWait();
    bottle = said.bottle() == null ? null : StoredBottle.of(said.bottle());
    staysDays = said.staysDays();
    recheck = said.recheck();
    asked = StoredAsked.of(said.asked());
  }

  @Override
  protected Course toCore() {
    return new Course(
        id(),
        moment(),
        what,
        kind,
        Optional.ofNullable(prescribedBy),
        ears(rightEar, leftEar),
        phases.stream().map(StoredPhase::toCore).toList(),
        startsOn,
        firstSlot,
        cleanBefore == null ? CleanBefore.NEVER : cleanBefore.toCore(),
        Optional.ofNullable(vetWait),
        Optional.ofNullable(labelWait),
        Optional.ofNullable(bottle).map(StoredBottle::toCore),
        Optional.ofNullable(staysDays),
        Optional.ofNullable(recheck),
        asked == null ? Course.Asked.NOTHING : asked.toCore());
  }

  static Set<Side> ears(boolean right, boolean left) {
    EnumSet<Side> ears = EnumSet.noneOf(Side.class);
    if (right) {
      ears.add(Side.RIGHT);
    }
    if (left) {
      ears.add(Side.LEFT);
    }
    return ears;
  }
}
