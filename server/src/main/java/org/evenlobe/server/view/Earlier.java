package org.evenlobe.server.view;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.evenlobe.core.record.Dated;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * Where a list goes on: behind the fact of that instant and id, which need not be there any more.
 *
 * @param at its instant
 * @param id its id
 */
record Earlier(@Nullable Instant at, @Nullable UUID id) {
  /**
   * One page of a list, the latest first.
   *
   * @param entries those of the page
   * @param hasMore whether there are earlier ones
   */
  record Slice<T>(List<T> entries, boolean hasMore) {}

  /**
   * The latest of those that lie before it; of all where nothing is named.
   *
   * @param most how many a page holds at most
   * @param all oldest first
   * @throws InvalidFields if only half of it is named
   */
  <T> Slice<T> of(int most, List<T> all, Function<T, ? extends Dated> fact) {
    if ((at == null) != (id == null)) {
      throw InvalidFields.of("beforeId", "must be named together with before");
    }
    List<T> entries = new ArrayList<>();
    for (int i = all.size() - 1; i >= 0; i--) {
      if (at == null || id == null || isBefore(fact.apply(all.get(i)), at, id)) {
        if (entries.size() == most) {
          return new Slice<>(entries, true);
        }
        entries.add(all.get(i));
      }
    }
    return new Slice<>(entries, false);
  }

  private static boolean isBefore(Dated fact, Instant at, UUID id) {
    int order = fact.at().compareTo(at);
    return order < 0 || (order == 0 && fact.id().compareTo(id) < 0);
  }
}
