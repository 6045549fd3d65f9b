package org.evenlobe.core.round;

import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.cleaning.SessionCheck;
import org.evenlobe.core.rule.Reason;

/**
 * One dog of a round.
 *
 * @param dogId which
 * @param name what it is called
 * @param cleans whether a cleaning is due and may be done
 * @param look the look, where its session holds none because nothing may be cleaned
 * @param last why it comes after the others, with its own cloth, where it does
 * @param minutes about how long it takes
 */
public record RoundDog(
    UUID dogId,
    String name,
    boolean cleans,
    Optional<SessionCheck> look,
    Optional<Reason> last,
    int minutes) {}
