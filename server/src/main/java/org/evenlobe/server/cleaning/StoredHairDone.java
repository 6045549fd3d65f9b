package org.evenlobe.server.cleaning;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.HairBy;
import org.evenlobe.core.record.HairDone;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** That the hair of the ears was seen to. */
@Entity
@Table(name = "hair_done")
class StoredHairDone extends StoredDogFact<HairDoneRequest> {

  @Enumerated(EnumType.STRING)
  private @Nullable Side ear;

  @Enumerated(EnumType.STRING)
  private HairWork work;

  @Column(name = "done_by")
  @Enumerated(EnumType.STRING)
  private HairBy by;

  @Override
  protected void say(HairDoneRequest said) {
    super.say(said);
    ear = said.ear();
    work = said.work();
    by = said.by();
  }

  @Override
  protected HairDone toCore() {
    return new HairDone(id(), moment(), Optional.ofNullable(ear), work, by);
  }
}
