package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.DrawnSigns;
import org.evenlobe.core.check.EarVerdict;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.cleaning.CleaningSession;
import org.evenlobe.core.cleaning.SessionCheck;
import org.evenlobe.core.cleaning.SessionCheck.EarWay;
import org.evenlobe.core.cleaning.SessionStep;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Onset;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.SeenThing;
import org.junit.jupiter.api.Test;

/**
 * What a session that begins with a check knows beforehand of what the check will say. The tables
 * go to devices as data: drawn checks with what the rules say of them are written to {@code
 * target/device-checks.json}, and the device's own tests judge the same checks by the tables.
 */
class CheckAheadTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final int TODAY = 80;
  private static final int DOGS = Math.min(250, Integer.getInteger("evenlobe.cases", 5_000) / 100);
  private static final int CHECKS = 200;

  private static final Moment NOW =
      Moment.of(day(TODAY).atTime(22, 0).atZone(TestDog.ZONE).toInstant(), TestDog.ZONE);

  private static CleaningSession session(DogHistory history) {
    return Sessions.cleaning(
        history,
        then -> PLANNER.plan(then, Preferences.DEFAULT),
        NOW,
        List.of(Side.values()),
        false,
        true,
        CleaningWays.DEFAULT);
  }

  private static DogHistory at(DogRecord dog) {
    return DogHistory.of(dog, day(TODAY));
  }

  /** A drawn dog that has not been looked at today, now and then with medicine in one ear. */
  private static DogRecord dog(int seed) {
    DogRecord drawn = DrawnDog.record(seed);
    DogRecord early =
        DogRecord.of(
            drawn.id(),
            drawn.profile(),
            drawn.addedOn(),
            drawn.inOrder().stream().filter(fact -> fact.day().isBefore(day(TODAY))).toList());
    TestDog treated = new TestDog().visit(TODAY - 3, TestDog.medicine(TODAY + 2), EarVisit.NOTHING);
    return seed % 5 == 0 ? early.plus(treated.record().visits().get(0)) : early;
  }

  private static DogRecord checked(DogRecord dog, EarPair<EarFinding> ears, DogSigns signs) {
    return dog.plus(new CheckRecord(new UUID(0, 1), NOW, ears, signs, Optional.empty()));
  }

  @Test
  void theWayOfAnEarIsWhatTheSessionWouldDoOnceItsCheckIsRecorded() {
    SplittableRandom random = new SplittableRandom(20_261_128);
    DrawnSigns drawn = new DrawnSigns(random);
    int compared = 0;
    for (int seed = 1; seed <= DOGS; seed++) {
      DogRecord dog = dog(seed);
      Optional<SessionCheck> ahead = session(at(dog)).check();
      for (int i = 0; i < 10 && ahead.isPresent(); i++) {
        EarFinding ear = i % 2 == 0 ? drawn.ear() : mild(random);
        CleaningSession then = session(at(checked(dog, EarPair.both(ear), DogSigns.NOTHING)));
        DogHistory after = at(checked(dog, EarPair.both(ear), DogSigns.NOTHING));
        for (Side side : Side.values()) {
          Verdict verdict = after.latestVerdict().orElseThrow().ears().get(side).verdict();
          Optional<EarWay> way = way(ahead.get(), side, verdict, ear);
          if (verdict.atLeast(Verdict.STOP)) {
            assertThat(way).isEmpty();
            continue;
          }
          compared++;
          assertThat(way.orElseThrow().task().method())
              .as("seed %d %s %s %s", seed, side, verdict, ear)
              .isEqualTo(then.ears().get(side).method());
          assertThat(steps(way.get().first(), ear))
              .isSubsetOf(then.steps().stream().map(SessionStep::id).toList());
        }
      }
    }
    assertThat(compared).isGreaterThan(300);
  }

  private static List<String> steps(List<SessionStep> steps, EarFinding ear) {
    return steps.stream()
        .filter(step -> step.onlyIf().map(condition -> condition.holds(ear)).orElse(true))
        .map(SessionStep::id)
        .toList();
  }

  private static Optional<EarWay> way(
      SessionCheck ahead, Side side, Verdict verdict, EarFinding ear) {
    boolean discharging = ear.discharge() != Grade.NONE;
    List<EarWay> ways =
        ahead.ways().stream()
            .filter(one -> one.ear() == side && one.verdict() == verdict)
            .filter(one -> one.wipeOnly() == ear.wipeOnly())
            .toList();
    return ways.stream()
        .filter(one -> one.discharging() == discharging)
        .findFirst()
        .or(() -> ways.stream().findFirst());
  }

  private static EarFinding mild(SplittableRandom random) {
    return new EarFinding(
        Grade.NONE,
        Grade.NONE,
        random.nextInt(5) == 0 ? Grade.MILD : Grade.NONE,
        random.nextBoolean() ? Grade.MODERATE : Grade.MILD,
        DischargeKind.TAN_WAX,
        Odour.WAXY,
        Grade.NONE,
        random.nextInt(4) == 0 ? Set.of(SeenThing.LUMP_BLOCKING) : Set.of(),
        HearingTry.NOT_TRIED);
  }

  @Test
  void theTablesGoToDevicesWithChecksToTestThemBy() throws IOException {
    Sentences sentences = new Sentences();
    String dogs =
        IntStream.rangeClosed(1, DOGS)
            .parallel()
            .mapToObj(seed -> judged(seed, sentences))
            .collect(Collectors.joining(",\n"));
    Path file = Path.of("target", "device-checks.json");
    Files.createDirectories(file.getParent());
    Files.writeString(
        file, "{\"sentences\":%s,\"dogs\":[\n%s]}".formatted(json(sentences.inOrder()), dogs));
    assertThat(sentences.inOrder()).hasSizeGreaterThan(50);
  }

  private static String judged(int seed, Sentences sentences) {
    DrawnSigns drawn = new DrawnSigns(new SplittableRandom(seed));
    DogRecord dog = dog(seed);
    String checks =
        IntStream.range(0, CHECKS)
            .mapToObj(
                i -> {
                  EarPair<EarFinding> ears = EarPair.bySide(side -> drawn.maybeSeen());
                  DogSigns signs = drawn.dog();
                  CheckVerdict said = at(checked(dog, ears, signs)).latestVerdict().orElseThrow();
                  return Stream.of(
                          ear(ears.right()),
                          ear(ears.left()),
                          dog(signs),
                          sentences.said(said.ears().right()),
                          sentences.said(said.ears().left()))
                      .flatMap(IntStream::boxed)
                      .map(String::valueOf)
                      .collect(Collectors.joining(",", "[", "]"));
                })
            .collect(Collectors.joining(","));
    return "{\"tables\":%s,\"checks\":[%s]}".formatted(json(at(dog).tables()), checks);
  }

  /** The sentences that were said, each once. */
  private static final class Sentences {
    private final Map<String, Integer> places = new LinkedHashMap<>();

    synchronized IntStream said(EarVerdict ear) {
      String first = ear.reasons().get(0).reason().sentence();
      int place = places.computeIfAbsent(first, one -> places.size());
      return IntStream.of(List.of(Verdict.values()).indexOf(ear.verdict()), place);
    }

    List<String> inOrder() {
      return List.copyOf(places.keySet());
    }
  }

  private static IntStream ear(EarFinding ear) {
    int things =
        ear.seen().stream()
            .mapToInt(thing -> 1 << List.of(SeenThing.values()).indexOf(thing))
            .sum();
    return IntStream.of(
        ear.redness().number(),
        ear.swelling().number(),
        ear.sores().number(),
        ear.discharge().number(),
        ear.dischargeKind().number(),
        ear.odour().number(),
        ear.pain().number(),
        things,
        List.of(HearingTry.values()).indexOf(ear.hearing()),
        ear.couldLook() ? 1 : 0);
  }

  private static IntStream dog(DogSigns dog) {
    boolean[] signs = {
      dog.headTilt(),
      dog.balanceLoss(),
      dog.eyesFlicking(),
      dog.faceDrooping(),
      dog.unwell(),
      dog.blowToHead()
    };
    return IntStream.of(
        dog.shaking().number(),
        dog.scratching().number(),
        dog.pawed().map(side -> side == Side.RIGHT ? 1 : 2).orElse(0),
        dog.onset().map(onset -> onset == Onset.SUDDEN ? 1 : 2).orElse(0),
        IntStream.range(0, signs.length).map(i -> signs[i] ? 1 << i : 0).sum());
  }

  /** A record as it goes over the wire. */
  private static String json(Object value) {
    if (value instanceof Number || value instanceof Boolean) {
      return value.toString();
    }
    if (value instanceof Collection<?> all) {
      return all.stream().map(CheckAheadTest::json).collect(Collectors.joining(",", "[", "]"));
    }
    if (value instanceof Record all) {
      return Stream.of(all.getClass().getRecordComponents())
          .map(one -> "\"%s\":%s".formatted(one.getName(), json(read(one, all))))
          .collect(Collectors.joining(",", "{", "}"));
    }
    String text = value instanceof Enum<?> one ? one.name() : value.toString();
    return '"' + text + '"';
  }

  private static Object read(RecordComponent component, Record of) {
    try {
      return component.getAccessor().invoke(of);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }
}
