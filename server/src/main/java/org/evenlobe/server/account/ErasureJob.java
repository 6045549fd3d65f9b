package org.evenlobe.server.account;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.util.UUID;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.dao.DataAccessException;

/** Erases what was asked for 30 days ago; one process does it for all. */
@Configuration
class ErasureJob {
  private static final Duration EVERY = Duration.ofHours(1);
  private static final Logger LOG = LoggerFactory.getLogger(ErasureJob.class);

  @Bean
  RecurringTask<Void> eraseDue(Erasures erasures) {
    return Tasks.recurring("erase-due", FixedDelay.of(EVERY))
        .execute((instance, context) -> erasures.due().forEach(one -> erase(erasures, one)));
  }

  private static void erase(Erasures erasures, UUID one) {
    try {
      erasures.erase(one);
      AuditLog.note(Event.ERASED, null, one);
    } catch (DataAccessException e) {
      // taken back this very moment, or tried again in an hour
      LOG.warn("could not erase {}", one, e);
    }
  }
}
