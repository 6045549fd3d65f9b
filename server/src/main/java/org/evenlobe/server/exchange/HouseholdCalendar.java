package org.evenlobe.server.exchange;

import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.stock.SupplyAnswers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The current household's plan as a calendar. */
@Service
class HouseholdCalendar {
  private final Plans plans;
  private final SupplyAnswers supplies;
  private final HouseholdDay day;

  HouseholdCalendar(Plans plans, SupplyAnswers supplies, HouseholdDay day) {
    this.plans = plans;
    this.supplies = supplies;
    this.day = day;
  }

  /** Its text. */
  @Transactional(readOnly = true)
  public String text() {
    Standing standing = plans.standing();
    return PlanCalendar.of(
        plans.planned(standing),
        supplies.all().stream().map(SupplyAnswers.Kept::supply).toList(),
        standing,
        day.now());
  }
}
