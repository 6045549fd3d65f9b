package org.evenlobe.core.ear;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Feathering;

/** The breeds and common crosses that the product knows, read from its own data file. */
public final class BreedCatalogue {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setTrim(true).get();

  private final Map<String, Breed> byId;

  private BreedCatalogue(Map<String, Breed> byId) {
    this.byId = byId;
  }

  /**
   * The catalogue that ships with the product.
   *
   * @throws UncheckedIOException if the data file cannot be read
   */
  public static BreedCatalogue shipped() {
    try (InputStream file = BreedCatalogue.class.getResourceAsStream("breeds.csv");
        Reader reader = new InputStreamReader(file, StandardCharsets.UTF_8)) {
      Map<String, Breed> byId = new LinkedHashMap<>();
      for (CSVRecord row : FORMAT.parse(reader)) {
        Breed breed = breed(row);
        if (byId.put(breed.id(), breed) != null) {
          throw new IllegalStateException("breed twice in the catalogue: " + breed.name());
        }
      }
      return new BreedCatalogue(byId);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** All entries, by name. */
  public List<Breed> all() {
    return List.copyOf(byId.values());
  }

  /** The entry of that id, if there is one. */
  public Optional<Breed> find(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  /**
   * What the named breeds make together: none for an unknown ancestry, the entry for one, the cross
   * for two.
   *
   * @throws IllegalArgumentException if an id is not in the catalogue
   */
  public Optional<Breed> ancestry(List<String> ids) {
    return ids.stream().map(this::require).reduce(Breed::crossedWith);
  }

  private Breed require(String id) {
    return find(id).orElseThrow(() -> new IllegalArgumentException("no breed named " + id));
  }

  private static Breed breed(CSVRecord row) {
    String name = row.get("name");
    Carriage carriage = Carriage.valueOf(row.get("carriage"));
    return new Breed(
        idOf(name),
        name,
        Arrays.stream(row.get("other names").split(";"))
            .map(String::strip)
            .filter(other -> !other.isEmpty())
            .toList(),
        Double.parseDouble(row.get("kg from")),
        Double.parseDouble(row.get("kg to")),
        new EarTraits(
            carriage,
            false,
            CanalHair.valueOf(row.get("canal hair")),
            Feathering.valueOf(row.get("feathering"))),
        Integer.parseInt(row.get("likes water")),
        Optional.of(row.get("odds ratio"))
            .filter(ratio -> !ratio.isEmpty())
            .map(ratio -> new OddsRatio(Double.parseDouble(ratio), Breed.oddsRatioOf(carriage))),
        row.get("note"));
  }

  private static String idOf(String name) {
    return Normalizer.normalize(name, Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .toLowerCase(Locale.ROOT)
        .replaceAll("[^a-z0-9]+", "-")
        .replaceAll("^-|-$", "");
  }
}
