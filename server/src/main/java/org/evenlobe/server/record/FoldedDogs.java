package org.evenlobe.server.record;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.fact.FactKey;
import org.evenlobe.server.problem.Refusal;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Dogs with all their facts, gone through up to a day.
 *
 * <p>What was gone through is kept in this process while nothing of the dog has changed: its stamp,
 * which every write to a fact of it moves in the same transaction, is read with each request, so
 * that no process answers from what another has changed. What is kept is bounded by the number of
 * facts.
 */
@Component
@Transactional(propagation = Propagation.MANDATORY, readOnly = true)
public class FoldedDogs {
  private final Dogs dogs;
  private final DogFacts facts;
  private final Cache<FactKey, Kept> kept;

  FoldedDogs(Dogs dogs, DogFacts facts, @Value("${evenlobe.kept-facts:200000}") int keptFacts) {
    this.dogs = dogs;
    this.facts = facts;
    this.kept =
        Caffeine.newBuilder()
            .maximumWeight(keptFacts)
            .<FactKey, Kept>weigher((key, one) -> one.history().dog().inOrder().size() + 1)
            .build();
  }

  /** What was made of a dog when it stood at a stamp. */
  private record Kept(long stamp, DogHistory history) {}

  /**
   * A dog.
   *
   * @param said what was said of it
   * @param history its facts, gone through
   */
  public record Folded(Dog said, DogHistory history) {

    /** All its facts. */
    public DogRecord record() {
      return history.dog();
    }
  }

  /** Throws away what is kept here, to see what it costs without. */
  @Transactional(propagation = Propagation.SUPPORTS)
  public void forget() {
    kept.invalidateAll();
  }

  /** The dogs that live in the household now, by name. */
  public List<Folded> here(LocalDate today) {
    return folded(dogs.ofHousehold(CurrentMember.household()), today);
  }

  /** Those that left it on a day or later. */
  public List<Folded> leftSince(LocalDate day, LocalDate today) {
    return folded(dogs.leftSince(CurrentMember.household(), day), today);
  }

  /**
   * One that lives in the household, or has left it.
   *
   * @throws Refusal 404 if there is none
   */
  public Folded one(UUID id, LocalDate today) {
    Dog dog = dogs.one(CurrentMember.household(), id).orElseThrow(Refusal::notFound);
    return folded(List.of(dog), today).get(0);
  }

  private List<Folded> folded(List<Dog> all, LocalDate today) {
    Map<UUID, DogRecord> current = new HashMap<>();
    Map<UUID, DogHistory> histories = new HashMap<>();
    for (Dog dog : all) {
      Kept one = kept.getIfPresent(key(dog));
      if (one != null && one.stamp() == dog.stamp()) {
        current.put(dog.id(), one.history().dog());
        histories.put(dog.id(), one.history());
      }
    }
    List<UUID> stale = all.stream().map(Dog::id).filter(dog -> !current.containsKey(dog)).toList();
    Map<UUID, List<Dated>> fresh = facts.of(CurrentMember.household(), stale);
    return all.stream()
        .map(
            dog -> {
              DogHistory history = histories.get(dog.id());
              if (history == null || !history.today().equals(today)) {
                history = DogHistory.of(record(dog, current, fresh), today);
                kept.put(key(dog), new Kept(dog.stamp(), history));
              }
              return new Folded(dog, history);
            })
        .toList();
  }

  private static DogRecord record(
      Dog dog, Map<UUID, DogRecord> current, Map<UUID, List<Dated>> fresh) {
    DogRecord known = current.get(dog.id());
    return known == null
        ? DogRecord.of(
            dog.id(), dog.profile(), dog.joinedOn(), fresh.getOrDefault(dog.id(), List.of()))
        : known;
  }

  private static FactKey key(Dog dog) {
    return new FactKey(CurrentMember.household(), dog.id());
  }
}
