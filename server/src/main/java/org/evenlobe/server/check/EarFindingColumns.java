package org.evenlobe.server.check;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Lump;
import org.evenlobe.core.record.LumpPlace;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.SeenThing;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** The columns of one ear of a check; a grade is stored as its number. */
@Embeddable
class EarFindingColumns {
  @Enumerated(EnumType.ORDINAL)
  @JdbcTypeCode(SqlTypes.SMALLINT)
  private Grade redness;

  @Enumerated(EnumType.ORDINAL)
  @JdbcTypeCode(SqlTypes.SMALLINT)
  private Grade swelling;

  @Enumerated(EnumType.ORDINAL)
  @JdbcTypeCode(SqlTypes.SMALLINT)
  private Grade sores;

  @Enumerated(EnumType.ORDINAL)
  @JdbcTypeCode(SqlTypes.SMALLINT)
  private Grade discharge;

  @Enumerated(EnumType.STRING)
  private DischargeKind dischargeKind;

  @Enumerated(EnumType.STRING)
  private Odour odour;

  @Enumerated(EnumType.ORDINAL)
  @JdbcTypeCode(SqlTypes.SMALLINT)
  private Grade pain;

  @JdbcTypeCode(SqlTypes.ARRAY)
  private String[] seen;

  @Enumerated(EnumType.STRING)
  private HearingTry hearing;

  @Enumerated(EnumType.STRING)
  private @Nullable LumpPlace lumpPlace;

  @JdbcTypeCode(SqlTypes.SMALLINT)
  private @Nullable Integer lumpMillimetres;

  private boolean couldLook;

  static EarFindingColumns of(EarFinding finding) {
    EarFindingColumns columns = new EarFindingColumns();
    columns.redness = finding.redness();
    columns.swelling = finding.swelling();
    columns.sores = finding.sores();
    columns.discharge = finding.discharge();
    columns.dischargeKind = finding.dischargeKind();
    columns.odour = finding.odour();
    columns.pain = finding.pain();
    columns.seen = finding.seen().stream().map(SeenThing::name).toArray(String[]::new);
    columns.hearing = finding.hearing();
    columns.lumpPlace = finding.lump().map(Lump::place).orElse(null);
    columns.lumpMillimetres = finding.lump().map(Lump::millimetres).orElse(null);
    columns.couldLook = finding.couldLook();
    return columns;
  }

  /** The ear's finding. */
  EarFinding toCore() {
    return new EarFinding(
        redness,
        swelling,
        sores,
        discharge,
        dischargeKind,
        odour,
        pain,
        things(),
        hearing,
        lumpMillimetres == null || lumpPlace == null
            ? Optional.empty()
            : Optional.of(new Lump(lumpPlace, lumpMillimetres)),
        couldLook);
  }

  private Set<SeenThing> things() {
    Set<SeenThing> things = EnumSet.noneOf(SeenThing.class);
    for (String name : seen) {
      things.add(SeenThing.valueOf(name));
    }
    return things;
  }
}
