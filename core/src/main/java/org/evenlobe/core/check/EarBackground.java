package org.evenlobe.core.check;

import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.rule.Rule;

/**
 * What a verdict needs to know of an ear from before the check.
 *
 * @param toleratedItch the itch that is normal for it: its baseline in a dog with a diagnosed
 *     allergy where one has been learned, else none
 * @param heardBefore whether the dog ever turned to a sound on that side
 * @param deafAtLastTry whether it did not turn at the latest try
 * @param eardrum what is known of its eardrum
 * @param heldByVet whether a vet's hold is in force
 * @param cover the vet's order that covers its signs, where one does
 * @param spared signs of the whole dog that a vet saw at the other ear's visit
 */
public record EarBackground(
    Grade toleratedItch,
    boolean heardBefore,
    boolean deafAtLastTry,
    EardrumKnown eardrum,
    boolean heldByVet,
    Optional<Cover> cover,
    Set<Rule> spared) {
  /** An ear of which nothing is known. */
  public static final EarBackground NOTHING_KNOWN =
      new EarBackground(Grade.NONE, false, false, EardrumKnown.NOT_KNOWN, false);

  public EarBackground {
    Objects.requireNonNull(toleratedItch, "toleratedItch");
    Objects.requireNonNull(eardrum, "eardrum");
    spared = Set.copyOf(spared);
  }

  /** One of an ear under no order, of a dog whose other ear is under none. */
  public EarBackground(
      Grade toleratedItch,
      boolean heardBefore,
      boolean deafAtLastTry,
      EardrumKnown eardrum,
      boolean heldByVet) {
    this(toleratedItch, heardBefore, deafAtLastTry, eardrum, heldByVet, Optional.empty(), Set.of());
  }

  /** The same under a vet's order. */
  public EarBackground under(Cover order) {
    return new EarBackground(
        toleratedItch, heardBefore, deafAtLastTry, eardrum, heldByVet, Optional.of(order), spared);
  }

  /** The same where a vet saw those signs of the whole dog. */
  public EarBackground sparing(Set<Rule> seen) {
    return new EarBackground(
        toleratedItch, heardBefore, deafAtLastTry, eardrum, heldByVet, cover, seen);
  }
}
