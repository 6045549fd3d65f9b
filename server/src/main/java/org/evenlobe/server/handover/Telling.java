package org.evenlobe.server.handover;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.HairBy;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.server.cleaning.HairDoneRequest;
import org.evenlobe.server.exposure.DryingRequest;
import org.evenlobe.server.exposure.ExposureRequest;
import org.evenlobe.server.fact.FactKeeping;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.record.DogFactRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Records what somebody tells of a dog, and what follows from it for its plan: a bath wets the ears
 * until they are dried, trimmed hair grows again. Whatever else they did is for the household to
 * record.
 */
@Service
public class Telling {
  private final FactKeeping facts;

  Telling(FactKeeping facts) {
    this.facts = facts;
  }

  /** Records it all, or nothing; the same again changes nothing. */
  @Transactional
  public void tell(UUID id, ToldRequest told) {
    keep(id, "", told);
    for (Map.Entry<Told.Done, HairWork> hair :
        Map.of(Told.Done.TRIMMED, HairWork.TRIMMED, Told.Done.PLUCKED, HairWork.PLUCKED)
            .entrySet()) {
      if (told.done().contains(hair.getKey())) {
        keep(
            id,
            hair.getKey().name(),
            new HairDoneRequest(
                told.dogId(), told.at(), told.zone(), told.ear(), hair.getValue(), by(told)));
      }
    }
    if (told.done().contains(Told.Done.DRIED)) {
      keep(id, Told.Done.DRIED.name(), new DryingRequest(told.dogId(), told.at(), told.zone()));
    }
    wetBy(told)
        .ifPresent(
            kind -> {
              LocalDate day = told.moment().day();
              keep(id, kind.name(), exposure(told.dogId(), told.at(), told.zone(), kind, day));
            });
  }

  private static HairBy by(ToldRequest told) {
    return told.taker() == Taker.GROOMER ? HairBy.GROOMER : HairBy.HOUSEHOLD;
  }

  private static ExposureRequest exposure(
      UUID dog, Instant at, ZoneId zone, ExposureKind kind, LocalDate day) {
    return new ExposureRequest(dog, at, zone, kind, day, day);
  }

  private static Optional<ExposureKind> wetBy(ToldRequest told) {
    if (told.done().contains(Told.Done.SWAM)) {
      return Optional.of(ExposureKind.SWIM);
    }
    boolean groomer = told.taker() == Taker.GROOMER;
    if (told.done().contains(Told.Done.BATHED)) {
      return Optional.of(groomer ? ExposureKind.GROOMING : ExposureKind.BATH);
    }
    return groomer ? Optional.of(ExposureKind.GROOMING_DRY) : Optional.empty();
  }

  private void keep(UUID told, String part, DogFactRequest said) {
    UUID id =
        part.isEmpty()
            ? told
            : UUID.nameUUIDFromBytes((told + part).getBytes(StandardCharsets.UTF_8));
    facts.put(id, Precondition.isNew(), said);
  }
}
