package org.evenlobe.server.exchange;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.server.problem.InvalidFields;

/**
 * What a calendar file may hold before it is parsed. The library that reads it works out every
 * change of a time zone that the file describes, so that a rule such as "every minute since 1970"
 * fills the memory; here such a file is refused by name.
 */
final class CalendarBounds {
  private static final int MOST_EVENTS = 2000;
  private static final int MOST_OBSERVANCES = 200;
  private static final int MOST_DAYS_OF_A_RULE = 7;
  private static final Pattern FOLD = Pattern.compile("\\r?\\n[ \\t]");
  private static final Pattern LINE = Pattern.compile("\\r\\n|\\n|\\r");
  private static final Pattern EARLY_START =
      Pattern.compile("^(DTSTART[^:]*:)(0\\d|1[0-8])\\d\\d(\\d{4}T\\d{6}Z?)$");
  private static final Set<String> KNOWN_PARTS =
      Set.of("FREQ", "INTERVAL", "BYMONTH", "BYDAY", "BYMONTHDAY", "UNTIL", "COUNT", "WKST");

  private CalendarBounds() {}

  /**
   * The text with its lines unfolded. A zone that begins before 1900, as those of some office
   * programs do, begins in 1900 instead.
   *
   * @throws InvalidFields if it has more than {@value #MOST_EVENTS} events or {@value
   *     #MOST_OBSERVANCES} changes of time zones, or a zone that changes other than yearly
   */
  static String within(String text) {
    List<String> lines = LINE.splitAsStream(FOLD.matcher(text).replaceAll("")).toList();
    long events = lines.stream().filter(line -> begins(line, "VEVENT")).count();
    require(events <= MOST_EVENTS, "holds more than %,d events".formatted(MOST_EVENTS));
    Zones zones = new Zones();
    return lines.stream().map(zones::line).collect(Collectors.joining("\r\n", "", "\r\n"));
  }

  private static boolean begins(String line, String component) {
    return line.strip().equalsIgnoreCase("BEGIN:" + component);
  }

  private static void require(boolean holds, String message) {
    if (!holds) {
      throw InvalidFields.of("ics", message);
    }
  }

  /** Looks at the lines of time zones, one after the other. */
  private static final class Zones {
    private boolean inside;
    private long observances;

    String line(String line) {
      if (begins(line, "VTIMEZONE")) {
        inside = true;
      } else if (line.strip().equalsIgnoreCase("END:VTIMEZONE")) {
        inside = false;
      }
      return inside ? zoneLine(line) : line;
    }

    private String zoneLine(String line) {
      String name = line.split("[;:]", 2)[0].strip().toUpperCase(Locale.ROOT);
      String value = line.substring(line.indexOf(':') + 1);
      if (begins(line, "STANDARD") || begins(line, "DAYLIGHT")) {
        observe(1);
      } else if (name.equals("RDATE")) {
        observe(value.split(",", -1).length);
      } else if (name.equals("RRULE")) {
        observe(1);
        require(isYearly(value), "describes a time zone that changes other than yearly");
      } else if (name.equals("EXRULE")) {
        require(false, "describes a time zone by a rule that is not known here");
      }
      Matcher early = EARLY_START.matcher(line);
      return early.matches() ? early.group(1) + "1900" + early.group(3) : line;
    }

    private void observe(int more) {
      observances += more;
      require(
          observances <= MOST_OBSERVANCES,
          "describes more than %d changes of time zones".formatted(MOST_OBSERVANCES));
    }

    /** Such as {@code FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU}: at most a few days of one month a year. */
    private static boolean isYearly(String rule) {
      Map<String, String> parts =
          Stream.of(rule.toUpperCase(Locale.ROOT).strip().split(";", -1))
              .map(part -> part.split("=", 2))
              .filter(part -> part.length == 2)
              .collect(Collectors.toMap(part -> part[0], part -> part[1], (one, two) -> one + two));
      return "YEARLY".equals(parts.get("FREQ"))
          && KNOWN_PARTS.containsAll(parts.keySet())
          && count(parts, "BYMONTH") <= 1
          && count(parts, "BYDAY") <= count(parts, "BYMONTH")
          && count(parts, "BYMONTHDAY") <= MOST_DAYS_OF_A_RULE;
    }

    private static int count(Map<String, String> parts, String name) {
      String value = parts.get(name);
      return value == null ? 0 : value.split(",", -1).length;
    }
  }
}
