package org.evenlobe.core.handover;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.course.CourseRun;
import org.evenlobe.core.course.Dose;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.handover.HandOver.HandOverPart;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.Handling;
import org.evenlobe.core.record.HoldWay;
import org.evenlobe.core.record.Reaction;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/** Writes what whoever takes a dog is told (rule HAND_OVER): what of it matters in their days. */
public final class HandOvers {
  private static final int SEEN_WITHIN_DAYS = 7;

  private final Stay stay;
  private final DogHistory history;
  private final DogPlan plan;
  private final CleaningWays ways;
  private final List<HandOverPart> parts = new ArrayList<>();

  private HandOvers(Stay stay, DogHistory history, DogPlan plan, CleaningWays household) {
    this.stay = stay;
    this.history = history;
    this.plan = plan;
    this.ways = household.with(history.dog().profile().ways());
  }

  /**
   * Who takes it, and when.
   *
   * @param taker who
   * @param from the first day
   * @param until the last one
   * @param now the instant at which it is told
   * @param zone the household's
   */
  public record Stay(Taker taker, LocalDate from, LocalDate until, Instant now, ZoneId zone) {
    boolean holds(LocalDate day) {
      return !day.isBefore(from) && !day.isAfter(until);
    }
  }

  /**
   * What things are called.
   *
   * @param items a planned item in words
   * @param reactions what a reaction was to
   * @param cleaner the bottle that is taken for it, where one was
   */
  public record Naming(
      Function<PlanItem, String> items,
      Function<Reaction, String> reactions,
      Optional<String> cleaner) {}

  /** The page. */
  public static HandOver of(
      Stay stay, DogHistory history, DogPlan plan, CleaningWays household, Naming naming) {
    HandOvers page = new HandOvers(stay, history, plan, household);
    page.add("Please do not", page.not(naming));
    page.add("In these days", page.days(naming));
    page.add("Medicine", page.medicine());
    page.add("What may go into the ears", page.goesIn(naming));
    page.add("How it is held", page.held());
    page.add("Tell us at once", alarm());
    return new HandOver(
        history.dog().profile().name(),
        stay.taker(),
        stay.from(),
        stay.until(),
        page.parts,
        history.ears().map(EarStands::known));
  }

  private void add(String title, Stream<String> lines) {
    List<Reason> told = lines.map(line -> Reason.of(Rule.HAND_OVER, line)).toList();
    if (!told.isEmpty()) {
      parts.add(new HandOverPart(title, told));
    }
  }

  private Stream<String> not(Naming naming) {
    List<String> lines = new ArrayList<>();
    for (Side side : Side.values()) {
      EarStands ear = history.ear(side);
      if (ear.mayGoIn() == MayGoIn.NONE) {
        lines.add(
            "Put nothing into the %s, and do not wipe inside it. %s"
                .formatted(side.ear(), ear.reason().sentence()));
      }
    }
    lines.add(water());
    lines.add("Nothing else into the ears: no powder, oil, alcohol or peroxide, no cotton swab.");
    lines.add(hair());
    history
        .dog()
        .all(Reaction.class)
        .forEach(
            reaction ->
                lines.add(
                    "Not %s: its ears did not take it well."
                        .formatted(naming.reactions().apply(reaction))));
    history
        .dog()
        .profile()
        .reactions()
        .ifPresent(said -> lines.add("It has reacted before: %s".formatted(said)));
    return lines.stream().distinct();
  }

  private boolean mustStayDry() {
    return history.dog().isWaterSensitive()
        || history
            .ears()
            .map(EarStands::mayGoIn)
            .map(may -> may != MayGoIn.IN_EAR)
            .join((a, b) -> a || b);
  }

  private String water() {
    String how =
        "In a bath hold the flap down, or put cotton at the opening and take it out again; no"
            + " shower from above, no dryer into the ear.";
    return (mustStayDry()
            ? "No swimming, and no water in the ears: they must stay dry. "
            : "No water into the ears. ")
        + how;
  }

  private String hair() {
    HairCare care = ways.hair().where(history.dog().profile().ears().canalHair());
    boolean open = Stream.of(Side.values()).allMatch(this::mayBePlucked);
    return switch (!open && care == HairCare.PLUCK ? HairCare.TRIM : care) {
      case LEAVE -> "Do not pluck or trim hair inside the ears.";
      case TRIM -> "Do not pluck hair out of the ears; trimming round the opening is fine.";
      case PLUCK -> "Pluck only loose hair, a few at a time; stop where the skin is red.";
    };
  }

  /** Only a quiet ear that was looked into within a week, with no hold, order or medicine. */
  private boolean mayBePlucked(Side side) {
    EarStands ear = history.ear(side);
    boolean seen =
        history
            .lastSeen(side)
            .filter(
                check -> !check.check().day().isBefore(history.today().minusDays(SEEN_WITHIN_DAYS)))
            .isPresent();
    return seen
        && !ear.showsTrouble()
        && ear.mayGoIn() != MayGoIn.NONE
        && ear.order().isEmpty()
        && !ear.treated();
  }

  private Stream<String> days(Naming naming) {
    LocalDate today = plan.today();
    return plan.items().stream()
        .filter(item -> stay.holds(Figures.later(item.window().best(), today)))
        .filter(item -> stay.taker().keeps() || item.kind() == PlanItem.Kind.HAIR)
        // a swim that is expected at home is none there
        .filter(item -> item.kind() != PlanItem.Kind.DRY || !mustStayDry())
        .map(
            item ->
                "%s: %s."
                    .formatted(
                        Quantities.day(Figures.later(item.window().best(), today)),
                        naming.items().apply(item)));
  }

  private Stream<String> medicine() {
    return history.dog().all(Course.class).stream()
        .map(course -> CourseRun.of(course, history.dog(), stay.zone(), stay.now()))
        .filter(run -> run.end().isEmpty())
        .flatMap(run -> medicine(run).stream());
  }

  private Optional<String> medicine(CourseRun run) {
    List<Dose> doses =
        run.schedule().doses().stream()
            .filter(dose -> stay.holds(dose.local().toLocalDate()))
            .filter(dose -> dose.at().isAfter(stay.now()))
            .toList();
    if (doses.isEmpty()) {
      return Optional.empty();
    }
    String times =
        doses.stream()
            .map(dose -> dose.local().toLocalTime().toString())
            .collect(Collectors.toCollection(TreeSet::new))
            .stream()
            .collect(Collectors.joining(" and "));
    String ears =
        run.course().ears().stream()
            .sorted()
            .map(side -> "the " + side.ear())
            .collect(Collectors.joining(" and "));
    return Optional.of(
        "%s%s: %s at %s, from %s to %s. A dose that was missed is never doubled."
            .formatted(
                run.course().what(),
                ears.isEmpty() ? "" : " into " + ears,
                doses.get(0).amount().words(),
                times,
                Quantities.day(doses.get(0).local().toLocalDate()),
                Quantities.day(doses.get(doses.size() - 1).local().toLocalDate())));
  }

  private Stream<String> goesIn(Naming naming) {
    return Stream.of(Side.values()).map(side -> goesIn(side, naming));
  }

  private String goesIn(Side side, Naming naming) {
    String ear = Figures.capital(side.ear());
    MayGoIn may = plan.ears().get(side).mayGoIn();
    boolean fills = may == MayGoIn.IN_EAR && ways.method().inCanal();
    if (may == MayGoIn.NONE) {
      return ear + ": nothing at all.";
    }
    Optional<VetOrder> ordered = history.ear(side).ordersCleaning();
    if (ordered.isPresent() && stay.taker().keeps()) {
      return "%s: %s %s. If it is worse, or hurts more: nothing, and call."
          .formatted(
              ear,
              ordered.get().comesFromALabel()
                  ? "as its medicine's label says,"
                  : "as the vet ordered,",
              ordered.get().words());
    }
    if (!fills || !stay.taker().keeps()) {
      return "%s: nothing poured; what can be seen may be wiped with a %s."
          .formatted(ear, ways.wipes().words());
    }
    return "%s: %s, only on the days above, up to %s at body warmth, never from a cold bottle."
        .formatted(
            ear,
            naming.cleaner().orElse("the cleaner that comes with it"),
            Canals.of(history.dog(), plan.today())
                .map(pair -> Quantities.volume(pair.get(side).volume().millilitres()))
                .orElse("what the canal takes"));
  }

  private Stream<String> held() {
    Handling handling = history.dog().profile().handling();
    List<String> lines = new ArrayList<>();
    if (handling.bites()) {
      lines.add("It bites when its ears are handled: leave them, or muzzle it first.");
    }
    if (handling.needsTwo()) {
      lines.add("It takes two people.");
    }
    handling
        .held()
        .map(HoldWay::words)
        .ifPresent(words -> lines.add("It stands best %s.".formatted(words)));
    Rung rung = plan.trust().rung();
    boolean known = handling.on().isPresent() || plan.trust().handledOn().isPresent();
    if (!known) {
      return lines.stream();
    }
    lines.add(
        rung == Rung.FULL_SESSION
            ? "It stays calm for a full cleaning."
            : "It stays calm up to here, and no further: %s.".formatted(rung.words()));
    return lines.stream();
  }

  private static Stream<String> alarm() {
    return Stream.of(
        "It holds its head askew, staggers or falls, or its eyes flick.",
        "An ear bleeds, swells, smells foul or hurts, or it suddenly shakes its head hard.",
        "It no longer hears you.");
  }
}
