package org.evenlobe.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.evenlobe.server.EvenLobe;
import org.evenlobe.server.RunningServer;

/** A server process of its own at the database of {@link RunningServer}, started as in use. */
final class ServerProcess implements AutoCloseable {
  private static final int MOST_TRIES = 1200;
  private static final int PAUSE_MILLIS = 100;

  private final int port;
  private Process process;

  private ServerProcess(int port) {
    this.port = port;
  }

  static ServerProcess start() throws IOException, InterruptedException {
    ServerProcess server = new ServerProcess(freePort());
    server.begin();
    return server;
  }

  private static int freePort() throws IOException {
    try (ServerSocket free = new ServerSocket(0)) {
      return free.getLocalPort();
    }
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  /** Ends it at once, as a power cut does, and starts it again. */
  void killAndStart() throws IOException, InterruptedException {
    process.destroyForcibly().waitFor();
    begin();
  }

  /** What it holds, in MB. */
  long megabytes() throws IOException {
    return status("VmRSS");
  }

  /** The most that it has held so far, in MB. */
  long megabytesAtMost() throws IOException {
    return status("VmHWM");
  }

  private long status(String what) throws IOException {
    return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
        .filter(line -> line.startsWith(what))
        .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) / 1024)
        .findFirst()
        .orElse(0);
  }

  private void begin() throws IOException, InterruptedException {
    List<String> line = new ArrayList<>();
    line.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    // as bin/start does; bin/bench hands them over
    line.addAll(List.of(System.getProperty("evenlobe.server.flags").split(" ", -1)));
    line.addAll(List.of("-cp", System.getProperty("java.class.path"), EvenLobe.class.getName()));
    ProcessBuilder builder = new ProcessBuilder(line);
    builder.environment().put("MALLOC_ARENA_MAX", "2");
    builder.environment().putAll(RunningServer.database());
    builder.environment().put("PORT", Integer.toString(port));
    builder.environment().put("EVENLOBE_LIMITS_TIMES", "1000");
    builder.environment().put("EVENLOBE_REGISTRATION", "open");
    builder.redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD);
    process = builder.start();
    HttpRequest ready =
        HttpRequest.newBuilder(URI.create(address() + "/actuator/health/readiness")).build();
    HttpClient client = HttpClient.newHttpClient();
    for (int tries = 0; tries < MOST_TRIES; tries++) {
      try {
        if (client.send(ready, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
          return;
        }
      } catch (IOException notYet) {
        // not listening yet
      }
      Thread.sleep(PAUSE_MILLIS);
    }
    throw new IllegalStateException("a server process did not start");
  }

  @Override
  public void close() {
    process.destroy();
    process.onExit().join();
  }
}
