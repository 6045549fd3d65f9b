package org.evenlobe.core.record;

import java.util.Objects;

/**
 * Where a lump or wart sits, and how large it is.
 *
 * @param place where
 * @param millimetres across, {@value #SMALLEST} to {@value #LARGEST} mm
 */
public record Lump(LumpPlace place, int millimetres) {
  /** The smallest that is measured. */
  public static final int SMALLEST = 1;

  /** The largest. */
  public static final int LARGEST = 100;

  public Lump {
    Objects.requireNonNull(place, "place");
    if (millimetres < SMALLEST || millimetres > LARGEST) {
      throw new IllegalArgumentException("1 to 100 mm, not " + millimetres);
    }
  }
}
