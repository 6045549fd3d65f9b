package org.evenlobe.server.visit;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.Smear;
import org.evenlobe.server.visit.VisitRequest.EarVisitRequest;
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
      columns.everyDays = said.instruction().everyDays();
      columns.method = said.instruction().method();
      columns.product = said.instruction().product();
      columns.until = said.instruction().until();
    }
    columns.hold = said.hold();
    return columns;
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
                    Optional.ofNullable(everyDays),
                    Optional.ofNullable(method),
                    Optional.ofNullable(product),
                    Optional.ofNullable(until)))
            : Optional.empty(),
        hold);
  }
}
