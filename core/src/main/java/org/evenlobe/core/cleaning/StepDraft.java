package org.evenlobe.core.cleaning;

import java.util.Locale;
import java.util.Optional;
import org.evenlobe.core.cleaning.SessionStep.Kind;
import org.evenlobe.core.cleaning.SessionStep.OnlyIf;
import org.evenlobe.core.cleaning.SessionStep.StepTimer;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.HairWork;

/** A step while its words are put together. */
record StepDraft(
    Kind kind,
    String title,
    String what,
    String why,
    String doneWhen,
    Optional<String> caution,
    Optional<StepTimer> timer,
    Optional<Volume> volume,
    Optional<OnlyIf> onlyIf,
    Optional<HairWork> hair) {

  static StepDraft of(Kind kind, String title, String what) {
    return new StepDraft(
        kind,
        title,
        what,
        "",
        "",
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  StepDraft because(String reason) {
    return new StepDraft(kind, title, what, reason, doneWhen, caution, timer, volume, onlyIf, hair);
  }

  StepDraft until(String done) {
    return new StepDraft(kind, title, what, why, done, caution, timer, volume, onlyIf, hair);
  }

  StepDraft beware(String of) {
    return new StepDraft(
        kind, title, what, why, doneWhen, Optional.of(of), timer, volume, onlyIf, hair);
  }

  StepDraft timed(StepTimer by) {
    return new StepDraft(
        kind, title, what, why, doneWhen, caution, Optional.of(by), volume, onlyIf, hair);
  }

  StepDraft measuring(Optional<Volume> into) {
    return new StepDraft(kind, title, what, why, doneWhen, caution, timer, into, onlyIf, hair);
  }

  StepDraft onlyIf(OnlyIf found) {
    return new StepDraft(
        kind, title, what, why, doneWhen, caution, timer, volume, Optional.of(found), hair);
  }

  StepDraft noting(HairWork work) {
    return new StepDraft(
        kind, title, what, why, doneWhen, caution, timer, volume, onlyIf, Optional.of(work));
  }

  StepDraft titled(String other) {
    return new StepDraft(kind, other, what, why, doneWhen, caution, timer, volume, onlyIf, hair);
  }

  /** The step as one of the whole dog's. */
  SessionStep step() {
    return step(kind.name().toLowerCase(Locale.ROOT), Optional.empty(), 0);
  }

  /** The step as one of an ear's; outside rounds the round is 0. */
  SessionStep step(Side ear, int round) {
    return step(id(ear, round, kind), Optional.of(ear), round);
  }

  /** The id that a step of an ear has. */
  static String id(Side ear, int round, Kind kind) {
    String name = ear.name() + (round == 0 ? "" : "-" + round) + "-" + kind.name();
    return name.toLowerCase(Locale.ROOT);
  }

  SessionStep step(String id, Optional<Side> ear, int round) {
    return new SessionStep(
        id,
        kind,
        ear,
        round,
        title,
        what,
        why,
        doneWhen,
        caution,
        timer,
        volume,
        onlyIf,
        hair,
        Optional.empty(),
        Optional.empty());
  }
}
