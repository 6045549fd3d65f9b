package org.evenlobe.core.solution;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** What the schools mix, one worked example of each, read from the product's own data file. */
public final class Recipes {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setTrim(true).get();

  private Recipes() {}

  /**
   * Those that ship with the product.
   *
   * @throws UncheckedIOException if the data file cannot be read
   */
  public static List<Recipe> shipped(Ingredients shelf) {
    try (InputStream file = Recipes.class.getResourceAsStream("recipes.csv");
        Reader reader = new InputStreamReader(file, StandardCharsets.UTF_8)) {
      List<Recipe> recipes = new ArrayList<>();
      for (CSVRecord row : FORMAT.parse(reader)) {
        recipes.add(
            new Recipe(
                row.get("id"),
                row.get("name"),
                mix(shelf, row.get("parts")),
                row.get("favour"),
                row.get("against")));
      }
      return List.copyOf(recipes);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
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
