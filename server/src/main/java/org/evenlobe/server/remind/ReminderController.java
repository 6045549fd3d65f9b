package org.evenlobe.server.remind;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.SchedulerClient.ScheduleOptions;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.remind.ReminderWishes;
import org.evenlobe.core.remind.ReminderWishes.Quiet;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.mail.SimulatedMail;
import org.evenlobe.server.mail.SimulatedMail.SentMail;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How the person who asks wants to be reminded, and the outbox of the simulated mail service. */
@RestController
class ReminderController {
  private static final int SHOWN = 20;

  private final Wishes wishes;
  private final HouseholdDay day;
  private final SchedulerClient jobs;
  private final ObjectProvider<SimulatedMail> simulated;

  ReminderController(
      Wishes wishes,
      HouseholdDay day,
      SchedulerClient jobs,
      ObjectProvider<SimulatedMail> simulated) {
    this.wishes = wishes;
    this.day = day;
    this.jobs = jobs;
    this.simulated = simulated;
  }

  /**
   * How they want it.
   *
   * @param byMail whether by mail at all
   * @param doses whether of each dose at its time
   * @param dailyAt when the one mail a day comes
   * @param quietFrom from when nothing comes
   * @param quietUntil until when nothing comes
   */
  record RemindersRequest(
      @NotNull Boolean byMail,
      @NotNull Boolean doses,
      @NotNull LocalTime dailyAt,
      @Nullable LocalTime quietFrom,
      @Nullable LocalTime quietUntil) {

    ReminderWishes toCore() {
      InvalidFields.Collector errors = new InvalidFields.Collector();
      errors.require(
          (quietFrom == null) == (quietUntil == null),
          "quietUntil",
          "is said where it begins is, and only then");
      errors.throwIfAny();
      return new ReminderWishes(
          byMail,
          doses,
          dailyAt,
          quietFrom == null || quietUntil == null
              ? Optional.empty()
              : Optional.of(new Quiet(quietFrom, quietUntil)));
    }
  }

  /**
   * How they want it, and where it goes.
   *
   * @param wishes how they want it
   * @param address to which address
   * @param isConfirmed whether they have shown that it is theirs; until then none comes
   * @param isSimulated whether mails are kept in an outbox instead of being sent
   */
  record RemindersAnswer(
      ReminderWishes wishes, String address, boolean isConfirmed, boolean isSimulated) {}

  @GetMapping("/api/households/{household}/reminders")
  @Transactional(readOnly = true)
  public RemindersAnswer reminders(@PathVariable UUID household) {
    UUID person = CurrentMember.get().person();
    return new RemindersAnswer(
        wishes.of(person).map(Wishes.Kept::said).orElse(ReminderWishes.DEFAULT),
        wishes.address(person),
        wishes.isConfirmed(person),
        simulated.getIfAvailable() != null);
  }

  @Needs(Role.VIEWER)
  @PutMapping("/api/households/{household}/reminders")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  public void remind(@PathVariable UUID household, @Valid @RequestBody RemindersRequest said) {
    UUID person = CurrentMember.get().person();
    Instant now = day.now();
    wishes.keep(person, said.toCore(), now);
    jobs.schedule(
        ReminderJobs.LOOK
            .instance(ReminderJobs.instance(CurrentMember.household(), person))
            .scheduledTo(now),
        ScheduleOptions.WHEN_EXISTS_RESCHEDULE);
  }

  /** The latest mails to the one who asks; none where they are really sent. */
  @GetMapping("/api/households/{household}/outbox")
  @Transactional(readOnly = true)
  public List<SentMail> outbox(@PathVariable UUID household) {
    return simulated.stream()
        .flatMap(mails -> mails.outbox(CurrentMember.get().person(), SHOWN).stream())
        .toList();
  }
}
