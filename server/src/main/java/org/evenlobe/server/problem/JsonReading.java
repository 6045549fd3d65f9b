package org.evenlobe.server.problem;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonValue;
import java.time.Instant;
import java.time.LocalDate;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.solution.Strength;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.LogicalType;

/** How JSON is read and written: strictly in, and without nulls out. */
@Configuration
class JsonReading {

  @Bean
  JsonMapperBuilderCustomizer strictJson() {
    return builder ->
        builder
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .withCoercionConfig(
                LogicalType.Textual,
                config -> {
                  config.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail);
                  config.setCoercion(CoercionInputShape.Float, CoercionAction.Fail);
                  config.setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail);
                })
            .changeDefaultPropertyInclusion(
                included -> included.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .addMixIn(Load.class, LoadShape.class)
            .addMixIn(Weight.class, WeightShape.class)
            .addMixIn(Strength.class, StrengthShape.class)
            .addMixIn(Volume.class, VolumeShape.class)
            .addMixIn(PlanItem.Id.class, PlanItemIdShape.class)
            .addModule(
                new SimpleModule()
                    .addDeserializer(String.class, new CleanStrings())
                    .addDeserializer(LocalDate.class, CalendarTimes.days())
                    .addDeserializer(Instant.class, CalendarTimes.instants()));
  }

  /** A load is its grade. */
  private interface LoadShape {
    @JsonValue
    int grade();
  }

  /** An item's id is its text. */
  private interface PlanItemIdShape {
    @JsonValue
    @Override
    String toString();
  }

  /** A strength is its percent. */
  private interface StrengthShape {
    @JsonValue
    double percent();
  }

  /** A volume is its millilitres. */
  private interface VolumeShape {
    @JsonValue
    double millilitres();
  }

  /** A weight is its kilograms. */
  private interface WeightShape {
    @JsonValue
    double kilograms();
  }
}
