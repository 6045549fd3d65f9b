package org.evenlobe.server.stock;

import java.util.List;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.server.access.CurrentMember;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is in the house. */
@Service
public class SupplyAnswers {
  private final Supplies supplies;
  private final Ingredients shelf;

  SupplyAnswers(Supplies supplies, Ingredients shelf) {
    this.supplies = supplies;
    this.shelf = shelf;
  }

  /**
   * A bottle or a pack.
   *
   * @param supply what was said of it
   * @param version its version, for counting it anew
   * @param isThere whether it is still in the house
   */
  public record Kept(Supply supply, int version, boolean isThere) {}

  /** The bottles and packs that are or were there, by name. */
  @Transactional(readOnly = true)
  public List<Kept> ever() {
    return supplies.everOf(CurrentMember.household()).stream()
        .map(one -> new Kept(one.toCore(shelf), one.version(), !one.isGone()))
        .toList();
  }

  /** Those that are there, by name. */
  @Transactional(readOnly = true)
  public List<Kept> all() {
    return ever().stream().filter(Kept::isThere).toList();
  }
}
