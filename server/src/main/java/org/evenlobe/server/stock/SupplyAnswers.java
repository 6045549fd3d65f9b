package org.evenlobe.server.stock;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.record.Supply;
import org.evenlobe.server.access.CurrentMember;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is in the house. */
@Service
public class SupplyAnswers {
  private final Supplies supplies;

  SupplyAnswers(Supplies supplies) {
    this.supplies = supplies;
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
}
