package org.evenlobe.core.suit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.solution.Mixes.analysed;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.suit.Suitability.SuitsAnswer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What a session tells ahead of a bottle, one finding at a time, says together what would be said
 * of the ear with all of them.
 */
class FoundTest {
  private static final List<Offer> OFFERS =
      Stream.of(
              "white-vinegar 40, water 60",
              "white-vinegar 60, water 10, isopropyl-70 30",
              "isopropyl-70 50, water 50",
              "boric-acid 2, water 100",
              "peroxide 30, water 70",
              "saline 100",
              "olive-oil 50, water 50",
              "chlorhexidine 10, water 90",
              "tea-tree-oil 1, olive-oil 99",
              "witch-hazel 50, aloe 50",
              "tris-edta 100")
          .flatMap(
              line ->
                  Stream.of(Offer.mixed(analysed(line), false), Offer.mixed(analysed(line), true)))
          .toList();

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void whatIsFoundTogetherIsToldTogether(long seed) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    for (int i = 0; i < 2000; i++) {
      EarNow quiet = quiet(random);
      Verdict verdict = one(random, Verdict.LEAVE, Verdict.CLEAN, Verdict.CAUTION, Verdict.STOP);
      Grade red = grade(random);
      Grade sore = grade(random);
      Grade dirty = grade(random);
      Offer offer = OFFERS.get(random.nextInt(OFFERS.size()));

      Suitability whole = Suitability.of(offer, quiet.showing(verdict, red, sore, dirty));
      List<Suitability> told = told(offer, quiet, found(verdict, red, sore, dirty));

      String as = "%s, %s, %s %s %s".formatted(offer, verdict, red, sore, dirty);
      assertThat(together(told.stream().map(Suitability::inEar)))
          .as(as)
          .isEqualTo(together(Stream.of(whole.inEar())));
      assertThat(together(told.stream().map(Suitability::onPad)))
          .as(as)
          .isEqualTo(together(Stream.of(whole.onPad())));
    }
  }

  private static List<Suitability> told(Offer offer, EarNow quiet, Set<Found> found) {
    Map<Found, Suitability> each = new EnumMap<>(Found.class);
    found.forEach(one -> each.put(one, Suitability.of(offer, one.in(quiet))));
    List<Suitability> told = new ArrayList<>(each.values());
    told.add(Suitability.of(offer, quiet));
    return told;
  }

  private static Set<Found> found(Verdict verdict, Grade red, Grade sore, Grade dirty) {
    Set<Found> found = EnumSet.noneOf(Found.class);
    if (red != Grade.NONE) {
      found.add(red == Grade.MILD ? Found.PINK : Found.RED);
    }
    if (sore != Grade.NONE) {
      found.add(Found.SORE);
    }
    if (dirty.compareTo(Grade.MILD) > 0) {
      found.add(Found.DISCHARGE);
    }
    if (!verdict.isQuiet()) {
      found.add(Found.UNQUIET);
    }
    return found;
  }

  private static Map<String, Suits> together(Stream<SuitsAnswer> answers) {
    return answers
        .flatMap(answer -> answer.reasons().stream())
        .collect(
            Collectors.toMap(
                because -> because.reason().sentence(), Suitability.Because::suits, Suits::or));
  }

  private static EarNow quiet(RandomGenerator random) {
    boolean plucked = random.nextInt(4) == 0;
    return new EarNow(
            Verdict.LEAVE,
            true,
            MayGoIn.IN_EAR,
            MayGoIn.IN_EAR,
            Grade.NONE,
            Grade.NONE,
            Grade.NONE,
            random.nextBoolean(),
            random.nextInt(4) == 0,
            random.nextInt(4) == 0,
            random.nextInt(4) == 0,
            random.nextInt(4) == 0,
            List.of(),
            plucked,
            Reacted.NOTHING)
        .quiet();
  }

  private static Grade grade(RandomGenerator random) {
    return one(random, Grade.NONE, Grade.NONE, Grade.MILD, Grade.MODERATE, Grade.SEVERE);
  }

  @SafeVarargs
  private static <T> T one(RandomGenerator random, T... of) {
    return of[random.nextInt(of.length)];
  }
}
