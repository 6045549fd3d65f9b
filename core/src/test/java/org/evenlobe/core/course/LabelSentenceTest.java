package org.evenlobe.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Collectors;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CoursePhase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/** The words of labels, and what is made of them. */
class LabelSentenceTest {

  /** "RL | 8 drops at 08:00 20:00 for 7" and so on: as the tables write it. */
  private static String told(LabelSentence said) {
    String ears =
        said.ears().stream()
            .map(side -> side == Side.RIGHT ? "R" : "L")
            .collect(Collectors.joining());
    return (ears
            + " "
            + said.phases().stream().map(LabelSentenceTest::told).collect(Collectors.joining("; ")))
        .strip();
  }

  private static String told(CoursePhase phase) {
    return "%s at %s%s %s"
        .formatted(
            phase.amount().words(),
            phase.times().stream().map(Object::toString).collect(Collectors.joining(" ")),
            phase.everyDays() == 1 ? "" : " every " + phase.everyDays() + " days",
            phase
                .days()
                .map(days -> "for " + days + phase.mostDays().map(most -> "-" + most).orElse(""))
                .orElse("open"));
  }

  @ParameterizedTest(name = "{0}")
  @CsvFileSource(resources = "labels.csv", delimiter = '|', numLinesToSkip = 1)
  void isUnderstood(String label, String told) {
    LabelSentence said = LabelSentence.of(label);

    assertThat(said.notUnderstood()).isEmpty();
    assertThat(said.missing()).isEmpty();
    assertThat(told(said)).isEqualTo(told);
  }

  @ParameterizedTest(name = "{0}")
  @CsvFileSource(resources = "labels-not-understood.csv", delimiter = '|', numLinesToSkip = 1)
  void whatIsNotUnderstoodIsSaidNeverGuessed(String label, String missing, String notUnderstood) {
    LabelSentence said = LabelSentence.of(label);

    assertThat(said.isWhole()).isFalse();
    assertThat(String.join(", ", said.missing())).isEqualTo(missing == null ? "" : missing);
    assertThat(String.join(", ", said.notUnderstood()))
        .isEqualTo(notUnderstood == null ? "" : notUnderstood);
    if (!said.missing().isEmpty()) {
      assertThat(said.phases()).isEmpty();
    }
  }

  @ParameterizedTest
  @CsvSource({
    "8 gtt AD bid x 7 days,    ad, right ear (the dog's own right)",
    "8 gtt a.s. bid x 7 days,  a.s., left ear (the dog's own left)",
    "8 gtt AU q12h x 7 days,   q12h, every 12 hours",
    "1 tab po sid x 7 days,    sid, once a day",
    "8 drops AU prn x 7 days,  prn, as needed",
  })
  void abbreviationsAreExplainedInPlainWords(String label, String word, String means) {
    assertThat(LabelSentence.of(label).words()).contains(new LabelWord(word, means));
  }

  @Test
  void aNovelIsNoLabel() {
    assertThatThrownBy(() -> LabelSentence.of("8 drops ".repeat(1250)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
