package org.evenlobe.server.plan;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of planned items that a person skips, or puts on a day. */
@Configuration
class MoveKinds {

  @Bean
  FactKind<SkipRequest, SkippedItem> skipKind(DogFactRules rules) {
    return rules.kind(
        "skips",
        SkipRequest.class,
        SkippedItem.class,
        SkippedItem::new,
        (id, said, errors) -> check(said, errors));
  }

  /** Outside the item's window it needs a reason; an item that is no longer planned is refused. */
  @Bean
  FactKind<PinRequest, PinnedItem> pinKind(DogFactRules rules, Plans plans) {
    return rules.kind(
        "pins",
        PinRequest.class,
        PinnedItem.class,
        PinnedItem::new,
        DogFactRules.nothing(),
        (id, said, errors) -> check(said, plans.of(said.dogId()), errors));
  }

  private static void check(SkipRequest said, InvalidFields.Collector errors) {
    Optional<PlanItem.Id> item = item(said.item());
    errors
        .require(
            item.filter(one -> one.dog().equals(said.dogId())).isPresent(),
            "item",
            "must be a planned item of that dog")
        .require(
            item.map(one -> one.kind().isSkippable()).orElse(true),
            "item",
            "must not be what only its answer or record ends: a visit, a talk, a question");
  }

  private static void check(PinRequest said, DogPlan plan, InvalidFields.Collector errors) {
    LocalDate last = plan.today().plusDays(PlanItem.HORIZON_DAYS);
    errors.require(!said.on().isBefore(plan.today()), "on", "must not lie in the past");
    errors.require(!said.on().isAfter(last), "on", "must lie within 60 days");
    Optional<PlanItem> item =
        plan.items().stream().filter(one -> one.id().toString().equals(said.item())).findFirst();
    errors.require(item.isPresent(), "item", "is not planned for that dog, or no longer");
    errors.require(
        item.map(one -> one.kind().isMovable()).orElse(true),
        "item",
        "must be a check, a cleaning or hair: the others have their day from what happened");
    boolean outside = item.filter(one -> !one.own().contains(said.on())).isPresent();
    errors.require(
        !outside || (said.reason() != null && !said.reason().isBlank()),
        "reason",
        "must say why: the day lies outside the window");
  }

  private static Optional<PlanItem.Id> item(String text) {
    try {
      return Optional.of(PlanItem.Id.parse(text));
    } catch (IllegalArgumentException none) {
      return Optional.empty();
    }
  }
}
