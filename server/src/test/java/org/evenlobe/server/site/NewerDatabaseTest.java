package org.evenlobe.server.site;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationState;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.Test;

class NewerDatabaseTest {
  private final Flyway flyway = mock(Flyway.class);

  private void lastApplied(MigrationState state) {
    MigrationInfo last = mock(MigrationInfo.class);
    when(last.getState()).thenReturn(state);
    when(last.getVersion()).thenReturn(MigrationVersion.fromVersion("99"));
    MigrationInfoService all = mock(MigrationInfoService.class);
    when(all.applied()).thenReturn(new MigrationInfo[] {last});
    when(flyway.info()).thenReturn(all);
  }

  @Test
  void isLeftAloneAndToldInASentence() {
    lastApplied(MigrationState.FUTURE_SUCCESS);

    assertThatThrownBy(() -> new NewerDatabase().migrating().migrate(flyway))
        .hasMessageContaining("a later Even Lobe (its shape is number 99)");
    verify(flyway, never()).migrate();
  }

  @Test
  void oneOfThisVersionIsMigrated() {
    lastApplied(MigrationState.SUCCESS);

    new NewerDatabase().migrating().migrate(flyway);

    verify(flyway).migrate();
  }
}
