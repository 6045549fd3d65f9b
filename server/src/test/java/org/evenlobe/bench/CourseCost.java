package org.evenlobe.bench;

import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DoseUnit;
import org.evenlobe.core.record.MedicineKind;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.course.CourseRequest;
import org.evenlobe.server.course.GivingRequest;
import org.evenlobe.server.course.PhaseRequest;
import org.evenlobe.server.fact.FactKeeping;
import org.evenlobe.server.fact.Precondition;

/**
 * What the dose board costs with 60 dogs of 3 courses each, in their second week, beside a bare
 * endpoint of the same statements and bytes.
 */
final class CourseCost {
  private static final int DOGS = 60;
  private static final int COURSES = 3;
  private static final int DAYS = 14;
  private static final int DAYS_ON = 9;
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final List<LocalTime> TIMES = List.of(LocalTime.of(8, 0), LocalTime.of(20, 0));

  private final Caller owner = Caller.newOwner();

  PageCost measure() throws IOException {
    fill();
    return PageCost.of(owner, owner.at("/doses"));
  }

  private void fill() {
    UUID person = UUID.fromString(owner.get("/api/me").json().get("id").asString());
    Member member = new Member(owner.household(), person, Role.OWNER);
    FactKeeping facts = RunningServer.bean(FactKeeping.class);
    LocalDate first = LocalDate.now(ZONE).minusDays(DAYS_ON);
    for (int n = 0; n < DOGS; n++) {
      UUID dog = Samples.newDog(owner);
      CurrentMember.run(
          member,
          () -> {
            for (int course = 0; course < COURSES; course++) {
              begun(facts, dog, first);
            }
          });
    }
  }

  private static void begun(FactKeeping facts, UUID dog, LocalDate first) {
    UUID id = UUID.randomUUID();
    Instant at = first.atTime(7, 0).atZone(ZONE).toInstant();
    facts.put(
        id,
        Precondition.isNew(),
        new CourseRequest(
            dog,
            at,
            ZONE,
            "Drops",
            MedicineKind.DROPS,
            null,
            Set.of(Side.RIGHT),
            List.of(new PhaseRequest(8.0, null, DoseUnit.DROP, TIMES, null, DAYS, null, null)),
            first,
            0,
            null,
            null,
            null,
            null,
            null,
            null));
    for (int day = 0; day < DAYS_ON; day++) {
      for (LocalTime time : TIMES) {
        facts.put(
            UUID.randomUUID(),
            Precondition.isNew(),
            new GivingRequest(
                dog,
                first.plusDays(day).atTime(time).atZone(ZONE).toInstant(),
                ZONE,
                id,
                Set.of(Side.RIGHT),
                true,
                null,
                null));
      }
    }
  }
}
