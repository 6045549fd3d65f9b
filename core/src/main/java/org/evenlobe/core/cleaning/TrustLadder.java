package org.evenlobe.core.cleaning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Handling;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Follows a dog up and down the trust ladder (rule TRUST_RUNG).
 *
 * <p>It begins on the rung on which it was said to stay calm. Two calm practices of that rung in a
 * row, on different days, take it up one; one in which it struggled takes it down one; one that had
 * to be stopped, two. A cleaning counts like a practice: wiping of the fifth rung, liquid of the
 * sixth. For example calm on Monday and calm on Wednesday on rung 3 is rung 4.
 */
public final class TrustLadder {
  private final Handling said;
  private Rung rung;
  private Optional<LocalDate> calmOn = Optional.empty();
  private Optional<LocalDate> handledOn = Optional.empty();
  private Reason moved;

  private TrustLadder(Handling said) {
    this.said = said;
    this.rung = said.rung();
    this.moved =
        reason("It was said to stay calm at: %s (rung %d).".formatted(rung.words(), rung.number()));
  }

  /** Where the dog stands on a day, its facts of that day included. */
  public static Trust trust(DogRecord dog, LocalDate today) {
    TrustLadder ladder = new TrustLadder(dog.profile().handling());
    List<Dated> facts = new ArrayList<>(dog.all(Practice.class));
    facts.addAll(dog.cleanings());
    facts.sort(Dated.BY_TIME);
    for (Dated fact : facts) {
      if (fact.isBy(today)) {
        ladder.take(fact);
      }
    }
    return new Trust(
        ladder.rung, ladder.handledOn, ladder.calmOn.isPresent(), List.of(ladder.moved));
  }

  private void take(Dated fact) {
    if (said.on().isPresent() && fact.day().isBefore(said.on().get())) {
      return;
    }
    if (fact instanceof Practice practice) {
      handled(practice.rung(), practice.handled(), practice.day());
    } else if (fact instanceof CleaningRecord cleaning && cleaning.manner().handled().isPresent()) {
      Rung done = cleaning.inCanal() ? Rung.FULL_SESSION : Rung.WET_PAD;
      handled(done, cleaning.manner().handled().get(), cleaning.day());
    }
  }

  private void handled(Rung done, Handled how, LocalDate day) {
    handledOn = Optional.of(day);
    switch (how) {
      case CALM -> calm(done, day);
      case UNEASY -> calmOn = Optional.empty();
      case STRUGGLED -> down(done, 1, how, day);
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
      moved =
          reason(
              "Calm twice in a row, last on %s: up to rung %d, %s."
                  .formatted(Figures.date(day), rung.number(), rung.words()));
    }
  }

  private void down(Rung done, int rungs, Handled how, LocalDate day) {
    calmOn = Optional.empty();
    Rung from = done.atLeast(rung) ? rung : done;
    rung = Rung.numbered(from.number() - rungs);
    moved =
        reason(
            "%s on %s: down to rung %d, %s."
                .formatted(
                    how == Handled.STRUGGLED ? "It struggled" : "You had to stop",
                    Figures.date(day),
                    rung.number(),
                    rung.words()));
  }

  private static Reason reason(String sentence) {
    return Reason.of(Rule.TRUST_RUNG, sentence);
  }
}
