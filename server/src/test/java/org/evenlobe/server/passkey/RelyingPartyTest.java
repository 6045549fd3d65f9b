package org.evenlobe.server.passkey;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RelyingPartyTest {
  @ParameterizedTest
  @CsvSource({
    "https://ears.example/, ears.example, https://ears.example",
    "https://Ears.example:8443, ears.example, https://ears.example:8443",
    "http://127.0.0.1:8420, localhost, http://localhost:8420",
    "http://[::1]:8420, localhost, http://localhost:8420",
  })
  void isTheHostThatTheAppIsFoundUnder(String url, String id, String origin) {
    RelyingParty party = new RelyingParty(url);

    assertThat(party.id()).isEqualTo(id);
    assertThat(party.origin()).isEqualTo(origin);
  }
}
