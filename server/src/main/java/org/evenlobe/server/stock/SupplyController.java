package org.evenlobe.server.stock;

import jakarta.validation.Valid;
import java.util.UUID;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.Precondition;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Recording what is in the house, counting it anew, and taking it out. */
@RestController
class SupplyController {
  private final SupplyKeeping supplies;

  SupplyController(SupplyKeeping supplies) {
    this.supplies = supplies;
  }

  @PutMapping("/api/households/{household}/supplies/{supply}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID supply,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody SupplyRequest said) {
    return FactAnswer.of(supplies.put(supply, Precondition.of(ifNoneMatch, ifMatch), said));
  }

  @DeleteMapping("/api/households/{household}/supplies/{supply}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID supply,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(supplies.remove(supply, Precondition.of(null, ifMatch)));
  }
}
