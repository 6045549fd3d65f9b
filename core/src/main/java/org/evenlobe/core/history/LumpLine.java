package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Lump;
import org.evenlobe.core.record.SeenThing;

/**
 * The lump of an ear. Its first day and size are kept; a size that has grown by half since then, or
 * since a vet's visit, is to be seen. A lump that a check no longer finds after a visit is gone.
 */
final class LumpLine {
  private static final double BY_HALF = 1.5;

  private Optional<KnownLump> known = Optional.empty();
  private int counted;
  private boolean visited;

  void take(EarFinding finding, LocalDate day) {
    Optional<Lump> lump = finding.lump();
    if (lump.isPresent()) {
      measured(lump.get(), day);
    } else if (visited && !finding.has(SeenThing.LUMP) && !finding.has(SeenThing.LUMP_BLOCKING)) {
      known = Optional.empty();
      visited = false;
    }
  }

  private void measured(Lump lump, LocalDate day) {
    if (known.isEmpty()) {
      counted = lump.millimetres();
    }
    boolean grown = lump.millimetres() >= BY_HALF * counted;
    known =
        Optional.of(
            known
                .map(one -> new KnownLump(one.since(), one.first(), day, lump, grown))
                .orElseGet(() -> new KnownLump(day, lump, day, lump, false)));
  }

  /** A vet has looked at the ear: from here on its size is known. */
  void visited() {
    visited = known.isPresent();
    known.ifPresent(one -> counted = one.latest().millimetres());
    known =
        known.map(one -> new KnownLump(one.since(), one.first(), one.on(), one.latest(), false));
  }

  Optional<KnownLump> known() {
    return known;
  }
}
