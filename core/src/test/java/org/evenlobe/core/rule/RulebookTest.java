package org.evenlobe.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.evenlobe.core.rule.Rulebook.Section;
import org.junit.jupiter.api.Test;

/** The rules in prose. */
class RulebookTest {
  private static final Rulebook BOOK = Rulebook.shipped();

  @Test
  void everyRuleIsToldSomewhere() {
    Set<Rule> told =
        BOOK.sections().stream()
            .flatMap(section -> section.rules().stream())
            .collect(Collectors.toSet());

    assertThat(told).containsExactlyInAnyOrder(Rule.values());
    assertThat(BOOK.entries()).hasSameSizeAs(Rule.values());
  }

  @Test
  void nothingIsToldOfARuleThatIsNot() {
    Set<String> known = Arrays.stream(Rule.values()).map(Rule::name).collect(Collectors.toSet());
    Set<String> families =
        known.stream().map(name -> name.replaceFirst("_.*", "")).collect(Collectors.toSet());
    Set<String> said = new TreeSet<>();
    for (Section section : BOOK.sections()) {
      Pattern.compile("\\b[A-Z]+_[A-Z_]+\\b")
          .matcher(section.text())
          .results()
          .map(found -> found.group())
          .filter(name -> families.contains(name.replaceFirst("_.*", "")))
          .forEach(said::add);
    }

    assertThat(known).containsAll(said);
  }

  @Test
  void aSectionSaysWhetherItsNumbersAreTheProductsOwn() {
    assertThat(BOOK.sections())
        .filteredOn(section -> section.title().startsWith("The verdict"))
        .singleElement()
        .satisfies(section -> assertThat(section.ownValues()).isTrue())
        .satisfies(section -> assertThat(section.rules()).contains(Rule.CHECK_TILT));
  }
}
