package org.evenlobe.server.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.evenlobe.server.problem.InvalidFields;

/**
 * Tables as CSV (RFC 4180), the names of the columns first. Commas part the fields, or semicolons
 * where a spreadsheet writes those.
 */
public final class CsvText {
  private static final String BYTE_ORDER_MARK = "\uFEFF";
  private static final String RECKONED_WITH = "=+-@\t\r";
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
          .setIgnoreSurroundingSpaces(true)
          .setIgnoreEmptyLines(true)
          .get();

  private CsvText() {}

  /**
   * A line.
   *
   * @param number which, the line of the names being 1
   * @param values what it says, by column
   */
  record Row(long number, Map<String, String> values) {
    /** What it says there, if anything. */
    Optional<String> text(String column) {
      return Optional.ofNullable(values.get(column)).map(String::strip).filter(t -> !t.isEmpty());
    }

    /** The same, where somebody typed it. */
    Optional<String> typed(String column) {
      return text(column).map(CsvText::asTyped);
    }
  }

  /**
   * Reads a table.
   *
   * @param columns those that are known
   * @param needed those that must be there
   * @param most so many lines at most
   * @throws InvalidFields naming "csv", if it is none, has a column that is not known or lacks one
   *     that is needed, or too many lines
   */
  static List<Row> read(String csv, List<String> columns, List<String> needed, int most) {
    String table = csv.startsWith(BYTE_ORDER_MARK) ? csv.substring(1) : csv;
    String head = table.lines().findFirst().orElse("");
    CSVFormat format =
        head.contains(";") && !head.contains(",")
            ? FORMAT.builder().setDelimiter(';').get()
            : FORMAT;
    try (CSVParser parser = format.parse(new StringReader(table))) {
      check(parser.getHeaderNames(), columns, needed);
      List<Row> rows = new ArrayList<>();
      for (CSVRecord record : parser) {
        if (rows.size() == most) {
          throw InvalidFields.of("csv", "must be %d lines at most at once".formatted(most));
        }
        rows.add(new Row(record.getRecordNumber() + 1, record.toMap()));
      }
      return rows;
    } catch (InvalidFields refused) {
      throw refused;
    } catch (IOException
        | UncheckedIOException
        | IllegalArgumentException
        | IllegalStateException e) {
      throw InvalidFields.of("csv", "cannot be read as CSV: " + e.getMessage());
    }
  }

  private static void check(List<String> there, List<String> columns, List<String> needed) {
    Set<String> unknown = new TreeSet<>(there);
    columns.forEach(unknown::remove);
    InvalidFields.Collector errors = new InvalidFields.Collector();
    for (String column : needed) {
      errors.require(there.contains(column), "csv", "must have a column \"%s\"".formatted(column));
    }
    errors
        .require(
            unknown.isEmpty(),
            "csv",
            "has columns that are not known: %s; those that are: %s"
                .formatted(String.join(", ", unknown), String.join(", ", columns)))
        .throwIfAny();
  }

  /** Writes a table. */
  static String write(List<String> columns, Iterable<List<String>> rows) {
    StringBuilder csv = new StringBuilder();
    try {
      CSVFormat.RFC4180.printRecord(csv, columns.toArray());
      for (List<String> row : rows) {
        CSVFormat.RFC4180.printRecord(csv, row.toArray());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return csv.toString();
  }

  /** A spreadsheet must not take what somebody typed for a formula. */
  public static String safe(String said) {
    String plain = said.stripLeading();
    boolean reckoned =
        !said.isEmpty()
            && (RECKONED_WITH.indexOf(said.charAt(0)) >= 0
                || (!plain.isEmpty() && RECKONED_WITH.indexOf(plain.charAt(0)) >= 0));
    return reckoned ? "'" + said : said;
  }

  /** The same the other way round. */
  private static String asTyped(String said) {
    boolean quoted = said.length() > 1 && said.charAt(0) == '\'';
    return quoted && !safe(said.substring(1)).equals(said.substring(1)) ? said.substring(1) : said;
  }
}
