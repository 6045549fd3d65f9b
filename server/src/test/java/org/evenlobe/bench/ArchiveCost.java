package org.evenlobe.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.evenlobe.server.Caller;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What it costs to take a household of 40 dogs and 5 years out as an archive and into another
 * house, and the same records in as tables.
 */
final class ArchiveCost {
  private static final int DOGS = 40;
  private static final int WEEKS = 260;
  private static final int PART = 8_000_000;
  private static final double NANOS = 1e9;

  private ArchiveCost() {}

  /**
   * What it costs.
   *
   * @param records how many records
   * @param kilobytes the size of the archive
   * @param table records a second in from a table
   * @param out records a second out
   * @param in records a second in
   * @param before the most memory that the server's process had held before, MB
   * @param after and at the end
   */
  record Figures(
      int records, int kilobytes, double table, double out, double in, long before, long after) {}

  static Figures measure() throws Exception {
    try (ServerProcess server = ServerProcess.start()) {
      Caller owner = Caller.newOwner(server.address());
      owner.post(owner.at("/dogs-of-table"), json(dogs()));
      send(owner, "/logs/exposures", swims(1), "text/csv").status();
      long before = server.megabytesAtMost();
      long started = System.nanoTime();
      int records = DOGS;
      for (String table : new String[] {"checks", "cleanings", "exposures"}) {
        String csv =
            switch (table) {
              case "checks" -> checks();
              case "cleanings" -> cleanings();
              default -> swims(WEEKS);
            };
        Caller.Answer answer = send(owner, "/logs/" + table, csv, "text/csv");
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        records += answer.json().get("added").asInt();
      }
      double tables = (System.nanoTime() - started) / NANOS;
      started = System.nanoTime();
      byte[] archive = owner.bytes(owner.at("/archive"));
      double out = (System.nanoTime() - started) / NANOS;
      Caller other = Caller.newOwner(server.address());
      started = System.nanoTime();
      take(other, archive);
      double in = (System.nanoTime() - started) / NANOS;
      return new Figures(
          records,
          archive.length / 1000,
          records / tables,
          records / out,
          records / in,
          before,
          server.megabytesAtMost());
    }
  }

  private static void take(Caller caller, byte[] archive) {
    UUID id = UUID.randomUUID();
    int parts = (archive.length + PART - 1) / PART;
    caller.get("/api/csrf");
    for (int part = 0; part < parts; part++) {
      caller.send(
          caller
              .request(caller.at("/archives/%s/parts/%d".formatted(id, part)))
              .header("Content-Type", "application/zip")
              .PUT(
                  HttpRequest.BodyPublishers.ofByteArray(
                      Arrays.copyOfRange(
                          archive, part * PART, Math.min(archive.length, (part + 1) * PART)))));
    }
    Caller.Answer answer =
        caller.post(
            caller.at("/archives/%s/restored".formatted(id)),
            "{\"parts\": %d, \"settings\": true}".formatted(parts));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    JsonNode dogs = answer.json().get("dogs");
    assertThat(dogs.size()).isEqualTo(DOGS);
  }

  private static Caller.Answer send(Caller caller, String path, String body, String type) {
    caller.get("/api/csrf");
    return caller.send(
        caller
            .request(caller.at(path))
            .header("Content-Type", type)
            .POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  private static String json(String csv) {
    return JsonMapper.shared().writeValueAsString(java.util.Map.of("csv", csv));
  }

  private static String dogs() {
    return "name,breed,joined\n"
        + IntStream.range(0, DOGS)
            .mapToObj(dog -> "Dog %d,beagle,2020-01-01".formatted(dog))
            .collect(Collectors.joining("\n"));
  }

  private static String weekly(String head, String line, int weeks) {
    Instant now = Instant.now().truncatedTo(ChronoUnit.DAYS);
    return head
        + "\n"
        + IntStream.rangeClosed(1, weeks)
            .mapToObj(week -> now.minus(7L * week, ChronoUnit.DAYS))
            .flatMap(
                at ->
                    IntStream.range(0, DOGS)
                        .mapToObj(
                            dog ->
                                line.formatted(
                                    dog, at.plusSeconds(36_000), at.toString().substring(0, 10))))
            .collect(Collectors.joining("\n"));
  }

  private static String checks() {
    String ear =
        "%1$s.redness,%1$s.swelling,%1$s.sores,%1$s.discharge,%1$s.dischargeKind,%1$s.odour,%1$s.pain";
    return weekly(
        "dog,at,%s,%s,dog.shaking,dog.scratching,dog.headTilt"
            .formatted(ear.formatted("ears.right"), ear.formatted("ears.left")),
        "Dog %d,%s,NONE,NONE,NONE,MILD,TAN_WAX,NONE,NONE,NONE,NONE,NONE,NONE,NONE,NONE,NONE,NONE,NONE,false",
        WEEKS);
  }

  private static String cleanings() {
    return weekly(
        "dog,at,ears.right.method,ears.right.load,ears.left.method,ears.left.load",
        "Dog %d,%s,FILL,2,FILL,1",
        WEEKS / 2);
  }

  private static String swims(int weeks) {
    return weekly("dog,at,kind,firstDay,lastDay", "Dog %1$d,%2$s,SWIM,%3$s,%3$s", weeks / 4 + 1);
  }
}
