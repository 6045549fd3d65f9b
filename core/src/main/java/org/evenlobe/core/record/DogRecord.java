package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * All facts about one dog: what a plan is computed from. Facts are told apart by their class, and
 * those of a kind stand oldest first whatever order they came in.
 */
public final class DogRecord {
  private final UUID id;
  private final DogProfile profile;
  private final LocalDate addedOn;
  private final List<Dated> inOrder;
  private final Map<Class<?>, List<Dated>> byKind = new HashMap<>();

  private DogRecord(UUID id, DogProfile profile, LocalDate addedOn, List<Dated> inOrder) {
    this.id = Objects.requireNonNull(id, "id");
    this.profile = Objects.requireNonNull(profile, "profile");
    this.addedOn = Objects.requireNonNull(addedOn, "addedOn");
    this.inOrder = Collections.unmodifiableList(inOrder);
    for (Dated fact : inOrder) {
      byKind.computeIfAbsent(fact.getClass(), kind -> new ArrayList<>()).add(fact);
    }
    byKind.replaceAll((kind, facts) -> Collections.unmodifiableList(facts));
  }

  /** A dog of which nothing but that is known. */
  public static DogRecord of(UUID id, DogProfile profile, LocalDate addedOn) {
    return of(id, profile, addedOn, List.of());
  }

  /** A dog with those facts, of whatever kinds, in any order. */
  public static DogRecord of(
      UUID id, DogProfile profile, LocalDate addedOn, Collection<? extends Dated> facts) {
    List<Dated> inOrder = new ArrayList<>(facts);
    inOrder.sort(Dated.BY_TIME);
    return new DogRecord(id, profile, addedOn, inOrder);
  }

  /** Its id. */
  public UUID id() {
    return id;
  }

  /** Who it is. */
  public DogProfile profile() {
    return profile;
  }

  /** The day it joined the household. */
  public LocalDate addedOn() {
    return addedOn;
  }

  /** Its facts of a kind, oldest first. */
  @SuppressWarnings("unchecked")
  public <F extends Dated> List<F> all(Class<F> kind) {
    return (List<F>) byKind.getOrDefault(kind, List.of());
  }

  /** Its cleanings. */
  public List<CleaningRecord> cleanings() {
    return all(CleaningRecord.class);
  }

  /** Its checks. */
  public List<CheckRecord> checks() {
    return all(CheckRecord.class);
  }

  /** Its visits to the vet. */
  public List<VisitRecord> visits() {
    return all(VisitRecord.class);
  }

  /** Whether trouble follows water with it: stated, or found in its record and said to be so. */
  public boolean isWaterSensitive() {
    return profile.waterSensitive()
        || TriggerSaid.latest(this, Trigger.WATER).filter(TriggerSaid::follows).isPresent();
  }

  /** All its facts, oldest first. */
  public List<Dated> inOrder() {
    return inOrder;
  }

  /** This dog with those facts instead of its own of that kind. */
  public <F extends Dated> DogRecord with(Class<F> kind, Collection<? extends F> others) {
    Stream<Dated> mine = inOrder.stream().filter(fact -> !kind.isInstance(fact));
    return of(id, profile, addedOn, Stream.concat(mine, others.stream()).toList());
  }

  /** The same record of a dog of which something else was said. */
  public DogRecord with(DogProfile said) {
    return new DogRecord(id, said, addedOn, inOrder);
  }

  /** This dog with one more fact, instead of that of the same id. */
  public DogRecord plus(Dated fact) {
    List<Dated> others = without(fact.id()).inOrder();
    return of(id, profile, addedOn, Stream.concat(others.stream(), Stream.of(fact)).toList());
  }

  /** This dog without one of its facts. */
  public DogRecord without(UUID fact) {
    return of(
        id, profile, addedOn, inOrder.stream().filter(other -> !other.id().equals(fact)).toList());
  }
}
