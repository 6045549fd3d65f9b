package org.evenlobe.server.fact;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * A fact with all that was ever said of it, as it is carried from one household to another.
 *
 * @param kind the path of its kind
 * @param id its id
 * @param versions all of them, the first first
 */
public record FactHistory(String kind, UUID id, List<Told> versions) {

  /**
   * What was said once.
   *
   * @param at when it was recorded
   * @param by the name of whoever said it; empty where it is who says it now
   * @param said the body; empty where it was said that the fact is gone
   * @param shape the number of its shape; 1 where it is left out
   */
  public record Told(
      Instant at, Optional<String> by, Optional<JsonNode> said, Optional<Integer> shape) {}

  /** What was said last that is not that it is gone. */
  public Optional<JsonNode> lastSaid() {
    return last().flatMap(Told::said);
  }

  /** The last version that does not say that it is gone. */
  Optional<Told> last() {
    return versions.stream().filter(one -> one.said().isPresent()).reduce((first, last) -> last);
  }
}
