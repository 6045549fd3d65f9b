package org.evenlobe.server.check;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answer;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Onset;
import org.evenlobe.server.check.CheckRequest.ToldAskedRequest;
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

  @JdbcTypeCode(SqlTypes.JSON)
  private List<ToldAskedRequest> asked = List.of();

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
    asked = said.asked() == null ? List.of() : List.copyOf(said.asked());
  }

  private static final int DOG = 2 * EarFindingColumns.COUNT;

  /** What is read of a check, in the order in which {@link #toCore} takes it. */
  static final String[] COLUMNS =
      Stream.of(
              EarFindingColumns.columns("fact.right"),
              EarFindingColumns.columns("fact.left"),
              Stream.of(
                      "shaking",
                      "scratching",
                      "pawed",
                      "onset",
                      "headTilt",
                      "balanceLoss",
                      "eyesFlicking",
                      "faceDrooping",
                      "unwell",
                      "blowToHead",
                      "itchyPawsOrBelly",
                      "seedSeason",
                      "itchingContacts",
                      "note",
                      "asked")
                  .map("fact."::concat))
          .flatMap(columns -> columns)
          .toArray(String[]::new);

  static CheckRecord toCore(FactRow row) {
    return new CheckRecord(
        row.id(),
        row.moment(),
        new EarPair<>(
            EarFindingColumns.toCore(row, 0),
            EarFindingColumns.toCore(row, EarFindingColumns.COUNT)),
        new DogSigns(
            row.get(DOG, Grade.class),
            row.get(DOG + 1, Grade.class),
            Optional.ofNullable(row.orNull(DOG + 2, Side.class)),
            Optional.ofNullable(row.orNull(DOG + 3, Onset.class)),
            row.get(DOG + 4, Boolean.class),
            row.get(DOG + 5, Boolean.class),
            row.get(DOG + 6, Boolean.class),
            row.get(DOG + 7, Boolean.class),
            row.get(DOG + 8, Boolean.class),
            row.get(DOG + 9, Boolean.class),
            row.get(DOG + 10, Answer.class),
            row.get(DOG + 11, Answer.class),
            row.get(DOG + 12, Answer.class)),
        Optional.ofNullable(row.orNull(DOG + 13, String.class)),
        ((List<?>) row.get(DOG + 14, List.class))
            .stream().map(ToldAskedRequest.class::cast).map(ToldAskedRequest::toCore).toList());
  }
}
