package org.evenlobe.bench;

import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * What people cost who have Even Lobe open and record what they do, and what becomes of their
 * records when processes are killed meanwhile.
 */
final class LoadCost {
  private static final int PEOPLE = 24;
  private static final int SECONDS = 20;
  private static final int POLLS_FOR_A_RECORD = 8;
  private static final int KILLS = 6;
  private static final int PAUSE_BETWEEN_KILLS_MILLIS = 1500;
  private static final int POLLS_A_DAY = 400;
  private static final int LOOKS_A_DAY = 10;

  private LoadCost() {}

  /**
   * Under load.
   *
   * @param perSecond requests a second
   * @param p50 milliseconds that half of them stayed below
   * @param p95 that 95 % stayed below
   * @param p99 that 99 % stayed below
   * @param megabytesBefore of all processes
   * @param megabytesAfter the same at the end
   */
  record Load(
      double perSecond,
      double p50,
      double p95,
      double p99,
      long megabytesBefore,
      long megabytesAfter) {}

  /**
   * With processes killed meanwhile.
   *
   * @param kills of server processes and of the database
   * @param acknowledged records that were answered with 200
   * @param resent tries that were not answered so, and were sent again
   * @param lost acknowledged records that are not there
   * @param doubled records with more than one version
   */
  record Faults(int kills, int acknowledged, int resent, int lost, int doubled) {}

  /**
   * One person with one dog, a day: ten minutes of it open, ten looks at Today, a check and a
   * cleaning.
   *
   * @param statements to the database
   * @param kilobytes answered
   */
  record Day(int statements, long kilobytes) {}

  static Load load(int processes) throws Exception {
    List<ServerProcess> servers = new ArrayList<>();
    try {
      for (int n = 0; n < processes; n++) {
        servers.add(ServerProcess.start());
      }
      List<Person> people = people(servers);
      people.forEach(Person::step);
      long before = megabytes(servers);
      Queue<Long> nanos = new ConcurrentLinkedQueue<>();
      together(people, SECONDS * 1000L, () -> {}, nanos);
      List<Long> sorted = nanos.stream().sorted().toList();
      return new Load(
          sorted.size() / (double) SECONDS,
          millis(sorted, 0.5),
          millis(sorted, 0.95),
          millis(sorted, 0.99),
          before,
          megabytes(servers));
    } finally {
      for (ServerProcess server : servers) {
        server.close();
      }
    }
  }

  static Faults faults() throws Exception {
    List<ServerProcess> servers =
        new ArrayList<>(List.of(ServerProcess.start(), ServerProcess.start()));
    try {
      List<Person> people = people(servers);
      AtomicInteger kills = new AtomicInteger();
      together(
          people,
          0,
          () -> {
            for (int n = 0; n < KILLS; n++) {
              Thread.sleep(PAUSE_BETWEEN_KILLS_MILLIS);
              if (n % 3 == 2) {
                RunningServer.killDatabase();
              } else {
                servers.get(n % 2).killAndStart();
              }
              kills.incrementAndGet();
            }
            Thread.sleep(PAUSE_BETWEEN_KILLS_MILLIS);
          },
          new ConcurrentLinkedQueue<>());
      return count(people, kills.get());
    } finally {
      for (ServerProcess server : servers) {
        server.close();
      }
    }
  }

  static Day day() {
    Caller owner = Caller.newOwner();
    UUID dog = Samples.newDog(owner);
    Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
    long[] bytes = new long[1];
    int statements =
        StatementCount.during(
            () -> {
              for (int n = 0; n < POLLS_A_DAY; n++) {
                bytes[0] += owner.get(owner.at("/changes")).body().length();
              }
              for (int n = 0; n < LOOKS_A_DAY; n++) {
                bytes[0] += owner.get(owner.at("/today")).body().length();
              }
              bytes[0] += owner.get(owner.at("/dogs/" + dog)).body().length();
              owner.create(
                  owner.at("/checks/" + UUID.randomUUID()),
                  Samples.check(dog, now, Samples.QUIET_EAR, Samples.QUIET_EAR));
              owner.create(
                  owner.at("/cleanings/" + UUID.randomUUID()), Samples.cleaning(dog, now, 2, 2));
            });
    return new Day(statements, bytes[0] / 1024);
  }

  private static List<Person> people(List<ServerProcess> servers) {
    List<Person> people = new ArrayList<>();
    for (int n = 0; n < PEOPLE; n++) {
      people.add(new Person(servers, n));
    }
    return people;
  }

  private interface Meanwhile {
    void run() throws Exception;
  }

  private static void together(
      List<Person> people, long millis, Meanwhile meanwhile, Queue<Long> nanos) throws Exception {
    ExecutorService threads = Executors.newFixedThreadPool(people.size());
    AtomicBoolean going = new AtomicBoolean(true);
    try {
      List<Future<?>> all = new ArrayList<>();
      for (Person person : people) {
        all.add(
            threads.submit(
                () -> {
                  while (going.get()) {
                    nanos.addAll(person.step());
                  }
                }));
      }
      meanwhile.run();
      Thread.sleep(millis);
      going.set(false);
      for (Future<?> one : all) {
        one.get();
      }
    } finally {
      threads.shutdownNow();
    }
  }

  private static Faults count(List<Person> people, int kills) {
    JdbcClient database = JdbcClient.create(RunningServer.oneConnection());
    int acknowledged = 0;
    int resent = 0;
    int lost = 0;
    int doubled = 0;
    for (Person person : people) {
      acknowledged += person.acknowledged.size();
      resent += person.resent;
      for (UUID id : person.acknowledged) {
        int versions =
            database
                .sql("select count(*) from fact_version where household_id = ? and fact_id = ?")
                .params(person.caller.household(), id)
                .query(Integer.class)
                .single();
        lost += versions == 0 ? 1 : 0;
        doubled += versions > 1 ? 1 : 0;
      }
    }
    return new Faults(kills, acknowledged, resent, lost, doubled);
  }

  private static long megabytes(List<ServerProcess> servers) throws Exception {
    long sum = 0;
    for (ServerProcess server : servers) {
      sum += server.megabytes();
    }
    return sum;
  }

  private static double millis(List<Long> sorted, double share) {
    return sorted.isEmpty()
        ? 0
        : sorted.get((int) Math.min(sorted.size() - 1L, (long) (sorted.size() * share))) / 1e6;
  }

  /** Somebody with a household of their own, at one of the processes. */
  private static final class Person {
    private final List<ServerProcess> servers;
    private final Caller caller;
    private final UUID dog;
    private final List<UUID> acknowledged = new ArrayList<>();
    private int at;
    private int resent;

    Person(List<ServerProcess> servers, int n) {
      this.servers = servers;
      this.at = n;
      this.caller = Caller.newOwner(address());
      this.dog = Samples.newDog(caller);
    }

    private String address() {
      return servers.get(at % servers.size()).address();
    }

    /** Polls a few times, looks at Today and records a cleaning; returns how long each took. */
    List<Long> step() {
      List<Long> nanos = new ArrayList<>();
      Stream.generate(() -> "/changes")
          .limit(POLLS_FOR_A_RECORD)
          .forEach(path -> timed(nanos, () -> caller.get(caller.at(path))));
      timed(nanos, () -> caller.get(caller.at("/today")));
      UUID id = UUID.randomUUID();
      String body = Samples.cleaning(dog, Instant.now().truncatedTo(ChronoUnit.SECONDS), 2, 2);
      while (!timed(nanos, () -> caller.create(caller.at("/cleanings/" + id), body))) {
        resent++;
        at++;
        caller.turnTo(address());
        pause();
      }
      acknowledged.add(id);
      return nanos;
    }

    private boolean timed(List<Long> nanos, java.util.function.Supplier<Caller.Answer> call) {
      long began = System.nanoTime();
      try {
        boolean answered = call.get().status() == 200;
        nanos.add(System.nanoTime() - began);
        return answered;
      } catch (UncheckedIOException killed) {
        return false;
      }
    }

    private static void pause() {
      try {
        Thread.sleep(100);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
  }
}
