package org.evenlobe.server.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.Smear.Amount;
import org.evenlobe.server.visit.VisitRequest;
import org.evenlobe.server.visit.VisitRequest.EarVisitRequest;
import org.evenlobe.server.visit.VisitRequest.InstructionRequest;
import org.evenlobe.server.visit.VisitRequest.SmearRequest;
import org.evenlobe.server.visit.VisitRequest.VisitedEarsRequest;
import org.jspecify.annotations.Nullable;

/** The demo dogs' visits to the vet. */
final class DemoVisits {
  private static final LocalTime AFTERNOON = LocalTime.of(15, 20);

  private final ZoneId zone;

  DemoVisits(ZoneId zone) {
    this.zone = zone;
  }

  /**
   * A visit with its id.
   *
   * @param id its id
   * @param said what is said of it
   */
  record DemoVisit(UUID id, VisitRequest said) {}

  /** The visits of a dog, counted from the day on which the demo begins. */
  List<DemoVisit> of(DemoDog dog, LocalDate today) {
    EarVisitRequest well = ear(EardrumSeen.INTACT, null, null, false, null, HoldWord.NOTHING_SAID);
    return switch (dog) {
      case OTTER ->
          List.of(
              visit(
                  dog,
                  today.minusDays(68),
                  well,
                  ear(
                      EardrumSeen.INTACT,
                      new SmearRequest(Amount.FEW, Amount.MANY, Amount.NONE),
                      "Flushed; drops for two weeks.",
                      true,
                      InstructionRequest.leaveAlone(today.minusDays(54)),
                      HoldWord.NOTHING_SAID),
                  today.minusDays(54),
                  "Keep her out of the creek until it is dry."),
              visit(
                  dog,
                  today.minusDays(54),
                  well,
                  ear(
                      EardrumSeen.INTACT,
                      new SmearRequest(Amount.NONE, Amount.FEW, Amount.NONE),
                      null,
                      false,
                      null,
                      HoldWord.LIFTED),
                  null,
                  "All clear. Dry the ears after every swim."));
      case MARRAM ->
          List.of(
              visit(
                  dog,
                  today.minusDays(12),
                  well,
                  ear(
                      EardrumSeen.INTACT,
                      new SmearRequest(Amount.SOME, Amount.MANY, Amount.NONE),
                      "Flushed; drops for two weeks.",
                      true,
                      InstructionRequest.leaveAlone(today.plusDays(4)),
                      HoldWord.NOTHING_SAID),
                  today.plusDays(2),
                  "No cleaning of the left ear until the control visit."));
      case DUNLIN, SEDGE, TEASEL -> List.of();
    };
  }

  private DemoVisit visit(
      DemoDog dog,
      LocalDate day,
      EarVisitRequest right,
      EarVisitRequest left,
      @Nullable LocalDate next,
      String note) {
    Instant at = day.atTime(AFTERNOON).atZone(zone).toInstant();
    return new DemoVisit(
        dog.visitId(day),
        new VisitRequest(
            dog.id(), at, zone, new VisitedEarsRequest(right, left), next, note, false));
  }

  private static EarVisitRequest ear(
      EardrumSeen eardrum,
      @Nullable SmearRequest smear,
      @Nullable String done,
      boolean cleaned,
      @Nullable InstructionRequest instruction,
      HoldWord hold) {
    return new EarVisitRequest(eardrum, smear, null, done, cleaned, instruction, hold);
  }
}
