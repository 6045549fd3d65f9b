package org.evenlobe.server.record;

import jakarta.persistence.Embedded;
import java.lang.reflect.Constructor;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The fields of a class that is stored, in one order: as the query language names them, and set
 * from what it found for these names.
 */
final class StoredFields {
  /** Joined by the database it is read much faster than as an array. */
  private static final String JOINED = "array_to_string(%s, ',')";

  private static final Map<Class<?>, Function<String, Object>> FROM_TEXT =
      Map.of(
          String.class, text -> text,
          boolean.class, text -> text.startsWith("t"),
          int.class, Integer::valueOf,
          Integer.class, Integer::valueOf,
          UUID.class, UUID::fromString,
          LocalDate.class, LocalDate::parse,
          LocalTime.class, LocalTime::parse);

  private final Constructor<?> blank;
  private final List<One> all;
  private final int size;

  /**
   * One field.
   *
   * @param size the values that it is made of
   * @param as makes what is set from what was found; null where it is that
   * @param within the fields of what is embedded there; null where it is a value
   */
  private record One(
      Field field, int size, @Nullable Function<Object, Object> as, @Nullable StoredFields within) {
    Stream<String> names(String owner) {
      String name = owner + "." + field.getName();
      if (within != null) {
        return within.names(name);
      }
      return Stream.of(field.getType() == String[].class ? JOINED.formatted(name) : name);
    }
  }

  private StoredFields(Class<?> stored, boolean isText) {
    blank = blank(stored);
    all = fields(stored).map(field -> one(field, isText)).toList();
    size = all.stream().mapToInt(One::size).sum();
  }

  /** Of that class, each found as what it is; an array joined by commas. */
  static StoredFields of(Class<?> stored) {
    return new StoredFields(stored, false);
  }

  /** Of that class, each found as text. */
  static StoredFields ofTexts(Class<?> stored) {
    return new StoredFields(stored, true);
  }

  /** Whether each can be found as text. */
  static boolean canBeTexts(Class<?> stored) {
    return fields(stored)
        .map(Field::getType)
        .allMatch(type -> type.isEnum() || FROM_TEXT.containsKey(type));
  }

  private static Stream<Field> fields(Class<?> stored) {
    return Stream.of(stored.getDeclaredFields())
        .filter(field -> !Modifier.isStatic(field.getModifiers()));
  }

  private static One one(Field field, boolean isText) {
    field.setAccessible(true);
    Class<?> type = field.getType();
    if (field.isAnnotationPresent(Embedded.class)) {
      StoredFields within = new StoredFields(type, isText);
      return new One(field, within.size(), null, within);
    }
    return new One(field, 1, isText ? fromText(type) : as(type), null);
  }

  private static @Nullable Function<Object, Object> as(Class<?> type) {
    return type == String[].class ? StoredFields::parted : null;
  }

  private static String[] parted(Object joined) {
    String text = (String) joined;
    return text.isEmpty() ? new String[0] : text.split(",", -1);
  }

  private static Function<Object, Object> fromText(Class<?> type) {
    if (type.isEnum()) {
      Map<String, Object> constants =
          Stream.of(type.getEnumConstants())
              .collect(Collectors.toMap(one -> ((Enum<?>) one).name(), one -> one));
      return text -> constants.get((String) text);
    }
    Function<String, Object> parse = FROM_TEXT.get(type);
    return text -> parse.apply((String) text);
  }

  private static Constructor<?> blank(Class<?> stored) {
    try {
      Constructor<?> blank = stored.getDeclaredConstructor();
      blank.setAccessible(true);
      return blank;
    } catch (NoSuchMethodException e) {
      throw new IllegalStateException(e);
    }
  }

  /** How many values there are. */
  int size() {
    return size;
  }

  /** What names each value, also within what is embedded. */
  Stream<String> names(String owner) {
    return all.stream().flatMap(one -> one.names(owner));
  }

  /** A new one of which nothing is set. */
  Object make() {
    try {
      return blank.newInstance();
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * Sets each from what was found; what is embedded stays null where all of it is.
   *
   * @param first where in that row the values begin, in the order of {@link #names}
   */
  void set(Object owner, @Nullable Object[] row, int first) {
    int at = first;
    try {
      for (One one : all) {
        Object value = one.within == null ? row[at] : embedded(one.within, row, at);
        if (value != null) {
          one.field.set(owner, one.as == null ? value : one.as.apply(value));
        }
        at += one.size;
      }
    } catch (IllegalAccessException e) {
      throw new IllegalStateException(e);
    }
  }

  private static @Nullable Object embedded(StoredFields within, @Nullable Object[] row, int at) {
    for (int i = at; i < at + within.size(); i++) {
      if (row[i] != null) {
        Object made = within.make();
        within.set(made, row, at);
        return made;
      }
    }
    return null;
  }
}
