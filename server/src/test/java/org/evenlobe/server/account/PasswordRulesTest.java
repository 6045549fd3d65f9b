package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.evenlobe.server.problem.InvalidFields;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordRulesTest {
  private static final String EMAIL = "wren.reed@test.example";
  private final PasswordRules rules = new PasswordRules();

  @ParameterizedTest
  @CsvSource({
    "short, characters",
    "elevenchars, characters",
    "password1234, guess",
    "P@ssw0rd1234, guess",
    "qwertyuiop12, guess",
    "aaaaaaaaaaaaaaaa, guess",
    "123456789012, guess",
    "iloveyou1234, guess",
    "my name is wren, part",
    "REED-tall-grass, part",
    "xx wren.reed xx, part",
  })
  void refuses(String password, String why) {
    assertThatThrownBy(() -> rules.require("next", password, EMAIL))
        .isInstanceOf(InvalidFields.class)
        .hasMessageContaining(why);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "a long enough secret",
        "tern over wet slate",
        "gX4!vv09zQ-a",
        "saltmarsh-at-dawn",
        "чайка над болотом"
      })
  void takes(String password) {
    assertThatCode(() -> rules.require("next", password, EMAIL)).doesNotThrowAnyException();
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "@", "ab@x.example", "no address at all"})
  void anAddressOfAnyShapeIsAsked(String email) {
    assertThatCode(() -> rules.require("next", "tern over wet slate", email))
        .doesNotThrowAnyException();
  }
}
