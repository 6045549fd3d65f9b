package org.evenlobe.core.solution;

import java.util.ArrayList;
import java.util.List;

/** What the schools mix, one worked example of each, read from the product's own data file. */
public final class Recipes {
  private Recipes() {}

  /** Those that ship with the product. */
  public static List<Recipe> shipped(Ingredients shelf) {
    return DataFile.read(
        "recipes.csv",
        row ->
            new Recipe(
                row.get("id"),
                row.get("name"),
                mix(shelf, row.get("parts")),
                row.get("favour"),
                row.get("against")));
  }

  private static Mix mix(Ingredients shelf, String said) {
    List<Part> parts = new ArrayList<>();
    for (String part : said.split(" ", -1)) {
      String[] pair = part.split("=", 2);
      parts.add(
          new Part(
              shelf
                  .find(pair[0])
                  .orElseThrow(() -> new IllegalStateException("not on the shelf: " + pair[0])),
              Double.parseDouble(pair[1])));
    }
    return new Mix(parts);
  }
}
