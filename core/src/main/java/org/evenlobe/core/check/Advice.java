package org.evenlobe.core.check;

import java.util.List;

/**
 * What to do after a check.
 *
 * @param now in one sentence
 * @param steps what that means, in order
 */
public record Advice(String now, List<String> steps) {

  public Advice {
    steps = List.copyOf(steps);
  }
}
