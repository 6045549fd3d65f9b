package org.evenlobe.bench;

import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Odour;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.evenlobe.server.StatementCount.Sent;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.check.CheckRequest;
import org.evenlobe.server.check.CheckRequest.CheckedEarsRequest;
import org.evenlobe.server.check.CheckRequest.DogSignsRequest;
import org.evenlobe.server.check.CheckRequest.EarFindingRequest;
import org.evenlobe.server.cleaning.CleaningRequest;
import org.evenlobe.server.cleaning.CleaningRequest.CleanedEarsRequest;
import org.evenlobe.server.cleaning.CleaningRequest.EarCleaningRequest;
import org.evenlobe.server.fact.FactKeeping;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.record.FoldedDogs;

/**
 * What Today costs with 40 dogs and 5 years of records, beside a bare endpoint that runs the same
 * statements through plain JDBC, reads every column, and returns the same bytes.
 */
final class TodayCost {
  private static final int DOGS = 40;
  private static final int YEARS = 5;
  private static final int EVERY_DAYS = 14;
  private static final int CHECKED_EVERY_DAYS = 7;

  private final Caller owner = Caller.newOwner();
  private final List<UUID> dogs = new ArrayList<>();
  private String seen = "";

  /**
   * Milliseconds, medians.
   *
   * @param bare the same statements through plain JDBC and the same bytes
   * @param cold where this process keeps nothing
   * @param changed where one dog has changed since
   * @param unchanged where nothing has
   * @param known where nothing has, and the caller says that it has the answer
   * @param page a dog's page where that dog has changed since
   * @param pageWithCapacity the same in a household that said how much fits into a day
   */
  record Figures(
      double bare,
      double cold,
      double changed,
      double unchanged,
      double known,
      double page,
      double pageWithCapacity,
      int kilobytes,
      int statements,
      int statementsKept) {}

  Figures measure() throws IOException, InterruptedException {
    fill();
    String today = owner.at("/today");
    Caller.Answer answer = owner.get(today);
    byte[] bytes = answer.body().getBytes(java.nio.charset.StandardCharsets.UTF_8);
    forget();
    List<Sent> sent = StatementCount.sentDuring(() -> owner.get(today));
    int kept = StatementCount.during(() -> owner.get(today));
    try (BareEndpoint bare = new BareEndpoint(sent, bytes)) {
      List<List<Double>> times =
          InTurn.times(
              List.of(
                  new InTurn.Measured(() -> {}, bare::get),
                  new InTurn.Measured(this::forget, () -> owner.get(today)),
                  new InTurn.Measured(this::change, () -> owner.get(today)),
                  new InTurn.Measured(() -> {}, () -> owner.get(today)),
                  new InTurn.Measured(
                      () -> seen = tag(),
                      () -> owner.send(owner.request(today).header("If-None-Match", seen)))));
      String page = owner.at("/dogs/" + dogs.get(0));
      double alone =
          InTurn.median(
              InTurn.times(List.of(new InTurn.Measured(this::change, () -> owner.get(page))))
                  .get(0));
      limit();
      double limited =
          InTurn.median(
              InTurn.times(List.of(new InTurn.Measured(this::change, () -> owner.get(page))))
                  .get(0));
      return new Figures(
          InTurn.median(times.get(0)),
          InTurn.median(times.get(1)),
          InTurn.median(times.get(2)),
          InTurn.median(times.get(3)),
          InTurn.median(times.get(4)),
          alone,
          limited,
          bytes.length / 1000,
          StatementCount.withoutSessions(sent),
          kept);
    }
  }

  private void forget() {
    RunningServer.bean(FoldedDogs.class).forget();
    RunningServer.bean(Plans.class).forget();
  }

  private void change() {
    owner.create(
        owner.at("/dryings/" + UUID.randomUUID()),
        Samples.said(dogs.get(0), Instant.parse("2026-01-01T10:00:00Z"), ""));
  }

  private String tag() {
    return owner.get(owner.at("/today")).whole().headers().firstValue("ETag").orElseThrow();
  }

  private void limit() {
    owner.correct(
        owner.settings(),
        1,
        Samples.settings("Marsh")
            .replace(
                "\"fixedDays\": 14",
                "\"fixedDays\": 14, \"capacity\": {\"byWeekday\": [4, 4, 4, 4, 4, 4, 4],"
                    + " \"helperDays\": [], \"daysOff\": []}"));
  }

  private void fill() {
    UUID person = UUID.fromString(owner.get("/api/me").json().get("id").asString());
    Member member = new Member(owner.household(), person, Role.OWNER);
    FactKeeping facts = RunningServer.bean(FactKeeping.class);
    SplittableRandom random = new SplittableRandom(7);
    ZoneId zone = ZoneId.of("Europe/Berlin");
    LocalDate today = LocalDate.now(zone);
    for (int dog = 0; dog < DOGS; dog++) {
      UUID id = UUID.randomUUID();
      dogs.add(id);
      String body =
          Samples.dog().replace("2025-01-01", "2021-06-01").replace("2025-02-01", "2021-06-01");
      owner.create(owner.at("/dogs/" + id), body);
      CurrentMember.run(
          member,
          () -> {
            for (int back = 1; back < YEARS * 365; back += EVERY_DAYS) {
              Instant at =
                  today.minus(back, ChronoUnit.DAYS).atTime(18, 0).atZone(zone).toInstant();
              facts.put(
                  UUID.randomUUID(),
                  Precondition.isNew(),
                  new CleaningRequest(
                      id,
                      at,
                      zone,
                      new CleanedEarsRequest(ear(random), ear(random)),
                      null,
                      null,
                      null,
                      null));
            }
            for (int back = 1; back < YEARS * 365; back += CHECKED_EVERY_DAYS) {
              Instant at = today.minusDays(back).atTime(8, 0).atZone(zone).toInstant();
              facts.put(UUID.randomUUID(), Precondition.isNew(), quiet(id, at, zone));
            }
          });
    }
  }

  private static CheckRequest quiet(UUID dog, Instant at, ZoneId zone) {
    EarFindingRequest ear =
        new EarFindingRequest(
            Grade.NONE,
            Grade.NONE,
            Grade.NONE,
            Grade.MILD,
            DischargeKind.BROWN,
            Odour.WAXY,
            Grade.NONE,
            null,
            null,
            null);
    DogSignsRequest signs =
        new DogSignsRequest(
            Grade.NONE,
            Grade.NONE,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null);
    return new CheckRequest(dog, at, zone, new CheckedEarsRequest(ear, ear), signs, null);
  }

  private static EarCleaningRequest ear(SplittableRandom random) {
    return EarCleaningRequest.of(
        org.evenlobe.core.record.CleaningMethod.FILL, random.nextInt(0, 5));
  }
}
