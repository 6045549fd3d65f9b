package org.evenlobe.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Two thousand requests that almost fit; {@code bin/bench fuzz} sends many more. */
@ExtendWith(RunningServer.class)
class ApiFuzzTest {
  @ParameterizedTest
  @ValueSource(longs = {20_261_127, 4711})
  void nothingFailsAndWhatIsRefusedIsNotStored(long seed) {
    ApiFuzz fuzz = new ApiFuzz(seed);

    assertThat(fuzz.run(1000)).as("seed " + seed).isEmpty();

    assertThat(fuzz.accepted()).isPositive();
  }
}
