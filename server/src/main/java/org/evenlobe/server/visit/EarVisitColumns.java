package org.evenlobe.server.visit;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.record.Alarming;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.Smear;
import org.evenlobe.server.visit.VisitRequest.EarVisitRequest;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** The columns of one ear of a visit. */
@Embeddable
class EarVisitColumns {
  @Enumerated(EnumType.STRING)
  private EardrumSeen eardrum;

  @Enumerated(EnumType.STRING)
  private Smear.@Nullable Amount yeast;

  @Enumerated(EnumType.STRING)
  private Smear.@Nullable Amount cocci;

  @Enumerated(EnumType.STRING)
  private Smear.@Nullable Amount rods;

  private @Nullable String culture;
  private @Nullable String done;
  private boolean cleaned;
  private boolean instructed;
  private @Nullable Integer everyDays;
  private @Nullable Integer dailyTimes;

  @JdbcTypeCode(SqlTypes.ARRAY)
  private String[] weekdays = {};

  private boolean once;
  private @Nullable Integer weeklyTimes;
  private @Nullable Integer weeklyMost;
  private @Nullable Integer rounds;

  @JdbcTypeCode(SqlTypes.ARRAY)
  private String[] named = {};

  private boolean untilNextVisit;
  private boolean allTheSame;
  private boolean leftIn;
  private boolean goOn;
  private @Nullable LocalDate medicineUntil;

  @Enumerated(EnumType.STRING)
  private @Nullable CleaningMethod method;

  private @Nullable String product;
  private @Nullable LocalDate until;

  @Enumerated(EnumType.STRING)
  private HoldWord hold;

  static EarVisitColumns of(EarVisitRequest said) {
    EarVisitColumns columns = new EarVisitColumns();
    columns.eardrum = said.eardrum();
    if (said.smear() != null) {
      columns.yeast = said.smear().yeast();
      columns.cocci = said.smear().cocci();
      columns.rods = said.smear().rods();
    }
    columns.culture = said.culture();
    columns.done = said.done();
    columns.cleaned = said.cleaned();
    columns.instructed = said.instruction() != null;
    if (said.instruction() != null) {
      columns.sayOrder(said.instruction().toCore());
    }
    columns.leftIn = Boolean.TRUE.equals(said.leftIn());
    columns.goOn = Boolean.TRUE.equals(said.goOn());
    columns.medicineUntil = said.medicineUntil();
    columns.named =
        said.named() == null
            ? new String[0]
            : said.named().stream().map(Alarming::name).toArray(String[]::new);
    columns.hold = said.hold();
    return columns;
  }

  private void sayOrder(CleaningInstruction order) {
    order.howOften().ifPresent(this::sayHowOften);
    method = order.method().orElse(null);
    product = order.product().orElse(null);
    until = order.until().orElse(null);
    untilNextVisit = order.untilNextVisit();
    allTheSame = order.allTheSame();
    rounds = order.rounds().orElse(null);
  }

  private void sayHowOften(HowOften often) {
    switch (often.kind()) {
      case TIMES_A_DAY -> dailyTimes = often.number();
      case EVERY_DAYS -> everyDays = often.number();
      case WEEKDAYS ->
          weekdays = often.weekdays().stream().map(DayOfWeek::name).toArray(String[]::new);
      case ONCE -> once = true;
      case TIMES_A_WEEK -> {
        weeklyTimes = often.number();
        weeklyMost = often.most();
      }
    }
  }

  private Optional<HowOften> howOften() {
    if (dailyTimes != null) {
      return Optional.of(HowOften.timesADay(dailyTimes));
    }
    if (everyDays != null) {
      return Optional.of(HowOften.everyDays(everyDays));
    }
    if (weekdays.length > 0) {
      return Optional.of(
          HowOften.on(Stream.of(weekdays).map(DayOfWeek::valueOf).collect(Collectors.toSet())));
    }
    if (weeklyTimes != null) {
      return Optional.of(
          HowOften.timesAWeek(weeklyTimes, weeklyMost == null ? weeklyTimes : weeklyMost));
    }
    return once ? Optional.of(HowOften.once()) : Optional.empty();
  }

  EarVisit toCore() {
    return new EarVisit(
        eardrum,
        yeast == null || cocci == null || rods == null
            ? Optional.empty()
            : Optional.of(new Smear(yeast, cocci, rods)),
        Optional.ofNullable(culture),
        Optional.ofNullable(done),
        cleaned,
        instructed
            ? Optional.of(
                new CleaningInstruction(
                    howOften(),
                    Optional.ofNullable(method),
                    Optional.ofNullable(product),
                    Optional.ofNullable(until),
                    untilNextVisit,
                    allTheSame,
                    Optional.ofNullable(rounds)))
            : Optional.empty(),
        hold,
        leftIn,
        goOn,
        Optional.ofNullable(medicineUntil),
        Stream.of(named).map(Alarming::valueOf).collect(Collectors.toSet()));
  }
}
