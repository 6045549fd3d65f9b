package org.evenlobe.server.stock;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.ReactionKind;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * That an ear reacted to something.
 *
 * @param dogId whose
 * @param at when
 * @param zone the zone it is recorded in
 * @param ear which ear; both, or not known, where left out
 * @param kind how
 * @param supply the bottle or pack, where it was one of the household's
 * @param ingredient what on the shelf, where it was not
 */
record ReactionRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @Nullable Side ear,
    @NotNull ReactionKind kind,
    @Nullable UUID supply,
    @Nullable @Size(max = 40) String ingredient)
    implements DogFactRequest {}
