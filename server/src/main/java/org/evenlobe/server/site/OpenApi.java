package org.evenlobe.server.site;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.TypeVariable;
import java.math.BigDecimal;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.solution.Strength;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI document, from which the web client's types are generated. */
@Configuration
class OpenApi {

  OpenApi() {
    SpringDocUtils.getConfig()
        .replaceWithSchema(
            Load.class,
            new IntegerSchema()
                .minimum(BigDecimal.ZERO)
                .maximum(BigDecimal.valueOf(Load.HEAVIEST))
                .description("0 clean wipe · 1 trace · 2 light · 3 moderate · 4 heavy"))
        .replaceWithSchema(Strength.class, new NumberSchema().description("percent"))
        .replaceWithSchema(Volume.class, new NumberSchema().description("mL"))
        .replaceWithSchema(
            PlanItem.Id.class,
            new StringSchema().description("stands while what it counts from does"))
        .replaceWithSchema(Weight.class, new NumberSchema().description("kg"))
        .replaceWithSchema(
            LocalTime.class, new StringSchema().description("a time of day, such as 15:30"))
        .replaceWithSchema(
            ZoneId.class, new StringSchema().description("an IANA zone, such as Europe/Berlin"));
  }

  @Bean
  OpenAPI document() {
    return new OpenAPI()
        .info(new Info().title("Even Lobe").version("1"))
        .servers(List.of(new Server().url("/")));
  }

  /** A record's component is required unless it is Optional or marked as nullable. */
  @Bean
  ModelConverter requiredComponents() {
    return new RequiredComponents();
  }

  /** The words of each choice that has any, as {@code x-words}: said once, here and on screens. */
  @Bean
  WordsOfChoices wordsOfChoices() {
    return new WordsOfChoices();
  }

  private static final class RequiredComponents implements ModelConverter {
    @Override
    public @Nullable Schema<?> resolve(
        AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
      Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
      JavaType java = Json.mapper().constructType(type.getType());
      if (schema != null && java != null && java.getRawClass().isRecord()) {
        Schema<?> target = definition(schema, context);
        for (RecordComponent component : java.getRawClass().getRecordComponents()) {
          if (isRequired(component, java) && has(target, component.getName())) {
            require(target, component.getName());
          }
        }
      }
      return schema;
    }

    private static Schema<?> definition(Schema<?> schema, ModelConverterContext context) {
      String reference = schema.get$ref();
      Schema<?> defined =
          reference == null
              ? null
              : context.getDefinedModels().get(reference.substring(reference.lastIndexOf('/') + 1));
      return defined == null ? schema : defined;
    }

    private static boolean has(Schema<?> schema, String property) {
      return schema.getProperties() != null && schema.getProperties().containsKey(property);
    }

    private static void require(Schema<?> schema, String property) {
      if (schema.getRequired() == null || !schema.getRequired().contains(property)) {
        schema.addRequiredItem(property);
      }
    }

    private static boolean isRequired(RecordComponent component, JavaType owner) {
      JavaType bound =
          component.getGenericType() instanceof TypeVariable<?> variable
              ? owner.getBindings().findBoundType(variable.getName())
              : null;
      Class<?> type = bound == null ? component.getType() : bound.getRawClass();
      return type != Optional.class
          && !component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
  }
}
