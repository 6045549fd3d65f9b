package org.evenlobe.core.record;

/** Between two cleanings of an ear lie days on which it is left alone, but by a vet's order. */
public final class CleaningGuard {
  /** So many: what was cleaned on the 1st may be cleaned on the 6th. */
  public static final int DAYS = 5;

  private CleaningGuard() {}
}
