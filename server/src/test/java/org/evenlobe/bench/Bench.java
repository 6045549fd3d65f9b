package org.evenlobe.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.evenlobe.server.Caller;
import org.evenlobe.server.EvenLobe;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;

/**
 * Prints figures of the server, all or those that are named: statements, today, checks, plan,
 * start-up. Asserts nothing. Run it with {@code bin/bench}.
 */
public final class Bench {
  private static final int PAIRS = 3;

  private Bench() {}

  public static void main(String[] arguments) throws Exception {
    AutoCloseable server = RunningServer.start();
    try {
      List<String> parts = List.of(arguments);
      if (parts.isEmpty() || parts.contains("statements")) {
        statements();
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
      if (parts.isEmpty() || parts.contains("start-up")) {
        startUp();
      }
    } finally {
      server.close();
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

  private static void today() throws Exception {
    TodayCost.Figures cost = new TodayCost().measure();
    print(
        "Today, 40 dogs and 5 years: %.1f ms; the same %d statements through plain JDBC and the same"
            + " %d kB: %.1f ms; ratio %.2f (medians of pairs)",
        cost.today(), cost.statements(), cost.kilobytes(), cost.bare(), cost.ratio());
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
            + " µs and %.0f kB (median); 1,000 such dogs across all cores: %.0f ms; evening out 60"
            + " dogs, 2 a day, weekends off: %.1f ms (median)",
        cost.dog(), cost.kilobytes(), cost.thousand(), cost.evening());
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

  private static void print(String format, Object... values) {
    System.out.println(String.format(Locale.ROOT, format, values));
  }
}
