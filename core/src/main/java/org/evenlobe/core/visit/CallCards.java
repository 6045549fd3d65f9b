package org.evenlobe.core.visit;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.EarVerdict;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.course.DoseSchedule;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.OwnCourse;
import org.evenlobe.core.record.Reaction;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.trial.DietTrialNow;

/**
 * Writes the card of what to tell a vet on the phone: who the dog is, what was found and since
 * when, what went into the ears lately, and what is known of eardrums, allergy and reactions.
 */
public final class CallCards {
  private static final int LATELY_DAYS = 21;

  private final DogRecord dog;
  private final DogHistory history;
  private final LocalDate today;
  private final List<CallCard.Point> points = new ArrayList<>();

  private CallCards(DogRecord dog, DogHistory history, LocalDate today) {
    this.dog = dog;
    this.history = history;
    this.today = today;
  }

  /**
   * The card after the latest check; empty while there is none, or where it was quiet and nothing
   * is held.
   *
   * @param breed what the dog is by breed, where that is known
   * @param names what a reaction was to, in words
   */
  public static Optional<CallCard> card(
      DogRecord dog,
      DogHistory history,
      Optional<String> breed,
      Function<Reaction, String> names,
      LocalDate today) {
    Optional<CheckVerdict> verdict = history.latestVerdict();
    if (verdict.isEmpty() || !asksForVet(verdict.get())) {
      return Optional.empty();
    }
    CallCards cards = new CallCards(dog, history, today);
    cards.sayAll(breed, names);
    cards.ask();
    return Optional.of(new CallCard(cards.points));
  }

  /** All that there is to say of a dog, whether a vet is to be asked or not. */
  static List<CallCard.Point> points(
      DogHistory history, Optional<String> breed, Function<Reaction, String> names) {
    CallCards cards = new CallCards(history.dog(), history, history.today());
    cards.sayAll(breed, names);
    return cards.points;
  }

  private void sayAll(Optional<String> breed, Function<Reaction, String> names) {
    who(breed);
    history.latestVerdict().ifPresent(this::found);
    since();
    lumps();
    wentIn();
    given();
    known();
    reactions(names);
  }

  private static boolean asksForVet(CheckVerdict verdict) {
    return verdict.verdict().atLeast(Verdict.CAUTION)
        || verdict.holds().right().isPresent()
        || verdict.holds().left().isPresent();
  }

  private void who(Optional<String> breed) {
    DogProfile profile = dog.profile();
    List<String> words = new ArrayList<>();
    words.add(profile.name());
    breed.ifPresent(words::add);
    profile.bornOn().map(born -> age(born, profile.ageEstimated())).ifPresent(words::add);
    profile.weightOn(today).map(Quantities::weight).ifPresent(words::add);
    say("The dog", String.join(", ", words));
  }

  private String age(LocalDate born, boolean estimated) {
    long years = (long) Figures.years(born, today);
    return (estimated ? "about " : "")
        + (years == 0 ? "under a year" : Figures.count(years, "year"));
  }

  /** What both ears share, such as a head tilt, is said once. */
  private void found(CheckVerdict verdict) {
    EarPair<List<String>> found = verdict.ears().map(CallCards::sentences);
    List<String> shared =
        found.right().stream()
            .filter(found.left()::contains)
            .filter(sentence -> !isQuiet(verdict))
            .toList();
    if (!shared.isEmpty()) {
      say("Both ears", String.join(" ", shared));
    }
    for (Side side : Side.values()) {
      String own =
          found.get(side).stream()
              .filter(sentence -> !shared.contains(sentence))
              .collect(Collectors.joining(" "));
      if (!own.isEmpty()) {
        say(capital(side.ear()), own);
      }
    }
    EarPair<String> scores =
        EarPair.bySide(
            side ->
                history.latest().filter(check -> check.saw(side)).isPresent()
                    ? Integer.toString(verdict.ears().get(side).score())
                    : "not seen");
    say("Scores", "right %s, left %s of 12".formatted(scores.right(), scores.left()));
  }

  private static boolean isQuiet(CheckVerdict verdict) {
    return verdict.verdict().isQuiet();
  }

  private static List<String> sentences(EarVerdict ear) {
    return ear.verdict() == Verdict.LEAVE
        ? List.of("Quiet.")
        : ear.reasons().stream().map(reason -> reason.reason().sentence()).toList();
  }

  /** The first check of the run of unquiet ones that ends with the latest. */
  private void since() {
    List<AssessedCheck> checks = history.checks();
    Optional<LocalDate> since = Optional.empty();
    for (int i = checks.size() - 1; i >= 0 && checks.get(i).sign().atLeast(Verdict.CAUTION); i--) {
      since = Optional.of(checks.get(i).check().day());
    }
    since.ifPresent(
        day -> say("Since", "first seen on %s, %s".formatted(Quantities.day(day), ago(day))));
    long flares = history.flares().size();
    if (flares > 1) {
      say("Before", Figures.count(flares, "flare") + " on record, this one included");
    }
  }

  private void lumps() {
    for (Side side : Side.values()) {
      history
          .lump(side)
          .ifPresent(
              lump ->
                  say(
                      "Lump",
                      "%s, %s: %d mm on %s, %d mm on %s"
                          .formatted(
                              side.ear(),
                              lump.latest().place().words(),
                              lump.first().millimetres(),
                              Quantities.day(lump.since()),
                              lump.latest().millimetres(),
                              Quantities.day(lump.on()))));
    }
  }

  private void wentIn() {
    for (Side side : Side.values()) {
      Optional<CleaningRecord> last =
          dog.cleanings().stream()
              .filter(cleaning -> cleaning.ears().get(side).isPresent())
              .filter(cleaning -> !cleaning.day().isAfter(today))
              .reduce((earlier, later) -> later);
      last.filter(cleaning -> ChronoUnit.DAYS.between(cleaning.day(), today) <= LATELY_DAYS)
          .ifPresent(
              cleaning ->
                  say(
                      "Last cleaned",
                      "the %s %s, %s"
                          .formatted(
                              side.ear(),
                              ago(cleaning.day()),
                              cleaning.ears().get(side).orElseThrow().method().words())));
    }
  }

  /** What is given by a vet's word and on their own: the vet must know what went in. */
  private void given() {
    LocalDate lately = today.minusDays(LATELY_DAYS);
    for (Course course : dog.all(Course.class)) {
      Optional<CourseEnd> end =
          dog.all(CourseEnd.class).stream()
              .filter(one -> one.course().equals(course.id()) && one.isBy(today))
              .findFirst();
      Optional<LocalDate> last = end.map(CourseEnd::day).or(() -> DoseSchedule.lastDay(course));
      if (!course.startsOn().isAfter(today) && !last.filter(lately::isAfter).isPresent()) {
        String ended =
            end.map(
                    one ->
                        ", ended %s: %s".formatted(Quantities.day(one.day()), one.cause().words()))
                .or(() -> last.map(day -> ", until " + Quantities.day(day)))
                .orElse("");
        say(
            "Medicine",
            "%s%s, from %s%s"
                .formatted(
                    course.what(), ears(course.ears()), Quantities.day(course.startsOn()), ended));
      }
    }
    for (OwnCourse own : dog.all(OwnCourse.class)) {
      if (!own.from().isAfter(today) && !own.to().filter(lately::isAfter).isPresent()) {
        say(
            "On their own",
            "%s%s, %s, from %s%s"
                .formatted(
                    own.what(),
                    ears(own.ears()),
                    own.howOften().words(),
                    Quantities.day(own.from()),
                    own.to().map(day -> ", until " + Quantities.day(day)).orElse("")));
      }
    }
    dog.all(DietTrial.class).stream()
        .map(trial -> DietTrialNow.of(trial, history))
        .filter(trial -> trial.stage().isOpen() && !trial.trial().startsOn().isAfter(today))
        .forEach(
            trial ->
                say(
                    "Diet trial",
                    "%s and %s only, from %s, %s"
                        .formatted(
                            trial.trial().protein(),
                            trial.trial().starch(),
                            Quantities.day(trial.trial().startsOn()),
                            trial.stage().words())));
  }

  private static String ears(Set<Side> ears) {
    return ears.isEmpty()
        ? ""
        : ears.stream().map(Side::ear).collect(Collectors.joining(" and ", ", ", ""));
  }

  private void known() {
    DogProfile profile = dog.profile();
    EarPair<EardrumKnown> eardrums = history.ears().map(EarStands::eardrum);
    if (eardrums.right() == eardrums.left()) {
      words(eardrums.right()).ifPresent(words -> say("Eardrums", "both " + words));
    } else {
      for (Side side : Side.values()) {
        words(eardrums.get(side))
            .ifPresent(words -> say("Eardrum", "the %s's %s".formatted(side.ear(), words)));
      }
    }
    if (profile.life().allergy() != Allergy.NONE) {
      say("Allergy", profile.life().allergy().words());
    }
  }

  private void reactions(Function<Reaction, String> names) {
    String told =
        Stream.concat(
                dog.profile().reactions().stream(),
                dog.all(Reaction.class).stream()
                    .map(
                        reaction ->
                            "%s (%s, %s)"
                                .formatted(
                                    names.apply(reaction),
                                    reaction.kind().words(),
                                    Quantities.day(reaction.day()))))
            .collect(Collectors.joining("; "));
    if (!told.isEmpty()) {
      say("Has reacted to", told);
    }
  }

  private static Optional<String> words(EardrumKnown eardrum) {
    return switch (eardrum) {
      case INTACT -> Optional.empty();
      case NOT_KNOWN -> Optional.of("not seen by a vet lately");
      case NOT_INTACT -> Optional.of("seen not intact");
    };
  }

  private void ask() {
    say(
        "Ask",
        "How soon can we come? May anything go into the ears until then? Should they stay as they"
            + " are for a smear?");
  }

  private String ago(LocalDate day) {
    long days = ChronoUnit.DAYS.between(day, today);
    return days == 0 ? "today" : Figures.count(days, "day") + " ago";
  }

  private void say(String about, String words) {
    points.add(new CallCard.Point(about, words));
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
