package org.evenlobe.server.stock;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.record.Supply;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is in the house. */
@Service
public class SupplyKeeping {
  /** A phone's clock may be ahead of the server's by that much. */
  private static final Duration CLOCK_SKEW = Duration.ofMinutes(5);

  private final FactStore facts;
  private final Supplies supplies;
  private final HouseholdDay day;

  SupplyKeeping(FactStore facts, Supplies supplies, HouseholdDay day) {
    this.facts = facts;
    this.supplies = supplies;
    this.day = day;
  }

  /** The bottles and packs that are there, by name. */
  @Transactional(readOnly = true)
  public List<Supply> all() {
    return supplies.ofHousehold(CurrentMember.household()).stream()
        .map(StoredSupply::toCore)
        .toList();
  }

  /** The version of each, for counting it anew. */
  @Transactional(readOnly = true)
  public Map<UUID, Integer> versions() {
    return supplies.ofHousehold(CurrentMember.household()).stream()
        .collect(Collectors.toMap(StoredSupply::id, StoredSupply::version));
  }

  /**
   * Records or corrects one.
   *
   * @throws InvalidFields if more is left than it holds, or its days cannot be
   */
  @Transactional
  public StoredSupply put(UUID id, Precondition given, SupplyRequest said) {
    return facts.put(
        StoredSupply.class,
        StoredSupply::new,
        id,
        given,
        said,
        () -> said.errors(day.now().plus(CLOCK_SKEW), day.today()).throwIfAny());
  }

  /** Takes one out of the house; what was used from it stays used. */
  @Transactional
  public StoredSupply remove(UUID id, Precondition given) {
    return facts.remove(StoredSupply.class, id, given);
  }
}
