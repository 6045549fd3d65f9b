package org.evenlobe.server.visit;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.problem.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The visits to the vet that are on record. */
@Service
class VisitAnswers {
  private final Visits visits;
  private final VisitDocuments documents;
  private final Dogs dogs;

  VisitAnswers(Visits visits, VisitDocuments documents, Dogs dogs) {
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
  record VisitEntry(VisitRecord visit, List<VisitDocuments.Attached> documents) {}

  /**
   * A dog's visits, the latest first.
   *
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional(readOnly = true)
  List<VisitEntry> ofDog(UUID dog) {
    UUID household = CurrentMember.household();
    if (dogs.one(household, dog).isEmpty()) {
      throw Refusal.notFound();
    }
    Map<UUID, List<VisitDocuments.Attached>> attached = documents.ofDog(dog);
    return visits.of(household, dog).stream()
        .map(Visit::toCore)
        .map(visit -> new VisitEntry(visit, attached.getOrDefault(visit.id(), List.of())))
        .toList();
  }
}
