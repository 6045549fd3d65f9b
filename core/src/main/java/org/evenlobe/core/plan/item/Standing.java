package org.evenlobe.core.plan.item;

import java.time.LocalDate;

/** Where today stands against an item's window; the most pressing first. */
public enum Standing {
  /** The window has closed. */
  OVERDUE,
  /** The best day has come. */
  DUE,
  /** The window has opened; the best day is still to come. */
  OPEN,
  /** The window opens later. */
  LATER;

  public static Standing of(Window window, LocalDate today) {
    if (today.isAfter(window.latest())) {
      return OVERDUE;
    }
    if (!today.isBefore(window.best())) {
      return DUE;
    }
    return today.isBefore(window.earliest()) ? LATER : OPEN;
  }
}
