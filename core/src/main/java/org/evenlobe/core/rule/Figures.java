package org.evenlobe.core.rule;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** How numbers are rounded and written in sentences. */
public final class Figures {
  private static final double DAYS_IN_A_YEAR = 365.25;

  private Figures() {}

  /** To three significant figures, without an exponent or trailing zeros: 4.508 is "4.51". */
  public static String plain(double number) {
    if (number == 0) {
      return "0";
    }
    return BigDecimal.valueOf(number)
        .round(new MathContext(3, RoundingMode.HALF_UP))
        .stripTrailingZeros()
        .toPlainString();
  }

  /** A count with its noun: "1 day", "14 days". */
  public static String count(long number, String noun) {
    return number + " " + noun + (number == 1 ? "" : "s");
  }

  /** Half up, as all days are rounded: 16.5 is 17. */
  public static int halfUp(double number) {
    return (int) Math.floor(number + 0.5);
  }

  /** The number, held within the two bounds. */
  public static double hold(double number, double least, double most) {
    return Math.min(Math.max(number, least), most);
  }

  /** A sentence's first letter as a capital. */
  public static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  /** The same in the middle of a sentence. */
  public static String uncapital(String words) {
    return words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
  }

  /** The years from one day to another; of a dog born on the first, its age on the second. */
  public static double years(LocalDate from, LocalDate to) {
    return ChronoUnit.DAYS.between(from, to) / DAYS_IN_A_YEAR;
  }

  /** The earlier of two days. */
  public static LocalDate earlier(LocalDate one, LocalDate other) {
    return one.isBefore(other) ? one : other;
  }

  /** The later of two days. */
  public static LocalDate later(LocalDate one, LocalDate other) {
    return one.isAfter(other) ? one : other;
  }
}
