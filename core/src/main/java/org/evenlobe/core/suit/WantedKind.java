package org.evenlobe.core.suit;

import java.util.ArrayList;
import java.util.List;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.Puppy;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.WaterHabit;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * What kind of cleaner a dog's ears want, and what not, where no bottle is on record (rule
 * CLEAN_BOTTLE): saline for a puppy, a drying one for a swimmer, else a gentle one; nothing sour or
 * with alcohol on red skin. For example a swimmer with quiet ears: a drying cleaner made for dogs'
 * ears.
 */
public final class WantedKind {

  private WantedKind() {}

  /** What it wants, then what not. */
  public static List<Reason> of(DogHistory history) {
    List<Reason> said = new ArrayList<>();
    boolean red =
        List.of(Side.values()).stream()
            .map(history::ear)
            .map(EarStands::found)
            .anyMatch(found -> found.redness().number() > 0 || found.sores().number() > 0);
    boolean closed =
        List.of(Side.values()).stream()
            .allMatch(side -> history.ear(side).mayGoIn() == MayGoIn.NONE);
    boolean swims =
        history.dog().isWaterSensitive()
            || history.dog().profile().life().water() == WaterHabit.WEEKLY
            || history.dog().profile().life().water() == WaterHabit.MOST_DAYS;
    if (closed) {
      say(said, "No cleaner now: nothing may go into these ears.");
    } else if (Puppy.is(history.dog(), history.today())) {
      say(said, "A puppy's ears want saline on a wipe, or nothing.");
    } else if (red) {
      say(said, "A gentle cleaner made for dogs' ears, on a wipe only while the skin is red.");
    } else if (swims) {
      say(said, "A drying cleaner made for dogs' ears: it swims.");
    } else {
      say(said, "A gentle cleaner made for dogs' ears, with what is in it on its label.");
    }
    say(
        said,
        "Not peroxide, not pure alcohol or vinegar, no oil with scent, nothing made for people's ears.");
    return said;
  }

  private static void say(List<Reason> said, String sentence) {
    said.add(Reason.of(Rule.CLEAN_BOTTLE, sentence));
  }
}
