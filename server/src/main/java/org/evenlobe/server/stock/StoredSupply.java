package org.evenlobe.server.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.Supply;
import org.evenlobe.server.fact.StoredFact;
import org.jspecify.annotations.Nullable;

/** What was said of a bottle or a pack. */
@Entity
@Table(name = "supply")
class StoredSupply extends StoredFact<SupplyRequest> {

  @Enumerated(EnumType.STRING)
  private Supply.Kind kind;

  private String name;

  @Enumerated(EnumType.STRING)
  private @Nullable CleanerKind cleaner;

  private double size;
  private double amountLeft;
  private Instant countedAt;
  private @Nullable LocalDate openedOn;

  @Override
  protected void say(SupplyRequest said) {
    kind = said.kind();
    name = said.name().strip();
    cleaner = said.cleaner();
    size = said.size();
    amountLeft = said.left();
    countedAt = said.countedAt();
    openedOn = said.openedOn();
  }

  /** The same as the core knows it. */
  public Supply toCore() {
    return new Supply(
        id(),
        kind,
        name,
        Optional.ofNullable(cleaner),
        size,
        amountLeft,
        countedAt,
        Optional.ofNullable(openedOn));
  }
}
