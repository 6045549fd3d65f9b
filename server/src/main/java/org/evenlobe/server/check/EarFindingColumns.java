package org.evenlobe.server.check;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Lump;
import org.evenlobe.core.record.LumpPlace;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.SeenThing;
import org.evenlobe.server.record.FactRow;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** The columns of one ear of a check; a grade is stored as its number. */
@Embeddable
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
class EarFindingColumns {
  /** How many are read of an ear. */
  static final int COUNT = 12;

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

  /** What is read of one ear, in the order in which {@link #toCore} takes it. */
  static Stream<String> columns(String ear) {
    return Stream.concat(
        Stream.of(
                "redness",
                "swelling",
                "sores",
                "discharge",
                "dischargeKind",
                "odour",
                "pain",
                "hearing",
                "lumpPlace",
                "lumpMillimetres")
            .map(name -> ear + "." + name),
        Stream.of("array_to_string(" + ear + ".seen, ',')", ear + ".couldLook"));
  }

  /** One ear, from the columns that begin there. */
  static EarFinding toCore(FactRow row, int first) {
    return new EarFinding(
        row.get(first, Grade.class),
        row.get(first + 1, Grade.class),
        row.get(first + 2, Grade.class),
        row.get(first + 3, Grade.class),
        row.get(first + 4, DischargeKind.class),
        row.get(first + 5, Odour.class),
        row.get(first + 6, Grade.class),
        things(row.text(first + 10)),
        row.get(first + 7, HearingTry.class),
        lump(row, first + 8),
        row.get(first + 11, Boolean.class));
  }

  private static Optional<Lump> lump(FactRow row, int first) {
    Integer millimetres = row.orNull(first + 1, Integer.class);
    return millimetres == null
        ? Optional.empty()
        : Optional.of(new Lump(row.get(first, LumpPlace.class), millimetres));
  }

  private static Set<SeenThing> things(String names) {
    Set<SeenThing> things = EnumSet.noneOf(SeenThing.class);
    if (!names.isEmpty()) {
      for (String name : names.split(",", -1)) {
        things.add(SeenThing.valueOf(name));
      }
    }
    return things;
  }
}
