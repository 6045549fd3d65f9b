package org.evenlobe.server.exchange;

import jakarta.validation.constraints.NotNull;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.time.temporal.TemporalAccessor;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.server.problem.InvalidFields.FieldError;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The columns of what is said of one kind of fact, as its body has them: a field that has fields is
 * told apart by a point, as in {@code ears.right.redness}; several choices in one field are parted
 * by semicolons, and what is more than that is JSON.
 */
final class LogColumns {
  private static final String OURS = "org.evenlobe.server";
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final List<Column> columns = new ArrayList<>();
  private final JsonMapper json;

  LogColumns(Class<?> body, JsonMapper json) {
    this.json = json;
    add(body, List.of());
  }

  /**
   * A column.
   *
   * @param path the fields that lead to it
   * @param type of it, or of each of several
   * @param several whether it holds several
   * @param isNeeded whether there are some in every body, none among them
   */
  private record Column(List<String> path, Class<?> type, boolean several, boolean isNeeded) {
    String name() {
      return String.join(".", path);
    }
  }

  private void add(Class<?> body, List<String> before) {
    for (RecordComponent field : body.getRecordComponents()) {
      List<String> path = new ArrayList<>(before);
      path.add(field.getName());
      Class<?> type = field.getType();
      if (type.isRecord() && type.getName().startsWith(OURS)) {
        add(type, path);
      } else if (Collection.class.isAssignableFrom(type)) {
        boolean needed = before.isEmpty() && field.getAccessor().isAnnotationPresent(NotNull.class);
        columns.add(new Column(List.copyOf(path), element(field.getGenericType()), true, needed));
      } else {
        columns.add(new Column(List.copyOf(path), type, false, false));
      }
    }
  }

  private static Class<?> element(Type type) {
    return type instanceof ParameterizedType list
            && list.getActualTypeArguments()[0] instanceof Class<?> one
        ? one
        : Object.class;
  }

  List<String> names() {
    return columns.stream().map(Column::name).toList();
  }

  /** What a body says, column by column. */
  List<String> cells(JsonNode body) {
    return columns.stream().map(column -> cell(column, body)).toList();
  }

  private static String cell(Column column, JsonNode body) {
    JsonNode value = body;
    for (String step : column.path()) {
      value = value.path(step);
    }
    if (value.isMissingNode() || value.isNull()) {
      return "";
    }
    if (column.several() && isOneWord(column.type())) {
      return value.valueStream().map(JsonNode::asString).collect(Collectors.joining("; "));
    }
    return value.isValueNode() ? CsvText.safe(value.asString()) : value.toString();
  }

  /** What a line says, and what is wrong with it. */
  ObjectNode body(CsvText.Row row, List<FieldError> errors) {
    ObjectNode body = NODES.objectNode();
    for (Column column : columns) {
      if (column.isNeeded()) {
        put(body, column.path(), NODES.arrayNode());
      }
      row.typed(column.name())
          .flatMap(text -> value(column, text, errors))
          .ifPresent(value -> put(body, column.path(), value));
    }
    return body;
  }

  private static void put(ObjectNode body, List<String> path, JsonNode value) {
    ObjectNode place = body;
    for (String step : path.subList(0, path.size() - 1)) {
      place = place.get(step) instanceof ObjectNode deeper ? deeper : place.putObject(step);
    }
    place.set(path.get(path.size() - 1), value);
  }

  private Optional<JsonNode> value(Column column, String text, List<FieldError> errors) {
    try {
      if (column.several() && isOneWord(column.type())) {
        ArrayNode several = NODES.arrayNode();
        for (String one : text.split(";", -1)) {
          several.add(one.strip());
        }
        return Optional.of(several);
      }
      if (column.several()) {
        return Optional.of(json.readTree(text));
      }
      return Optional.of(
          Map.class.isAssignableFrom(column.type())
              ? json.readTree(text)
              : one(column.type(), text));
    } catch (NumberFormatException e) {
      errors.add(new FieldError(column.name(), "must be a number"));
    } catch (IllegalArgumentException e) {
      errors.add(new FieldError(column.name(), "must be true or false"));
    } catch (JacksonException e) {
      errors.add(new FieldError(column.name(), "must be JSON"));
    }
    return Optional.empty();
  }

  private static JsonNode one(Class<?> type, String text) {
    if (isWord(type)) {
      return NODES.stringNode(text);
    }
    if (type == boolean.class || type == Boolean.class) {
      if (!text.equalsIgnoreCase("true") && !text.equalsIgnoreCase("false")) {
        throw new IllegalArgumentException(text);
      }
      return NODES.booleanNode(Boolean.parseBoolean(text));
    }
    if (type == int.class || type == Integer.class) {
      return NODES.numberNode(Integer.parseInt(text));
    }
    return NODES.numberNode(new BigDecimal(text));
  }

  /** Whether it never holds a semicolon. */
  private static boolean isOneWord(Class<?> type) {
    return isWord(type) && type != String.class;
  }

  private static boolean isWord(Class<?> type) {
    return type == String.class
        || type == UUID.class
        || type.isEnum()
        || TemporalAccessor.class.isAssignableFrom(type)
        || ZoneId.class.isAssignableFrom(type);
  }
}
