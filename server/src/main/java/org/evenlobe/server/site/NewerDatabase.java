package org.evenlobe.server.site;

import java.util.Arrays;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
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
                throw new Refused(
                    ("This database was last used by a later Even Lobe (its shape is number %s):"
                            + " start that one, or bring back a backup from before.")
                        .formatted(version));
              });
      flyway.migrate();
    };
  }

  /** The server does not start; the message says why. */
  static final class Refused extends IllegalStateException {
    private static final long serialVersionUID = 1;

    Refused(String why) {
      super(why);
    }
  }

  /** Tells it in one sentence instead of a stack of failures. */
  static final class Told extends AbstractFailureAnalyzer<Refused> {
    @Override
    protected FailureAnalysis analyze(Throwable whole, Refused refused) {
      return new FailureAnalysis(refused.getMessage(), null, refused);
    }
  }
}
