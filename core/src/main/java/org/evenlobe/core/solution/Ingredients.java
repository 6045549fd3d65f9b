package org.evenlobe.core.solution;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/** What may be on the shelf, read from the product's own data file. */
public final class Ingredients {
  /** The id of water: what every mix may be thinned with. */
  public static final String WATER = "water";

  private final Map<String, Ingredient> byId;

  private Ingredients(Map<String, Ingredient> byId) {
    this.byId = byId;
  }

  /** Those that ship with the product. */
  public static Ingredients shipped() {
    Map<String, Ingredient> byId = new LinkedHashMap<>();
    for (Ingredient one : DataFile.read("ingredients.csv", Ingredients::ingredient)) {
      byId.put(one.id(), one);
    }
    return new Ingredients(byId);
  }

  /** All of them, in the order of the file. */
  public List<Ingredient> all() {
    return List.copyOf(byId.values());
  }

  /** The one of that id, if there is one. */
  public Optional<Ingredient> find(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  /** Water. */
  public Ingredient water() {
    return find(WATER).orElseThrow();
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
        Double.parseDouble(row.get("price")),
        Optional.of(row.get("caution")).filter(text -> !text.isEmpty()),
        Optional.of(row.get("why not")).filter(text -> !text.isEmpty()));
  }
}
