package org.evenlobe.core.ear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Load;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CanalTest {
  private static final Percentage ONE_PERCENT = Percentage.withPercentage(1);

  private static Canal canal(double kilograms) {
    return Canal.ofWeight(new Weight(kilograms));
  }

  private static CanalFluid fluid(double kilograms, double poured, double tilt) {
    return CanalFluid.in(canal(kilograms), new Volume(poured), new Tilt(tilt));
  }

  @Nested
  class Volumes {
    @ParameterizedTest
    @CsvSource({"20, 6.7, 0.05", "5, 2.1, 0.05", "50, 14.5, 0.15"})
    void followTheWeight(double kilograms, double millilitres, double about) {
      assertThat(canal(kilograms).volume().millilitres()).isCloseTo(millilitres, within(about));
    }

    @Test
    void ofTheReferenceEarAreSplitAtTheBend() {
      assertThat(canal(20).vertical().volume()).isCloseTo(5.9, within(0.05));
      assertThat(canal(20).horizontal().volume()).isCloseTo(0.8, within(0.05));
    }

    @Test
    void ofACanalMadeForAVolumeAreThatVolume() {
      for (double millilitres = 0.5; millilitres < 30; millilitres += 0.5) {
        assertThat(Canal.ofVolume(new Volume(millilitres)).volume().millilitres())
            .isCloseTo(millilitres, within(1e-9));
      }
    }
  }

  @Nested
  class Learning {
    private CanalEstimate after(double kilograms, int fills, double millilitres) {
      return CanalEstimate.of(
          new Weight(kilograms), Collections.nCopies(fills, new Volume(millilitres)));
    }

    @Test
    void fourFillsOfNineOnAPriorOfSixPointSevenGiveMoreThanEight() {
      CanalEstimate estimate = after(20, 4, 9);

      assertThat(estimate.volume().millilitres()).isBetween(8.0, 9.0);
      assertThat(estimate.canal().volume().millilitres())
          .isCloseTo(estimate.volume().millilitres(), within(1e-9));
      assertThat(Wording.METRIC.of(estimate.reasons().get(0).sentence()))
          .isEqualTo("A dog of 20 kg: about 6.7 mL; with 4 fills to the line, 8.8 mL.");
    }

    @Test
    void withoutFillsTheIntervalIsThatOfThePrior() {
      CanalEstimate estimate = after(20, 0, 0);

      // 6.7 · e^(±1.2816 · 0.35)
      assertThat(estimate.low().millilitres()).isCloseTo(4.28, within(0.02));
      assertThat(estimate.high().millilitres()).isCloseTo(10.5, within(0.05));
    }

    @Test
    void eachFillNarrowsTheInterval() {
      double before = Double.MAX_VALUE;
      for (int fills = 0; fills < 12; fills++) {
        CanalEstimate estimate = after(20, fills, 7);
        double width = estimate.high().millilitres() / estimate.low().millilitres();
        assertThat(width).isLessThan(before);
        before = width;
      }
    }

    @ParameterizedTest
    @CsvSource({"4.9, true", "5, false", "55, false", "55.1, true"})
    void saysWhereNothingIsPublished(double kilograms, boolean beyond) {
      assertThat(after(kilograms, 0, 0).beyondPublished()).isEqualTo(beyond);
    }
  }

  @Nested
  class FluidWithTheHeadLevel {
    @Test
    void aFewDropsDoNotReachTheBend() {
      CanalFluid fluid = fluid(20, 0.25, 0);

      assertThat(fluid.reachesBend()).isFalse();
      assertThat(fluid.height()).isZero();
      assertThat(fluid.horizontalReach()).isBetween(0.5, 2.0);
      assertThat(fluid.reasons().get(0).sentence()).contains("stand nowhere in the part");
    }

    @Test
    void aFullCanalStandsAtTheOpening() {
      CanalFluid fluid = fluid(20, canal(20).volume().millilitres(), 0);

      assertThat(fluid.height()).isCloseTo(5.0, within(0.02));
      assertThat(fluid.horizontalReach()).isCloseTo(2.5, within(1e-9));
    }

    @Test
    void whatDoesNotFitRunsOut() {
      CanalFluid fluid = fluid(20, 20, 0);

      assertThat(fluid.held().millilitres())
          .isCloseTo(canal(20).volume().millilitres(), ONE_PERCENT);
      assertThat(fluid.held().millilitres() + fluid.lost().millilitres())
          .isCloseTo(20, within(1e-9));
    }

    @Test
    void theHeightIsTheExactOneOfTheCone() {
      Cone cone = new Cone(5.0, 1.6, 0.8);
      for (double height = 0; height <= 5; height += 0.25) {
        double volume =
            height == 0 ? 0 : new Cone(height, cone.widthAt(height), cone.narrow()).volume();
        assertThat(cone.reachOf(volume)).isCloseTo(height, within(1e-9));
      }
    }

    @Test
    void slicingAgreesWithTheClosedForm() {
      Cone cone = new Cone(5.0, 1.6, 0.8);
      TiltedCone level = new TiltedCone(cone, new Tilt(0));

      assertThat(level.below(level.rim())).isCloseTo(cone.volume(), ONE_PERCENT);
    }
  }

  @Nested
  class FluidWithTheHeadTilted {
    @ParameterizedTest
    @ValueSource(doubles = {5, 15, 30, 45, 60})
    void aCylinderLosesItsWedge(double degrees) {
      Cone cylinder = new Cone(5, 1.2, 1.2);
      TiltedCone tilted = new TiltedCone(cylinder, new Tilt(degrees));
      double wedge = Math.PI * Math.pow(1.2, 3) * Math.tan(Math.toRadians(degrees)) / 8;

      assertThat(cylinder.volume() - tilted.below(tilted.rim())).isCloseTo(wedge, ONE_PERCENT);
    }

    @Test
    void theMoreItTipsTheLessStaysIn() {
      double before = Double.MAX_VALUE;
      for (int degrees = 0; degrees <= 60; degrees += 2) {
        double held = fluid(20, 6.7, degrees).held().millilitres();
        assertThat(held).isLessThanOrEqualTo(before).isGreaterThan(canal(20).horizontal().volume());
        before = held;
      }
      assertThat(before).isLessThan(5.5);
    }

    @Test
    void whatStaysIsNeverMoreThanWasPoured() {
      for (double poured : List.of(0.0, 0.5, 2.0, 6.0, 30.0)) {
        for (int degrees = 0; degrees <= 60; degrees += 15) {
          CanalFluid fluid = fluid(20, poured, degrees);
          assertThat(fluid.held().millilitres()).isLessThanOrEqualTo(poured);
        }
      }
    }

    @Test
    void theLevelHoldsTheVolume() {
      TiltedCone tilted = new TiltedCone(new Cone(5.0, 1.6, 0.8), new Tilt(35));
      for (double volume = 0.2; volume < tilted.below(tilted.rim()); volume += 0.4) {
        assertThat(tilted.below(tilted.levelOf(volume))).isCloseTo(volume, ONE_PERCENT);
      }
    }
  }

  @Test
  void aSyringeTakesTheLowEndUntilAFillShowsWhatTheCanalHolds() {
    CanalEstimate unknown = CanalEstimate.of(new Weight(20), List.of());
    CanalEstimate known = CanalEstimate.of(new Weight(20), List.of(new Volume(7)));

    assertThat(unknown.forSyringe()).isEqualTo(unknown.low());
    assertThat(unknown.forSyringe().millilitres()).isCloseTo(4.26, within(0.05));
    assertThat(known.forSyringe()).isEqualTo(known.volume());
  }

  @Test
  void ofASyringeOnlyARoundThatCameBackOutTeaches() {
    EarCleaning all = cleaned(CleaningMethod.SYRINGE, Optional.empty());
    EarCleaning cameBack = cleaned(CleaningMethod.SYRINGE, Optional.of(new Volume(6)));
    EarCleaning squeezed = cleaned(CleaningMethod.SOAKED_PAD, Optional.of(new Volume(6)));

    assertThat(all.fillToTheLine()).isEmpty();
    assertThat(cameBack.fillToTheLine()).contains(new Volume(6));
    assertThat(squeezed.fillToTheLine()).isEmpty();
  }

  private static EarCleaning cleaned(CleaningMethod method, Optional<Volume> cameBack) {
    return new EarCleaning(
        method,
        new Load(2),
        Optional.of(new Volume(18)),
        3,
        new EarCleaning.Noticed(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            cameBack,
            Optional.empty()));
  }
}
