package org.evenlobe.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTextTest {

  @ParameterizedTest
  @ValueSource(strings = {"=1+1", " =1+1", "\n=1+1", "+1", "-1", "@sum", "\t=1"})
  void whatASpreadsheetWouldReckonWithIsText(String said) {
    assertThat(CsvText.safe(said)).isEqualTo("'" + said);
  }

  @Test
  void whatItWouldNotStaysAsItIs() {
    assertThat(CsvText.safe("Blue wash = 2 %")).isEqualTo("Blue wash = 2 %");
    assertThat(CsvText.safe("")).isEmpty();
  }
}
