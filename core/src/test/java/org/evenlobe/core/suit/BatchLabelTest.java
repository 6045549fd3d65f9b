package org.evenlobe.core.suit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.evenlobe.core.TestDog.day;
import static org.evenlobe.core.solution.Mixes.mix;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.Batch;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.Label;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.suit.BatchLabel.ForDog;
import org.junit.jupiter.api.Test;

/** What stands on a batch. */
class BatchLabelTest {
  private static final Instant COUNTED = Instant.from(day(0).atStartOfDay(ZoneOffset.UTC));

  private static Supply batch(String line) {
    return new Supply(
        new UUID(0, 1),
        Supply.Kind.CLEANER,
        "Sunday's",
        Optional.empty(),
        110,
        110,
        COUNTED,
        Optional.of(day(0)),
        Label.BLANK,
        Optional.of(new Batch(mix(line), day(0), Optional.empty())),
        Optional.empty(),
        List.of());
  }

  private static ForDog dog(String name, double weight, Supply supply, TestDog dog) {
    DogHistory history = DogHistory.of(dog.record(), day(0));
    return new ForDog(
        name,
        Optional.of(new Weight(weight)),
        EarPair.bySide(
            side ->
                Suitability.of(
                    Offer.of(supply, day(0)), EarNow.of(history, side, Reacted.NOTHING))));
  }

  @Test
  void saysWhatIsInItForWhomUntilWhenAndWhatIfItIsDrunk() {
    Supply supply = batch("white-vinegar 50, water 60, boric-acid 2");

    BatchLabel label =
        BatchLabel.of(
            supply,
            List.of(
                dog("Fen", 20, supply, new TestDog().quiet(0)),
                dog("Reed", 8, supply, new TestDog().check(0, "sores=1", ""))));

    assertThat(label.contents().stream().map(Wording.METRIC::of))
        .containsExactly("White vinegar: 50 mL", "Water: 60 mL", "Boric acid powder: 2 g");
    assertThat(label.useBy()).isEqualTo(day(30));
    assertThat(label.forWhom()).containsExactly("Fen, both ears", "Reed, left ear");
    assertThat(label.boric())
        .containsExactly("2 g in all", "Fen: 100 mg for each kg", "Reed: 250 mg for each kg");
    assertThat(label.ifDrunk()).contains("do not make it vomit").contains("boric acid");
  }

  @Test
  void isOfWhatWasMixedAtHomeOnly() {
    Supply ready =
        new Supply(
            new UUID(0, 2),
            Supply.Kind.CLEANER,
            "Dune",
            Optional.of(CleanerKind.GENTLE),
            100,
            100,
            COUNTED,
            Optional.empty(),
            List.of());

    assertThatIllegalArgumentException().isThrownBy(() -> BatchLabel.of(ready, List.of()));
  }
}
