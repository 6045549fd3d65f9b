package org.evenlobe.server.visit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.record.FoldedDogs;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The visits to the vet that are on record. */
@Service
class VisitAnswers {
  private final VisitDocuments documents;
  private final FoldedDogs dogs;
  private final HouseholdDay day;

  VisitAnswers(VisitDocuments documents, FoldedDogs dogs, HouseholdDay day) {
    this.documents = documents;
    this.dogs = dogs;
    this.day = day;
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
    Map<UUID, List<VisitDocuments.Attached>> attached = documents.ofDog(dog);
    List<VisitEntry> entries = new ArrayList<>();
    for (VisitRecord visit : dogs.one(dog, day.today()).record().visits()) {
      entries.add(new VisitEntry(visit, attached.getOrDefault(visit.id(), List.of())));
    }
    Collections.reverse(entries);
    return entries;
  }
}
