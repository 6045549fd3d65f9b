package org.evenlobe.server.account;

import com.github.kagkarlsson.scheduler.ScheduledExecution;
import com.github.kagkarlsson.scheduler.Scheduler;
import java.util.ArrayList;
import java.util.List;
import org.evenlobe.server.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What somebody finds in their mail: jobs are run by hand here, and the outbox is read whole. */
final class Mailbox {
  private Mailbox() {}

  /**
   * A mail.
   *
   * @param subject what it is about
   * @param body what it says
   */
  record Letter(String subject, String body) {
    /** What follows a path in it: a link's secret. */
    String after(String path) {
      String rest = body.substring(body.indexOf(path) + path.length());
      return rest.split("\\s", 2)[0];
    }
  }

  /** Everything that was sent to an address, the newest first, once what was begun is sent. */
  static List<Letter> of(String address) {
    List<ScheduledExecution<AccountLetter>> begun = new ArrayList<>();
    Scheduler scheduler = RunningServer.bean(Scheduler.class);
    scheduler.fetchScheduledExecutionsForTask(
        AccountMailJob.LETTER.getTaskName(), AccountLetter.class, begun::add);
    begun.stream()
        .filter(one -> one.getData().email().equalsIgnoreCase(address))
        .forEach(
            one -> {
              RunningServer.bean(AccountMails.class).send(one.getData());
              scheduler.cancel(one.getTaskInstance());
            });
    return JdbcClient.create(RunningServer.ownerSource())
        .sql(
            "select subject, body from simulated_account_mail where recipient = ? order by sent_at desc")
        .param(address)
        .query((row, n) -> new Letter(row.getString(1), row.getString(2)))
        .list();
  }
}
