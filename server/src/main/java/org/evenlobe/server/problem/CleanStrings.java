package org.evenlobe.server.problem;

import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.regex.Pattern;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/**
 * Refuses text that no database can store and no person can read: NUL and broken surrogates. Takes
 * out other control characters; lines end in notes and tables alone, elsewhere a space stands
 * there.
 */
final class CleanStrings extends StdScalarDeserializer<String> {
  /** A secret is taken as it is typed, or it would be another. */
  private static final Set<String> SECRET = Set.of("password", "present", "next");

  static final String REFUSED = "holds a character that is not text";
  private static final Set<String> OF_LINES =
      Set.of(
          "note", "csv", "ics", "asked", "text", "words", "done", "culture", "normal", "reactions");
  private static final Pattern LINE_END = Pattern.compile("\\r\\n?|[\\u0085\\u2028\\u2029]");
  private static final Pattern CONTROL = Pattern.compile("[\\p{Cc}&&[^\\n\\t]]");

  CleanStrings() {
    super(String.class);
  }

  /** The same without what is no text; what stands in a list is left to the rules of that list. */
  static String cleaned(String text, String field) {
    if (field != null && SECRET.contains(field)) {
      return text;
    }
    String lines = LINE_END.matcher(text).replaceAll("\n");
    String ended =
        field == null || OF_LINES.contains(field) ? lines : lines.replaceAll("[\n\t]", " ");
    return CONTROL.matcher(ended).replaceAll("");
  }

  @Override
  public String deserialize(JsonParser parser, DeserializationContext context) {
    if (!parser.hasToken(tools.jackson.core.JsonToken.VALUE_STRING)) {
      return (String) context.handleUnexpectedToken(String.class, parser);
    }
    String text = parser.getString();
    if (text.indexOf('\0') >= 0 || !StandardCharsets.UTF_8.newEncoder().canEncode(text)) {
      throw context.weirdStringException("…", String.class, REFUSED);
    }
    return cleaned(text, parser.currentName());
  }
}
