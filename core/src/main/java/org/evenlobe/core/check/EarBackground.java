package org.evenlobe.core.check;

import java.util.Objects;
import org.evenlobe.core.record.Grade;

/**
 * What a verdict needs to know of an ear from before the check.
 *
 * @param toleratedItch the itch that is normal for it: its baseline in a dog with a diagnosed
 *     allergy where one has been learned, else none
 * @param heardBefore whether the dog ever turned to a sound on that side
 * @param deafAtLastTry whether it did not turn at the latest try
 * @param eardrum what is known of its eardrum
 * @param heldByVet whether a vet's hold is in force
 */
public record EarBackground(
    Grade toleratedItch,
    boolean heardBefore,
    boolean deafAtLastTry,
    EardrumKnown eardrum,
    boolean heldByVet) {
  /** An ear of which nothing is known. */
  public static final EarBackground NOTHING_KNOWN =
      new EarBackground(Grade.NONE, false, false, EardrumKnown.NOT_KNOWN, false);

  public EarBackground {
    Objects.requireNonNull(toleratedItch, "toleratedItch");
    Objects.requireNonNull(eardrum, "eardrum");
  }
}
