package org.evenlobe.server.account;

import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Sets up households for tests, past what a person can do as yet. */
public final class Household {
  private Household() {}

  /** Makes the other a member of the owner's household. */
  public static void addMember(Caller owner, Caller other, String role) {
    UUID person = UUID.fromString(other.get("/api/me").json().get("id").asString());
    RunningServer.bean(JdbcClient.class)
        .sql(
            "insert into membership (household_id, person_id, role, since) values (?, ?, ?, now())")
        .params(owner.household(), person, role)
        .update();
  }
}
