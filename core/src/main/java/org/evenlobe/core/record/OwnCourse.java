package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;

/**
 * Something of their own that somebody gives for days.
 *
 * @param id its id
 * @param moment when it was written down
 * @param what what it is, in their own words
 * @param ears into which ears it goes; none of what is fed
 * @param supply the bottle of the household that it is from, where it is from one
 * @param howOften how often
 * @param from its first day
 * @param to its last day, where it is over or has an end
 * @param endWhy why it was ended, where that was said
 * @param supplement what is in it, where it is an oil that is fed
 * @param vetAgreed whether a vet has said yes to it
 */
public record OwnCourse(
    UUID id,
    Moment moment,
    String what,
    Set<Side> ears,
    Optional<UUID> supply,
    HowOften howOften,
    LocalDate from,
    Optional<LocalDate> to,
    Optional<String> endWhy,
    Optional<Supplement> supplement,
    boolean vetAgreed)
    implements ReadFact {

  public OwnCourse {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(what, "what");
    Objects.requireNonNull(supply, "supply");
    Objects.requireNonNull(howOften, "howOften");
    Objects.requireNonNull(from, "from");
    Objects.requireNonNull(to, "to");
    Objects.requireNonNull(endWhy, "endWhy");
    EnumSet<Side> sides = EnumSet.noneOf(Side.class);
    sides.addAll(ears);
    ears = Collections.unmodifiableSet(sides);
    if (supplement.isPresent() && !sides.isEmpty()) {
      throw new IllegalArgumentException("a supplement goes into no ear");
    }
    if (to.filter(from::isAfter).isPresent()) {
      throw new IllegalArgumentException("it ends before it begins");
    }
  }

  /** Whether it is given on a day, by what was said of it. */
  public boolean isGivenOn(LocalDate day) {
    return !day.isBefore(from) && to.map(last -> !day.isAfter(last)).orElse(true);
  }
}
