package org.evenlobe.server.archive;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipInputStream;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.fact.FactKinds;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The published schema of an archive's document: it is that of the kinds, and holds. */
@ExtendWith(RunningServer.class)
class ArchiveSchemaTest {
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
  private static final Path PUBLISHED = Path.of(System.getProperty("evenlobe.archive-schema"));
  private static final String FRAME =
      """
      {
        "$schema": "https://json-schema.org/draft/2020-12/schema",
        "title": "Even Lobe archive, version 1: household.json",
        "type": "object",
        "required": ["head", "facts", "files"],
        "additionalProperties": false,
        "properties": {
          "head": {
            "type": "object",
            "required": ["format", "version", "madeAt", "household", "name", "facts"],
            "properties": {
              "format": {"const": "even-lobe-archive"},
              "version": {"const": 1},
              "madeAt": {"type": "string", "format": "date-time"},
              "household": {"type": "string", "format": "uuid"},
              "name": {"type": "string"},
              "facts": {"type": "integer", "minimum": 0}
            }
          },
          "facts": {
            "description": "dogs first: facts of dogs are of dogs",
            "type": "array",
            "items": {
              "type": "object",
              "required": ["kind", "id", "versions"],
              "properties": {
                "kind": {"enum": []},
                "id": {"type": "string", "format": "uuid"},
                "versions": {
                  "description": "all that was ever said of it, the first first",
                  "type": "array",
                  "minItems": 1,
                  "items": {
                    "type": "object",
                    "required": ["at", "by"],
                    "properties": {
                      "at": {"type": "string", "format": "date-time"},
                      "by": {"description": "who said it", "type": "string"},
                      "said": {"description": "left out where it was deleted", "type": "object"},
                      "shape": {
                        "description": "the number of the shape of what was said; 1 where left out",
                        "type": "integer",
                        "minimum": 1
                      }
                    }
                  }
                }
              },
              "allOf": []
            }
          },
          "files": {
            "description": "the files that stand beside the document",
            "type": "array",
            "items": {
              "type": "object",
              "required": ["path", "title", "sentAt"],
              "properties": {
                "path": {"type": "string", "pattern": "^[a-z]+/[0-9a-f-]{36}/[0-9a-f-]{36}[.][a-z]+$"},
                "title": {"type": "string"},
                "sentAt": {"type": "string", "format": "date-time"}
              }
            }
          }
        }
      }
      """;

  /** The frame, and for each kind what its facts say, as the document of the interface has it. */
  private static ObjectNode schema() {
    JsonNode document = Caller.signedOut().get("/api/openapi.json").json();
    ObjectNode schema = (ObjectNode) JSON.readTree(FRAME);
    ObjectNode fact = (ObjectNode) schema.at("/properties/facts/items");
    for (FactKind<?, ?> kind : RunningServer.bean(FactKinds.class).all()) {
      ((ArrayNode) fact.at("/properties/kind/enum")).add(kind.path());
      String body =
          document
              .at(
                  "/paths/~1api~1households~1{household}~1%s~1{id}/put/requestBody/content"
                      .formatted(kind.path()))
              .at("/application~1json/schema/$ref")
              .asString();
      ((ArrayNode) fact.get("allOf"))
          .add(
              JSON.readTree(
                  """
                  {"if": {"properties": {"kind": {"const": "%s"}}},
                   "then": {"properties": {"versions": {"items": %s}}}}
                  """
                      .formatted(kind.path(), version(kind.shapes().today(), body))));
    }
    schema.set("$defs", bodies(document, schema.toString()));
    return (ObjectNode)
        JSON.readTree(schema.toString().replace("#/components/schemas/", "#/$defs/"));
  }

  /** What was said in an earlier shape is of no body that is written down here. */
  private static String version(int shape, String body) {
    String said = "{\"properties\": {\"said\": {\"$ref\": \"%s\"}}}".formatted(body);
    return shape == 1
        ? said
        : """
          {"if": {"required": ["shape"], "properties": {"shape": {"const": %d}}}, "then": %s}"""
            .formatted(shape, said);
  }

  /** Those that are named, and those that these name. */
  private static ObjectNode bodies(JsonNode document, String text) {
    ObjectNode bodies = JSON.createObjectNode();
    StringBuilder named = new StringBuilder(text);
    int before;
    do {
      before = bodies.size();
      for (var body : document.at("/components/schemas").properties()) {
        if (!bodies.has(body.getKey())
            && named.indexOf("#/components/schemas/" + body.getKey() + "\"") >= 0) {
          bodies.set(body.getKey(), body.getValue());
          named.append(body.getValue());
        }
      }
    } while (bodies.size() > before);
    return bodies;
  }

  @Test
  void thePublishedOneIsThatOfTheKinds() throws IOException {
    ObjectNode made = schema();
    if (Boolean.getBoolean("evenlobe.openapi.write")) {
      Files.writeString(PUBLISHED, JSON.writeValueAsString(made) + "\n");
    }

    assertThat(JSON.readTree(Files.readString(PUBLISHED)))
        .as("run bin/openapi and commit what it writes")
        .isEqualTo(made);
  }

  @Test
  void anArchiveIsAsItSays() throws IOException {
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(schema().toString());
    Caller owner = ArchiveTest.everything();
    try (ZipInputStream zip =
        new ZipInputStream(new ByteArrayInputStream(owner.bytes(owner.at("/archive"))))) {
      zip.getNextEntry();
      String document = new String(zip.readAllBytes(), StandardCharsets.UTF_8);

      assertThat(schema.validate(document, InputFormat.JSON)).isEmpty();
      assertThat(schema.validate(document.replace("\"checks\"", "\"visits\""), InputFormat.JSON))
          .isNotEmpty();
    }
  }
}
