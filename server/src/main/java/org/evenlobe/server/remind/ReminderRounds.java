package org.evenlobe.server.remind;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.remind.Reminder;
import org.evenlobe.core.remind.Reminders;
import org.evenlobe.core.remind.Reminders.DoseTime;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.RateLimits;
import org.evenlobe.server.mail.Mail;
import org.evenlobe.server.plan.Plans;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks for what a member is to be reminded of, and begins a job for each mail. */
@Service
class ReminderRounds {
  /** What was begun longer ago than this is never begun again: its time is past. */
  private static final Duration KEPT = Duration.ofDays(60);

  private static final Duration UNCONFIRMED_AGAIN = Duration.ofMinutes(1);
  private static final Logger LOG = LoggerFactory.getLogger(ReminderRounds.class);

  private static final String FAREWELL =
      "You said in Even Lobe, under Household, that you want this.";

  private final Wishes wishes;
  private final DueThings things;
  private final Plans plans;
  private final HouseholdDay day;
  private final SchedulerClient jobs;
  private final RateLimits limits;
  private final int mostADay;

  ReminderRounds(
      Wishes wishes,
      DueThings things,
      Plans plans,
      HouseholdDay day,
      SchedulerClient jobs,
      RateLimits limits,
      @Value("${evenlobe.mail.a-day}") int mostADay) {
    this.wishes = wishes;
    this.things = things;
    this.plans = plans;
    this.day = day;
    this.jobs = jobs;
    this.limits = limits;
    this.mostADay = mostADay;
  }

  /**
   * Begins what has become due since the last time.
   *
   * @return when to look again; empty where they want no mail any more
   */
  @Transactional
  public Optional<Instant> look(UUID person) {
    Optional<Wishes.Kept> kept = wishes.of(person).filter(one -> one.said().byMail());
    if (kept.isEmpty()) {
      return Optional.empty();
    }
    Instant now = day.now();
    if (!wishes.isConfirmed(person)) {
      // whoever owns that address has not said that they want it
      wishes.looked(person, now);
      return Optional.of(now.plus(UNCONFIRMED_AGAIN));
    }
    Plans.Standing standing = plans.standing();
    Reminders reminders = new Reminders(kept.get().said(), standing.zone());
    List<DoseTime> doses = things.doses(standing, now);
    reminders
        .due(kept.get().lookedUntil(), now, doses, () -> things.of(standing))
        .forEach(one -> begin(person, one, now, standing.how().wording()));
    wishes.looked(person, now);
    wishes.forget(person, now.minus(KEPT));
    return reminders.next(now, doses);
  }

  private void begin(UUID person, Reminder reminder, Instant now, Wording wording) {
    if (!wishes.begin(person, reminder.key(), now)) {
      return;
    }
    if (!limits.allows("mails " + person, mostADay, Duration.ofDays(1))) {
      LOG.warn("no more mails to person {} today", person);
      return;
    }
    String lines = wording.of(String.join("\n", reminder.lines()));
    Mail mail =
        Mail.reminder(
            person,
            wishes.address(person),
            wording.of(reminder.subject()),
            lines + "\n\n" + FAREWELL + "\n");
    jobs.scheduleIfNotExists(
        ReminderJobs.MAIL
            .instance(ReminderJobs.instance(CurrentMember.household(), person, reminder.key()))
            .data(mail)
            .scheduledTo(now));
  }
}
