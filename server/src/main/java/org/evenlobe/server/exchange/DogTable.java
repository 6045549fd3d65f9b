package org.evenlobe.server.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.evenlobe.core.ear.Breed;
import org.evenlobe.core.ear.BreedCatalogue;
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

  private static final String BYTE_ORDER_MARK = "\uFEFF";
  private static final String RECKONED_WITH = "=+-@\t\r";

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
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
          .setIgnoreSurroundingSpaces(true)
          .setIgnoreEmptyLines(true)
          .get();

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
    String table = csv.startsWith(BYTE_ORDER_MARK) ? csv.substring(1) : csv;
    String head = table.lines().findFirst().orElse("");
    CSVFormat format =
        head.contains(";") && !head.contains(",")
            ? FORMAT.builder().setDelimiter(';').get()
            : FORMAT;
    try (CSVParser parser = format.parse(new StringReader(table))) {
      Set<String> unknown = new TreeSet<>(parser.getHeaderNames());
      COLUMNS.forEach(unknown::remove);
      new InvalidFields.Collector()
          .require(parser.getHeaderNames().contains("name"), "csv", "must have a column \"name\"")
          .require(
              unknown.isEmpty(),
              "csv",
              "has columns that are not known: %s; those that are: %s"
                  .formatted(String.join(", ", unknown), String.join(", ", COLUMNS)))
          .throwIfAny();
      List<Line> lines = new ArrayList<>();
      for (CSVRecord record : parser) {
        if (lines.size() == MOST_LINES) {
          throw InvalidFields.of("csv", "must be 500 dogs at most at once");
        }
        lines.add(line(record));
      }
      return lines;
    } catch (InvalidFields refused) {
      throw refused;
    } catch (IOException
        | UncheckedIOException
        | IllegalArgumentException
        | IllegalStateException e) {
      throw InvalidFields.of("csv", "cannot be read as CSV: " + e.getMessage());
    }
  }

  private Line line(CSVRecord record) {
    Reading read = new Reading(record);
    String name = read.text("name").map(DogTable::asTyped).orElse("");
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
            read.number("weight kg").stream()
                .map(weight -> new WeighingRequest(joinedOn, weight))
                .toList(),
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
        record.getRecordNumber() + 1,
        name,
        read.errors.isEmpty() ? Optional.of(dog) : Optional.empty(),
        read.errors);
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
    private final Map<String, String> values;
    private final List<FieldError> errors = new ArrayList<>();

    Reading(CSVRecord record) {
      values = record.toMap();
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
      return Optional.ofNullable(values.get(column)).map(String::strip).filter(t -> !t.isEmpty());
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
    StringBuilder csv = new StringBuilder();
    try {
      CSVFormat.RFC4180.printRecord(csv, COLUMNS.toArray());
      for (Map.Entry<DogProfile, LocalDate> dog : dogs.entrySet()) {
        CSVFormat.RFC4180.printRecord(csv, cells(dog.getKey(), dog.getValue()).toArray());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return csv.toString();
  }

  private static List<String> cells(DogProfile dog, LocalDate joined) {
    List<String> ids = dog.breeds();
    return List.of(
        safe(dog.name()),
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

  /** A spreadsheet must not take what somebody typed for a formula. */
  private static String safe(String said) {
    return RECKONED_WITH.indexOf(said.charAt(0)) >= 0 ? "'" + said : said;
  }

  /** The same the other way round. */
  private static String asTyped(String said) {
    boolean quoted = said.length() > 1 && said.charAt(0) == '\'';
    return quoted && RECKONED_WITH.indexOf(said.charAt(1)) >= 0 ? said.substring(1) : said;
  }

  static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }
}
