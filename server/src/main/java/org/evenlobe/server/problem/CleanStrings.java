package org.evenlobe.server.problem;

import java.nio.charset.StandardCharsets;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/** Refuses text that no database can store and no person can read: NUL and broken surrogates. */
final class CleanStrings extends StdScalarDeserializer<String> {
  static final String REFUSED = "holds a character that is not text";

  CleanStrings() {
    super(String.class);
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
    return text;
  }
}
