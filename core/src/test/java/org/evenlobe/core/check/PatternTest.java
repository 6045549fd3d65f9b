package org.evenlobe.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.EarFinding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PatternTest {

  private static EarVerdict right(String right, String left, String dog, EarStory story) {
    EarPair<EarFinding> ears = new EarPair<>(Signs.ear(right), Signs.ear(left));
    EarPair<EarSigns> signs =
        EarPair.bySide(
            side ->
                new EarSigns(side, ears.get(side), Signs.dog(dog), EarBackground.NOTHING_KNOWN));
    return CheckVerdicts.of(
            signs,
            EarPair.both(story),
            EarPair.both(Optional.empty()),
            EarPair.both(MayGoIn.IN_EAR),
            java.util.List.of())
        .ears()
        .get(Side.RIGHT);
  }

  private static EarStory story(String words) {
    return new EarStory(
        !words.contains("again"),
        words.contains("comesBack"),
        words.contains("longStanding"),
        words.contains("worse") ? 1 : 0,
        words.contains("young")
            ? Optional.of(0.5)
            : words.contains("old") ? Optional.of(9.0) : Optional.empty());
  }

  @ParameterizedTest(name = "{0} | {1} | {2} | {3} looks like {4}")
  @CsvSource(
      delimiter = '|',
      value = {
        "discharge=2:BROWN odour=WAXY|discharge=2:BROWN||''|WAX_ONLY 3",
        "discharge=0:NONE|''||''|",
        "discharge=2:BROWN pain=1|discharge=2:BROWN||''|",
        "discharge=2:BROWN odour=SWEET|discharge=2:BROWN|scratching=1|''|YEAST 4",
        "discharge=2:BLACK odour=SWEET|''|shaking=1|''|YEAST 3",
        "discharge=2:YELLOW odour=FOUL redness=2|''||''|COCCI 3",
        "discharge=1:WATERY redness=1|''||''|COCCI 2",
        "discharge=1:WATERY|''||''|",
        "discharge=2:GREEN odour=FOUL sores=1 pain=1 redness=1|''||again longStanding|RODS 5 COCCI 2",
        "discharge=2:GREEN odour=FOUL sores=1|''||''|RODS 2",
        "discharge=2:COFFEE_GROUNDS|discharge=1:COFFEE_GROUNDS|scratching=3|young|MITES 4",
        "discharge=2:BROWN|discharge=2:BROWN|scratching=3 contacts=YES|young|WAX_ONLY 3 YEAST 3",
        "redness=2|''|shaking=3 onset=SUDDEN seedSeason=YES|''|SOMETHING_STUCK 4",
        "''|redness=2|shaking=3 onset=SUDDEN seedSeason=YES|''|",
        "''|''|shaking=3 onset=SUDDEN pawed=RIGHT|''|SOMETHING_STUCK 3",
        "''|''|shaking=3 onset=SUDDEN seedSeason=YES|''|",
        "redness=1|redness=1|pawsOrBelly=YES|comesBack|ALLERGY 4",
        "redness=3|''|pawsOrBelly=YES|comesBack|",
        "redness=2|''|onset=GRADUAL|comesBack old worse|GROWTH 4",
        "redness=2|''|onset=GRADUAL|comesBack old|",
      })
  void matchesBySignsForAndAgainst(
      String right, String left, String dog, String story, String expected) {
    EarVerdict ear = right(right, left, dog == null ? "" : dog, story(story));

    assertThat(
            ear.patterns().stream()
                .map(match -> match.pattern() + " " + match.match())
                .reduce("", (one, other) -> (one + " " + other).strip()))
        .isEqualTo(expected == null ? "" : expected);
  }

  @Test
  void saysWhichSignsFitAndWhichSpeakAgainst() {
    EarVerdict ear = right("discharge=2:GREEN odour=FOUL sores=1 pain=1", "", "", EarStory.NONE);
    PatternMatch rods = ear.patterns().get(0);

    assertThat(rods.fits())
        .containsExactly("yellow or green discharge", "sores", "foul odour", "pain");
    assertThat(rods.against()).containsExactly("a first episode");
  }
}
