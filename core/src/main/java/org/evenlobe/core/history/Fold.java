package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.check.Evenness;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.check.VerdictTable;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.Answered;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.FoldedFact;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.HoldRelease;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.record.VisitRecord;

/** Takes a dog's facts one after the other, oldest first, and hands each to the lines it moves. */
final class Fold implements FoldedFact.Lines {
  private static final EarPair<Verdict> BOTH_QUIET = EarPair.both(Verdict.LEAVE);
  private static final Optional<Boolean> QUIET = Optional.of(true);
  private static final EarPair<FlareRun.Shown> NOTHING_SHOWN = EarPair.both(FlareRun.Shown.NOTHING);

  final EarPair<EarLine> lines;
  final EarPair<LoadLine> loads = EarPair.bySide(side -> new LoadLine());
  final FlareRun flares = new FlareRun();
  final TrustLine trust;
  final WetLine wet = new WetLine();
  final List<AssessedCheck> checks = new ArrayList<>();
  final List<VisitRecord> visits = new ArrayList<>();

  /** What the latest check showed, as it was read then. */
  Optional<EarPair<EarSigns>> latestSigns = Optional.empty();

  EarPair<Integer> worseBeforeLatest = EarPair.both(0);

  /** The day of the last check that was not quiet. */
  Optional<LocalDate> troubleOn = Optional.empty();

  /** The day of the first check or visit. */
  Optional<LocalDate> begun = Optional.empty();

  /** The latest light look. */
  Optional<LightLook> look = Optional.empty();

  /** What was told of a cleaning of an ear that was held, and nobody has looked at since. */
  Optional<Told> cleanedWhileHeld = Optional.empty();

  /** Whether no check follows the fact that is being taken. */
  private boolean isLatest;

  /** What acts long, of the dog's courses. */
  private final Map<UUID, Course> staying = new HashMap<>();

  Fold(DogRecord dog) {
    boolean diagnosed = dog.profile().life().allergy() == Allergy.DIAGNOSED;
    lines = EarPair.bySide(side -> new EarLine(side, dog.id(), dog.profile(), diagnosed));
    trust = new TrustLine(dog.profile().handling());
    dog.all(Course.class).stream()
        .filter(course -> course.staysDays().isPresent())
        .forEach(course -> staying.put(course.id(), course));
  }

  /**
   * Takes a fact.
   *
   * @param isLatestCheck whether no check follows
   */
  void take(Dated fact, boolean isLatestCheck) {
    advance(fact.day());
    isLatest = isLatestCheck;
    if (fact instanceof FoldedFact folded) {
      folded.moves(this);
    }
  }

  @Override
  public void take(Exposure exposure) {
    wet.take(exposure);
  }

  @Override
  public void take(Practice practice) {
    trust.take(practice);
  }

  @Override
  public void take(HoldRelease release) {
    lines.get(release.ear()).release(release.day());
  }

  @Override
  public void take(LightLook light) {
    look = Optional.of(light);
    lines.right().take(light);
    lines.left().take(light);
  }

  @Override
  public void take(CourseEnd end) {
    boolean harm =
        end.cause().isHarm()
            && (lines.right().isUnder(end.course()) || lines.left().isUnder(end.course()));
    lines.right().take(end, harm);
    lines.left().take(end, harm);
  }

  /** Nothing more is told: what goes by itself goes on up to today. */
  void close(LocalDate today) {
    wet.close(today);
    advance(today);
  }

  private void advance(LocalDate day) {
    lines.right().advance(day);
    lines.left().advance(day);
    settle(Side.RIGHT, day, Optional.empty());
    settle(Side.LEFT, day, Optional.empty());
  }

  /** What a cleaning showed counts in a flare, unless a quiet check has followed. */
  private void settle(Side side, LocalDate day, Optional<Boolean> quietCheck) {
    if (!lines.get(side).isPending()) {
      return;
    }
    lines
        .get(side)
        .settled(day, quietCheck)
        .forEach(
            one ->
                flares.found(
                    one.day(),
                    side,
                    new FlareRun.Shown(one.verdict(), one.lasting(), true, one.shown().score())));
  }

  @Override
  public void take(Course course) {
    course.ears().forEach(ear -> lines.get(ear).take(course));
    course
        .asked()
        .byVetOn()
        .flatMap(on -> course.lastDayOfStay(on).map(last -> Map.entry(on, last)))
        .ifPresent(
            stay ->
                course
                    .ears()
                    .forEach(
                        ear -> lines.get(ear).stays(course.id(), stay.getKey(), stay.getValue())));
  }

  /** What acts long stays from the day on which it was given. */
  @Override
  public void take(Giving giving) {
    Course course = staying.get(giving.course());
    if (course != null && giving.given()) {
      course
          .lastDayOfStay(giving.day())
          .ifPresent(
              last ->
                  giving
                      .ears()
                      .forEach(ear -> lines.get(ear).stays(giving.id(), giving.day(), last)));
    }
  }

  /** What somebody told: a cleaning by that name, and what is to be looked at. */
  @Override
  public void take(Told told) {
    for (Side side : Side.values()) {
      EarLine line = lines.get(side);
      told.cleaning(side)
          .ifPresent(
              ear -> {
                boolean held = line.isHeld(told.day());
                loads.get(side).take(told, ear);
                line.cleaned(told.day(), ear.method(), false);
                line.underCare(told.day());
                if (held) {
                  cleanedWhileHeld = Optional.of(told);
                }
              });
      line.take(told);
    }
  }

  @Override
  public void take(Answered answered) {
    if (answered.question() == Answered.Question.ORDER_STANDS && !answered.yes()) {
      answered
          .about()
          .ifPresent(
              visit ->
                  answered.ear().ifPresent(ear -> lines.get(ear).endOrder(visit, answered.day())));
    }
  }

  @Override
  public void take(CleaningRecord cleaning) {
    trust.take(cleaning);
    Optional<CheckRecord> ofDay = checkOf(cleaning.day());
    for (Side side : Side.values()) {
      EarLine line = lines.get(side);
      cleaning
          .ears()
          .get(side)
          .ifPresent(
              ear -> {
                Optional<EarLine.Found> found = FoundCleaning.of(line, cleaning, ear, ofDay);
                loads.get(side).take(cleaning, ear);
                line.underCare(cleaning.day());
                line.cleaned(
                    cleaning.day(),
                    Optional.of(ear.method()),
                    cleaning.manner().handled().filter(Handled.HAD_TO_STOP::equals).isPresent());
                found.ifPresent(one -> take(side, one));
              });
    }
  }

  private void take(Side side, EarLine.Found found) {
    boolean urgent = found.verdict() == Verdict.URGENT;
    lines.get(side).take(found, urgent ? Set.of(HoldLine.Whose.MINE) : Set.of());
    if (urgent) {
      lines.get(side.other()).heldByOther(found.day(), found.cleaning());
    }
  }

  /** The last check, where it was that day. */
  private Optional<CheckRecord> checkOf(LocalDate day) {
    return checks.isEmpty()
        ? Optional.empty()
        : Optional.of(checks.get(checks.size() - 1).check())
            .filter(check -> check.day().equals(day));
  }

  @Override
  public void take(VisitRecord visit) {
    begun = begun.or(() -> Optional.of(visit.day()));
    visits.add(visit);
    flares.take(visit);
    for (Side side : Side.values()) {
      if (lines.get(side).take(visit)) {
        lines.get(side.other()).goOnWithOther();
      }
      if (visit.ears().get(side).cleaned()) {
        loads.get(side).cleanedBy(visit);
      }
    }
  }

  @Override
  public void take(CheckRecord said) {
    CheckRecord check = ToldCounted.in(said);
    LocalDate day = check.day();
    cleanedWhileHeld = Optional.empty();
    if (begun.isEmpty()) {
      begun = Optional.of(day);
    }
    if (isLatest) {
      worseBeforeLatest = lines.map(EarLine::worseRunning);
    }
    if (check.showsNothing() && lines.right().isPlain(day) && lines.left().isPlain(day)) {
      if (isLatest) {
        latestSigns = Optional.of(read(check, day));
      }
      takeQuiet(check, day);
      return;
    }
    EarPair<EarSigns> signs = read(check, day);
    if (isLatest) {
      latestSigns = Optional.of(signs);
    }
    EarPair<Verdict> bySign = signs.map(VerdictTable::signVerdict);
    EarPair<Verdict> verdicts =
        EarPair.bySide(side -> VerdictTable.verdict(signs.get(side), bySign.get(side)));
    EarPair<Verdict> opens = signs.map(VerdictTable::openingVerdict);
    EarPair<Verdict> own = signs.map(VerdictTable::ownVerdict);
    boolean urgent = opens.join(Verdict::or) == Verdict.URGENT;
    boolean treated = lines.right().medicine().isIn(day) || lines.left().medicine().isIn(day);
    settle(signs, bySign, day);
    takeFlares(check, signs, bySign, opens, treated);
    for (Side side : Side.values()) {
      EarLine line = lines.get(side);
      line.take(
          new EarLine.Judged(
              check,
              signs.get(side),
              bySign.get(side),
              opens.get(side),
              own.get(side),
              withoutItch(signs.get(side), bySign.get(side)),
              urgent ? whose(side, signs) : Set.of(),
              VerdictTable.isVestibular(signs.get(side)),
              isWorse(check, side)));
      if (signs.get(side).ear().couldLook()
          && own.get(side).atLeast(Verdict.CAUTION)
          && isUncovered(signs.get(side), opens.get(side))) {
        line.cautioned(flares.run().orElse(day), flares.isFlare(), day);
      }
    }
    checks.add(
        new AssessedCheck(
            check, verdicts, bySign, opens, signs.map(VerdictTable::countingVerdict)));
  }

  /**
   * What cleanings showed is settled by a look at that ear; one that nobody saw settles nothing.
   */
  private void settle(EarPair<EarSigns> signs, EarPair<Verdict> bySign, LocalDate day) {
    for (Side side : Side.values()) {
      if (signs.get(side).ear().couldLook()) {
        settle(side, day, Optional.of(bySign.get(side).isQuiet()));
      }
    }
  }

  /**
   * A check at which an ear could not be looked into is quiet for neither ear, and what is known of
   * that ear is in a flare only where it is one for the vet.
   */
  private void takeFlares(
      CheckRecord check,
      EarPair<EarSigns> signs,
      EarPair<Verdict> bySign,
      EarPair<Verdict> opens,
      boolean treated) {
    EarPair<Boolean> counts =
        EarPair.bySide(
            side -> signs.get(side).ear().couldLook() || bySign.get(side).atLeast(Verdict.STOP));
    boolean isQuiet =
        counts.join((right, left) -> right && left) && bySign.join(Verdict::or).isQuiet();
    boolean isTrouble =
        Stream.of(Side.values()).anyMatch(side -> counts.get(side) && !bySign.get(side).isQuiet());
    if (isTrouble) {
      troubleOn = Optional.of(check.day());
    }
    if (isTrouble || (isQuiet && !treated)) {
      flares.take(
          check.day(),
          EarPair.bySide(
              side ->
                  counts.get(side)
                      ? shown(signs.get(side), bySign.get(side), opens.get(side))
                      : FlareRun.Shown.NOTHING));
    }
  }

  /** By whose signs the dog is URGENT, as one of its ears sees it. */
  private static Set<HoldLine.Whose> whose(Side side, EarPair<EarSigns> signs) {
    EnumSet<HoldLine.Whose> whose = EnumSet.noneOf(HoldLine.Whose.class);
    if (VerdictTable.isUrgentByItself(signs.get(side))) {
      whose.add(HoldLine.Whose.MINE);
    }
    if (VerdictTable.isUrgentByItself(signs.get(side.other()))) {
      whose.add(HoldLine.Whose.OTHERS);
    }
    if (signs.map(VerdictTable::isUrgentAsADog).join((right, left) -> right || left)) {
      whose.add(HoldLine.Whose.DOGS);
    }
    return whose;
  }

  private EarPair<EarSigns> read(CheckRecord check, LocalDate day) {
    return EarPair.bySide(
        side ->
            lines
                .get(side)
                .read(
                    check.ears().get(side), check.dog(), day, lines.get(side.other()).spares(day)));
  }

  private static boolean isUncovered(EarSigns signs, Verdict opens) {
    return signs.before().cover().isEmpty() || opens.atLeast(Verdict.STOP);
  }

  private static FlareRun.Shown shown(EarSigns signs, Verdict sign, Verdict opens) {
    return new FlareRun.Shown(
        sign, VerdictTable.isLasting(signs), isUncovered(signs, opens), signs.ear().score());
  }

  /** The same for a check at which nothing was found: no rule need be asked what its signs say. */
  private void takeQuiet(CheckRecord check, LocalDate day) {
    EarPair<Verdict> verdicts =
        lines.right().isStoppedByVet(day) || lines.left().isStoppedByVet(day)
            ? lines.map(line -> line.isStoppedByVet(day) ? Verdict.STOP : Verdict.LEAVE)
            : BOTH_QUIET;
    settle(Side.RIGHT, day, QUIET);
    settle(Side.LEFT, day, QUIET);
    flares.take(day, NOTHING_SHOWN);
    lines.right().takeQuiet(check, day);
    lines.left().takeQuiet(check, day);
    checks.add(new AssessedCheck(check, verdicts, BOTH_QUIET, BOTH_QUIET, BOTH_QUIET));
  }

  private static boolean isWorse(CheckRecord check, Side side) {
    return check.sawBoth()
        && Evenness.worse(check.ears().map(EarFinding::score)).equals(Optional.of(side));
  }

  /** The sign verdict if nothing itched; a quiet one stays so. */
  private static Verdict withoutItch(EarSigns signs, Verdict sign) {
    return sign.isQuiet()
        ? sign
        : VerdictTable.signVerdict(
            new EarSigns(signs.side(), signs.ear(), signs.dog().withoutItch(), signs.before()));
  }
}
