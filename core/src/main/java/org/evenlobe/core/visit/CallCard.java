package org.evenlobe.core.visit;

import java.util.List;

/**
 * What to tell a vet on the phone, in the order in which it is asked.
 *
 * @param points one for each thing to say
 */
public record CallCard(List<Point> points) {

  /**
   * One thing to say.
   *
   * @param about what it is about, such as "Right ear"
   * @param words what to say
   */
  public record Point(String about, String words) {}

  public CallCard {
    points = List.copyOf(points);
  }
}
