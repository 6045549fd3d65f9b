package org.evenlobe.server.problem;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.function.Function;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;

/**
 * Reads days and instants, and only those from 1900 to 2100: what lies outside was mistyped, and
 * some of it no database can store.
 *
 * @param <T> the kind of time
 */
final class CalendarTimes<T> extends StdScalarDeserializer<T> {
  static final String REFUSED = "must lie between 1900 and 2100";

  private static final LocalDate FIRST = LocalDate.of(1900, 1, 1);
  private static final LocalDate LAST = LocalDate.of(2100, 12, 31);

  private final Function<String, T> parse;
  private final Function<T, LocalDate> day;

  private CalendarTimes(Class<T> type, Function<String, T> parse, Function<T, LocalDate> day) {
    super(type);
    this.parse = parse;
    this.day = day;
  }

  static CalendarTimes<LocalDate> days() {
    return new CalendarTimes<>(LocalDate.class, LocalDate::parse, day -> day);
  }

  static CalendarTimes<Instant> instants() {
    return new CalendarTimes<>(
        Instant.class,
        text -> OffsetDateTime.parse(text).toInstant(),
        instant -> LocalDate.ofInstant(instant, ZoneOffset.UTC));
  }

  @Override
  public T deserialize(JsonParser parser, DeserializationContext context) {
    if (!parser.hasToken(JsonToken.VALUE_STRING)) {
      return handledType().cast(context.handleUnexpectedToken(handledType(), parser));
    }
    String text = parser.getString();
    T read;
    try {
      read = parse.apply(text);
    } catch (DateTimeException wrong) {
      throw refused(parser, "is no date or time", text);
    }
    LocalDate on = day.apply(read);
    if (on.isBefore(FIRST) || on.isAfter(LAST)) {
      throw refused(parser, REFUSED, text);
    }
    return read;
  }

  @Override
  @SuppressWarnings("unchecked")
  public Class<T> handledType() {
    return (Class<T>) super.handledType();
  }

  private InvalidFormatException refused(JsonParser parser, String why, String text) {
    return InvalidFormatException.from(parser, why, text, handledType());
  }
}
