package org.evenlobe.bench;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import org.evenlobe.core.check.EarBackground;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.check.VerdictTable;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Odour;
import org.evenlobe.server.Caller;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;

/** What a verdict costs, and a dog's checks of 5 years: their list, and the preview of one more. */
final class CheckCost {
  private static final int VERDICTS = 4096;
  private static final int ROUNDS = 600;
  private static final int WEEKS = 5 * 52;
  private static final int WARM_UP = 60;
  private static final int MEASURED = 100;

  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);

  /** Nanoseconds for one verdict, and for one with all its reasons in words. */
  record Verdicts(double verdict, double withReasons) {}

  /** Statements for 1 check and for those of 5 years; milliseconds, medians. */
  record Checks(int statementsOne, int statementsAll, double list, double preview) {}

  static Verdicts verdicts() {
    EarSigns[] signs = new EarSigns[VERDICTS];
    SplittableRandom random = new SplittableRandom(5);
    for (int i = 0; i < VERDICTS; i++) {
      signs[i] = signs(random);
    }
    return new Verdicts(
        nanoseconds(signs, one -> VerdictTable.verdict(one).words().length()),
        nanoseconds(signs, one -> VerdictTable.reasons(one).size()));
  }

  private static double nanoseconds(
      EarSigns[] signs, java.util.function.ToIntFunction<EarSigns> work) {
    long used = 0;
    List<Double> rounds = new ArrayList<>();
    for (int round = 0; round < ROUNDS; round++) {
      long start = System.nanoTime();
      for (EarSigns one : signs) {
        used += work.applyAsInt(one);
      }
      rounds.add((System.nanoTime() - start) / (double) VERDICTS);
    }
    if (used == 0) {
      throw new IllegalStateException("nothing was computed");
    }
    return median(rounds.subList(ROUNDS / 2, ROUNDS));
  }

  Checks checks() {
    String list = owner.at("/dogs/" + dog + "/checks");
    add(0);
    owner.get(list);
    int one = StatementCount.during(() -> owner.get(list));
    for (int week = 1; week < WEEKS; week++) {
      add(week);
    }
    int all = StatementCount.during(() -> owner.get(list));
    String previewed = body(Instant.now());
    return new Checks(
        one,
        all,
        milliseconds(() -> owner.get(list)),
        milliseconds(() -> owner.post(owner.at("/dogs/" + dog + "/previews/check"), previewed)));
  }

  private void add(int week) {
    Instant at =
        LocalDate.now(ZoneId.of("Europe/Berlin"))
            .minusWeeks(week)
            .atTime(0, 1)
            .atZone(ZoneId.of("Europe/Berlin"))
            .toInstant();
    if (owner.create(owner.at("/checks/" + UUID.randomUUID()), body(at)).status() != 200) {
      throw new IllegalStateException("a check was refused");
    }
  }

  private String body(Instant at) {
    Instant born = Instant.parse("2021-05-02T10:00:00Z");
    return Samples.check(dog, at.isBefore(born) ? born : at, Samples.QUIET_EAR, Samples.QUIET_EAR);
  }

  private static EarSigns signs(SplittableRandom random) {
    Grade discharge = mild(random);
    EarFinding ear =
        new EarFinding(
            mild(random),
            mild(random),
            mild(random),
            discharge,
            discharge == Grade.NONE ? DischargeKind.NONE : DischargeKind.BROWN,
            random.nextInt(9) == 0 ? Odour.SWEET : Odour.WAXY,
            Grade.NONE,
            Set.of(),
            HearingTry.NOT_TRIED);
    return new EarSigns(Side.RIGHT, ear, DogSigns.NOTHING, EarBackground.NOTHING_KNOWN);
  }

  private static Grade mild(SplittableRandom random) {
    return random.nextInt(4) == 0 ? Grade.MILD : Grade.NONE;
  }

  private static double milliseconds(Runnable work) {
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < WARM_UP + MEASURED; i++) {
      long start = System.nanoTime();
      work.run();
      if (i >= WARM_UP) {
        times.add((System.nanoTime() - start) / 1e6);
      }
    }
    return median(times);
  }

  private static double median(List<Double> values) {
    return values.stream().sorted().toList().get(values.size() / 2);
  }
}
