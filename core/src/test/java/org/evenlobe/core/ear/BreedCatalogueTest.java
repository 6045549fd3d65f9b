package org.evenlobe.core.ear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.Feathering;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BreedCatalogueTest {
  private static final BreedCatalogue BREEDS = BreedCatalogue.shipped();

  @Nested
  class Data {
    @Test
    void holdsAtLeast220BreedsInOrderOfName() {
      assertThat(BREEDS.all())
          .hasSizeGreaterThanOrEqualTo(220)
          .isSortedAccordingTo(
              (a, b) ->
                  a.name().toLowerCase(Locale.ROOT).compareTo(b.name().toLowerCase(Locale.ROOT)));
    }

    @Test
    void hasNoNameTwiceNotEvenAmongTheOtherNames() {
      List<String> names = new ArrayList<>();
      for (Breed breed : BREEDS.all()) {
        names.add(breed.name().toLowerCase(Locale.ROOT));
        breed.otherNames().forEach(other -> names.add(other.toLowerCase(Locale.ROOT)));
      }

      assertThat(names).doesNotHaveDuplicates().allSatisfy(name -> assertThat(name).isNotBlank());
    }

    @Test
    void hasPlausibleWeightsAndANoteForEach() {
      assertThat(BREEDS.all())
          .allSatisfy(
              breed -> {
                assertThat(breed.lightest()).as(breed.name()).isBetween(1.0, 60.0);
                assertThat(breed.heaviest()).as(breed.name()).isBetween(2.0, 110.0);
                assertThat(breed.heaviest()).as(breed.name()).isGreaterThan(breed.lightest());
                assertThat(breed.note()).as(breed.name()).isNotBlank();
                assertThat(breed.ears().cropped()).as(breed.name()).isFalse();
              });
    }

    @ParameterizedTest
    @EnumSource(Carriage.class)
    void usesEveryCarriage(Carriage carriage) {
      assertThat(BREEDS.all()).anyMatch(breed -> breed.ears().carriage() == carriage);
    }

    @ParameterizedTest
    @EnumSource(CanalHair.class)
    void usesEveryCanalHair(CanalHair hair) {
      assertThat(BREEDS.all()).anyMatch(breed -> breed.ears().canalHair() == hair);
    }

    @Test
    void carriesThePublishedOddsRatiosAndNoOthers() {
      assertThat(BREEDS.all().stream().filter(breed -> breed.oddsRatio().isPresent()))
          .extracting(breed -> breed.id() + " " + breed.oddsRatio().orElseThrow().breed())
          .containsExactlyInAnyOrder(
              "basset-hound 5.87",
              "shar-pei 3.44",
              "labradoodle 2.95",
              "beagle 2.54",
              "golden-retriever 2.23",
              "chihuahua 0.2",
              "border-collie 0.34",
              "yorkshire-terrier 0.49",
              "jack-russell-terrier 0.52");
    }
  }

  @Nested
  class Crosses {
    @Test
    void averageTheWeightsAndTakeTheTraitThatClosesTheEarMore() {
      Breed cross = BREEDS.ancestry(List.of("border-collie", "miniature-poodle")).orElseThrow();

      assertThat(cross.name()).isEqualTo("Border Collie × Miniature Poodle");
      assertThat(cross.lightest()).isEqualTo(9.5);
      assertThat(cross.heaviest()).isEqualTo(14);
      assertThat(cross.ears().carriage()).isEqualTo(Carriage.PENDULOUS);
      assertThat(cross.ears().canalHair()).isEqualTo(CanalHair.DENSE);
      assertThat(cross.ears().feathering()).isEqualTo(Feathering.HEAVY);
    }

    @ParameterizedTest
    @CsvSource({
      // the larger ratio wins, with the carriage of the breed it belongs to
      "beagle, basset-hound, 5.87, 1.76",
      "shar-pei, border-collie, 3.44, 1.84",
      // one below 1 counts only if both have one
      "border-collie, chihuahua, 0.34, 1.3",
      "border-collie, rottweiler, ,",
      "beagle, rottweiler, 2.54, 1.76",
      "rottweiler, labrador-retriever, ,"
    })
    void takeTheLargerOddsRatio(String one, String two, Double breed, Double carriage) {
      Optional<OddsRatio> expected =
          Optional.ofNullable(breed).map(ratio -> new OddsRatio(ratio, carriage));

      assertThat(BREEDS.ancestry(List.of(one, two)).orElseThrow().oddsRatio()).isEqualTo(expected);
      assertThat(BREEDS.ancestry(List.of(two, one)).orElseThrow().oddsRatio()).isEqualTo(expected);
    }

    @Test
    void refuseABreedThatIsNotInTheCatalogue() {
      assertThatIllegalArgumentException()
          .isThrownBy(() -> BREEDS.ancestry(List.of("beagle", "sea-otter")))
          .withMessage("no breed named sea-otter");
    }
  }
}
