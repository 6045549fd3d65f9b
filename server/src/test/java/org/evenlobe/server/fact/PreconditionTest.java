package org.evenlobe.server.fact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.evenlobe.server.problem.InvalidFields;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PreconditionTest {

  @Test
  void readsTheTwoHeaders() {
    assertThat(Precondition.of("*", null).expectsNew()).isTrue();
    assertThat(Precondition.of(null, "\"7\"").expects(7)).isTrue();
    assertThat(Precondition.of(null, "\"7\"").expects(8)).isFalse();
    assertThat(Precondition.of(null, null).isMissing()).isTrue();
  }

  @ParameterizedTest
  @ValueSource(strings = {"7", "\"-1\"", "\"\"", "W/\"1\"", "*", "\"99999999999\""})
  void refusesOtherVersions(String ifMatch) {
    assertThatThrownBy(() -> Precondition.of(null, ifMatch)).isInstanceOf(InvalidFields.class);
  }
}
