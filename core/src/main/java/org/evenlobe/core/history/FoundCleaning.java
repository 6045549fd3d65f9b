package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.check.Cover;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.check.VerdictTable;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Hurt;
import org.evenlobe.core.record.Odour;

/**
 * Judges what a cleaning showed of one ear (rule CHECK_FOUND_CLEANING): yellow, green or bloody
 * wipes, dark specks, a sweet or foul smell, and that it hurt, together with that ear's check of
 * the day. For example green on the wipes of an ear that looked quiet is STOP; so is blood, which a
 * scratch may have made. What is watery says nothing: that is the cleaner.
 */
final class FoundCleaning {
  private static final Set<DischargeKind> SIGNS =
      Set.of(
          DischargeKind.YELLOW,
          DischargeKind.GREEN,
          DischargeKind.BLOODY,
          DischargeKind.COFFEE_GROUNDS);

  private final EarLine line;
  private final LocalDate day;
  private final EarCleaning.Noticed noticed;
  private final EarFinding looked;
  private final DogSigns dog;

  private FoundCleaning(
      EarLine line, LocalDate day, EarCleaning.Noticed noticed, EarFinding looked, DogSigns dog) {
    this.line = line;
    this.day = day;
    this.noticed = noticed;
    this.looked = looked;
    this.dog = dog;
  }

  /**
   * What it asks for; empty where that is nothing.
   *
   * @param ofDay the check of that day, where there was one
   */
  static Optional<EarLine.Found> of(
      EarLine line, CleaningRecord cleaning, EarCleaning ear, Optional<CheckRecord> ofDay) {
    if (!showsAnything(ear.seen())) {
      return Optional.empty();
    }
    FoundCleaning found =
        new FoundCleaning(
            line,
            cleaning.day(),
            ear.seen(),
            looked(line, ofDay),
            ofDay.map(CheckRecord::dog).orElse(DogSigns.NOTHING));
    EarSigns signs = found.read(ear.seen().hurt().map(Hurt::pain).orElse(Grade.NONE));
    return found
        .judged(signs)
        .map(
            verdict ->
                new EarLine.Found(
                    cleaning.id(),
                    cleaning.day(),
                    verdict,
                    found.isBloody() || VerdictTable.isLasting(signs),
                    signs.ear()));
  }

  /** What each thing that may be noticed on a day would ask for. */
  static WipeSigns signs(EarLine line, LocalDate day, Optional<CheckRecord> ofDay) {
    return WipeSigns.of(
        (colour, odour, hurt) -> {
          EarCleaning.Noticed noticed =
              new EarCleaning.Noticed(
                  Optional.empty(), Optional.empty(), colour, odour, Optional.empty(), hurt);
          if (!showsAnything(noticed)) {
            return Optional.empty();
          }
          FoundCleaning found =
              new FoundCleaning(
                  line,
                  day,
                  noticed,
                  looked(line, ofDay),
                  ofDay.map(CheckRecord::dog).orElse(DogSigns.NOTHING));
          EarSigns signs = found.read(hurt.map(Hurt::pain).orElse(Grade.NONE));
          return found.judged(signs).or(() -> found.flinched(signs));
        });
  }

  private static EarFinding looked(EarLine line, Optional<CheckRecord> ofDay) {
    return ofDay.map(check -> check.ears().get(line.side())).orElse(EarFinding.NOTHING);
  }

  /** A flinch under an order ends the rounds where its vet saw no pain, and holds nothing. */
  private Optional<Verdict> flinched(EarSigns signs) {
    return noticed
        .hurt()
        .flatMap(hurt -> signs.before().cover())
        .filter(cover -> !cover.reference().ear().pain().atLeast(signs.ear().pain()))
        .map(cover -> Verdict.CAUTION);
  }

  private boolean isBloody() {
    return noticed.colour().filter(DischargeKind.BLOODY::equals).isPresent();
  }

  private static boolean showsAnything(EarCleaning.Noticed noticed) {
    return noticed.colour().filter(SIGNS::contains).isPresent()
        || noticed.odour().filter(odour -> odour.atLeast(Odour.SWEET)).isPresent()
        || noticed.hurt().isPresent();
  }

  private Optional<Verdict> judged(EarSigns signs) {
    Optional<Cover> cover = signs.before().cover();
    boolean knownBlood =
        cover.filter(c -> c.reference().ear().dischargeKind() == DischargeKind.BLOODY).isPresent();
    Verdict verdict;
    if (cover.isPresent()) {
      boolean flinched = noticed.hurt().filter(Hurt.FLINCHED::equals).isPresent();
      verdict = VerdictTable.verdict(flinched ? read(Grade.NONE) : signs);
    } else {
      verdict = VerdictTable.ownVerdict(signs);
    }
    if (isBloody() && !knownBlood) {
      verdict = verdict.or(Verdict.STOP);
    }
    return Optional.of(verdict).filter(one -> one.atLeast(Verdict.CAUTION));
  }

  private EarSigns read(Grade hurt) {
    // blood is judged apart: on a wipe it is less than blood that runs
    Optional<DischargeKind> kind =
        noticed.colour().filter(SIGNS::contains).filter(one -> one != DischargeKind.BLOODY);
    Odour odour = noticed.odour().orElse(Odour.NONE);
    EarFinding together =
        new EarFinding(
            looked.redness(),
            looked.swelling(),
            looked.sores(),
            kind.isPresent() ? looked.discharge().or(Grade.MILD) : looked.discharge(),
            kind.filter(one -> one.compareTo(looked.dischargeKind()) > 0)
                .orElse(looked.dischargeKind()),
            odour.atLeast(looked.odour()) ? odour : looked.odour(),
            looked.pain().or(hurt),
            looked.seen(),
            looked.hearing());
    return line.readWhileCleaning(together, dog, day);
  }
}
