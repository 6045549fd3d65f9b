package org.evenlobe.server.fact;

import org.evenlobe.server.access.CurrentMember;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A household's change number, which every write raises, so that others learn of it. */
@Service
public class ChangeNumber {
  private final JdbcClient jdbc;

  ChangeNumber(JdbcClient jdbc) {
    this.jdbc = jdbc;
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
    jdbc.sql("update household set change_number = change_number + 1 where id = ?")
        .param(CurrentMember.household())
        .update();
  }
}
