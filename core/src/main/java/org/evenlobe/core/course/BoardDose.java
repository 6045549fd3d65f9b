package org.evenlobe.core.course;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * A dose as the board shows it: for all ears that it goes into.
 *
 * @param dose which
 * @param span when it is on time
 * @param status what has become of it: of what is still to be given, where something is
 * @param ears the same for each ear
 * @param todo what to do about it, in one sentence
 * @param later what to do about it once it is so, while nobody has given it: a device without a
 *     connection goes by its own clock
 */
public record BoardDose(
    Dose dose,
    DoseSchedule.Span span,
    DoseStatus status,
    List<DoseNow> ears,
    Reason todo,
    Map<DoseStatus, String> later) {
  private static final List<DoseStatus> BY_THE_CLOCK =
      List.of(DoseStatus.AHEAD, DoseStatus.DUE, DoseStatus.LATE, DoseStatus.MISSED);

  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm");

  public BoardDose {
    ears = List.copyOf(ears);
    later = Map.copyOf(later);
  }

  static BoardDose of(List<DoseNow> ears, Waiting waiting, CourseRun run) {
    DoseNow first = ears.get(0);
    DoseStatus status =
        ears.stream()
            .map(DoseNow::status)
            .filter(DoseStatus::isNow)
            .findFirst()
            .orElseGet(() -> shared(ears));
    return new BoardDose(
        first.dose(),
        first.span(),
        status,
        ears,
        todo(first, status, waiting, run, ears),
        BY_THE_CLOCK.stream()
            .collect(
                Collectors.toMap(
                    Function.identity(), then -> byTheClock(first, then, run.zone()).sentence())));
  }

  /** Given where one ear was: the other was left out or missed. */
  private static DoseStatus shared(List<DoseNow> ears) {
    return ears.stream()
        .map(DoseNow::status)
        .filter(DoseStatus.GIVEN::equals)
        .findFirst()
        .orElse(ears.get(0).status());
  }

  /** The ears that it is still to be given to. */
  public List<DoseNow> toGive() {
    return ears.stream()
        .filter(ear -> ear.status().isNow() || ear.status() == DoseStatus.AHEAD)
        .toList();
  }

  private static Reason todo(
      DoseNow first, DoseStatus status, Waiting waiting, CourseRun run, List<DoseNow> ears) {
    ZoneId zone = run.zone();
    return switch (status) {
      case DUE, LATE -> now(first, status, waiting, zone);
      case AHEAD, MISSED -> byTheClock(first, status, zone);
      case LEFT_OUT -> onTime("Left out" + why(ears) + ". Go on with the next one.");
      case GIVEN -> given(ears, zone);
    };
  }

  private static String why(List<DoseNow> ears) {
    return ears.stream()
        .flatMap(ear -> ear.giving().stream())
        .flatMap(giving -> giving.why().stream())
        .findFirst()
        .map(said -> ": " + said)
        .orElse("");
  }

  private static Reason now(DoseNow first, DoseStatus status, Waiting waiting, ZoneId zone) {
    if (!first.perhaps().isEmpty()) {
      PerhapsGiven told = first.perhaps().get(first.perhaps().size() - 1);
      return Reason.of(
          Rule.COURSE_TOLD,
          "Perhaps given by %s at %s: ask first, and never double it."
              .formatted(told.by(), clock(told.at(), zone)));
    }
    if (!waiting.running().isEmpty()) {
      return Reason.of(
          Rule.COURSE_WAIT,
          "Wait until %s: cleaner left in the ear thins the medicine."
              .formatted(clock(waiting.running().get(0).until(), zone)));
    }
    if (!waiting.cleanFirst().isEmpty()) {
      return Reason.of(
          Rule.COURSE_WAIT,
          "Clean %s first%s%s."
              .formatted(
                  ears(waiting.cleanFirst()),
                  waiting.cleanFirst().stream()
                      .flatMap(one -> one.hour().stream())
                      .min(LocalTime::compareTo)
                      .map(hour -> ", about " + CLOCK.format(hour))
                      .orElse(""),
                  waiting.minutes() == 0
                      ? ""
                      : ", then wait " + Figures.count(waiting.minutes(), "minute")));
    }
    return byTheClock(first, status, zone);
  }

  private static Reason byTheClock(DoseNow dose, DoseStatus status, ZoneId zone) {
    return onTime(
        switch (status) {
          case DUE -> "On time until %s.".formatted(clock(dose.span().until(), zone));
          case LATE ->
              "Late: give it now. From %s on, leave it out."
                  .formatted(clock(dose.span().missedAfter(), zone));
          case MISSED -> "Missed: leave it out. Never double the next one.";
          case AHEAD, GIVEN, LEFT_OUT ->
              "At %s, on time from %s."
                  .formatted(clock(dose.dose().at(), zone), clock(dose.span().from(), zone));
        });
  }

  private static Reason given(List<DoseNow> ears, ZoneId zone) {
    List<DoseNow> twice = ears.stream().filter(ear -> !ear.again().isEmpty()).toList();
    if (!twice.isEmpty()) {
      return Reason.of(
          Rule.COURSE_TWICE,
          "Perhaps given twice, at %s and %s: nothing to add. Watch the ear and leave the next one"
                  .formatted(
                      clock(twice.get(0).giving().orElseThrow().at(), zone),
                      clock(twice.get(0).again().get(0).at(), zone))
              + " as it is; call your vet if it is redder or the dog unsteady.");
    }
    Optional<DoseNow> one = ears.stream().filter(ear -> ear.timing().isPresent()).findFirst();
    return onTime(
        one.map(
                ear ->
                    "Given%s at %s, %s."
                        .formatted(
                            ear.giving().orElseThrow().name().map(by -> " by " + by).orElse(""),
                            clock(ear.giving().orElseThrow().at(), zone),
                            ear.timing().orElseThrow().words()))
            .orElse("Given."));
  }

  private static Reason onTime(String sentence) {
    return Reason.of(Rule.COURSE_ON_TIME, sentence);
  }

  private static String ears(List<Waiting.CleanFirst> first) {
    return first.stream()
        .map(Waiting.CleanFirst::ear)
        .sorted()
        .map(side -> "the " + side.ear())
        .collect(Collectors.joining(" and "));
  }

  private static String clock(Instant at, ZoneId zone) {
    return CLOCK.format(at.atZone(zone));
  }
}
