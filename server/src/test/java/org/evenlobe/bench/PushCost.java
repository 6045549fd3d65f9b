package org.evenlobe.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;
import javax.imageio.ImageIO;
import org.evenlobe.server.Caller;
import org.evenlobe.server.Samples;

/** What becomes of everybody else's Today while ten people push at the server at once. */
final class PushCost {
  private static final int PUSHERS = 10;
  private static final int BYSTANDERS = 4;
  private static final int SECONDS = 6;
  private static final int LINES = 20_000;
  private static final int PAUSE_MILLIS = 1000;

  private PushCost() {}

  /**
   * One way of pushing.
   *
   * @param name what is pushed
   * @param before milliseconds that 95 % of the bystanders' Todays stayed below
   * @param during the same meanwhile
   * @param after the same afterwards
   * @param failed Todays that were not answered with 200 meanwhile
   * @param megabytes the most that the process has held so far
   */
  record Figures(
      String name, double before, double during, double after, int failed, long megabytes) {}

  private record Push(String name, Consumer<Caller> once) {}

  static List<Figures> measure() throws Exception {
    try (ServerProcess server = ServerProcess.start()) {
      List<Caller> bystanders = people(server, BYSTANDERS);
      List<Caller> pushers = people(server, PUSHERS);
      bystanders.forEach(one -> one.get(one.at("/today")));
      List<Figures> all = new ArrayList<>();
      for (Push push : pushes()) {
        all.add(measure(push, server, bystanders, pushers));
      }
      return all;
    }
  }

  private static List<Caller> people(ServerProcess server, int many) {
    List<Caller> people = new ArrayList<>();
    for (int n = 0; n < many; n++) {
      Caller one = Caller.newOwner(server.address());
      Samples.newDog(one);
      people.add(one);
    }
    return people;
  }

  private static List<Push> pushes() throws IOException {
    String table = table();
    byte[] picture = picture();
    return List.of(
        new Push("tables of 20,000 lines", one -> post(one, "/previews/logs/cleanings", table)),
        new Push("pictures of 12 megapixels", one -> image(one, picture)),
        new Push("pages for the vet", one -> one.get(one.at("/dogs/" + dog(one) + "/vet.pdf"))),
        new Push("archives read by nobody", PushCost::archiveUnread),
        new Push("health", one -> one.get("/actuator/health/readiness")));
  }

  private static Figures measure(
      Push push, ServerProcess server, List<Caller> bystanders, List<Caller> pushers)
      throws Exception {
    List<Long> before = todays(bystanders);
    AtomicBoolean on = new AtomicBoolean(true);
    ExecutorService threads = Executors.newFixedThreadPool(PUSHERS);
    pushers.forEach(
        one ->
            threads.execute(
                () -> {
                  while (on.get()) {
                    push.once().accept(one);
                    // as an app waits before it tries again; else this would measure refusals
                    pause();
                  }
                }));
    List<Long> during = todays(bystanders);
    on.set(false);
    threads.shutdown();
    threads.awaitTermination(2, TimeUnit.MINUTES);
    List<Long> after = todays(bystanders);
    return new Figures(
        push.name(),
        p95(before),
        p95(during),
        p95(after),
        (int) during.stream().filter(nanos -> nanos < 0).count(),
        server.megabytesAtMost());
  }

  /** How long each took; -1 where it was not answered. */
  private static List<Long> todays(List<Caller> bystanders) {
    List<Long> nanos = new ArrayList<>();
    long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
    while (System.nanoTime() < until) {
      for (Caller one : bystanders) {
        long began = System.nanoTime();
        boolean answered = one.get(one.at("/today")).status() == 200;
        nanos.add(answered ? System.nanoTime() - began : -1L);
      }
    }
    return nanos;
  }

  private static double p95(List<Long> nanos) {
    List<Long> sorted = nanos.stream().filter(one -> one >= 0).sorted().toList();
    return sorted.isEmpty() ? 0 : sorted.get((int) (sorted.size() * 0.95)) / 1e6;
  }

  private static String dog(Caller one) {
    return one.get(one.at("/today")).json().get("dogs").get(0).get("id").asString();
  }

  private static void post(Caller one, String path, String csv) {
    one.send(
        one.request(one.at(path))
            .header("Content-Type", "text/csv")
            .POST(BodyPublishers.ofString(csv)));
  }

  private static void image(Caller one, byte[] picture) {
    one.send(
        one.request(one.at("/images/" + UUID.randomUUID()))
            .header("Content-Type", "image/jpeg")
            .PUT(BodyPublishers.ofByteArray(picture)));
  }

  private static void pause() {
    LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(PAUSE_MILLIS));
  }

  /** Asks for everything and reads nothing of it for a second. */
  private static void archiveUnread(Caller one) {
    URI at = URI.create(one.address());
    try (Socket socket = new Socket(at.getHost(), at.getPort())) {
      socket
          .getOutputStream()
          .write(
              "GET %s HTTP/1.1\r\nHost: x\r\nCookie: EVENLOBE_SESSION=%s\r\n\r\n"
                  .formatted(one.at("/archive"), one.cookie("EVENLOBE_SESSION"))
                  .getBytes(StandardCharsets.US_ASCII));
      Thread.sleep(1000);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static String table() {
    StringBuilder csv = new StringBuilder("dog,at,ears.right.method,ears.right.load\n");
    for (int line = 0; line < LINES; line++) {
      csv.append(
          String.format(
              Locale.ROOT,
              "Fen,2025-%02d-%02dT%02d:%02d:00Z,WIPE,1%n",
              1 + line / 28 % 12,
              1 + line % 28,
              line / 336 % 24,
              line / 8064 % 60));
    }
    return csv.toString();
  }

  /** Such as a phone takes, and nothing that is packed away. */
  private static byte[] picture() throws IOException {
    BufferedImage image = new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB);
    Random grain = new Random(1);
    for (int y = 0; y < image.getHeight(); y += 4) {
      for (int x = 0; x < image.getWidth(); x += 4) {
        image.setRGB(x, y, grain.nextInt());
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpeg", out);
    return out.toByteArray();
  }
}
