package org.evenlobe.server.fact;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A household's change number, which every write raises, so that others learn of it. */
@Service
public class ChangeNumber {
  private final JdbcClient jdbc;
  private final Counter raised;

  ChangeNumber(JdbcClient jdbc, MeterRegistry figures) {
    this.jdbc = jdbc;
    this.raised =
        Counter.builder("evenlobe.changes")
            .description("Writes to what households recorded")
            .register(figures);
  }

  /** The current household's. */
  @Transactional(readOnly = true)
  public long get() {
    return jdbc.sql("select change_number from household where id = ?")
        .param(CurrentMember.household())
        .query(Long.class)
        .single();
  }

  /** Raises it, in the transaction of the write. */
  @Transactional
  public void raise() {
    raise(List.of());
  }

  /** The same, and stamps the dogs whose facts were written with it. */
  @Transactional
  public void raise(Collection<UUID> dogs) {
    UUID household = CurrentMember.household();
    long number =
        jdbc.sql(
                """
            update household set change_number = change_number + 1 where id = ?
            returning change_number
            """)
            .param(household)
            .query(Long.class)
            .single();
    raised.increment();
    for (UUID dog : Set.copyOf(dogs)) {
      jdbc.sql("update dog set stamp = ? where household_id = ? and id = ?")
          .params(number, household, dog)
          .update();
    }
  }
}
