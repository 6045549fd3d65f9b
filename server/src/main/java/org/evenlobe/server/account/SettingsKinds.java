package org.evenlobe.server.account;

import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of a household's settings: one fact, under the household's own id. */
@Configuration
class SettingsKinds {

  @Bean
  FactKind<SettingsRequest, Settings> settingsKind() {
    return new FactKind<>(
        "settings",
        SettingsRequest.class,
        Settings.class,
        Settings::new,
        false,
        Role.OWNER,
        said -> Optional.empty(),
        SettingsKinds::check);
  }

  private static void check(UUID id, SettingsRequest said) {
    if (!id.equals(CurrentMember.household())) {
      throw Refusal.notFound();
    }
    InvalidFields.Collector errors = new InvalidFields.Collector();
    errors.require(said.scheduling().isChosen(), "scheduling", "is a vet's to prescribe");
    Optional.ofNullable(said.namedDays()).ifPresent(days -> days.check(errors));
    errors.throwIfAny();
  }
}
