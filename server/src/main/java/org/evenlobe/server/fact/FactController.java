package org.evenlobe.server.fact;

import io.swagger.v3.oas.annotations.Hidden;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Facts of every kind: recording, correcting, deleting, and going back to what was said before.
 * {@link FactDocument} writes it down kind by kind.
 */
@Hidden
@RestController
@RequestMapping("/api/households/{household}/{kind}/{id}")
class FactController {
  private final FactKeeping facts;
  private final FactKinds kinds;
  private final ChangeNumber changes;

  FactController(FactKeeping facts, FactKinds kinds, ChangeNumber changes) {
    this.facts = facts;
    this.kinds = kinds;
    this.changes = changes;
  }

  @PutMapping
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID id,
      Precondition given,
      @FactBody Object said) {
    return FactAnswer.of(facts.put(id, given, said), changes);
  }

  @DeleteMapping
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable String kind,
      @PathVariable UUID id,
      Precondition given) {
    return FactAnswer.of(facts.remove(kinds.at(kind), id, given), changes);
  }

  @GetMapping("/versions")
  List<? extends KeptVersion<?>> versions(
      @PathVariable UUID household, @PathVariable String kind, @PathVariable UUID id) {
    return facts.versions(kinds.at(kind), id);
  }

  @PostMapping("/versions/{version}/restore")
  ResponseEntity<FactAnswer> restore(
      @PathVariable UUID household,
      @PathVariable String kind,
      @PathVariable UUID id,
      @PathVariable int version) {
    return FactAnswer.of(facts.restore(kinds.at(kind), id, version), changes);
  }
}
