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
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A course of medicine. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "course")
class StoredCourse extends StoredDogFact<CourseRequest> {
  /** What is read of it, in this order. */
  static final String[] COLUMNS = {
    "fact.what",
    "fact.kind",
    "fact.prescribedBy",
    "fact.rightEar",
    "fact.leftEar",
    "fact.phases",
    "fact.startsOn",
    "fact.firstSlot",
    "fact.cleanBefore",
    "fact.vetWait",
    "fact.labelWait",
    "fact.bottle",
    "fact.staysDays",
    "fact.recheck",
    "fact.asked"
  };

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

  static Course toCore(FactRow row) {
    List<?> phases = row.get(5, List.class);
    return new Course(
        row.id(),
        row.moment(),
        row.get(0, String.class),
        row.get(1, MedicineKind.class),
        Optional.ofNullable(row.orNull(2, String.class)),
        ears(row.get(3, Boolean.class), row.get(4, Boolean.class)),
        phases.stream().map(StoredPhase.class::cast).map(StoredPhase::toCore).toList(),
        row.get(6, LocalDate.class),
        row.get(7, Integer.class),
        Optional.ofNullable(row.orNull(8, CleanBeforeRequest.class))
            .map(CleanBeforeRequest::toCore)
            .orElse(CleanBefore.NEVER),
        Optional.ofNullable(row.orNull(9, Integer.class)),
        Optional.ofNullable(row.orNull(10, Integer.class)),
        Optional.ofNullable(row.orNull(11, StoredBottle.class)).map(StoredBottle::toCore),
        Optional.ofNullable(row.orNull(12, Integer.class)),
        Optional.ofNullable(row.orNull(13, LocalDate.class)),
        Optional.ofNullable(row.orNull(14, StoredAsked.class))
            .map(StoredAsked::toCore)
            .orElse(Course.Asked.NOTHING));
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
