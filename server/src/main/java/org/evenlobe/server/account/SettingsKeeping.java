package org.evenlobe.server.account;

import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.fact.FactKey;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps a household's settings. */
@Service
public class SettingsKeeping {
  private final FactStore facts;
  private final EntityManager entities;

  SettingsKeeping(FactStore facts, EntityManager entities) {
    this.facts = facts;
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

  /**
   * Corrects them.
   *
   * @throws InvalidFields if they name a school that nobody chooses
   */
  @Transactional
  public Settings put(Precondition given, SettingsRequest said) {
    return facts.put(
        Settings.class,
        Settings::new,
        CurrentMember.household(),
        given,
        said,
        () ->
            new InvalidFields.Collector()
                .require(said.scheduling().isChosen(), "scheduling", "is a vet's to prescribe")
                .throwIfAny());
  }
}
