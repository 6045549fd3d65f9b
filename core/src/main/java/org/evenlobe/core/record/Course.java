package org.evenlobe.core.record;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;

/**
 * A course of medicine, as its label says it.
 *
 * @param id its id
 * @param moment when it was written down
 * @param what what is given, in the person's own words
 * @param kind what that is
 * @param prescribedBy who prescribed it, where that was said
 * @param ears into which ears it goes; none of a tablet
 * @param phases one after the other
 * @param startsOn the day of its first dose
 * @param firstSlot at which of that day's times it begins; 0 is the first
 * @param cleanBefore whether the ear is cleaned before it
 * @param vetWait minutes to wait after a cleaning, where the vet said so
 * @param labelWait the same, where the label says so
 * @param bottle what it is given from, where that is known
 * @param staysDays for how many days one application stays in the ear, of what acts long
 * @param recheck when the vet wants to see it again, where that was said
 * @param asked what was asked about it when it was written down
 */
public record Course(
    UUID id,
    Moment moment,
    String what,
    MedicineKind kind,
    Optional<String> prescribedBy,
    Set<Side> ears,
    List<CoursePhase> phases,
    LocalDate startsOn,
    int firstSlot,
    CleanBefore cleanBefore,
    Optional<Integer> vetWait,
    Optional<Integer> labelWait,
    Optional<MedicineBottle> bottle,
    Optional<Integer> staysDays,
    Optional<LocalDate> recheck,
    Asked asked)
    implements FoldedFact {

  /**
   * What is asked about a course: what nobody answers opens nothing.
   *
   * @param seenOn the day on which the vet saw these ears for it, where they did
   * @param knowsTorn whether the vet knows that an eardrum is torn, where that was answered
   * @param byVetOn the day on which the vet put it in, of what acts long
   * @param cleanWith what the label names to clean with
   */
  public record Asked(
      Optional<LocalDate> seenOn,
      Optional<Boolean> knowsTorn,
      Optional<LocalDate> byVetOn,
      Optional<String> cleanWith) {
    /** Nothing was answered. */
    public static final Asked NOTHING =
        new Asked(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public Asked {
      Objects.requireNonNull(seenOn, "seenOn");
      Objects.requireNonNull(knowsTorn, "knowsTorn");
      Objects.requireNonNull(byVetOn, "byVetOn");
      Objects.requireNonNull(cleanWith, "cleanWith");
    }
  }

  private static final int SEEN_WITHIN_DAYS = 7;

  /** One about which nothing was asked. */
  public Course(
      UUID id,
      Moment moment,
      String what,
      MedicineKind kind,
      Optional<String> prescribedBy,
      Set<Side> ears,
      List<CoursePhase> phases,
      LocalDate startsOn,
      int firstSlot,
      CleanBefore cleanBefore,
      Optional<Integer> vetWait,
      Optional<Integer> labelWait,
      Optional<MedicineBottle> bottle,
      Optional<Integer> staysDays,
      Optional<LocalDate> recheck) {
    this(
        id,
        moment,
        what,
        kind,
        prescribedBy,
        ears,
        phases,
        startsOn,
        firstSlot,
        cleanBefore,
        vetWait,
        labelWait,
        bottle,
        staysDays,
        recheck,
        Asked.NOTHING);
  }

  public Course {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(what, "what");
    Objects.requireNonNull(prescribedBy, "prescribedBy");
    Objects.requireNonNull(startsOn, "startsOn");
    Objects.requireNonNull(cleanBefore, "cleanBefore");
    Objects.requireNonNull(vetWait, "vetWait");
    Objects.requireNonNull(labelWait, "labelWait");
    Objects.requireNonNull(bottle, "bottle");
    Objects.requireNonNull(staysDays, "staysDays");
    Objects.requireNonNull(recheck, "recheck");
    Objects.requireNonNull(asked, "asked");
    EnumSet<Side> sides = EnumSet.noneOf(Side.class);
    sides.addAll(ears);
    ears = Collections.unmodifiableSet(sides);
    phases = List.copyOf(phases);
    if (phases.isEmpty() || kind.goesIntoAnEar() == ears.isEmpty()) {
      throw new IllegalArgumentException("a course has a phase, and ears unless it is a tablet");
    }
    if (phases.subList(0, phases.size() - 1).stream().anyMatch(CoursePhase::isOpen)) {
      throw new IllegalArgumentException("only the last phase may have no end");
    }
    if (firstSlot < 0 || firstSlot >= phases.get(0).times().size()) {
      throw new IllegalArgumentException("it begins at one of its first phase's times");
    }
  }

  /** Whether it has no end of its own. */
  public boolean isOpen() {
    return phases.get(phases.size() - 1).isOpen();
  }

  /** Into how many ears a dose goes; a tablet is one. */
  public int lanes() {
    return Math.max(1, ears.size());
  }

  /** The same with other phases. */
  public Course with(List<CoursePhase> others) {
    return new Course(
        id,
        moment,
        what,
        kind,
        prescribedBy,
        ears,
        others,
        startsOn,
        firstSlot,
        cleanBefore,
        vetWait,
        labelWait,
        bottle,
        staysDays,
        recheck,
        asked);
  }

  /**
   * The last day on which what acts long is in an ear: the day on which it was put in is the first
   * of its days. For example one of 30 days, put in on the 1st: up to and including the 30th.
   */
  public Optional<LocalDate> lastDayOfStay(LocalDate givenOn) {
    return staysDays.map(days -> givenOn.plusDays(days - 1L));
  }

  /** Whether its ears are cleaned for it. */
  public boolean cleans() {
    return cleanBefore.kind() != CleanBefore.Kind.NEVER;
  }

  /**
   * Whether the vet saw these ears for it, not more than {@value #SEEN_WITHIN_DAYS} days before its
   * first dose.
   */
  public boolean wasSeen() {
    return asked
        .seenOn()
        .filter(on -> ChronoUnit.DAYS.between(on, startsOn) <= SEEN_WITHIN_DAYS)
        .isPresent();
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
