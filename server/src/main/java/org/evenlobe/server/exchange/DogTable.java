package org.evenlobe.server.exchange;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.ear.Breed;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.measure.Worded;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Ground;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.WaterHabit;
import org.evenlobe.core.record.Weighing;
import org.evenlobe.server.dog.DogRequest;
import org.evenlobe.server.dog.DogRequest.EarTraitsRequest;
import org.evenlobe.server.dog.DogRequest.EardrumRequest;
import org.evenlobe.server.dog.DogRequest.LifeRequest;
import org.evenlobe.server.dog.DogRequest.WeighingRequest;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.InvalidFields.FieldError;

/**
 * Dogs as lines of CSV (RFC 4180), the names of the columns first. Only a name is needed, and a
 * breed or how the flap is carried; what a line leaves out is what is usual for the breed, or
 * nothing. Commas part the fields, or semicolons where a spreadsheet writes those.
 */
final class DogTable {
  /** So many dogs at once at most. */
  static final int MOST_LINES = 500;

  private static final List<String> COLUMNS =
      List.of(
          "name",
          "breed",
          "second breed",
          "born",
          "weight kg",
          "joined",
          "flap",
          "canal hair",
          "feathering",
          "water",
          "ground",
          "climate",
          "allergy",
          "infections");

  /** What is read instead of the weight in kilograms, and never written. */
  private static final String POUNDS = "weight lb";

  private static final List<String> READ =
      Stream.concat(COLUMNS.stream(), Stream.of(POUNDS)).toList();

  private final BreedCatalogue breeds;
  private final LocalDate today;

  DogTable(BreedCatalogue breeds, LocalDate today) {
    this.breeds = breeds;
    this.today = today;
  }

  /**
   * A line as it was read.
   *
   * @param number which, the line of the names being 1
   * @param name the dog's, as far as it has one
   * @param dog what it says; empty where something is wrong
   * @param errors what is wrong, by column
   */
  record Line(long number, String name, Optional<DogRequest> dog, List<FieldError> errors) {}

  /**
   * Reads a table.
   *
   * @throws InvalidFields naming "csv", if it is none, has a column that is not known, or too many
   *     lines
   */
  List<Line> read(String csv) {
    return CsvText.read(csv, READ, List.of("name"), MOST_LINES).stream().map(this::line).toList();
  }

  private Line line(CsvText.Row row) {
    Reading read = new Reading(row);
    String name = row.typed("name").orElse("");
    read.require(!name.isEmpty(), "name", "is needed");
    List<Breed> ancestry = new ArrayList<>();
    for (String column : List.of("breed", "second breed")) {
      read.text(column)
          .ifPresent(
              said ->
                  breed(said)
                      .ifPresentOrElse(
                          ancestry::add,
                          () -> read.require(false, column, "is no breed of the catalogue")));
    }
    Optional<EarTraits> usual =
        breeds.ancestry(ancestry.stream().map(Breed::id).toList()).map(Breed::ears);
    Optional<Carriage> carriage =
        read.word("flap", Carriage.values()).or(() -> usual.map(EarTraits::carriage));
    read.require(
        carriage.isPresent() || read.hasError("flap") || read.hasError("breed"),
        "flap",
        "is needed where no breed says how it is carried");
    Optional<LocalDate> joined = read.day("joined");
    LocalDate joinedOn = joined.orElse(today);
    LifeRequest life =
        new LifeRequest(
            read.word("water", WaterHabit.values()).orElse(WaterHabit.NEVER),
            read.word("ground", Ground.values()).orElse(Ground.MIXED),
            read.word("climate", Climate.values()).orElse(Climate.TEMPERATE),
            read.word("allergy", Allergy.values()).orElse(Allergy.NONE),
            read.word("infections", InfectionHistory.values()).orElse(InfectionHistory.NONE),
            null);
    EarTraitsRequest ears =
        new EarTraitsRequest(
            carriage.orElse(Carriage.PENDULOUS),
            false,
            read.word("canal hair", CanalHair.values())
                .or(() -> usual.map(EarTraits::canalHair))
                .orElse(CanalHair.NONE),
            read.word("feathering", Feathering.values())
                .or(() -> usual.map(EarTraits::feathering))
                .orElse(Feathering.NONE));
    DogRequest dog =
        new DogRequest(
            name,
            ancestry.stream().map(Breed::id).toList(),
            read.day("born").orElse(null),
            false,
            kilograms(read).stream().map(weight -> new WeighingRequest(joinedOn, weight)).toList(),
            joinedOn,
            null,
            ears,
            life,
            false,
            null,
            null,
            new EardrumRequest(Eardrum.Status.NEVER_EXAMINED, null),
            null,
            null,
            null,
            null,
            null);
    return new Line(
        row.number(),
        name,
        read.errors.isEmpty() ? Optional.of(dog) : Optional.empty(),
        read.errors);
  }

  private static Optional<Double> kilograms(Reading read) {
    Optional<Double> pounds = read.number(POUNDS);
    Optional<Double> kilograms = read.number("weight kg");
    read.require(
        pounds.isEmpty() || kilograms.isEmpty(), POUNDS, "and weight kg: say one of the two");
    Optional<Double> weight = kilograms.or(() -> pounds.map(Weight::kilogramsOfPounds));
    read.require(
        weight.stream().allMatch(one -> one >= Weight.LEAST && one <= Weight.MOST),
        kilograms.isPresent() ? "weight kg" : POUNDS,
        "must be a dog's: 0.1 to 120 kg, which is 0.22 to 264.5 lb");
    return weight;
  }

  private Optional<Breed> breed(String said) {
    return breeds.all().stream()
        .filter(
            breed ->
                Stream.concat(Stream.of(breed.id(), breed.name()), breed.otherNames().stream())
                    .anyMatch(said::equalsIgnoreCase))
        .findFirst();
  }

  /** Reads the columns of one line, and notes what is wrong. */
  private static final class Reading {
    private final CsvText.Row row;
    private final List<FieldError> errors = new ArrayList<>();

    Reading(CsvText.Row row) {
      this.row = row;
    }

    void require(boolean holds, String column, String message) {
      if (!holds) {
        errors.add(new FieldError(column, message));
      }
    }

    boolean hasError(String column) {
      return errors.stream().anyMatch(error -> error.field().equals(column));
    }

    Optional<String> text(String column) {
      return row.text(column);
    }

    Optional<LocalDate> day(String column) {
      return text(column)
          .flatMap(
              said -> {
                try {
                  return Optional.of(LocalDate.parse(said));
                } catch (DateTimeParseException e) {
                  require(false, column, "must be a day such as 2024-05-17");
                  return Optional.empty();
                }
              });
    }

    Optional<Double> number(String column) {
      return text(column)
          .flatMap(
              said -> {
                try {
                  return Optional.of(Double.valueOf(said));
                } catch (NumberFormatException e) {
                  require(false, column, "must be a number such as 12.5");
                  return Optional.empty();
                }
              });
    }

    <E extends Enum<E> & Worded> Optional<E> word(String column, E[] values) {
      return text(column)
          .flatMap(
              said -> {
                Optional<E> found =
                    Arrays.stream(values)
                        .filter(
                            one ->
                                one.words().equalsIgnoreCase(said)
                                    || one.name().equalsIgnoreCase(said.replace(' ', '_')))
                        .findFirst();
                require(
                    found.isPresent(),
                    column,
                    "must be one of: "
                        + Arrays.stream(values)
                            .map(Worded::words)
                            .collect(Collectors.joining(", ")));
                return found;
              });
    }
  }

  /** Dogs as such a table, each with the day on which it joined. */
  static String write(Map<DogProfile, LocalDate> dogs) {
    return CsvText.write(
        COLUMNS, dogs.entrySet().stream().map(dog -> cells(dog.getKey(), dog.getValue())).toList());
  }

  private static List<String> cells(DogProfile dog, LocalDate joined) {
    List<String> ids = dog.breeds();
    return List.of(
        CsvText.safe(dog.name()),
        ids.isEmpty() ? "" : ids.get(0),
        ids.size() < 2 ? "" : ids.get(1),
        dog.bornOn().map(LocalDate::toString).orElse(""),
        dog.weights().stream()
            .reduce((earlier, later) -> later)
            .map(Weighing::weight)
            .map(weight -> Double.toString(weight.kilograms()))
            .orElse(""),
        joined.toString(),
        dog.ears().carriage().words(),
        dog.ears().canalHair().words(),
        dog.ears().feathering().words(),
        dog.life().water().words(),
        dog.life().ground().words(),
        dog.life().climate().words(),
        dog.life().allergy().words(),
        dog.life().infections().words());
  }

  static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }
}
