package org.evenlobe.server.stock;

import java.util.List;
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

  /**
   * A bottle or a pack.
   *
   * @param supply what was said of it
   * @param version its version, for counting it anew
   */
  public record Kept(Supply supply, int version) {}

  /** The bottles and packs that are there, by name. */
  @Transactional(readOnly = true)
  public List<Kept> all() {
    return supplies.ofHousehold(CurrentMember.household()).stream()
        .map(one -> new Kept(one.toCore(), one.version()))
        .toList();
  }
}
