package org.evenlobe.core.course;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Abbreviations of prescriptions in plain words; right and left spelled out, for they are mixed up.
 *
 * @param said as it stands on the label
 * @param means what it means
 */
public record LabelWord(String said, String means) {

  private record Known(Pattern pattern, String plain, String means) {}

  private static final List<Known> KNOWN =
      List.of(
          known("a\\.?d\\.?(?!\\s+lib)", "in the right ear", "right ear (the dog's own right)"),
          new Known(
              Pattern.compile(
                  "(?<![\\w.])(?:AS|[Aa]\\.[Ss]\\.?)(?![\\w])"
                      + "(?!\\s+(?i:needed|directed|required|long|soon|before|above|well))"),
              "in the left ear",
              "left ear (the dog's own left)"),
          known("a\\.?u\\.?", "in both ears", "both ears"),
          known("s\\.?i\\.?d\\.?", "once a day", "once a day"),
          known("q\\.?d\\.?", "once a day", "once a day"),
          known("b\\.?i\\.?d\\.?", "twice a day", "twice a day"),
          known("t\\.?i\\.?d\\.?", "three times a day", "three times a day"),
          known("q\\.?i\\.?d\\.?", "four times a day", "four times a day"),
          known("e\\.?o\\.?d\\.?", "every other day", "every other day"),
          known("q\\.?o\\.?d\\.?", "every other day", "every other day"),
          known("q\\s?(\\d{1,2})\\s?h(?:rs?)?", "every $1 hours", "every $1 hours"),
          known("p\\.?r\\.?n\\.?", "as needed", "as needed"),
          known("gtts?\\.?", "drops", "drops"),
          known("tabs?\\.?", "tablets", "tablets"),
          known("p\\.?o\\.?", "by mouth", "by mouth"));

  private static Known known(String regex, String plain, String means) {
    return new Known(
        Pattern.compile("(?<![\\w.])" + regex + "(?![\\w])", Pattern.CASE_INSENSITIVE),
        plain,
        means);
  }

  /** A sentence with its abbreviations in plain words; what they were is added to the list. */
  static String plain(String sentence, List<LabelWord> found) {
    String text = sentence;
    for (Known one : KNOWN) {
      text =
          one.pattern()
              .matcher(text)
              .replaceAll(
                  match -> {
                    String number = match.groupCount() > 0 ? match.group(1) : "";
                    found.add(
                        new LabelWord(
                            match.group().toLowerCase(Locale.ROOT),
                            one.means().replace("$1", number)));
                    return " " + one.plain().replace("$1", number) + " ";
                  });
    }
    return text;
  }
}
