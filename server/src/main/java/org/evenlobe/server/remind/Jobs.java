package org.evenlobe.server.remind;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.serializer.Serializer;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import tools.jackson.databind.json.JsonMapper;

/**
 * Scheduled work: jobs live in the database, and all server processes share them. One that dies is
 * missed after a few heartbeats, and its jobs are taken up by another.
 */
@Configuration
class Jobs {
  private static final int MISSED_HEARTBEATS = 4;
  private static final int THREADS = 4;
  private static final double LEAST = 0.5;
  private static final double MOST = 1.0;

  /** What a job carries, as JSON. */
  private record AsJson(JsonMapper json) implements Serializer {
    @Override
    public byte[] serialize(Object data) {
      return json.writeValueAsBytes(data);
    }

    @Override
    public <T> T deserialize(Class<T> type, byte[] data) {
      return json.readValue(data, type);
    }
  }

  /** A job that is begun within a transaction is there once that ends, and only then. */
  @Bean
  @Primary
  SchedulerClient jobClient(DataSource source, JsonMapper json) {
    return SchedulerClient.Builder.create(new TransactionAwareDataSourceProxy(source))
        .serializer(new AsJson(json))
        .build();
  }

  @Bean(destroyMethod = "stop")
  Scheduler scheduler(
      DataSource source,
      JsonMapper json,
      List<Task<?>> tasks,
      List<RecurringTask<Void>> again,
      @Value("${evenlobe.jobs.poll}") Duration poll,
      @Value("${evenlobe.jobs.heartbeat}") Duration heartbeat) {
    List<Task<?>> once = new ArrayList<>(tasks);
    once.removeAll(again);
    return Scheduler.create(source, once)
        // those that come again and again are begun by the first process that starts
        .startTasks(again)
        .serializer(new AsJson(json))
        .threads(THREADS)
        .pollingInterval(poll)
        .heartbeatInterval(heartbeat)
        .missedHeartbeatsLimit(MISSED_HEARTBEATS)
        .pollUsingLockAndFetch(LEAST, MOST)
        .build();
  }

  /** Begins the work once the server answers; not where the clock stands still. */
  @Configuration
  static class Begin {
    private final Scheduler scheduler;
    private final boolean on;

    Begin(
        Scheduler scheduler,
        @Value("${evenlobe.jobs.enabled}") boolean on,
        @Value("${evenlobe.now}") String now) {
      this.scheduler = scheduler;
      this.on = on && now.isEmpty();
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
      if (on) {
        scheduler.start();
      }
    }
  }
}
