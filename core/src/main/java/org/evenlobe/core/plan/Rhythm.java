package org.evenlobe.core.plan;

import java.util.ArrayList;
import java.util.List;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How often one ear is cleaned by the household's school (rules PLAN_AS_NEEDED, PLAN_FIXED), if
 * anything may be poured into it at all (rule PLAN_EARDRUM).
 *
 * @param routine whether cleanings are planned at all
 * @param days how often, where they are
 * @param reasons why so often
 */
public record Rhythm(boolean routine, int days, List<Reason> reasons) {

  public Rhythm {
    reasons = List.copyOf(reasons);
  }

  static Rhythm of(LearnedInterval learned, Preferences preferences, Eardrum eardrum) {
    if (eardrum.status() == Eardrum.Status.NOT_INTACT) {
      return new Rhythm(false, learned.plannedDays(), with(learned, eardrumNotIntact()));
    }
    return switch (preferences.scheduling()) {
      case LEARNED -> new Rhythm(learned.routine(), learned.plannedDays(), learned.reasons());
      case FIXED ->
          new Rhythm(true, preferences.fixedDays(), with(learned, fixed(preferences.fixedDays())));
      case AS_NEEDED -> new Rhythm(false, learned.plannedDays(), with(learned, asNeeded()));
    };
  }

  private static List<Reason> with(LearnedInterval learned, Reason first) {
    List<Reason> reasons = new ArrayList<>(learned.reasons());
    reasons.add(0, first);
    return reasons;
  }

  private static Reason eardrumNotIntact() {
    return Reason.of(
        Rule.PLAN_EARDRUM,
        "An eardrum is not intact: pour nothing into these ears. Your vet says what may be done.");
  }

  private static Reason fixed(int days) {
    return Reason.of(
            Rule.PLAN_FIXED,
            "Your household cleans every %s, whatever comes out."
                .formatted(Figures.count(days, "day")))
        .with("days", days);
  }

  private static Reason asNeeded() {
    return Reason.of(
        Rule.PLAN_AS_NEEDED,
        "Your household cleans as needed: only when a look and a sniff say that it is worth it.");
  }
}
