package org.evenlobe.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.evenlobe.fuzz.ApiFuzz;
import org.evenlobe.server.Caller;
import org.evenlobe.server.EvenLobe;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;

/**
 * Prints figures of the server, all or those that are named: statements, courses, trends, today,
 * checks, plan, solutions, start-up; load, push and fuzz only where they are named. Asserts
 * nothing. Run it with {@code bin/bench}.
 */
public final class Bench {
  private static final int PAIRS = 3;
  private static final int FUZZ_SEEDS = 3;
  private static final int FUZZ_REQUESTS = 10_000;

  private Bench() {}

  public static void main(String[] arguments) throws Exception {
    AutoCloseable server = RunningServer.start();
    try {
      List<String> parts = List.of(arguments);
      if (parts.isEmpty() || parts.contains("statements")) {
        statements();
      }
      if (parts.isEmpty() || parts.contains("courses")) {
        courses();
      }
      if (parts.isEmpty() || parts.contains("trends")) {
        trends();
      }
      if (parts.isEmpty() || parts.contains("today")) {
        today();
      }
      if (parts.isEmpty() || parts.contains("checks")) {
        checks();
      }
      if (parts.isEmpty() || parts.contains("plan")) {
        plan();
      }
      if (parts.isEmpty() || parts.contains("solutions")) {
        solutions();
      }
      if (parts.isEmpty() || parts.contains("start-up")) {
        startUp();
      }
      if (parts.isEmpty() || parts.contains("archive")) {
        archive();
      }
      if (parts.contains("load")) {
        load();
      }
      if (parts.contains("push")) {
        push();
      }
      if (parts.contains("fuzz")) {
        fuzz();
      }
    } finally {
      server.close();
    }
  }

  private static void push() throws Exception {
    for (PushCost.Figures one : PushCost.measure()) {
      print(
          "ten people push %s: Today of four others, 95 %% below %.0f ms before, %.0f ms meanwhile"
              + " (%.1f times), %.0f ms after; %d not answered; the process held %d MB at most",
          one.name(),
          one.before(),
          one.during(),
          one.during() / one.before(),
          one.after(),
          one.failed(),
          one.megabytes());
    }
  }

  private static void statements() {
    Caller owner = Caller.newOwner();
    Samples.newDog(owner);
    owner.get(owner.at("/today"));
    int one = StatementCount.during(() -> owner.get(owner.at("/today")));
    for (int i = 0; i < 20; i++) {
      Samples.newDog(owner);
    }
    int many = StatementCount.during(() -> owner.get(owner.at("/today")));
    print("SQL statements for Today, 1 dog and 21 dogs: %d and %d", one, many);
  }

  private static void courses() throws Exception {
    PageCost cost = new CourseCost().measure();
    print(
        "The dose board, 60 dogs of 3 courses, %d kB, by %d statements, against the same statements"
            + " through plain JDBC (%.1f ms): cold %.2f, where nothing has changed %.2f",
        cost.kilobytes(),
        cost.statements(),
        cost.bare(),
        cost.cold() / cost.bare(),
        cost.kept() / cost.bare());
  }

  private static void trends() throws Exception {
    PageCost cost = new TrendCost().measure();
    print(
        "Trends of a dog of 5 years, %d kB, by %d statements, against the same statements through"
            + " plain JDBC (%.1f ms): cold %.2f, where nothing has changed %.2f",
        cost.kilobytes(),
        cost.statements(),
        cost.bare(),
        cost.cold() / cost.bare(),
        cost.kept() / cost.bare());
  }

  private static void today() throws Exception {
    TodayCost.Figures cost = new TodayCost().measure();
    print(
        "Today, 40 dogs and 5 years, %d kB, by %d statements (%d where all is kept), against the same"
            + " through plain JDBC, %.1f ms (medians): cold %.1f ms, ratio %.2f; one dog changed"
            + " %.1f ms, ratio %.2f; nothing changed %.1f ms, ratio %.2f; and known to the caller"
            + " %.1f ms, ratio %.2f",
        cost.kilobytes(),
        cost.statements(),
        cost.statementsKept(),
        cost.bare(),
        cost.cold(),
        cost.cold() / cost.bare(),
        cost.changed(),
        cost.changed() / cost.bare(),
        cost.unchanged(),
        cost.unchanged() / cost.bare(),
        cost.known(),
        cost.known() / cost.bare());
    print(
        "a dog's page where that dog has changed: %.1f ms; where the household said how much fits"
            + " into a day: %.1f ms, ratio %.2f (medians)",
        cost.page(), cost.pageWithCapacity(), cost.pageWithCapacity() / cost.page());
  }

  private static void checks() {
    CheckCost.Verdicts verdicts = CheckCost.verdicts();
    print(
        "a verdict: %.0f ns; with every reason in words: %.0f ns (medians)",
        verdicts.verdict(), verdicts.withReasons());
    CheckCost.Checks checks = new CheckCost().checks();
    print(
        "checks of 5 years: %d SQL statements, as %d for one check; the list %.1f ms, the preview of"
            + " one more %.1f ms (medians)",
        checks.statementsAll(), checks.statementsOne(), checks.list(), checks.preview());
  }

  private static void plan() {
    PlanCost.Figures cost = new PlanCost().measure();
    print(
        "planning a dog with 10 years of records (500 cleanings, 1,000 checks, 500 exposures): %.0f"
            + " µs and %.0f kB; where nothing of it has changed: %.0f µs, ratio %.2f; with a swim"
            + " expected twice a week: %.0f µs, ratio %.2f (medians); 1,000 such dogs across all"
            + " cores: %.0f ms; evening out 60 dogs, 2 a day, weekends off: %.1f ms",
        cost.cold(),
        cost.kilobytes(),
        cost.warm(),
        cost.warm() / cost.cold(),
        cost.swims(),
        cost.swims() / cost.cold(),
        cost.thousand(),
        cost.evening());
  }

  private static void solutions() {
    SolutionCost.Figures cost = new SolutionCost().measure();
    print(
        "analyses of a mix on one core: %.0f a second; the same sums and balance alone: %.0f, ratio"
            + " %.2f; nearest that passes: %.0f a second",
        cost.analyses(), cost.plain(), cost.plain() / cost.analyses(), cost.nearest());
  }

  private static void startUp() throws Exception {
    List<Double> ratios = new ArrayList<>();
    for (int pair = 0; pair < PAIRS; pair++) {
      StartUp.Figures server =
          StartUp.of(
              EvenLobe.class, System.getProperty("java.class.path"), RunningServer.database());
      StartUp.Figures bare =
          StartUp.of(BareApplication.class, StartUp.bareClassPath(), RunningServer.database());
      ratios.add(server.seconds() / bare.seconds());
      print(
          "start-up: server %.1f s, bare Spring Boot and Hibernate %.1f s; at rest %d MB, %d MB",
          server.seconds(), bare.seconds(), server.megabytes(), bare.megabytes());
    }
    ratios.sort(null);
    print("start-up, server to bare: %.2f (median of %d)", ratios.get(PAIRS / 2), PAIRS);
  }

  private static void archive() throws Exception {
    ArchiveCost.Figures cost = ArchiveCost.measure();
    print(
        "40 dogs and 5 years, %d records: in as tables %.0f records a second; out as an archive of %d"
            + " kB %.0f, in again %.0f; the process at most %d MB before, %d MB at the end",
        cost.records(),
        cost.table(),
        cost.kilobytes(),
        cost.out(),
        cost.in(),
        cost.before(),
        cost.after());
  }

  private static void load() throws Exception {
    LoadCost.Day day = LoadCost.day();
    print(
        "a person with one dog, a day of ten looks and 20 minutes open: %d statements, %d kB",
        day.statements(), day.kilobytes());
    for (int processes = 1; processes <= 2; processes++) {
      LoadCost.Load load = LoadCost.load(processes);
      print(
          "people polling and recording, %d process(es): %.0f requests a second, p50 %.1f ms, p95 %.1f"
              + " ms, p99 %.1f ms; %d MB at the start, %d MB at the end",
          processes,
          load.perSecond(),
          load.p50(),
          load.p95(),
          load.p99(),
          load.megabytesBefore(),
          load.megabytesAfter());
    }
    LoadCost.Faults faults = LoadCost.faults();
    print(
        "the same with %d kills of servers and database: %d records acknowledged, %d sent again, %d"
            + " lost, %d doubled",
        faults.kills(), faults.acknowledged(), faults.resent(), faults.lost(), faults.doubled());
  }

  private static void fuzz() {
    for (long seed = 1; seed <= FUZZ_SEEDS; seed++) {
      ApiFuzz fuzz = new ApiFuzz(seed);
      List<String> failures = fuzz.run(FUZZ_REQUESTS);
      print(
          "fuzz, seed %d: %d requests, %d records taken, %d failures",
          seed, FUZZ_REQUESTS, fuzz.accepted(), failures.size());
      failures.forEach(failure -> print("  %s", failure));
    }
  }

  private static void print(String format, Object... values) {
    System.out.println(String.format(Locale.ROOT, format, values));
  }
}
