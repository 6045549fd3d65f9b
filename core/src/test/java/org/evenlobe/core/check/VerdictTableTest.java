package org.evenlobe.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import org.evenlobe.core.measure.Side;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class VerdictTableTest {

  private static EarSigns signs(String ear, String dog, String before) {
    return new EarSigns(Side.RIGHT, Signs.ear(ear), Signs.dog(dog), Signs.before(before));
  }

  @ParameterizedTest(name = "{0} | {1} | {2} is {3} by {4}")
  @CsvFileSource(resources = "verdicts.csv", delimiter = '|', emptyValue = "", nullValues = "-")
  void worksOutTheVerdictAndNamesItsRule(
      String ear, String dog, String before, Verdict verdict, Rule rule) {
    EarSigns signs = signs(text(ear), text(dog), text(before));

    assertThat(VerdictTable.verdict(signs)).isEqualTo(verdict);
    assertThat(VerdictTable.reasons(signs).get(0).verdict()).isEqualTo(verdict);
    assertThat(VerdictTable.reasons(signs).get(0).reason().rule()).isEqualTo(rule);
  }

  private static String text(String cell) {
    return cell == null ? "" : cell;
  }

  @Test
  void listsEveryReasonThatHoldsTheWorstFirstWithSignGradeAndWhatToDo() {
    EarSigns signs = signs("redness=2 discharge=2:YELLOW odour=FOUL pain=3", "shaking=2", "");

    assertThat(VerdictTable.reasons(signs))
        .extracting(reason -> reason.reason().sentence())
        .containsExactly(
            "Pain, severe (3).",
            "The discharge is yellow, moderate (2).",
            "The odour is foul.",
            "Redness, moderate (2).",
            "Itch, moderate (2), more than is normal for this ear.",
            "The ear score is 4; 4 or more asks for caution.");
    assertThat(VerdictTable.reasons(signs)).extracting(VerdictReason::toDo).doesNotContain("");
  }

  @Test
  void leavesTheEardrumAndAVetsHoldOutOfTheSignVerdict() {
    EarSigns torn = signs("", "", "eardrum=NOT_INTACT heldByVet");

    assertThat(VerdictTable.verdict(torn)).isEqualTo(Verdict.STOP);
    assertThat(VerdictTable.signVerdict(torn)).isEqualTo(Verdict.LEAVE);
  }
}
