package org.evenlobe.server.solution;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.List;
import java.util.Optional;
import org.evenlobe.server.fact.StoredFact;
import org.evenlobe.server.solution.MixRequest.PartRequest;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What a household mixes. */
@Entity
@Table(name = "recipe")
class StoredRecipe extends StoredFact<RecipeRequest> {
  private String name;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<PartRequest> parts = List.of();

  private @Nullable String note;

  @Override
  protected void say(RecipeRequest said) {
    name = said.name().strip();
    parts = List.copyOf(said.parts());
    note = said.note();
  }

  String name() {
    return name;
  }

  List<PartRequest> parts() {
    return parts;
  }

  Optional<String> note() {
    return Optional.ofNullable(note);
  }
}
