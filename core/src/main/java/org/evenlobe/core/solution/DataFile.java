package org.evenlobe.core.solution;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A data file of the bench. */
final class DataFile {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setTrim(true).get();

  private DataFile() {}

  /**
   * Its lines.
   *
   * @throws UncheckedIOException if it cannot be read
   */
  static <T> List<T> read(String name, Function<CSVRecord, T> line) {
    try (InputStream file = DataFile.class.getResourceAsStream(name);
        Reader reader = new InputStreamReader(file, StandardCharsets.UTF_8)) {
      return FORMAT.parse(reader).stream().map(line).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
