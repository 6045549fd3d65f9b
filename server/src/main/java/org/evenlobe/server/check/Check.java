package org.evenlobe.server.check;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answer;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Onset;
import org.evenlobe.server.check.CheckRequest.ToldAskedRequest;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.EmbeddedColumnNaming;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What was said of a check. */
@Entity
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

  @Override
  protected CheckRecord toCore() {
    return new CheckRecord(
        id(),
        moment(),
        new EarPair<>(right.toCore(), left.toCore()),
        new DogSigns(
            shaking,
            scratching,
            Optional.ofNullable(pawed),
            Optional.ofNullable(onset),
            headTilt,
            balanceLoss,
            eyesFlicking,
            faceDrooping,
            unwell,
            blowToHead,
            itchyPawsOrBelly,
            seedSeason,
            itchingContacts),
        Optional.ofNullable(note),
        asked.stream().map(ToldAskedRequest::toCore).toList());
  }
}
