package org.evenlobe.server.account;

import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.fact.FactKey;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads households' settings. */
@Service
public class HouseholdSettings {
  private final EntityManager entities;

  HouseholdSettings(EntityManager entities) {
    this.entities = entities;
  }

  /** The current household's. */
  @Transactional(readOnly = true)
  public Settings get() {
    UUID household = CurrentMember.household();
    return entities.find(Settings.class, new FactKey(household, household));
  }

  /** Those of several households that the person belongs to, by name. */
  @Transactional(readOnly = true)
  public List<Settings> of(Collection<UUID> households) {
    return entities
        .createQuery(
            "from Settings where key.householdId in :households order by name, key.id",
            Settings.class)
        .setParameter("households", households)
        .getResultList();
  }
}
