package org.evenlobe.core.visit;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.course.CourseRun;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.Drift;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.Flare;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.OwnCourse;
import org.evenlobe.core.record.Reaction;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.record.Trigger;
import org.evenlobe.core.record.TriggerSaid;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.trend.FlareStory;

/** Writes what a vet is given of a dog. */
public final class VetPages {
  private static final int MONTHS = 12;

  /** How many entries of each kind stand on it: all of it are two pages. */
  private static final int MOST = 6;

  private final DogHistory history;
  private final LocalDate since;
  private final List<VetPage.Part> parts = new ArrayList<>();

  private VetPages(DogHistory history) {
    this.history = history;
    this.since = history.today().minusMonths(MONTHS);
  }

  /**
   * What is told with the facts.
   *
   * @param breed what the dog is by breed, where that is known
   * @param names what a reaction was to, in words
   * @param bottles the bottle of an id
   * @param asked what the person wants to know
   * @param now the instant of it
   * @param zone the household's
   */
  public record Telling(
      Optional<String> breed,
      Function<Reaction, String> names,
      Function<UUID, Optional<Supply>> bottles,
      Optional<String> asked,
      Instant now,
      ZoneId zone) {}

  /** The page of a dog. */
  public static VetPage of(DogHistory history, Telling telling) {
    VetPages page = new VetPages(history);
    Optional<VetPage.Part> inForce = page.inForce();
    page.checks();
    page.drift();
    page.flares();
    page.courses(telling);
    page.ownCourses();
    page.cleaners(telling.bottles());
    page.triggers();
    return new VetPage(
        history.dog().profile().name(),
        history.today(),
        telling.asked(),
        inForce,
        history.latestVerdict().map(CheckVerdict::verdict),
        CallCards.points(history, telling.breed(), telling.names()),
        page.parts);
  }

  private void add(String title, Stream<String> latestFirst) {
    List<String> lines = latestFirst.collect(Collectors.toCollection(ArrayList::new));
    if (lines.size() > MOST) {
      int more = lines.size() - MOST;
      lines.subList(MOST, lines.size()).clear();
      lines.add("and %d earlier".formatted(more));
    }
    if (!lines.isEmpty()) {
      parts.add(new VetPage.Part(title, lines));
    }
  }

  /** What is held, ordered or open, first: "left ear: nothing goes in since 18 Nov". */
  private Optional<VetPage.Part> inForce() {
    List<String> lines =
        Stream.of(Side.values())
            .flatMap(
                side -> {
                  EarStands ear = history.ear(side);
                  List<String> told = new ArrayList<>();
                  if (ear.mayGoIn() == MayGoIn.NONE) {
                    told.add(
                        "%s: nothing goes in since %s. %s"
                            .formatted(
                                Figures.capital(side.ear()),
                                Quantities.day(ear.since()),
                                ear.reason().sentence()));
                  }
                  ear.order()
                      .ifPresent(
                          order ->
                              told.add(
                                  "%s, ordered on %s: %s"
                                      .formatted(
                                          Figures.capital(side.ear()),
                                          Quantities.day(order.since()),
                                          order.words())));
                  return told.stream();
                })
            .toList();
    return lines.isEmpty()
        ? Optional.empty()
        : Optional.of(new VetPage.Part("In force now", lines));
  }

  private void checks() {
    List<AssessedCheck> checks = history.checks();
    List<AssessedCheck> last =
        new ArrayList<>(checks.subList(Math.max(0, checks.size() - MOST), checks.size()));
    Collections.reverse(last);
    add("The last checks", last.stream().map(VetPages::check));
  }

  private static String check(AssessedCheck one) {
    EarPair<String> scores =
        one.check()
            .ears()
            .map(ear -> ear.couldLook() ? "%d of 12".formatted(ear.score()) : "not seen");
    EarPair<String> words = one.verdicts().map(Verdict::words);
    return "%s: right %s, %s; left %s, %s"
        .formatted(
            Quantities.day(one.check().day()),
            scores.right(),
            words.right(),
            scores.left(),
            words.left());
  }

  private void drift() {
    add(
        "Slowly worse",
        Stream.of(Side.values())
            .flatMap(
                side ->
                    history.drift(side).filter(Drift::alarms).stream()
                        .map(drift -> drift.reason(side).sentence())));
  }

  private void flares() {
    add(
        "Flares of 12 months",
        FlareStory.of(history).stream()
            .filter(story -> story.flare().end().map(since::isBefore).orElse(true))
            .map(story -> story.reason().sentence() + seenIn(story.flare())));
  }

  /** What was seen and smelled in a flare, and what the vet found. */
  private String seenIn(Flare flare) {
    Set<String> seen = new LinkedHashSet<>();
    for (AssessedCheck check : history.checks()) {
      LocalDate day = check.check().day();
      boolean within =
          !day.isBefore(flare.start()) && !flare.end().filter(day::isAfter).isPresent();
      if (within) {
        flare.ears().forEach(side -> check.found(side).ifPresent(ear -> addSeen(ear, seen)));
      }
    }
    String vet =
        history.visits().stream()
            .filter(visit -> !visit.call() && !visit.day().isBefore(flare.start()))
            .filter(visit -> !flare.end().filter(visit.day()::isAfter).isPresent())
            .map(visit -> "seen by the vet on " + Quantities.day(visit.day()))
            .findFirst()
            .orElse("");
    return (seen.isEmpty() ? "" : " Seen: " + String.join(", ", seen) + ".")
        + (vet.isEmpty() ? "" : " " + Figures.capital(vet) + ".");
  }

  private static void addSeen(EarFinding ear, Set<String> seen) {
    if (ear.dischargeKind() != DischargeKind.NONE) {
      seen.add(ear.dischargeKind().words() + " discharge");
    }
    if (ear.odour().atLeast(Odour.SWEET)) {
      seen.add(ear.odour().words() + " smell");
    }
    if (ear.redness().atLeast(Grade.MODERATE)) {
      seen.add("red skin");
    }
    if (ear.pain() != Grade.NONE) {
      seen.add("pain");
    }
    ear.seen().forEach(thing -> seen.add(thing.words()));
  }

  private void courses(Telling telling) {
    add(
        "Medicine of 12 months",
        history.dog().all(Course.class).stream()
            .map(course -> CourseRun.of(course, history.dog(), telling.zone(), telling.now()))
            .filter(run -> run.lastDay().map(since::isBefore).orElse(true))
            .sorted(Comparator.comparing((CourseRun run) -> run.course().startsOn()).reversed())
            .map(VetPages::course));
  }

  private static String course(CourseRun run) {
    String ended =
        run.end()
            .map(end -> ", ended %s: %s".formatted(Quantities.day(end.day()), end.cause().words()))
            .orElse("");
    return "%s, from %s%s. %s"
        .formatted(
            run.course().what(),
            Quantities.day(run.course().startsOn()),
            ended,
            run.adherence().stream()
                .map(one -> one.reason().sentence())
                .collect(Collectors.joining(" ")));
  }

  private void ownCourses() {
    add(
        "Given on their own",
        history.dog().all(OwnCourse.class).stream()
            .filter(own -> own.to().map(since::isBefore).orElse(true))
            .sorted(Comparator.comparing(OwnCourse::from).reversed())
            .map(
                own ->
                    "%s, %s, from %s%s"
                        .formatted(
                            own.what(),
                            own.howOften().words(),
                            Quantities.day(own.from()),
                            own.to().map(day -> " to " + Quantities.day(day)).orElse(""))));
  }

  /** What went into the ears, with what is in it. */
  private void cleaners(Function<UUID, Optional<Supply>> bottles) {
    Map<UUID, List<CleaningRecord>> used = new LinkedHashMap<>();
    for (CleaningRecord cleaning : history.dog().cleanings()) {
      if (cleaning.day().isAfter(since) && cleaning.isBy(history.today())) {
        cleaning
            .manner()
            .cleaner()
            .ifPresent(id -> used.computeIfAbsent(id, one -> new ArrayList<>()).add(cleaning));
      }
    }
    add(
        "What went in",
        used.entrySet().stream()
            .flatMap(
                one ->
                    bottles.apply(one.getKey()).stream()
                        .map(bottle -> cleaner(bottle, one.getValue()))));
  }

  private static String cleaner(Supply bottle, List<CleaningRecord> used) {
    String strengths =
        bottle.contents().strengths().entrySet().stream()
            .map(
                one ->
                    "%s %s %%"
                        .formatted(one.getKey().words(), Figures.plain(one.getValue().percent())))
            .collect(Collectors.joining(", "));
    String ph = bottle.label().ph().map(value -> ", pH " + Figures.plain(value)).orElse("");
    return "%s%s: %s%s; %s, the last on %s"
        .formatted(
            bottle.name(),
            bottle.batch().isPresent() ? " (mixed at home)" : "",
            strengths.isEmpty() ? "nothing that acts is on its label" : strengths,
            ph,
            Figures.count(used.size(), "time"),
            Quantities.day(used.get(used.size() - 1).day()));
  }

  private void triggers() {
    add(
        "It follows, the owner finds",
        Stream.of(Trigger.values())
            .filter(
                trigger ->
                    TriggerSaid.latest(history.dog(), trigger)
                        .filter(TriggerSaid::follows)
                        .isPresent())
            .map(Trigger::words));
  }
}
