package org.evenlobe.server.solution;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.evenlobe.server.solution.MixRequest.PartRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a household mixes.
 *
 * @param name what it is called
 * @param parts what is poured together
 * @param note in their own words
 */
public record RecipeRequest(
    @NotBlank @Size(max = 80) String name,
    @NotNull @Size(min = 1, max = 20) List<@NotNull @Valid PartRequest> parts,
    @Nullable @Size(max = 1000) String note) {}
