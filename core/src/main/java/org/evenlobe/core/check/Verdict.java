package org.evenlobe.core.check;

import org.evenlobe.core.measure.Worded;

/** What a check says of an ear; further down is worse. */
public enum Verdict implements Worded {
  /** Leave it alone. */
  LEAVE("quiet"),
  /** Cleaning is worth it, today or tomorrow. */
  CLEAN("waxy"),
  /** Nobody could look: nothing goes in, by no method, until somebody has. */
  NOT_SEEN("not seen"),
  /** Wipe only what can be seen, look again in 3 days, and call the vet if it is no better then. */
  CAUTION("wipe only"),
  /** No liquid in this ear; the vet within two days. */
  STOP("no liquid"),
  /** The vet today. */
  URGENT("vet today");

  private final String words;

  Verdict(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether this is that verdict or a worse one. */
  public boolean atLeast(Verdict other) {
    return compareTo(other) >= 0;
  }

  /** The worse of the two. */
  public Verdict or(Verdict other) {
    return atLeast(other) ? this : other;
  }

  /** Whether an ear with this sign verdict is quiet. */
  public boolean isQuiet() {
    return this == LEAVE || this == CLEAN;
  }
}
