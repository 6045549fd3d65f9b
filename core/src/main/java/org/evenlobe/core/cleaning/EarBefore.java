package org.evenlobe.core.cleaning;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.WipeSigns;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.HairCare;

/**
 * How one ear stands before a session.
 *
 * @param asked whether it is one of those to be cleaned
 * @param due whether its cleaning is due
 * @param verdict what its latest check says
 * @param seen what was found there
 * @param held why nothing may go in, where that is so
 * @param mayGoIn what may go in
 * @param order the vet's instruction that is in force
 * @param hair what is to be done about its hair, where that is due
 * @param canal what its canal holds, where that is known
 * @param syringe what goes into a syringe for it, where that is known
 * @param daysSince how many days ago it was cleaned last
 * @param habit what its last sessions took
 * @param known what else is known of it
 */
public record EarBefore(
    boolean asked,
    boolean due,
    Verdict verdict,
    EarFinding seen,
    Optional<String> held,
    MayGoIn mayGoIn,
    Optional<CleaningInstruction> order,
    Optional<HairCare> hair,
    Optional<Volume> canal,
    Optional<Volume> syringe,
    Optional<Integer> daysSince,
    Habit habit,
    Known known) {

  /**
   * What else is known of an ear.
   *
   * @param looked whether anybody has ever looked into it
   * @param why why no more may go in, in a sentence
   * @param care by what order and under what course it is, in their own words
   * @param covered whether its vet knows its signs
   * @param finds what each thing that a wipe may show would ask for
   */
  public record Known(
      boolean looked, String why, List<String> care, boolean covered, WipeSigns finds) {
    /** Nothing. */
    public static final Known NOTHING = new Known(true, "", List.of(), false, WipeSigns.NOTHING);

    public Known {
      care = List.copyOf(care);
    }
  }

  /** One of which nothing else is known. */
  public EarBefore(
      boolean asked,
      boolean due,
      Verdict verdict,
      EarFinding seen,
      Optional<String> held,
      MayGoIn mayGoIn,
      Optional<CleaningInstruction> order,
      Optional<HairCare> hair,
      Optional<Volume> canal,
      Optional<Volume> syringe,
      Optional<Integer> daysSince,
      Habit habit) {
    this(
        asked,
        due,
        verdict,
        seen,
        held,
        mayGoIn,
        order,
        hair,
        canal,
        syringe,
        daysSince,
        habit,
        Known.NOTHING);
  }
}
