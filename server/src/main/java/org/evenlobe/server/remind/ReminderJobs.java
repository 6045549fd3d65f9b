package org.evenlobe.server.remind;

import com.github.kagkarlsson.scheduler.task.CompletionHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Memberships;
import org.evenlobe.server.mail.Later;
import org.evenlobe.server.mail.Mail;
import org.evenlobe.server.mail.MailService;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The jobs of reminders. One looks for what is due, for each member of a household that wants it;
 * one sends a mail, for each mail. Each mail is sent at least once, and by a healthy process never
 * twice: only where a process dies between sending and saying so is it sent again.
 */
@Configuration
class ReminderJobs {
  /** Looks for what is due; the instance is "household/person". */
  static final TaskDescriptor<Void> LOOK = TaskDescriptor.of("reminder-look");

  /** Sends a mail; the instance is "household/person/what". */
  static final TaskDescriptor<Mail> MAIL = TaskDescriptor.of("reminder-mail", Mail.class);

  private static final Duration AGAIN = Duration.ofMinutes(1);
  private static final String SEPARATOR = "/";

  /** The instance of a member's job. */
  static String instance(UUID household, UUID person) {
    return household + SEPARATOR + person;
  }

  /** The instance of one of their mails. */
  static String instance(UUID household, UUID person, String key) {
    return instance(household, person) + SEPARATOR + key;
  }

  private static Optional<Member> member(String instance, Memberships memberships) {
    String[] parts = instance.split(SEPARATOR, -1);
    UUID household = UUID.fromString(parts[0]);
    UUID person = UUID.fromString(parts[1]);
    return memberships.role(household, person).map(role -> new Member(household, person, role));
  }

  @Bean
  Task<Void> reminderLook(ReminderRounds rounds, Memberships memberships) {
    return Tasks.custom(LOOK)
        .onFailureReschedule(FixedDelay.of(AGAIN))
        .execute(
            (instance, context) -> {
              Optional<Member> member = member(instance.getId(), memberships);
              AtomicReference<Optional<Instant>> next = new AtomicReference<>(Optional.empty());
              member.ifPresent(
                  one -> CurrentMember.run(one, () -> next.set(rounds.look(one.person()))));
              return again(next.get());
            });
  }

  /** Again at the next that is known, or in a minute: something new may be said meanwhile. */
  private static CompletionHandler<Void> again(Optional<Instant> next) {
    return (complete, operations) -> {
      if (next.isEmpty()) {
        operations.remove();
      } else {
        Instant soon = complete.getTimeDone().plus(AGAIN);
        operations.reschedule(complete, next.get().isBefore(soon) ? next.get() : soon);
      }
    };
  }

  @Bean
  Task<Mail> reminderMail(MailService mails, Stops stops, Memberships memberships) {
    return Tasks.oneTime(MAIL)
        .onFailure(Later::tryAgain)
        .execute(
            (instance, context) ->
                member(instance.getId(), memberships)
                    .ifPresent(
                        one ->
                            CurrentMember.run(one, () -> stops.send(instance.getData(), mails))));
  }
}
