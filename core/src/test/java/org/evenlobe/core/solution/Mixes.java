package org.evenlobe.core.solution;

import java.util.Arrays;

/** Mixes written as a line of words, such as "white-vinegar 60, water 60, boric-acid 2". */
public final class Mixes {
  public static final Ingredients SHELF = Ingredients.shipped();

  private Mixes() {}

  public static Mix mix(String line) {
    return new Mix(
        Arrays.stream(line.split(",", -1))
            .map(String::strip)
            .map(part -> part.split(" ", 2))
            .map(part -> new Part(SHELF.find(part[0]).orElseThrow(), Double.parseDouble(part[1])))
            .toList());
  }

  public static MixAnalysis analysed(String line) {
    return MixAnalysis.of(mix(line));
  }
}
