package org.evenlobe.core.solution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.solution.Mixes.analysed;

import java.util.List;
import org.evenlobe.core.measure.Wording;
import org.junit.jupiter.api.Test;

/** How a mix is made. */
class MakingTest {

  private static List<String> steps(String line) {
    return Making.steps(analysed(line)).stream()
        .map(step -> Wording.METRIC.of(step.what()))
        .toList();
  }

  @Test
  void powderGoesIntoWarmWaterBeforeWhatIsSour() {
    assertThat(steps("white-vinegar 50, boric-acid 2, water 60"))
        .containsExactly(
            "Rinse a bottle and its cap with boiling water and let them dry.",
            "Pour in 60 mL of water, warm as a bath, 40 °C.",
            "Weigh in 2 g of boric acid powder and stir until it is clear; then let it cool to room temperature.",
            "Pour in 50 mL of white vinegar.",
            "Look at it against the light: clear, no grit, nothing that floats.",
            "Close it, put the label on, and keep it cool and dark, out of reach of dogs and children.");
  }

  @Test
  void alcoholIsKeptFromFlamesAndNeverWarmed() {
    List<Making.MakingStep> steps = Making.steps(analysed("isopropyl-70 20, boric-acid 1"));

    assertThat(Wording.METRIC.of(steps.get(1).what())).startsWith("Pour in 20 mL of isopropyl");
    assertThat(steps.get(1).caution().orElseThrow()).startsWith("Away from flames");
    assertThat(steps.get(2).what()).startsWith("Weigh in 1 g").doesNotContain("cool");
  }

  @Test
  void oilIsLastAndShaken() {
    assertThat(steps("coconut-oil 50, white-vinegar 50").subList(1, 4))
        .containsExactly(
            "Pour in 50 mL of white vinegar.",
            "Pour in 50 mL of coconut oil, melted above 24 °C.",
            "Shake it: it parts again, so shake before each use too.");
  }

  @Test
  void gritAndTheColdAreToldOf() {
    assertThat(steps("boric-acid 20, water 200").toString()).contains("10.6 g will stay there");
    assertThat(steps("boric-acid 4, water 100").toString()).contains("never cold");
    assertThat(steps("saline 100").toString()).contains("in the fridge");
  }

  @Test
  void everyPartSaysWhatItWeighs() {
    assertThat(Making.steps(analysed("glycerine 100, boric-acid 4")))
        .flatExtracting(step -> step.grams().stream().toList())
        .containsExactly(126.0, 4.0);
  }
}
