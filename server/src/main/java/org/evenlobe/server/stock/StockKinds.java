package org.evenlobe.server.stock;

import java.util.Optional;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.fact.FactKind;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of bottles and packs in the house; what was used from one stays used. */
@Configuration
class StockKinds {

  @Bean
  FactKind<SupplyRequest, StoredSupply> supplyKind(HouseholdDay day) {
    return new FactKind<>(
        "supplies",
        SupplyRequest.class,
        StoredSupply.class,
        StoredSupply::new,
        true,
        Role.CARER,
        said -> Optional.empty(),
        (id, said) -> said.errors(day.latest(), day.today()).throwIfAny());
  }
}
