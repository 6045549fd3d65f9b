package org.evenlobe.server.watch;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.MeterBinder;
import java.util.concurrent.TimeUnit;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** What waits to be done by whichever process comes to it: mails, and all jobs that are late. */
@Component
class WaitingJobs implements MeterBinder {
  private final JdbcClient jdbc;
  private volatile double mails;
  private volatile double late;

  WaitingJobs(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  @Override
  public void bindTo(MeterRegistry figures) {
    Gauge.builder("evenlobe.mails.waiting", () -> mails)
        .description("Mails that are to be sent")
        .register(figures);
    Gauge.builder("evenlobe.jobs.late", () -> late)
        .description("Jobs that should have been begun a minute ago")
        .register(figures);
  }

  /** Counted now and then, and not whenever somebody asks. */
  @Scheduled(fixedDelay = 30, initialDelay = 30, timeUnit = TimeUnit.SECONDS)
  void count() {
    try {
      mails = many("task_name in ('reminder-mail', 'account-mail')");
      late = many("execution_time < now() - interval '1 minute'");
    } catch (DataAccessException gone) {
      mails = Double.NaN;
      late = Double.NaN;
    }
  }

  private double many(String which) {
    return jdbc.sql("select count(*) from scheduled_tasks where not picked and " + which)
        .query(Long.class)
        .single();
  }
}
