package org.evenlobe.core.cleaning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.CleaningGuard;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Chooses how one ear is cleaned (rule CLEAN_METHOD). A hold stands above all, then the vet's word;
 * then what the household prefers, which the trust ladder, the verdict, the eardrum and a cleaning
 * that is not due can only narrow.
 *
 * <p>For example a household that fills, with a dog whose check says "wipe only", wipes.
 */
final class MethodChoice {

  private final Side side;
  private final EarBefore ear;
  private final CleaningMethod preferred;
  private final Rung rung;
  private final List<Reason> reasons = new ArrayList<>();
  private final Optional<Volume> smallFill;
  private Optional<Volume> small = Optional.empty();
  private boolean mayFully;

  private MethodChoice(Side side, EarBefore ear, CleaningWays ways, Rung rung) {
    this.smallFill =
        ways.smallFill()
            .map(
                wanted ->
                    ear.syringe()
                        .filter(low -> low.millilitres() < wanted.millilitres())
                        .orElse(wanted));
    this.side = side;
    this.ear = ear;
    this.preferred = ways.method();
    this.rung = rung;
  }

  static EarTask task(Side side, EarBefore ear, CleaningWays ways, Rung rung) {
    MethodChoice choice = new MethodChoice(side, ear, ways, rung);
    Optional<CleaningMethod> method = choice.method();
    boolean narrowed = ear.asked() && !method.equals(Optional.of(ways.method()));
    if (method.isPresent()) {
      choice.tooSoon();
    }
    Optional<Volume> perFill =
        method.equals(Optional.of(CleaningMethod.SYRINGE)) ? ear.syringe() : ear.canal();
    boolean ordered = ear.order().filter(CleaningInstruction::cleans).isPresent();
    return new EarTask(
        side,
        method,
        narrowed,
        choice.mayFully,
        ordered,
        ear.known().care(),
        ear.known().finds(),
        choice.small.or(() -> perFill),
        ear.habit(),
        choice.reasons);
  }

  private Optional<CleaningMethod> method() {
    Optional<String> closed = closed();
    if (closed.isPresent()) {
      return none(closed.get());
    }
    if (!ear.asked()) {
      return none("The %s is left alone this time.".formatted(side.ear()));
    }
    Optional<CleaningMethod> ordered = ear.order().flatMap(CleaningInstruction::method);
    if (ordered.isPresent()) {
      boolean wipe = ordered.get().inCanal() && ear.mayGoIn() == MayGoIn.WIPE;
      say(
          (wipe ? "Your vet said %s, but only wipe it as it is now." : "Your vet said how: %s.")
              .formatted(ordered.get().words()));
      beyondTheLadder();
      return wipe ? Optional.of(CleaningMethod.WIPE) : ordered;
    }
    if (ear.order().isPresent()) {
      beyondTheLadder();
    } else if (!rung.atLeast(Rung.WET_PAD)) {
      return none(
          "It allows %s as yet: practise first. A cleaning comes at step 5, wiping only, and a full"
                  .formatted(rung.words())
              + " one at step 6."
              + (ear.verdict() == Verdict.CLEAN
                  ? " It is waxy now: with a helper, wipe what you can see; or have a groomer or"
                      + " your vet do it."
                  : ""));
    }
    return Optional.of(narrowed());
  }

  private Optional<String> closed() {
    if (ear.mayGoIn() == MayGoIn.NONE && !ear.known().why().isEmpty()) {
      return Optional.of(ear.known().why());
    }
    if (ear.held().isPresent()) {
      return Optional.of("The %s is held. %s".formatted(side.ear(), ear.held().get()));
    }
    if (ear.verdict().atLeast(Verdict.STOP)) {
      return Optional.of(
          "The check says no liquid in the %s: leave what is there, and call your vet today or tomorrow."
              .formatted(side.ear()));
    }
    if (ear.order().filter(order -> !order.cleans()).isPresent()) {
      return Optional.of("Your vet said to leave the %s alone.".formatted(side.ear()));
    }
    return ear.mayGoIn() == MayGoIn.NONE
        ? Optional.of("Nothing may go into the %s.".formatted(side.ear()))
        : Optional.empty();
  }

  private CleaningMethod narrowed() {
    boolean ordered = ear.order().filter(CleaningInstruction::cleans).isPresent();
    if (preferred == CleaningMethod.WIPE) {
      say(ordered ? "As your vet ordered; you wipe only." : "You chose to wipe only.");
      return preferred;
    }
    Optional<String> why = whyWipe();
    if (why.isPresent()) {
      say(why.get());
      return CleaningMethod.WIPE;
    }
    say(
        ordered
            ? "As ordered, by your household's way: %s.".formatted(preferred.doing())
            : "The %s may take liquid: %s, as you chose.".formatted(side.ear(), preferred.doing()));
    if (preferred == CleaningMethod.FILL && !ordered) {
      small = smallFill;
      small.ifPresent(
          one ->
              say(
                  "A small amount by the label, %s, not to the line."
                      .formatted(Quantities.volume(one.millilitres()))));
    }
    return preferred;
  }

  private Optional<String> whyWipe() {
    if (ear.verdict() == Verdict.CAUTION) {
      return Optional.of(
          "The check says wipe only: no liquid goes into the %s.".formatted(side.ear()));
    }
    if (ear.mayGoIn() == MayGoIn.WIPE) {
      return Optional.of(
          !ear.known().why().isEmpty()
              ? ear.known().why()
              : "The eardrum of the %s is not known to be whole, and there is trouble on record: wipe only."
                  .formatted(side.ear()));
    }
    if (ear.order().isPresent()) {
      return Optional.empty();
    }
    if (rung == Rung.WET_PAD) {
      return Optional.of("It allows wiping as yet (step 5 of practising): no liquid goes in.");
    }
    if (ear.verdict() != Verdict.LEAVE || ear.due()) {
      return Optional.empty();
    }
    mayFully = true;
    return Optional.of(
        "The %s is quiet and not due: wiping what you can see is enough.".formatted(side.ear()));
  }

  private void beyondTheLadder() {
    if (rung != Rung.FULL_SESSION) {
      say(
          "What a vet ordered does not wait for the trust ladder. Have a helper, or let the vet or a"
              + " groomer do it.");
    }
  }

  private void tooSoon() {
    ear.daysSince()
        .filter(days -> days < CleaningGuard.DAYS && ear.order().isEmpty())
        .ifPresent(
            days ->
                say(
                    days == 0
                        ? "It was cleaned today already: too often irritates the skin."
                        : "It was cleaned %s ago: too often irritates the skin."
                            .formatted(Figures.count(days, "day"))));
  }

  private Optional<CleaningMethod> none(String why) {
    say(why);
    return Optional.empty();
  }

  private void say(String sentence) {
    reasons.add(Reason.of(Rule.CLEAN_METHOD, sentence));
  }
}
