package org.evenlobe.core.measure;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.rule.Figures;

/**
 * Quantities as a sentence holds them: marked, with what they are, so that {@link Wording} writes
 * them in its reader's units where the sentence is read. A marked quantity may be put into a
 * sentence, and that into another, as any text.
 *
 * <p>For example "Tipped by 30 degrees, " + {@code volume(new Volume(2.5))} + " run out again." is
 * read as "Tipped by 30 degrees, 2.5 mL run out again.", or with "about ½ tsp (2.5 mL)".
 */
public final class Quantities {
  /** Begins a marked quantity; of the private characters, which no text has. */
  static final char BEGIN = '\uE000';

  /** Ends it. */
  static final char END = '\uE001';

  /** Between the two ends of a range. */
  static final char TO = '\uE002';

  /** What a quantity is, and in what its number is marked. */
  enum Kind {
    VOLUME(" mL"),
    WEIGHT(" kg"),
    TEMPERATURE(" °C"),
    DAY("");

    private final String unit;

    Kind(String unit) {
      this.unit = unit;
    }

    String unit() {
      return unit;
    }

    char letter() {
      return name().charAt(0);
    }

    static Optional<Kind> of(char letter) {
      return Stream.of(values()).filter(kind -> kind.letter() == letter).findFirst();
    }
  }

  private Quantities() {}

  /** A volume, to three figures. */
  public static String volume(double millilitres) {
    return marked(Kind.VOLUME, Figures.plain(millilitres));
  }

  /** A volume, to the tenth of a millilitre. */
  public static String tenths(Volume volume) {
    return marked(Kind.VOLUME, String.format(Locale.ROOT, "%.1f", volume.millilitres()));
  }

  /** A weight of a dog. */
  public static String weight(Weight weight) {
    return marked(Kind.WEIGHT, Figures.plain(weight.kilograms()));
  }

  /** From one weight to another, in kilograms. */
  public static String weights(double least, double most) {
    return marked(Kind.WEIGHT, Figures.plain(least) + TO + Figures.plain(most));
  }

  /** A temperature, in degrees Celsius. */
  public static String celsius(int degrees) {
    return marked(Kind.TEMPERATURE, Integer.toString(degrees));
  }

  /** A local day. */
  public static String day(LocalDate day) {
    return marked(Kind.DAY, day.toString());
  }

  /** Whether a text may hold one: most hold none, and are read as they are. */
  public static boolean areIn(String text) {
    return text.indexOf(BEGIN) >= 0;
  }

  private static String marked(Kind kind, String value) {
    return "" + BEGIN + kind.letter() + value + END;
  }
}
