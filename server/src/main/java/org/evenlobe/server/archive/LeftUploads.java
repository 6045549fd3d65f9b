package org.evenlobe.server.archive;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Lets go what was begun to be sent two days ago and was left, in all households. */
@Configuration
class LeftUploads {
  private static final Duration EVERY = Duration.ofHours(1);

  private final JdbcClient jdbc;
  private final Clock clock;

  LeftUploads(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  @Bean
  RecurringTask<Void> forgetLeftUploads() {
    return Tasks.recurring("forget-left", FixedDelay.of(EVERY))
        .execute((instance, context) -> forget());
  }

  void forget() {
    jdbc.sql("select forget_left(?)")
        .param(OffsetDateTime.now(clock).minus(Uploads.GIVEN_UP_AFTER))
        .query((row, n) -> 0)
        .list();
  }
}
