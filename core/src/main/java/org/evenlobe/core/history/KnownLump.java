package org.evenlobe.core.history;

import java.time.LocalDate;
import org.evenlobe.core.record.Lump;

/**
 * A lump of an ear through its checks.
 *
 * @param since when it was first measured
 * @param first what it was like then
 * @param on when it was measured last
 * @param latest what it was like then
 * @param grown whether it has grown by half since it was first measured, or since a vet's visit
 */
public record KnownLump(LocalDate since, Lump first, LocalDate on, Lump latest, boolean grown) {}
