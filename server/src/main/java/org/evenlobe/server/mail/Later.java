package org.evenlobe.server.mail;

import com.github.kagkarlsson.scheduler.task.ExecutionComplete;
import com.github.kagkarlsson.scheduler.task.ExecutionOperations;
import java.time.Duration;

/** What becomes of a mail that could not be sent. */
public final class Later {
  private static final Duration FIRST_PAUSE = Duration.ofSeconds(30);
  private static final int MOST_TRIES = 10;

  private Later() {}

  /** Later and later; a mail that nobody takes for half a day is given up. */
  public static <T> void tryAgain(ExecutionComplete failed, ExecutionOperations<T> operations) {
    int times = failed.getExecution().consecutiveFailures + 1;
    if (times > MOST_TRIES) {
      operations.remove();
    } else {
      Duration pause = FIRST_PAUSE.multipliedBy(1L << (times - 1));
      operations.reschedule(failed, failed.getTimeDone().plus(pause));
    }
  }
}
