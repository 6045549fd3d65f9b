package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Handling;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Follows a dog up and down the trust ladder (rule TRUST_RUNG).
 *
 * <p>It begins on the rung on which it was said to stay calm. Two calm practices of that rung in a
 * row, on different days, take it up one; two running in which it struggled take it down one; one
 * that had to be stopped, two. A cleaning counts like a practice: wiping of the fifth rung, liquid
 * of the sixth. For example calm on Monday and calm on Wednesday on rung 3 is rung 4.
 */
final class TrustLine {
  private final Handling said;
  private Rung rung;
  private Optional<LocalDate> calmOn = Optional.empty();
  private Optional<LocalDate> handledOn = Optional.empty();
  private boolean struggled;
  private Optional<Move> moved = Optional.empty();

  /** What moved it last. */
  private record Move(Handled how, LocalDate day) {}

  TrustLine(Handling said) {
    this.said = said;
    this.rung = said.rung();
  }

  void take(Practice practice) {
    if (counts(practice)) {
      handled(practice.rung(), practice.handled(), practice.day());
    }
  }

  /** One that hurt tells nothing of trust: pain is no bad temper. */
  void take(CleaningRecord cleaning) {
    if (cleaning.hurt()) {
      handledOn = Optional.of(cleaning.day());
    } else if (cleaning.manner().handled().isPresent() && counts(cleaning)) {
      Rung done = cleaning.inCanal() ? Rung.FULL_SESSION : Rung.WET_PAD;
      handled(done, cleaning.manner().handled().get(), cleaning.day());
    }
  }

  /** Where the dog stands after all that was told. */
  Trust trust() {
    return new Trust(
        rung,
        handledOn,
        calmOn.isPresent(),
        List.of(Reason.of(Rule.TRUST_RUNG, moved.map(this::words).orElseGet(this::wordsOfSaying))));
  }

  private boolean counts(Dated fact) {
    return said.on().isEmpty() || !fact.day().isBefore(said.on().get());
  }

  private void handled(Rung done, Handled how, LocalDate day) {
    handledOn = Optional.of(day);
    switch (how) {
      case CALM -> {
        struggled = false;
        calm(done, day);
      }
      case UNEASY -> {
        struggled = false;
        calmOn = Optional.empty();
      }
      case AS_ALWAYS -> {}
      case STRUGGLED -> struggled(done, day);
      case HAD_TO_STOP -> down(done, 2, how, day);
    }
  }

  private void calm(Rung done, LocalDate day) {
    if (!done.atLeast(rung)) {
      return;
    }
    if (calmOn.isEmpty() || calmOn.get().equals(day)) {
      calmOn = Optional.of(day);
      return;
    }
    calmOn = Optional.empty();
    if (rung != Rung.FULL_SESSION) {
      rung = Rung.numbered(rung.number() + 1);
      moved = Optional.of(new Move(Handled.CALM, day));
    }
  }

  /** Once is a bad day; twice running takes it down. */
  private void struggled(Rung done, LocalDate day) {
    calmOn = Optional.empty();
    if (struggled) {
      down(done, 1, Handled.STRUGGLED, day);
    } else {
      struggled = true;
    }
  }

  private void down(Rung done, int rungs, Handled how, LocalDate day) {
    calmOn = Optional.empty();
    struggled = false;
    Rung from = done.atLeast(rung) ? rung : done;
    rung = Rung.numbered(from.number() - rungs);
    moved = Optional.of(new Move(how, day));
  }

  private String wordsOfSaying() {
    return "It was said to stay calm at: %s (step %d).".formatted(rung.words(), rung.number());
  }

  private String words(Move move) {
    String on = Quantities.day(move.day());
    String stands = "step %d, %s.".formatted(rung.number(), rung.words());
    return switch (move.how()) {
      case CALM, UNEASY, AS_ALWAYS ->
          "Calm twice in a row, last on %s: up to %s".formatted(on, stands);
      case STRUGGLED -> "It struggled twice running, last on %s: down to %s".formatted(on, stands);
      case HAD_TO_STOP -> "You had to stop on %s: down to %s".formatted(on, stands);
    };
  }
}
