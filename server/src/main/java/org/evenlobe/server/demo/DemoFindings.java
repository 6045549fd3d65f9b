package org.evenlobe.server.demo;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answer;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Odour;

/** What the demo dogs' ears show, at ordinary times and in a flare. */
final class DemoFindings {
  private DemoFindings() {}

  /** An ear at an ordinary time: little wax or none. */
  static EarFinding ordinary(DemoDog dog, SplittableRandom random) {
    boolean waxy = random.nextDouble() < dog.waxiness();
    boolean pink = random.nextInt(14) == 0;
    return new EarFinding(
        pink ? Grade.MILD : Grade.NONE,
        Grade.NONE,
        Grade.NONE,
        waxy ? Grade.MILD : Grade.NONE,
        waxy ? dog.wax() : DischargeKind.NONE,
        waxy ? Odour.WAXY : Odour.NONE,
        Grade.NONE,
        Set.of(),
        random.nextInt(3) == 0 ? HearingTry.TURNED : HearingTry.NOT_TRIED);
  }

  /** The dog at an ordinary time. */
  static DogSigns ordinary(DemoDog dog) {
    boolean itchy = dog == DemoDog.TEASEL;
    return new DogSigns(
        Grade.NONE,
        itchy ? Grade.MILD : Grade.NONE,
        Optional.empty(),
        Optional.empty(),
        false,
        false,
        false,
        false,
        false,
        false,
        itchy ? Answer.YES : Answer.NO,
        Answer.NO,
        Answer.NO);
  }

  static EarFinding sore(
      Grade redness, Grade swelling, Grade discharge, DischargeKind kind, Odour odour) {
    return new EarFinding(
        redness,
        swelling,
        Grade.NONE,
        discharge,
        kind,
        odour,
        Grade.NONE,
        Set.of(),
        HearingTry.NOT_TRIED);
  }

  /** The dog while an ear troubles it. */
  static DogSigns troubled(Grade shaking, Grade scratching, Side pawed) {
    return new DogSigns(
        shaking,
        scratching,
        Optional.of(pawed),
        Optional.empty(),
        false,
        false,
        false,
        false,
        false,
        false,
        Answer.NOT_KNOWN,
        Answer.NOT_KNOWN,
        Answer.NOT_KNOWN);
  }

  /** A chapter of a dog's story: what a check found that many days before the demo begins. */
  record Chapter(int daysBefore, EarFinding right, EarFinding left, DogSigns dog, String note) {}

  /** A left ear that is red, and no more. */
  private static Chapter pink(int daysBefore, String note) {
    return new Chapter(
        daysBefore,
        EarFinding.NOTHING,
        sore(Grade.MODERATE, Grade.NONE, Grade.MILD, DischargeKind.BROWN, Odour.WAXY),
        troubled(Grade.NONE, Grade.MILD, Side.LEFT),
        note);
  }

  /** What happened to a dog beyond ordinary times. */
  static List<Chapter> story(DemoDog dog) {
    EarFinding well = EarFinding.NOTHING;
    return switch (dog) {
      case OTTER ->
          List.of(
              pink(413, "A little red after the creek."),
              pink(410, "Still red. No creek for a while."),
              pink(383, "The left one again, a week after the creek."),
              pink(380, "No worse."),
              new Chapter(
                  72,
                  well,
                  sore(
                      Grade.MODERATE, Grade.NONE, Grade.MODERATE, DischargeKind.BROWN, Odour.SWEET),
                  troubled(Grade.MILD, Grade.MILD, Side.LEFT),
                  "Ten days after a week in the creek."),
              new Chapter(
                  69,
                  well,
                  sore(
                      Grade.MODERATE, Grade.MILD, Grade.MODERATE, DischargeKind.YELLOW, Odour.FOUL),
                  troubled(Grade.MILD, Grade.MODERATE, Side.LEFT),
                  "Worse. Rang the practice."),
              new Chapter(
                  62,
                  well,
                  sore(Grade.MILD, Grade.NONE, Grade.MILD, DischargeKind.BROWN, Odour.WAXY),
                  troubled(Grade.NONE, Grade.MILD, Side.LEFT),
                  "Much better."));
      case MARRAM ->
          List.of(
              new Chapter(
                  23,
                  well,
                  sore(Grade.MILD, Grade.NONE, Grade.MILD, DischargeKind.BROWN, Odour.WAXY),
                  troubled(Grade.NONE, Grade.NONE, Side.LEFT),
                  "Left a little pink."),
              new Chapter(
                  16,
                  well,
                  sore(Grade.MODERATE, Grade.NONE, Grade.MILD, DischargeKind.BROWN, Odour.SWEET),
                  troubled(Grade.MILD, Grade.MILD, Side.LEFT),
                  "Rubs the left side on the sofa."),
              new Chapter(
                  13,
                  well,
                  sore(
                      Grade.MODERATE, Grade.MILD, Grade.MODERATE, DischargeKind.YELLOW, Odour.FOUL),
                  troubled(Grade.MILD, Grade.MODERATE, Side.LEFT),
                  "Smells across the room."),
              new Chapter(
                  9,
                  well,
                  sore(Grade.MODERATE, Grade.NONE, Grade.MILD, DischargeKind.BROWN, Odour.WAXY),
                  troubled(Grade.MILD, Grade.MILD, Side.LEFT),
                  "Calmer since the drops."),
              new Chapter(
                  5,
                  well,
                  sore(Grade.MILD, Grade.NONE, Grade.MILD, DischargeKind.BROWN, Odour.WAXY),
                  troubled(Grade.NONE, Grade.MILD, Side.LEFT),
                  "Nearly there."));
      case TEASEL ->
          List.of(
              new Chapter(
                  118,
                  well,
                  EarFinding.NOT_SEEN,
                  DogSigns.NOTHING,
                  "She would not let me near the left one."),
              new Chapter(
                  41,
                  sore(Grade.MODERATE, Grade.NONE, Grade.NONE, DischargeKind.NONE, Odour.NONE),
                  sore(Grade.MODERATE, Grade.NONE, Grade.NONE, DischargeKind.NONE, Odour.NONE),
                  troubled(Grade.MILD, Grade.MODERATE, Side.RIGHT),
                  "Licks her paws too."));
      case DUNLIN, SEDGE -> List.of();
    };
  }
}
