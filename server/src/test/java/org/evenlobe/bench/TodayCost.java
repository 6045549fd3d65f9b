package org.evenlobe.bench;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.proxy.ParameterSetOperation;
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

/**
 * What Today costs with 40 dogs and 5 years of records, beside a bare endpoint that runs the same
 * statements through plain JDBC, reads every column, and returns the same bytes.
 */
final class TodayCost {
  private static final int DOGS = 40;
  private static final int YEARS = 5;
  private static final int EVERY_DAYS = 14;
  private static final int CHECKED_EVERY_DAYS = 7;
  private static final int WARM_UP = 60;
  private static final int PAIRS = 60;

  private final Caller owner = Caller.newOwner();
  private final HttpClient client = HttpClient.newHttpClient();

  /** Milliseconds of both, medians, and the median of the pairs' ratios. */
  record Figures(double today, double bare, double ratio, int kilobytes, int statements) {}

  Figures measure() throws IOException, InterruptedException {
    fill();
    byte[] bytes =
        owner.get(owner.at("/today")).body().getBytes(java.nio.charset.StandardCharsets.UTF_8);
    List<Sent> sent = StatementCount.sentDuring(() -> owner.get(owner.at("/today")));
    HttpServer bare = bare(sent, bytes);
    try {
      URI bareUri = URI.create("http://127.0.0.1:" + bare.getAddress().getPort() + "/");
      List<Double> todays = new ArrayList<>();
      List<Double> bares = new ArrayList<>();
      List<Double> ratios = new ArrayList<>();
      for (int i = 0; i < WARM_UP + PAIRS; i++) {
        double today = millis(() -> owner.get(owner.at("/today")));
        double plain = millis(() -> get(bareUri));
        if (i >= WARM_UP) {
          todays.add(today);
          bares.add(plain);
          ratios.add(today / plain);
        }
      }
      return new Figures(
          median(todays), median(bares), median(ratios), bytes.length / 1000, sent.size());
    } finally {
      bare.stop(0);
    }
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

  private static HttpServer bare(List<Sent> statements, byte[] bytes) throws IOException {
    DataSource source = RunningServer.bean(DataSource.class);
    HttpServer server =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext(
        "/",
        exchange -> {
          try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            for (Sent statement : statements) {
              run(connection, statement);
            }
            connection.commit();
          } catch (SQLException | ReflectiveOperationException e) {
            throw new IOException(e);
          }
          exchange.sendResponseHeaders(200, bytes.length);
          try (exchange) {
            exchange.getResponseBody().write(bytes);
          }
        });
    server.start();
    return server;
  }

  private static void run(Connection connection, Sent statement)
      throws SQLException, ReflectiveOperationException {
    try (PreparedStatement prepared = connection.prepareStatement(statement.sql())) {
      for (ParameterSetOperation parameter : statement.parameters()) {
        parameter.getMethod().invoke(prepared, parameter.getArgs());
      }
      if (prepared.execute()) {
        try (ResultSet rows = prepared.getResultSet()) {
          int columns = rows.getMetaData().getColumnCount();
          while (rows.next()) {
            for (int column = 1; column <= columns; column++) {
              rows.getObject(column);
            }
          }
        }
      }
    }
  }

  private void get(URI uri) {
    try {
      client.send(
          HttpRequest.newBuilder(uri).build(),
          HttpResponse.BodyHandlers.ofString(java.nio.charset.StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static double millis(Runnable work) {
    long start = System.nanoTime();
    work.run();
    return (System.nanoTime() - start) / 1e6;
  }

  private static double median(List<Double> values) {
    return values.stream().sorted().toList().get(values.size() / 2);
  }
}
