package org.evenlobe.server.photo;

import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Grade;

/**
 * What a made-up ear looks like.
 *
 * @param redness how red it is
 * @param swelling how narrow its opening is for it
 * @param sores how many raw spots it has
 * @param discharge how much lies in it
 * @param kind what that looks like
 */
public record EarLooks(
    Grade redness, Grade swelling, Grade sores, Grade discharge, DischargeKind kind) {

  /** One that is red by so much and shows nothing else. */
  public static EarLooks red(Grade redness) {
    return new EarLooks(redness, Grade.NONE, Grade.NONE, Grade.NONE, DischargeKind.NONE);
  }
}
