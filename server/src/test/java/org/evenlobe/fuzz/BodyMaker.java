package org.evenlobe.fuzz;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Makes bodies that fit a schema of the API document, and bends them. */
public final class BodyMaker {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final int DEEPEST = 8;
  private static final int CHANCES_OF_ABSENCE = 3;
  private static final int DAYS = 900;
  private static final List<String> ZONES =
      List.of("Europe/Berlin", "UTC", "Pacific/Kiritimati", "America/St_Johns", "Africa/Cairo");
  private static final List<String> STRANGE_TEXTS =
      List.of(
          "",
          " ",
          "\u0000",
          "\ud800",
          "\u202e\u200b",
          "null",
          "-1",
          "1e999",
          "NaN",
          "2026-02-30",
          "-999999999-01-01",
          "+999999999-12-31",
          "0000-00-00",
          "1899-12-31",
          "2101-01-01",
          "2026-01-01T24:00:00Z",
          "-1000000000-01-01T00:00:00Z",
          "9999-12-31T23:59:59.999999999Z",
          "25:61",
          "Europe/Nowhere",
          "+18:00",
          "GMT-18",
          "🐕".repeat(100),
          "x".repeat(5000),
          "'; drop table dog; --",
          "{{7*7}}",
          "../../etc/passwd",
          "%00",
          "a:b:c:d");
  private static final List<String> STRANGE_NUMBERS =
      List.of(
          "-1",
          "0",
          "1",
          "99999999999",
          "-2147483649",
          "9223372036854775808",
          "1e308",
          "1e309",
          "-0.0",
          "1e-320",
          "0.1",
          "3.9999999999999999",
          "12345678901234567890123456789");

  private final SplittableRandom random;
  private final JsonNode schemas;
  private final List<UUID> dogs;
  private final List<UUID> known;

  /**
   * Of the document's schemas.
   *
   * @param dogs ids of dogs that are there
   * @param known ids of things that are there, to be pointed at
   */
  public BodyMaker(SplittableRandom random, JsonNode document, List<UUID> dogs, List<UUID> known) {
    this.random = random;
    this.schemas = document.at("/components/schemas");
    this.dogs = dogs;
    this.known = known;
  }

  /** A body that fits. */
  public JsonNode fitting(JsonNode schema) {
    return fitting(schema, "", 0);
  }

  /** The same bent in one to three places. */
  String bent(JsonNode body) {
    JsonNode bent = body.deepCopy();
    for (int times = random.nextInt(1, 4); times > 0; times--) {
      bent = bend(bent, 0);
    }
    String text = bent.toString();
    for (String number : STRANGE_NUMBERS) {
      text = text.replace("\"#" + number + "\"", number);
    }
    return random.nextInt(40) == 0 ? text.substring(0, random.nextInt(text.length() + 1)) : text;
  }

  <T> T any(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  private JsonNode fitting(JsonNode schema, String name, int depth) {
    if (schema.has("$ref")) {
      String reference = schema.get("$ref").asString();
      return fitting(
          schemas.get(reference.substring(reference.lastIndexOf('/') + 1)), name, depth + 1);
    }
    if (schema.has("enum")) {
      return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
    }
    return switch (schema.path("type").asString("object")) {
      case "array" -> array(schema, name, depth);
      case "string" -> NODES.stringNode(text(schema, name));
      case "integer" -> NODES.numberNode(Math.round(number(schema)));
      case "number" -> NODES.numberNode(Math.round(number(schema) * 10) / 10.0);
      case "boolean" -> NODES.booleanNode(random.nextBoolean());
      default -> object(schema, depth);
    };
  }

  private ObjectNode object(JsonNode schema, int depth) {
    ObjectNode object = NODES.objectNode();
    List<String> required = schema.path("required").valueStream().map(JsonNode::asString).toList();
    for (String name : schema.path("properties").propertyNames()) {
      boolean left = depth > DEEPEST || random.nextInt(CHANCES_OF_ABSENCE) == 0;
      if (required.contains(name) || !left) {
        object.set(name, fitting(schema.get("properties").get(name), name, depth + 1));
      }
    }
    return object;
  }

  private ArrayNode array(JsonNode schema, String name, int depth) {
    ArrayNode array = NODES.arrayNode();
    int least = schema.path("minItems").asInt(0);
    int most = Math.max(least, Math.min(3, schema.path("maxItems").asInt(3)));
    for (int n = random.nextInt(least, most + 1); n > 0; n--) {
      array.add(fitting(schema.get("items"), name, depth + 1));
    }
    return array;
  }

  private double number(JsonNode schema) {
    double least = schema.path("minimum").asDouble(0);
    double most = schema.path("maximum").asDouble(least + 20);
    return least + random.nextDouble() * (most - least);
  }

  private String text(JsonNode schema, String name) {
    if (name.equals("dogId")) {
      return any(dogs).toString();
    }
    return switch (schema.path("format").asString(name)) {
      case "uuid" -> any(known).toString();
      case "date" -> LocalDate.now(java.time.ZoneOffset.UTC).minusDays(days()).toString();
      case "date-time" ->
          Instant.now()
              .truncatedTo(ChronoUnit.MILLIS)
              .minusSeconds(86_400L * days() + random.nextInt(86_400))
              .toString();
      case "zone" -> any(ZONES);
      case "time", "times" -> "%02d:%02d".formatted(random.nextInt(24), random.nextInt(60));
      case "breeds" -> any(List.of("beagle", "poodle-standard", "no-such-breed"));
      case "email" -> UUID.randomUUID() + "@test.example";
      case "item" -> any(known) + ":" + any(List.of("CHECK", "CLEAN:RIGHT", "VISIT")) + ":1";
      default -> any(List.of("fen", "a longer word", "x".repeat(random.nextInt(60) + 1)));
    };
  }

  private int days() {
    return random.nextInt(DAYS);
  }

  private JsonNode bend(JsonNode node, int depth) {
    boolean here = depth > 0 && random.nextInt(3) == 0;
    if (!here && node instanceof ObjectNode object && !object.isEmpty()) {
      String name = any(List.copyOf(object.propertyNames()));
      switch (random.nextInt(12)) {
        case 0 -> object.remove(name);
        case 1 -> object.putNull(name);
        case 2 -> object.put("unknown" + random.nextInt(9), 1);
        default -> object.set(name, bend(object.get(name), depth + 1));
      }
      return object;
    }
    if (!here && node instanceof ArrayNode array && !array.isEmpty()) {
      if (random.nextInt(4) == 0) {
        for (int n = random.nextInt(400); n > 0; n--) {
          array.add(array.get(0).deepCopy());
        }
      } else {
        array.set(0, bend(array.get(0), depth + 1));
      }
      return array;
    }
    return strange(node);
  }

  private JsonNode strange(JsonNode instead) {
    return switch (random.nextInt(8)) {
      case 0 -> NODES.nullNode();
      case 1 -> NODES.arrayNode().add(instead.deepCopy());
      case 2 -> NODES.objectNode();
      case 3 -> NODES.booleanNode(random.nextBoolean());
      case 4, 5 -> NODES.stringNode("#" + any(STRANGE_NUMBERS));
      default -> NODES.stringNode(any(STRANGE_TEXTS));
    };
  }
}
