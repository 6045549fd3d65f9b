package org.evenlobe.server.view;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Reaction;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.Reacted;
import org.evenlobe.server.stock.SupplyAnswers.Kept;

/** What must be known of ears to say what suits them. */
final class EarsNow {
  private final Map<UUID, Supply> ever = new HashMap<>();
  private final Ingredients shelf;

  /** By all bottles and packs that are or were in the house. */
  EarsNow(List<Kept> ever, Ingredients shelf) {
    ever.forEach(kept -> this.ever.put(kept.supply().id(), kept.supply()));
    this.shelf = shelf;
  }

  /** A dog's ears, as they stand. */
  EarPair<EarNow> of(DogHistory history) {
    Reacted reacted = Reacted.of(history.dog(), ever, shelf);
    return EarPair.bySide(side -> EarNow.of(history, side, reacted));
  }

  /** The bottle that was named last. */
  static Optional<UUID> last(DogRecord dog) {
    return dog.cleanings().stream()
        .map(CleaningRecord::manner)
        .flatMap(manner -> manner.cleaner().stream())
        .reduce((earlier, later) -> later);
  }

  /**
   * A reaction, in words.
   *
   * @param reaction the fact
   * @param to the name of what it was to
   */
  record ReactionMark(Reaction reaction, String to) {}

  /** What a dog has reacted to, oldest first. */
  List<ReactionMark> reactions(DogRecord dog) {
    return dog.all(Reaction.class).stream()
        .map(reaction -> new ReactionMark(reaction, nameOf(reaction)))
        .toList();
  }

  /** What it was to. */
  String nameOf(Reaction reaction) {
    return reaction
        .supply()
        .flatMap(id -> Optional.ofNullable(ever.get(id)))
        .map(Supply::name)
        .or(() -> reaction.ingredient().flatMap(shelf::find).map(Ingredient::name))
        .orElse("something");
  }
}
