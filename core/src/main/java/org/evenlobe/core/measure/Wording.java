package org.evenlobe.core.measure;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.measure.Quantities.Kind;
import org.evenlobe.core.rule.Figures;

/**
 * How a household reads the quantities of a sentence. What it does not read in metric units stands
 * in its own, the metric ones behind: nothing is taken away, so that no amount can be misread.
 *
 * <p>For example "Cleaner: 8.4 mL a round." is "Cleaner: about 1¾ tsp (8.4 mL) a round." in a
 * household of fluid ounces.
 *
 * @param volumes how volumes are written; with fluid ounces, temperatures in degrees Fahrenheit
 * @param weights how weights are written
 * @param days in which order dates are written
 */
public record Wording(VolumeUnit volumes, WeightUnit weights, DayOrder days) {
  /** Millilitres, kilograms, the day before its month. */
  public static final Wording METRIC =
      new Wording(VolumeUnit.ML, WeightUnit.KG, DayOrder.DAY_FIRST);

  /** Fluid ounces, pounds, the month before its day. */
  public static final Wording CUSTOMARY =
      new Wording(VolumeUnit.FL_OZ, WeightUnit.LB, DayOrder.MONTH_FIRST);

  private static final DateTimeFormatter DAY_FIRST =
      DateTimeFormatter.ofPattern("d MMM uuuu", Locale.UK);
  private static final DateTimeFormatter MONTH_FIRST =
      DateTimeFormatter.ofPattern("MMM d, uuuu", Locale.US);

  /** Where people read these: the United States, Liberia. */
  private static final Set<String> CUSTOMARY_IN = Set.of("US", "LR");

  private static final double TEASPOON = 4.929;
  private static final double FLUID_OUNCE = 29.574;
  private static final double POUND = 0.45359237;

  /** More than so many spoons nobody counts. */
  private static final int MOST_SPOONS = 12;

  /** No mark is longer: what somebody typed that begins like one costs no more than its length. */
  private static final int LONGEST = 64;

  private static final String[] QUARTERS = {"", "¼", "½", "¾"};
  private static final String ABOUT = "about ";

  /**
   * How people read in a region.
   *
   * @param region its code of two letters
   */
  public static Wording in(String region) {
    return CUSTOMARY_IN.contains(region) ? CUSTOMARY : METRIC;
  }

  /** What is read of a text: each marked quantity written, all else as it is. */
  public String of(String text) {
    int begin = text.indexOf(Quantities.BEGIN);
    if (begin < 0) {
      return text;
    }
    StringBuilder read = new StringBuilder();
    int from = 0;
    while (begin >= 0) {
      int end = end(text, begin);
      Optional<String> words = end < 0 ? Optional.empty() : written(text.substring(begin + 1, end));
      read.append(text, from, begin);
      if (words.isPresent()) {
        append(read, words.get());
        from = end + 1;
      } else {
        from = begin;
      }
      begin = text.indexOf(Quantities.BEGIN, Math.max(from, begin + 1));
    }
    return read.append(text, from, text.length()).toString();
  }

  /** Where the mark that begins there ends; -1 where it would be longer than any that is one. */
  private static int end(String text, int begin) {
    for (int at = begin + 1; at < Math.min(text.length(), begin + LONGEST); at++) {
      if (text.charAt(at) == Quantities.END) {
        return at;
      }
    }
    return -1;
  }

  private static void append(StringBuilder read, String words) {
    int before = read.length() - ABOUT.length();
    boolean twice = words.startsWith(ABOUT) && before >= 0 && read.indexOf(ABOUT, before) >= 0;
    String once = twice ? words.substring(ABOUT.length()) : words;
    read.append(read.isEmpty() ? Figures.capital(once) : once);
  }

  /** A quantity's words; none where it is not one that {@link Quantities} marked. */
  private Optional<String> written(String marked) {
    try {
      String value = marked.substring(1);
      return Kind.of(marked.charAt(0))
          .map(kind -> kind == Kind.DAY ? day(LocalDate.parse(value)) : measured(value, kind));
    } catch (IndexOutOfBoundsException | NumberFormatException | DateTimeParseException none) {
      return Optional.empty();
    }
  }

  private String day(LocalDate day) {
    return (days == DayOrder.DAY_FIRST ? DAY_FIRST : MONTH_FIRST).format(day);
  }

  private String measured(String value, Kind kind) {
    int to = value.indexOf(Quantities.TO);
    String high = value.substring(to + 1);
    Optional<String> own = own(Double.parseDouble(high), kind);
    if (to < 0) {
      String metric = high + kind.unit();
      return own.map(words -> words + " (" + metric + ")").orElse(metric);
    }
    String low = value.substring(0, to);
    String metric = low + " to " + high + kind.unit();
    return own(Double.parseDouble(low), kind)
        .flatMap(least -> own.map(most -> between(least, most) + " (" + metric + ")"))
        .orElse(metric);
  }

  /** Two measures as one phrase, the unit said once where it is the same. */
  private static String between(String low, String high) {
    int unit = low.lastIndexOf(' ');
    boolean same = high.endsWith(low.substring(unit));
    return (same ? low.substring(0, unit) : low) + " to " + high.replace(ABOUT, "");
  }

  /** A metric number in the household's own unit, where it has another. */
  private Optional<String> own(double number, Kind kind) {
    return switch (kind) {
      case VOLUME -> volume(number);
      case WEIGHT ->
          weights == WeightUnit.KG ? Optional.empty() : Optional.of(tenth(number / POUND) + " lb");
      case TEMPERATURE ->
          volumes == VolumeUnit.FL_OZ
              ? Optional.of(Math.round(number * 1.8 + 32) + " °F")
              : Optional.empty();
      case DAY -> Optional.empty();
    };
  }

  private Optional<String> volume(double millilitres) {
    if (volumes == VolumeUnit.FL_OZ && millilitres >= FLUID_OUNCE) {
      return Optional.of(tenth(millilitres / FLUID_OUNCE) + " fl oz");
    }
    double spoons = millilitres / TEASPOON;
    long quarters = volumes == VolumeUnit.ML || spoons > MOST_SPOONS ? 0 : Math.round(spoons * 4);
    if (quarters == 0) {
      return Optional.empty();
    }
    String whole = quarters >= 4 ? Long.toString(quarters / 4) : "";
    return Optional.of(ABOUT + whole + QUARTERS[(int) (quarters % 4)] + " tsp");
  }

  private static String tenth(double number) {
    String tenths = String.format(Locale.ROOT, "%.1f", number);
    return tenths.endsWith(".0") ? tenths.substring(0, tenths.length() - 2) : tenths;
  }
}
