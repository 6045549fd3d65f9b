package org.evenlobe.server.exposure;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.DayOfWeek;
import java.util.List;
import java.util.stream.Collectors;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.Season;
import org.evenlobe.core.record.Season.YearDay;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What was said to happen to a dog's ears again and again. */
@Entity
@Table(name = "expected_exposure")
class StoredExpectedExposure extends StoredDogFact<ExpectedExposureRequest> {

  @Enumerated(EnumType.STRING)
  private ExposureKind kind;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<String> weekdays;

  private int fromMonth;
  private int fromDay;
  private int untilMonth;
  private int untilDay;

  @Override
  protected void say(ExpectedExposureRequest said) {
    super.say(said);
    kind = said.kind();
    weekdays = said.weekdays().stream().map(DayOfWeek::name).sorted().toList();
    Season season = said.season();
    fromMonth = season.from().month();
    fromDay = season.from().day();
    untilMonth = season.until().month();
    untilDay = season.until().day();
  }

  @Override
  protected ExpectedExposure toCore() {
    return new ExpectedExposure(
        id(),
        moment(),
        kind,
        weekdays.stream().map(DayOfWeek::valueOf).collect(Collectors.toSet()),
        new Season(new YearDay(fromMonth, fromDay), new YearDay(untilMonth, untilDay)));
  }
}
