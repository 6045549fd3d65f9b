package org.evenlobe.core.record;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Worded;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Strength;

/** What a ready cleaner does; kinds, never brands. */
public enum CleanerKind implements Worded {
  /** Mild acid and alcohol. */
  DRYING(
      "drying",
      Map.of(Active.ISOPROPYL, Strength.percent(20), Active.ACETIC_ACID, Strength.percent(2))),
  /** Dissolves wax. */
  WAX_DISSOLVING("wax-dissolving", Map.of(Active.GLYCOL, Strength.percent(20))),
  /** A gentle gel or micellar cleaner. */
  GENTLE("gentle"),
  /** Buffered and alkaline, with Tris-EDTA. */
  BUFFERED("buffered"),
  /** With chlorhexidine. */
  ANTISEPTIC("antiseptic", Map.of(Active.CHLORHEXIDINE, Strength.percent(0.15))),
  /** Salt water of 0.9 %. */
  SALINE("saline");

  private final String words;
  private final Map<Active, Strength> stands;

  CleanerKind(String words) {
    this(words, Map.of());
  }

  CleanerKind(String words, Map<Active, Strength> stands) {
    this.words = words;
    this.stands = stands;
  }

  /**
   * What stands for the contents of a bottle whose label nobody has typed (rule SUITS_UNREAD): what
   * such bottles hold as a rule; of one whose kind is not known, all that any kind may.
   */
  public static Map<Active, Strength> standingFor(Optional<CleanerKind> kind) {
    Map<Active, Strength> all = new EnumMap<>(Active.class);
    kind.map(Stream::of)
        .orElseGet(() -> Stream.of(values()))
        .forEach(one -> all.putAll(one.stands));
    return all;
  }

  @Override
  public String words() {
    return words;
  }
}
