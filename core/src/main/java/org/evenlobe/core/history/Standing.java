package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.EarStands.Because;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Says how one ear stands (rule CHECK_MAY_GO_IN). What closes it is asked first, the strictest word
 * first: a vet's "leave it alone", a hold, what others told, that nobody could look, that the vet
 * is asked first, that a check is wanted first. Then what a vet ordered, then its signs; what
 * narrows it to a wipe holds beside both.
 */
final class Standing {
  private final DogHistory history;
  private final DogRecord dog;
  private final LocalDate today;
  private final Side side;
  private final EarLine line;
  private final EarLine other;
  private final Optional<AssessedCheck> latest;
  private final Optional<AssessedCheck> seen;
  private final Optional<VetOrder> order;
  private final boolean covered;
  private final Verdict verdict;
  private final Verdict sign;

  Standing(DogHistory history, Fold fold, Side side) {
    this.history = history;
    this.dog = history.dog();
    this.today = history.today();
    this.side = side;
    this.line = fold.lines.get(side);
    this.other = fold.lines.get(side.other());
    this.latest = history.latest();
    this.seen = history.lastSeen(side);
    Optional<VetOrder> said = line.order().on(today);
    Optional<VetOrder> stays = Staying.of(dog, side, today);
    this.order = said.filter(one -> !one.comesFromALabel()).or(() -> stays).or(() -> said);
    this.covered = line.order().isCovered(today);
    Verdict shown = line.found().map(EarLine.Found::verdict).orElse(Verdict.LEAVE);
    this.verdict = atLatest(latest, check -> check.verdicts().get(side)).or(shown);
    this.sign = counting().or(shown);
  }

  private interface Said {
    Verdict of(AssessedCheck check);
  }

  /** What a check said; nothing where a vet has said since that the ear may be cleaned. */
  private Verdict atLatest(Optional<AssessedCheck> check, Said said) {
    return check.filter(one -> !line.isLiftedSince()).map(said::of).orElse(Verdict.LEAVE);
  }

  /** The signs that count where no order covers them: of a later try, what is for the vet. */
  private Verdict counting() {
    Verdict known =
        atLatest(latest.filter(check -> !check.saw(side)), check -> check.counts().get(side));
    return atLatest(seen, check -> check.counts().get(side)).or(known);
  }

  /** By what an ear stands, and what may go in by that. */
  private record Judged(MayGoIn mayGoIn, Because because, LocalDate since, Rule rule, String why) {}

  EarStands stands() {
    Judged judged = closed().orElseGet(this::open);
    return new EarStands(
        side,
        verdict,
        ownSign(),
        sign,
        found(),
        seen.isPresent(),
        judged.mayGoIn(),
        judged.because(),
        judged.since(),
        Reason.of(judged.rule(), judged.why()),
        line.hold(today),
        order,
        covered,
        trusted(judged),
        named(judged),
        line.medicine().isGiven(today),
        line.eardrum(today),
        line.toldOpen(),
        line.known(today),
        line.unseen(),
        line.callFirst(),
        line.order().wantsCheckFirst(today),
        line.found().map(one -> new FoundWhileCleaning(one.cleaning(), one.day(), one.verdict())),
        line.isLiftedSince(),
        line.order().isNoBetter(today),
        line.blockedRunning(),
        line.order().askedFrom());
  }

  /** Its own signs as they are, whatever an order or a vet's later word makes of them. */
  private Verdict ownSign() {
    Verdict shown = line.found().map(EarLine.Found::verdict).orElse(Verdict.LEAVE);
    Verdict known =
        latest
            .filter(check -> !check.saw(side))
            .map(check -> check.signs().get(side))
            .orElse(Verdict.LEAVE);
    return seen.map(check -> check.signs().get(side)).orElse(Verdict.LEAVE).or(known).or(shown);
  }

  private EarFinding found() {
    EarFinding last = seen.flatMap(check -> check.found(side)).orElse(EarFinding.NOTHING);
    return line.found().map(EarLine.Found::shown).map(last::or).orElse(last);
  }

  private String ear() {
    return side.ear();
  }

  private Optional<Judged> closed() {
    Optional<VetOrder> leftAlone =
        line.order().on(today).filter(one -> !one.cleans() && one.by() == VetOrder.By.VET);
    if (leftAlone.filter(one -> one.instruction().staysIn().isEmpty()).isPresent()) {
      return Optional.of(
          none(
              Because.LEFT_ALONE,
              leftAlone.get().since(),
              Rule.PLAN_VET,
              "Your vet said to leave the %s alone.".formatted(ear())));
    }
    return line.hold(today)
        .filter(one -> line.isHeld(today))
        .map(this::held)
        .or(this::told)
        .or(this::unseen)
        .or(this::callFirst)
        .or(this::checkFirst);
  }

  private Judged held(Hold hold) {
    return none(
        Because.HELD,
        hold.since(),
        Rule.CHECK_HOLD,
        hold.reasons().isEmpty()
            ? "The %s is held.".formatted(ear())
            : hold.reasons().get(0).sentence());
  }

  /** What others told of this ear, or of the other one where that is for the vet. */
  private Optional<Judged> told() {
    List<ToldOpen> closing = new ArrayList<>(line.toldOpen());
    other.toldOpen().stream().filter(ToldOpen::isForTheVet).forEach(closing::add);
    return closing.stream()
        .findFirst()
        .map(
            one ->
                none(
                    Because.TOLD,
                    one.told().day(),
                    Rule.CHECK_TOLD,
                    "%s saw on %s: %s. Nothing goes in until somebody has looked."
                        .formatted(
                            one.told().by(),
                            Quantities.day(one.told().day()),
                            one.seen().stream()
                                .map(Told.Seen::words)
                                .collect(Collectors.joining(", ")))));
  }

  private Optional<Judged> unseen() {
    return line.unseen()
        .map(
            one ->
                none(
                    Because.NOT_SEEN,
                    one.since(),
                    Rule.CHECK_NOT_SEEN,
                    "Nobody could look into the %s since %s: nothing goes in until somebody has."
                        .formatted(ear(), Quantities.day(one.since()))));
  }

  private Optional<Judged> callFirst() {
    return line.callFirst()
        .map(
            look ->
                none(
                    Because.CALL_FIRST,
                    look.day(),
                    Rule.CHECK_CALL_FIRST,
                    "The %s was worse on %s, and the dog not itself: call before going on."
                        .formatted(ear(), Quantities.day(look.day()))));
  }

  private Optional<Judged> checkFirst() {
    return line.order().wantsCheckFirst(today)
        ? Optional.of(
            none(
                Because.CHECK_FIRST,
                order.map(VetOrder::since).orElse(today),
                Rule.PLAN_CARE,
                "A full check of the %s is wanted first.".formatted(ear())))
        : Optional.empty();
  }

  private static Judged none(Because because, LocalDate since, Rule rule, String why) {
    return new Judged(MayGoIn.NONE, because, since, rule, why);
  }

  private Judged open() {
    Optional<Judged> narrow = narrowed();
    MayGoIn most = narrow.map(Judged::mayGoIn).orElse(MayGoIn.IN_EAR);
    Optional<VetOrder> ordered = order.filter(VetOrder::cleans);
    if (ordered.isPresent() && byOrder()) {
      MayGoIn puts = ordered.get().putsIn().or(most);
      return puts == most && narrow.isPresent()
          ? narrow.get()
          : new Judged(
              puts,
              Because.ORDERED,
              ordered.get().since(),
              Rule.CHECK_ORDER,
              ordered.get().comesFromALabel()
                  ? "Its medicine's label says how to clean it: %s."
                      .formatted(ordered.get().words())
                  : "Your vet ordered on %s: %s."
                      .formatted(Quantities.day(ordered.get().since()), ordered.get().words()));
    }
    return bySigns(narrow);
  }

  /** Whether what a vet ordered may go in: what it covers is no worse, or its signs are quiet. */
  private boolean byOrder() {
    return covered
        ? verdict.isQuiet()
        : counting().or(shown()).isQuiet() && line.order().opensUncovered(today);
  }

  private Verdict shown() {
    return line.found().map(EarLine.Found::verdict).orElse(Verdict.LEAVE);
  }

  private Judged bySigns(Optional<Judged> narrow) {
    LocalDate checked = latest.map(check -> check.check().day()).orElse(dog.addedOn());
    EardrumKnown drum =
        line.order().allTheSame(today) ? EardrumKnown.NOT_KNOWN : line.eardrum(today);
    boolean doubtful = history.isDoubtful(side);
    MayGoIn may = MayGoIn.of(sign, false, drum, doubtful, narrow.isPresent());
    if (may == MayGoIn.NONE || sign == Verdict.CAUTION) {
      return new Judged(
          may,
          Because.SIGNS,
          checked,
          Rule.CHECK_MAY_GO_IN,
          may == MayGoIn.NONE
              ? "The check says no liquid in the %s: leave what is there, and call your vet."
                  .formatted(ear())
              : "The check says wipe only: no liquid goes into the %s.".formatted(ear()));
    }
    if (narrow.isPresent()) {
      return narrow.get();
    }
    return may == MayGoIn.WIPE
        ? new Judged(
            may,
            Because.DRUM_IN_DOUBT,
            checked,
            Rule.CHECK_MAY_GO_IN,
            "The eardrum of the %s is not known to be whole, and there is trouble on record: wipe only."
                .formatted(ear()))
        : new Judged(
            may,
            Because.NOTHING,
            checked,
            Rule.CHECK_MAY_GO_IN,
            "The %s may take liquid.".formatted(ear()));
  }

  /** What keeps all but a wipe out. */
  private Optional<Judged> narrowed() {
    if (found().wipeOnly()) {
      return wipe(
          Because.BLOCKED,
          seen.orElseThrow().check().day(),
          Rule.CHECK_MAY_GO_IN,
          "Something in the %s blocks it: only wipe until that is out.".formatted(ear()));
    }
    if (other.unseen().filter(Unseen::presses).isPresent()) {
      return wipe(
          Because.OTHER_EAR,
          other.unseen().get().since(),
          Rule.CHECK_NOT_SEEN,
          "The %s may hurt, and nobody could look: only wipe this one."
              .formatted(side.other().ear()));
    }
    Optional<VetOrder> stays = Staying.of(dog, side, today);
    if (stays.isPresent()) {
      return wipe(
          Because.STAYS,
          stays.get().since(),
          Rule.COURSE_STAYS,
          "%s stays in the %s until %s: only wipe what you see."
              .formatted(
                  stays.get().instruction().product().orElse("A medicine"),
                  ear(),
                  Quantities.day(stays.get().instruction().until().orElseThrow())));
    }
    Optional<VetOrder> ordered = order.filter(VetOrder::cleans);
    boolean staysByWord =
        line.order().on(today).filter(one -> one.instruction().staysIn().isPresent()).isPresent();
    if (staysByWord) {
      return wipe(
          Because.STAYS,
          line.order().on(today).orElseThrow().since(),
          Rule.COURSE_STAYS,
          "What your vet put in stays in the %s: only wipe what you see.".formatted(ear()));
    }
    if (ordered.filter(VetOrder::comesFromAVet).isEmpty() && Puppy.is(dog, today)) {
      return wipe(
          Because.PUPPY,
          dog.profile().bornOn().orElse(dog.addedOn()),
          Rule.CHECK_MAY_GO_IN,
          "A puppy under 12 weeks is only wiped, dry or with saline.");
    }
    return ordered.isEmpty() && line.medicine().isIn(today)
        ? wipe(
            Because.MEDICINE,
            today,
            Rule.CHECK_MEDICINE,
            "Medicine is in the %s, and nobody ordered to clean it: only wipe.".formatted(ear()))
        : Optional.empty();
  }

  private static Optional<Judged> wipe(Because because, LocalDate since, Rule rule, String why) {
    return Optional.of(new Judged(MayGoIn.WIPE, because, since, rule, why));
  }

  /** The order to clean it, while that has not become worse under it. */
  private Optional<VetOrder> trusted(Judged judged) {
    boolean worse =
        covered
            ? verdict.atLeast(Verdict.STOP)
            : sign.atLeast(Verdict.STOP) || !line.order().opensUncovered(today);
    return order
        .filter(VetOrder::cleans)
        .filter(one -> !worse && !line.isHeld(today) && !judged.because().isOpenQuestion());
  }

  /**
   * What a vet named for it: by an order while that is trusted; by a course while it is in force,
   * where nothing has come since it was named that is as bad as what closes the ear now.
   */
  private List<Named> named(Judged judged) {
    List<Named> named = new ArrayList<>();
    trusted(judged)
        .ifPresent(
            one ->
                one.instruction()
                    .product()
                    .ifPresent(product -> named.add(new Named(product, one.moment().at(), true))));
    if (!judged.because().isOpenQuestion()) {
      for (Course course : dog.all(Course.class)) {
        if (isInForce(course) && opens(course)) {
          named.add(new Named(course.what(), course.at(), false));
        }
      }
    }
    return named;
  }

  private boolean isInForce(Course course) {
    return course.ears().contains(side)
        && course.isBy(today)
        && line.medicine().isGiven(course.id(), today);
  }

  /** Whether what was named when it was no better may go in still. */
  private boolean opens(Course course) {
    Verdict before =
        history.checks().stream()
            .filter(check -> check.saw(side) && check.check().at().isBefore(course.at()))
            .reduce((earlier, later) -> later)
            .map(check -> check.signs().get(side))
            .orElse(Verdict.LEAVE);
    boolean held =
        line.hold(today)
            .filter(hold -> hold.since().isAfter(course.day()) || !hold.cause().isByChecks())
            .isPresent();
    return !held && (!ownSign().atLeast(Verdict.STOP) || before.atLeast(ownSign()));
  }
}
