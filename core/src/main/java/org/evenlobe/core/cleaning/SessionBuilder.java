package org.evenlobe.core.cleaning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.Advice;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.cleaning.CleaningSession.Ending;
import org.evenlobe.core.cleaning.CleaningSession.Purpose;
import org.evenlobe.core.cleaning.SessionCheck.EarWay;
import org.evenlobe.core.cleaning.SessionStep.Kind;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.SeenThing;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Builds a guided session: kit and place, position, the check of both ears, then the better ear and
 * the other one by their methods, then dry, praise and record. It ends at the check where an ear is
 * URGENT; STOP ends it for that ear (rule CLEAN_STOP); and it ends where no ear may be cleaned.
 */
public final class SessionBuilder {
  private static final Comparator<EarBefore> BETTER_FIRST =
      Comparator.comparing(EarBefore::verdict)
          .thenComparing(ear -> ear.seen().score())
          .thenComparing(ear -> ear.habit().lastLoad().map(Load::grade).orElse(0));

  private final SessionSetting setting;
  private final EarPair<EarBefore> before;
  private final EarPair<EarTask> tasks;
  private final Position position;
  private final List<Side> order;

  private SessionBuilder(SessionSetting setting, EarPair<EarBefore> before) {
    this.setting = setting;
    this.before = before;
    this.tasks =
        EarPair.bySide(
            side ->
                MethodChoice.task(side, before.get(side), setting.ways(), setting.trust().rung()));
    this.position =
        Position.of(setting.weight(), setting.helper(), setting.bites(), setting.held());
    this.order =
        Stream.of(Side.values())
            .filter(side -> tasks.get(side).method().isPresent())
            .sorted(Comparator.comparing(before::get, BETTER_FIRST))
            .toList();
  }

  /**
   * The session that cleans.
   *
   * @param ahead the check that comes first, where the ears have not been looked at today
   */
  public static CleaningSession cleaning(
      SessionSetting setting, EarPair<EarBefore> ears, Optional<CheckAhead> ahead) {
    return new SessionBuilder(setting, ears).cleaning(ahead);
  }

  /** The session that practises the rung on which the dog stands. */
  public static CleaningSession practice(SessionSetting setting, EarPair<EarBefore> ears) {
    return new SessionBuilder(setting, ears).practice();
  }

  private CleaningSession cleaning(Optional<CheckAhead> ahead) {
    Optional<Ending> ending = ending();
    return session(
        Purpose.CLEANING,
        Optional.empty(),
        ending.isPresent() ? List.of() : SessionStep.chained(cleaningSteps()),
        ending.isPresent() ? Optional.empty() : ahead.map(this::check),
        ending);
  }

  private SessionCheck check(CheckAhead ahead) {
    return new SessionCheck(
        ahead.tables(),
        ahead.startsFrom(),
        ahead.normal(),
        SeenThing.WIPE_ONLY,
        ahead.outcomes().stream().flatMap(this::ways).toList(),
        List.of(dry(), taken()),
        ahead.sayings());
  }

  private Stream<EarWay> ways(CheckAhead.Outcome outcome) {
    SessionBuilder then = new SessionBuilder(setting, outcome.ears());
    return Stream.of(Side.values())
        .filter(side -> !outcome.ears().get(side).verdict().atLeast(Verdict.STOP))
        .map(
            side ->
                new EarWay(
                    side,
                    outcome.ears().get(side).verdict(),
                    outcome.ears().get(side).seen().wipeOnly(),
                    outcome.ears().get(side).seen().discharge() != Grade.NONE,
                    then.tasks.get(side),
                    then.earSteps(side, false),
                    then.earSteps(side, true)));
  }

  private List<SessionStep> earSteps(Side side, boolean second) {
    return tasks.get(side).method().isEmpty()
        ? List.of()
        : EarSteps.steps(tasks.get(side), before.get(side), setting.ways(), second);
  }

  private CleaningSession practice() {
    Rung rung = setting.trust().rung();
    Optional<Ending> ending = soreEars();
    return session(
        Purpose.PRACTICE,
        Optional.of(rung),
        ending.isPresent() ? List.of() : PracticeSteps.steps(rung),
        Optional.empty(),
        ending);
  }

  private CleaningSession session(
      Purpose purpose,
      Optional<Rung> practises,
      List<SessionStep> steps,
      Optional<SessionCheck> check,
      Optional<Ending> ending) {
    return new CleaningSession(
        purpose,
        tasks,
        order,
        position,
        setting.trust(),
        practises,
        setting.minutes(),
        setting.ways(),
        kitOut().tools(),
        steps,
        check,
        ending,
        order.size() < 2
            ? List.of()
            : List.of(
                Reason.of(
                    Rule.CLEAN_ORDER,
                    nobodyLooked()
                        ? "The %s first, each with its own wipes.".formatted(order.get(0).ear())
                        : "The %s first: it is the better one, so that nothing is carried across."
                            .formatted(order.get(0).ear()))),
        care());
  }

  /** Of ears that nobody has looked into, none is the better one. */
  private boolean nobodyLooked() {
    return before.join((right, left) -> !right.known().looked() && !left.known().looked());
  }

  /** By what orders and under what courses the ears are, in their own words. */
  private List<Reason> care() {
    return Stream.of(Side.values())
        .flatMap(side -> before.get(side).known().care().stream())
        .map(words -> Reason.of(Rule.CHECK_ORDER, words))
        .toList();
  }

  private List<SessionStep> cleaningSteps() {
    List<SessionStep> steps = new ArrayList<>();
    steps.add(kit());
    steps.add(position());
    steps.add(check());
    if (!setting.checkedToday()) {
      return steps;
    }
    for (Side side : order) {
      boolean second = !side.equals(order.get(0));
      steps.addAll(
          earSteps(side, second).stream()
              .filter(step -> step.isFor(before.get(side).seen()))
              .toList());
    }
    steps.add(dry());
    steps.add(taken());
    return steps;
  }

  private Optional<Ending> ending() {
    Verdict worst = before.right().verdict().or(before.left().verdict());
    boolean ends = worst == Verdict.URGENT || (worst == Verdict.STOP && order.isEmpty());
    if (ends && setting.checkedToday()) {
      Advice advice = setting.advice().orElseThrow();
      return Optional.of(new Ending(Ending.Cause.VERDICT, advice.now(), advice.steps()));
    }
    if (!order.isEmpty()) {
      return Optional.empty();
    }
    boolean practise =
        !setting.trust().rung().atLeast(Rung.WET_PAD)
            && before.join((right, left) -> may(right) || may(left));
    return Optional.of(
        practise
            ? new Ending(
                Ending.Cause.PRACTISE,
                "Practise first: %s does not allow wiping yet.".formatted(setting.name()),
                whys())
            : new Ending(Ending.Cause.CLOSED, "Nothing to clean now.", whys()));
  }

  private static boolean may(EarBefore ear) {
    return ear.asked() && ear.held().isEmpty() && !ear.verdict().atLeast(Verdict.STOP);
  }

  private List<String> whys() {
    return Stream.of(Side.values())
        .flatMap(side -> tasks.get(side).reasons().stream())
        .map(Reason::sentence)
        .distinct()
        .toList();
  }

  /** A sore ear is not practised with. */
  private Optional<Ending> soreEars() {
    boolean sore = before.join((right, left) -> isSore(right) || isSore(left));
    return sore
        ? Optional.of(
            new Ending(
                Ending.Cause.CLOSED,
                "No practice while an ear may be sore.",
                List.of(
                    "A touch that hurts undoes many that did not.",
                    "Go on when both ears are quiet again.")))
        : Optional.empty();
  }

  private static boolean isSore(EarBefore ear) {
    return ear.held().isPresent() || !ear.verdict().isQuiet();
  }

  private SessionStep kit() {
    boolean pours =
        order.stream()
            .anyMatch(side -> tasks.get(side).method().filter(CleaningMethod::inCanal).isPresent());
    return StepDraft.of(
            Kind.KIT,
            "Lay everything out",
            Stream.concat(care().stream().map(Reason::sentence), Stream.of(kitOut().words()))
                .collect(Collectors.joining(" ")))
        .because("Wet hands and a moving dog leave no time to fetch things.")
        .until("All of it is within reach.")
        .beware(
            pours
                ? "Liquid at room temperature to hand-warm, tested on your wrist: cold startles."
                : "Liquid on the wipe only today: none goes into an ear.")
        .step();
  }

  private Kit kitOut() {
    return new Kit(setting, before, tasks, order);
  }

  private SessionStep position() {
    return StepDraft.of(Kind.POSITION, "Settle " + setting.name(), position.where())
        .because(position.how())
        .until("It stands easy and you have a hand free.")
        .beware(position.caution())
        .step();
  }

  private SessionStep check() {
    return StepDraft.of(
            Kind.CHECK,
            "Look, sniff, feel: both ears",
            setting.checkedToday()
                ? "Done today. Still as it was? Anything new: stop here and check again."
                : (nobodyLooked()
                        ? "This is the first look at these ears: what they show when they are well is learned from here. "
                        : "")
                    + "Before anything goes in, know how both ears are today.")
        .because("Liquid in a sore ear harms.")
        .until("Both ears are graded.")
        .beware(bewareOfSigns())
        .step();
  }

  /** No word of signs that an order covers: its vet knows them. */
  private String bewareOfSigns() {
    List<Side> covered =
        Stream.of(Side.values()).filter(side -> before.get(side).known().covered()).toList();
    String signs = "Red, swollen, sore, painful or foul: pour nothing in.";
    if (covered.isEmpty()) {
      return signs;
    }
    String known =
        "Your vet knows how %s: worse than then, or more pain: pour nothing in, and call."
            .formatted(
                covered.size() == 2
                    ? "these ears look"
                    : "the %s looks".formatted(covered.get(0).ear()));
    return covered.size() == 2
        ? known
        : "%s The %s: %s".formatted(known, covered.get(0).other().ear(), Figures.uncapital(signs));
  }

  private SessionStep dry() {
    return StepDraft.of(
            Kind.DRY,
            "Dry, praise, treat",
            "Wash your hands. Rinse and dry the nozzle if it touched the ear. Wipes away.")
        .because("There will be a next time.")
        .until("The ears are dry outside and it has had its treat.")
        .beware(setting.ways().medicineWait().sentence())
        .step();
  }

  private SessionStep taken() {
    return StepDraft.of(
            Kind.TAKEN, "How did it take it?", "It moves the trust ladder and the next session.")
        .step();
  }
}
