package org.evenlobe.server.site;

import io.swagger.v3.oas.models.OpenAPI;
import java.util.LinkedHashMap;
import java.util.Map;
import org.evenlobe.core.plan.item.PlanItem;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.stereotype.Component;

/** Writes to the document what may be done with each kind of planned item. */
@Component
class PlanKinds implements OpenApiCustomizer {

  /**
   * What a person may do with one.
   *
   * @param movable put it on another day
   * @param skippable leave it out
   */
  private record May(boolean movable, boolean skippable) {}

  @Override
  public void customise(OpenAPI document) {
    Map<String, May> kinds = new LinkedHashMap<>();
    for (PlanItem.Kind kind : PlanItem.Kind.values()) {
      kinds.put(kind.name(), new May(kind.isMovable(), kind.isSkippable()));
    }
    document.addExtension("x-plan-kinds", kinds);
  }
}
