package org.evenlobe.server.fact;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.converter.ResolvedSchema;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.SpecVersion;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import java.lang.reflect.Type;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.core.ResolvableType;
import org.springframework.stereotype.Component;

/**
 * Writes down what can be done with each kind of fact, for {@link FactController} does it alike.
 */
@Component
class FactDocument implements OpenApiCustomizer {
  private static final String JSON = "application/json";
  private static final String PLACE = "/api/households/{household}/";

  private final FactKinds kinds;

  FactDocument(FactKinds kinds) {
    this.kinds = kinds;
  }

  @Override
  public void customise(OpenAPI document) {
    for (FactKind<?, ?> kind : kinds.all()) {
      Schema<?> answer = schema(document, FactAnswer.class);
      Schema<?> version =
          schema(
              document,
              ResolvableType.forClassWithGenerics(KeptVersion.class, kind.body()).getType());
      String one = PLACE + kind.path() + "/{id}";
      PathItem item =
          new PathItem()
              .put(
                  operation("put", kind, answer)
                      .addParametersItem(header("If-None-Match"))
                      .addParametersItem(header("If-Match"))
                      .requestBody(
                          new RequestBody()
                              .required(true)
                              .content(content(schema(document, kind.body())))));
      if (kind.isRemovable()) {
        item.delete(operation("remove", kind, answer).addParametersItem(header("If-Match")));
      }
      document.path(one, item);
      document.path(
          one + "/versions",
          new PathItem().get(operation("versions", kind, new ArraySchema().items(version))));
      document.path(
          one + "/versions/{version}/restore",
          new PathItem()
              .post(
                  operation("restore", kind, answer)
                      .addParametersItem(inPath("version", new IntegerSchema()))));
    }
  }

  private static Operation operation(String verb, FactKind<?, ?> kind, Schema<?> answer) {
    return new Operation()
        .operationId(verb + "-" + kind.path())
        .addParametersItem(inPath("household", new StringSchema().format("uuid")))
        .addParametersItem(inPath("id", new StringSchema().format("uuid")))
        .responses(
            new ApiResponses()
                .addApiResponse(
                    "200", new ApiResponse().description("OK").content(content(answer))));
  }

  private static Parameter inPath(String name, Schema<?> schema) {
    return new Parameter().in("path").name(name).required(true).schema(schema);
  }

  private static Parameter header(String name) {
    return new Parameter().in("header").name(name).required(false).schema(new StringSchema());
  }

  private static Content content(Schema<?> schema) {
    return new Content().addMediaType(JSON, new MediaType().schema(schema));
  }

  private static Schema<?> schema(OpenAPI document, Type type) {
    boolean newest = document.getSpecVersion() == SpecVersion.V31;
    ResolvedSchema resolved =
        ModelConverters.getInstance(newest)
            .resolveAsResolvedSchema(new AnnotatedType(type).resolveAsRef(true));
    resolved.referencedSchemas.forEach(
        (name, schema) -> document.getComponents().addSchemas(name, schema));
    return resolved.schema;
  }
}
