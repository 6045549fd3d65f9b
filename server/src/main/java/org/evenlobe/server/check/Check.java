package org.evenlobe.server.check;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answer;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Onset;
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.EmbeddedColumnNaming;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What was said of a check. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "ear_check")
class Check extends StoredDogFact<CheckRequest> {

  @Embedded
  @EmbeddedColumnNaming("right_%s")
  private EarFindingColumns right;

  @Embedded
  @EmbeddedColumnNaming("left_%s")
  private EarFindingColumns left;

  @Enumerated(EnumType.ORDINAL)
  @JdbcTypeCode(SqlTypes.SMALLINT)
  private Grade shaking;

  @Enumerated(EnumType.ORDINAL)
  @JdbcTypeCode(SqlTypes.SMALLINT)
  private Grade scratching;

  @Enumerated(EnumType.STRING)
  private @Nullable Side pawed;

  @Enumerated(EnumType.STRING)
  private @Nullable Onset onset;

  private boolean headTilt;
  private boolean balanceLoss;
  private boolean eyesFlicking;
  private boolean faceDrooping;
  private boolean unwell;
  private boolean blowToHead;

  @Enumerated(EnumType.STRING)
  private Answer itchyPawsOrBelly;

  @Enumerated(EnumType.STRING)
  private Answer seedSeason;

  @Enumerated(EnumType.STRING)
  private Answer itchingContacts;

  private @Nullable String note;

  @Override
  protected void say(CheckRequest said) {
    CheckRecord fact = said.toCore(id());
    super.say(said);
    right = EarFindingColumns.of(fact.ears().right());
    left = EarFindingColumns.of(fact.ears().left());
    DogSigns dog = fact.dog();
    shaking = dog.shaking();
    scratching = dog.scratching();
    pawed = dog.pawed().orElse(null);
    onset = dog.onset().orElse(null);
    headTilt = dog.headTilt();
    balanceLoss = dog.balanceLoss();
    eyesFlicking = dog.eyesFlicking();
    faceDrooping = dog.faceDrooping();
    unwell = dog.unwell();
    blowToHead = dog.blowToHead();
    itchyPawsOrBelly = dog.itchyPawsOrBelly();
    seedSeason = dog.seedSeason();
    itchingContacts = dog.itchingContacts();
    note = fact.note().orElse(null);
  }

  /** What is read of a check, in the order in which {@link #toCore} takes it. */
  static final String[] COLUMNS = {
    "fact.right",
    "fact.left",
    "fact.shaking",
    "fact.scratching",
    "fact.pawed",
    "fact.onset",
    "fact.headTilt",
    "fact.balanceLoss",
    "fact.eyesFlicking",
    "fact.faceDrooping",
    "fact.unwell",
    "fact.blowToHead",
    "fact.itchyPawsOrBelly",
    "fact.seedSeason",
    "fact.itchingContacts",
    "fact.note"
  };

  static CheckRecord toCore(FactRow row) {
    return new CheckRecord(
        row.id(),
        row.moment(),
        new EarPair<>(
            row.get(0, EarFindingColumns.class).toCore(),
            row.get(1, EarFindingColumns.class).toCore()),
        new DogSigns(
            row.get(2, Grade.class),
            row.get(3, Grade.class),
            Optional.ofNullable(row.orNull(4, Side.class)),
            Optional.ofNullable(row.orNull(5, Onset.class)),
            row.get(6, Boolean.class),
            row.get(7, Boolean.class),
            row.get(8, Boolean.class),
            row.get(9, Boolean.class),
            row.get(10, Boolean.class),
            row.get(11, Boolean.class),
            row.get(12, Answer.class),
            row.get(13, Answer.class),
            row.get(14, Answer.class)),
        Optional.ofNullable(row.orNull(15, String.class)));
  }
}
