package org.evenlobe.core.check;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.rule.Reason;

/**
 * A hold on an ear: no cleaning and no liquid is proposed while it is open (rule CHECK_HOLD).
 *
 * @param cause what opened it; the strictest where there are several
 * @param since the day it was opened
 * @param fact the check, visit or dog that opened it
 * @param mayConfirm whether quiet checks allow a person to confirm that it is over
 * @param confirmableFrom the day from which one more quiet check would allow it, where quiet checks
 *     have begun and are still too close together
 * @param reasons why it is open and what lifts it
 */
public record Hold(
    Cause cause,
    LocalDate since,
    UUID fact,
    boolean mayConfirm,
    Optional<LocalDate> confirmableFrom,
    List<Reason> reasons) {

  /** What opened a hold; further down is lifted by a vet's visit only. */
  public enum Cause {
    /** A check with the sign verdict STOP. */
    STOP,
    /** A check with the sign verdict URGENT. */
    URGENT,
    /** A vet's word. */
    VET,
    /** An eardrum that was seen not intact. */
    EARDRUM;

    /** Whether it is what checks, or cleanings, showed. */
    public boolean isByChecks() {
      return this == STOP || this == URGENT;
    }
  }

  public Hold {
    reasons = List.copyOf(reasons);
  }
}
