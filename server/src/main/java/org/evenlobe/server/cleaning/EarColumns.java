package org.evenlobe.server.cleaning;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Hurt;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Odour;
import org.evenlobe.server.cleaning.CleaningRequest.EarCleaningRequest;
import org.jspecify.annotations.Nullable;

/** The columns of one ear; all null where it was left alone. */
@Embeddable
class EarColumns {
  @Enumerated(EnumType.STRING)
  private @Nullable CleaningMethod method;

  private @Nullable Integer load;
  private @Nullable Integer fills;
  private @Nullable Double poured;
  private @Nullable Integer wipes;
  private @Nullable Boolean squelched;

  @Enumerated(EnumType.STRING)
  private @Nullable DischargeKind colour;

  @Enumerated(EnumType.STRING)
  private @Nullable Odour odour;

  private @Nullable Double cameBack;

  @Enumerated(EnumType.STRING)
  private @Nullable Hurt hurt;

  private @Nullable Boolean small;
  private @Nullable UUID cleanerId;

  static EarColumns of(@Nullable EarCleaningRequest said) {
    EarColumns columns = new EarColumns();
    if (said != null) {
      columns.method = said.method();
      columns.load = said.load();
      columns.fills = said.fills();
      columns.poured = said.poured();
      columns.wipes = said.wipes();
      columns.squelched = said.squelched();
      columns.colour = said.colour();
      columns.odour = said.odour();
      columns.cameBack = said.cameBack();
      columns.hurt = said.hurt();
      columns.small = said.small();
      columns.cleanerId = said.cleaner();
    }
    return columns;
  }

  /** The ear's cleaning; Hibernate gives null for columns that are all null. */
  static Optional<EarCleaning> toCore(@Nullable EarColumns columns) {
    return columns == null || columns.method == null || columns.load == null
        ? Optional.empty()
        : Optional.of(
            new EarCleaning(
                columns.method,
                new Load(columns.load),
                Optional.ofNullable(columns.poured).map(Volume::new),
                columns.fills == null ? 1 : columns.fills,
                new EarCleaning.Noticed(
                    Optional.ofNullable(columns.wipes),
                    Optional.ofNullable(columns.squelched),
                    Optional.ofNullable(columns.colour),
                    Optional.ofNullable(columns.odour),
                    Optional.ofNullable(columns.cameBack).map(Volume::new),
                    Optional.ofNullable(columns.hurt)),
                Boolean.TRUE.equals(columns.small),
                Optional.ofNullable(columns.cleanerId)));
  }
}
