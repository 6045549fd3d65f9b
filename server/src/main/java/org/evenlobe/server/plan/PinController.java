package org.evenlobe.server.plan;

import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.PlanItem;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactKeeping;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Putting a planned item on a day, and taking that back. */
@RestController
@Transactional
class PinController {
  private final DogFactKeeping keeping;
  private final HouseholdPlans plans;

  PinController(DogFactKeeping keeping, HouseholdPlans plans) {
    this.keeping = keeping;
    this.plans = plans;
  }

  /** Outside the item's window it needs a reason; an item that is no longer planned is refused. */
  @PutMapping("/api/households/{household}/pins/{pin}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID pin,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody PinRequest said) {
    return FactAnswer.of(
        keeping.put(
            PinnedItem.class,
            PinnedItem::new,
            pin,
            Precondition.of(ifNoneMatch, ifMatch),
            said,
            errors -> check(said, errors)));
  }

  @DeleteMapping("/api/households/{household}/pins/{pin}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID pin,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(keeping.remove(PinnedItem.class, pin, Precondition.of(null, ifMatch)));
  }

  private void check(PinRequest said, InvalidFields.Collector errors) {
    DogPlan plan = plans.planOf(said.dogId());
    LocalDate last = plan.today().plusDays(DogPlan.HORIZON_DAYS);
    errors.require(!said.on().isBefore(plan.today()), "on", "must not lie in the past");
    errors.require(!said.on().isAfter(last), "on", "must lie within 60 days");
    Optional<PlanItem> item =
        plan.items().stream().filter(one -> one.id().toString().equals(said.item())).findFirst();
    errors.require(item.isPresent(), "item", "is not planned for that dog, or no longer");
    errors.require(
        item.map(one -> one.kind().isMovable()).orElse(true),
        "item",
        "must be a check or a cleaning: the others have their day from what happened");
    boolean outside = item.filter(one -> !one.own().contains(said.on())).isPresent();
    errors.require(
        !outside || (said.reason() != null && !said.reason().isBlank()),
        "reason",
        "must say why: the day lies outside the window");
  }
}
