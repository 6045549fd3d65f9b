package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.course.UnderCourse;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.plan.learn.LearnedInterval;
import org.evenlobe.core.rule.Reason;

/**
 * What the plan knows of one ear.
 *
 * @param interval its interval, learned as far as its cleanings tell
 * @param rhythm how often it is cleaned by the vet's word or the household's school
 * @param lastCleaned the day of its last cleaning of any kind, the vet's included
 * @param look what its latest check said, where there is one
 * @param hold the hold that is open
 * @param order the vet's instruction that is in force
 * @param course the course of medicine that it is under
 * @param eardrum what is known of its eardrum
 * @param mayGoIn what may go in
 * @param because by whose word, or by what
 * @param why the same in a sentence
 * @param advice what its record suggests beyond a date
 */
public record EarPlan(
    LearnedInterval interval,
    Rhythm rhythm,
    Optional<LocalDate> lastCleaned,
    Optional<EarLook> look,
    Optional<Hold> hold,
    Optional<VetOrder> order,
    Optional<UnderCourse> course,
    EardrumKnown eardrum,
    MayGoIn mayGoIn,
    EarStands.Because because,
    Reason why,
    List<Reason> advice) {

  public EarPlan {
    advice = List.copyOf(advice);
  }
}
