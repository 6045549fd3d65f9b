package org.evenlobe.server.visit;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.KeptVersion;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records and corrects visits to the vet. */
@Service
public class VisitKeeping {
  private final FactStore facts;
  private final DogFactRules rules;
  private final Visits visits;
  private final VisitDocuments documents;
  private final Dogs dogs;

  VisitKeeping(
      FactStore facts, DogFactRules rules, Visits visits, VisitDocuments documents, Dogs dogs) {
    this.facts = facts;
    this.rules = rules;
    this.visits = visits;
    this.documents = documents;
    this.dogs = dogs;
  }

  /**
   * A visit with what was attached to it.
   *
   * @param visit what was found and said
   * @param documents what is attached, by name
   */
  public record VisitEntry(VisitRecord visit, List<VisitDocuments.Attached> documents) {}

  /**
   * Records or corrects a visit.
   *
   * @throws InvalidFields if it names no dog of this household, contradicts itself, or lies in the
   *     future or before the dog's birth
   */
  @Transactional
  public Visit put(UUID id, Precondition given, VisitRequest said) {
    return facts.put(
        Visit.class,
        Visit::new,
        id,
        given,
        said,
        () -> rules.happened(said).and(said::check).throwIfAny());
  }

  /** Deletes a visit; it can be restored for 30 days. */
  @Transactional
  public Visit remove(UUID id, Precondition given) {
    return facts.remove(Visit.class, id, given);
  }

  /** Says again what an earlier version said. */
  @Transactional
  public Visit restore(UUID id, int version) {
    return facts.restore(Visit.class, VisitRequest.class, id, version);
  }

  /** All versions, the latest first. */
  @Transactional(readOnly = true)
  public List<KeptVersion<VisitRequest>> versions(UUID id) {
    return facts.versions(Visit.class, VisitRequest.class, id);
  }

  /**
   * A dog's visits, the latest first.
   *
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional(readOnly = true)
  public List<VisitEntry> ofDog(UUID dog) {
    UUID household = CurrentMember.household();
    if (dogs.one(household, dog).isEmpty()) {
      throw Refusal.notFound();
    }
    Map<UUID, List<VisitDocuments.Attached>> attached = documents.ofDog(dog);
    return visits.of(household, dog).stream()
        .map(Visit::toCore)
        .sorted(Comparator.comparing((VisitRecord visit) -> visit, Dated.BY_TIME).reversed())
        .map(visit -> new VisitEntry(visit, attached.getOrDefault(visit.id(), List.of())))
        .toList();
  }
}
