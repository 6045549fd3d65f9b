package org.evenlobe.core.solution;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** What may be on the shelf, read from the product's own data file. */
public final class Ingredients {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setTrim(true).get();

  private final Map<String, Ingredient> byId;

  private Ingredients(Map<String, Ingredient> byId) {
    this.byId = byId;
  }

  /**
   * Those that ship with the product.
   *
   * @throws UncheckedIOException if the data file cannot be read
   */
  public static Ingredients shipped() {
    try (InputStream file = Ingredients.class.getResourceAsStream("ingredients.csv");
        Reader reader = new InputStreamReader(file, StandardCharsets.UTF_8)) {
      Map<String, Ingredient> byId = new LinkedHashMap<>();
      for (CSVRecord row : FORMAT.parse(reader)) {
        byId.put(row.get("id"), ingredient(row));
      }
      return new Ingredients(byId);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** All of them, in the order of the file. */
  public List<Ingredient> all() {
    return List.copyOf(byId.values());
  }

  /** The one of that id, if there is one. */
  public Optional<Ingredient> find(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  private static Ingredient ingredient(CSVRecord row) {
    Map<Active, Strength> strengths = new EnumMap<>(Active.class);
    for (String said : row.get("strengths").split(" ", -1)) {
      if (!said.isEmpty()) {
        String[] pair = said.split("=", 2);
        strengths.put(Active.valueOf(pair[0]), Strength.percent(Double.parseDouble(pair[1])));
      }
    }
    return new Ingredient(
        row.get("id"),
        row.get("name"),
        Phase.valueOf(row.get("phase")),
        strengths,
        Double.parseDouble(row.get("density")),
        Optional.of(row.get("caution")).filter(text -> !text.isEmpty()),
        Optional.of(row.get("why not")).filter(text -> !text.isEmpty()));
  }
}
