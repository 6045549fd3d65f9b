package org.evenlobe.server.account;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import org.evenlobe.server.mail.Later;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The job that sends a mail about an account: at least once, by a healthy process never twice. */
@Configuration
class AccountMailJob {
  static final TaskDescriptor<AccountLetter> LETTER =
      TaskDescriptor.of("account-mail", AccountLetter.class);

  @Bean
  Task<AccountLetter> accountMail(AccountMails mails) {
    return Tasks.oneTime(LETTER)
        .onFailure(Later::tryAgain)
        .execute((instance, context) -> mails.send(instance.getData()));
  }
}
