package org.evenlobe.server.plan;

import jakarta.validation.Valid;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.plan.PlanItem;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.record.DogFactRules;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Skipping a planned item, and taking that back. */
@RestController
@Transactional
class SkipController {
  private final FactStore facts;
  private final DogFactRules rules;

  SkipController(FactStore facts, DogFactRules rules) {
    this.facts = facts;
    this.rules = rules;
  }

  @PutMapping("/api/households/{household}/skips/{skip}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID skip,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody SkipRequest said) {
    Precondition given = Precondition.of(ifNoneMatch, ifMatch);
    return FactAnswer.of(
        facts.put(SkippedItem.class, SkippedItem::new, skip, given, said, () -> check(said)));
  }

  @DeleteMapping("/api/households/{household}/skips/{skip}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID skip,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    Precondition given = Precondition.of(null, ifMatch);
    return FactAnswer.of(facts.remove(SkippedItem.class, skip, given));
  }

  private void check(SkipRequest said) {
    Optional<PlanItem.Id> item = item(said.item());
    rules
        .happened(said)
        .require(
            item.filter(one -> one.dog().equals(said.dogId())).isPresent(),
            "item",
            "must be a planned item of that dog")
        .require(
            item.map(one -> one.kind().isSkippable()).orElse(true),
            "item",
            "must not be a visit: only its record ends it")
        .throwIfAny();
  }

  private static Optional<PlanItem.Id> item(String text) {
    try {
      return Optional.of(PlanItem.Id.parse(text));
    } catch (IllegalArgumentException none) {
      return Optional.empty();
    }
  }
}
