package org.evenlobe.server.stock;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.record.Batch;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.server.solution.MixRequest.PartRequest;
import org.evenlobe.server.stock.SupplyRequest.BatchRequest;
import org.jspecify.annotations.Nullable;

/** That a bottle was mixed at home, as the column holds it. */
record StoredBatch(
    List<PartRequest> parts,
    String madeOn,
    @Nullable UUID recipe,
    @Nullable Integer recipeVersion) {

  static StoredBatch of(BatchRequest said) {
    return new StoredBatch(
        List.copyOf(said.parts()), said.madeOn().toString(), said.recipe(), said.recipeVersion());
  }

  Batch toCore(Ingredients shelf) {
    return new BatchRequest(parts, LocalDate.parse(madeOn), recipe, recipeVersion).toCore(shelf);
  }
}
