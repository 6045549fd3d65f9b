package org.evenlobe.server.ear;

import static org.assertj.core.api.Assertions.assertThat;

import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class BreedTest {

  @Test
  void theCatalogueIsServedToThoseWhoAreSignedIn() {
    JsonNode breeds = Caller.newOwner().get("/api/breeds").json();

    assertThat(breeds).hasSizeGreaterThan(220);
    assertThat(breeds.valueStream().filter(breed -> breed.has("oddsRatio"))).hasSize(9);
    assertThat(Caller.signedOut().get("/api/breeds").status()).isEqualTo(401);
  }
}
