package org.evenlobe.server.site;

import java.util.Arrays;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** An older server leaves a newer database alone: it would answer what it does not understand. */
@Configuration
class NewerDatabase {

  /** Looks before anything is written. */
  @Bean
  FlywayMigrationStrategy migrating() {
    return flyway -> {
      Arrays.stream(flyway.info().applied())
          .filter(one -> one.getState() == MigrationState.FUTURE_SUCCESS)
          .reduce((earlier, later) -> later)
          .map(MigrationInfo::getVersion)
          .ifPresent(
              version -> {
                throw new NotStarted(
                    ("This database was last used by a later Even Lobe (its shape is number %s):"
                            + " start that one, or bring back a backup from before.")
                        .formatted(version));
              });
      flyway.migrate();
    };
  }
}
