package org.evenlobe.server.exchange;

import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;

/**
 * The lines of an iCalendar stream, folded as RFC 5545 wants them: none longer than 75 octets, and
 * no character cut in two. The library folds by characters, which an umlaut makes too long.
 */
final class CalendarLines {
  private static final int MOST_OCTETS = 75;
  private static final Pattern FOLD = Pattern.compile("\\r\\n[ \\t]");
  private static final String NEXT = "\r\n ";

  private CalendarLines() {}

  static String folded(String calendar) {
    StringBuilder folded = new StringBuilder(calendar.length() + calendar.length() / MOST_OCTETS);
    FOLD.matcher(calendar)
        .replaceAll("")
        .lines()
        .forEach(
            line -> {
              fold(line, folded);
              folded.append("\r\n");
            });
    return folded.toString();
  }

  private static void fold(String line, StringBuilder folded) {
    int octets = 0;
    for (int at = 0; at < line.length(); ) {
      String character = Character.toString(line.codePointAt(at));
      int more = character.getBytes(StandardCharsets.UTF_8).length;
      if (octets + more > MOST_OCTETS) {
        folded.append(NEXT);
        octets = 1;
      }
      folded.append(character);
      octets += more;
      at += character.length();
    }
  }
}
