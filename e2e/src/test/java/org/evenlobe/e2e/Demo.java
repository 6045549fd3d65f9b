package org.evenlobe.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * {@code bin/demo} or {@code bin/start} as a person runs it, with a state folder of its own and the
 * jar that the build has just made.
 */
final class Demo implements AutoCloseable {
  static final Path PROJECT =
      Path.of(System.getProperty("evenlobe.project", "..")).toAbsolutePath().normalize();

  private static final Pattern ADDRESS = Pattern.compile("Even Lobe is at (\\S+)");
  private static final Pattern SIGN_IN =
      Pattern.compile("Sign in as (\\S+) with the password (\\S+)");

  private final Process process;
  private final Path state;
  private String address;
  private String email = "";
  private String password = "";

  private Demo(Process process, Path state) {
    this.process = process;
    this.state = state;
  }

  /** Starts the script and waits until it has printed its last line. */
  static Demo start(String script, Path state, Map<String, String> environment, String... more) {
    try {
      List<String> command = new ArrayList<>(List.of(PROJECT.resolve(script).toString()));
      command.addAll(List.of(more));
      ProcessBuilder builder = new ProcessBuilder(command);
      builder.environment().put("EVENLOBE_STATE", state.toString());
      builder.environment().put("EVENLOBE_BUILD", "skip");
      // all these people register from one address, in a few minutes
      builder.environment().put("EVENLOBE_LIMITS_TIMES", "1000");
      builder.environment().putAll(environment);
      builder.redirectErrorStream(true);
      Process process = builder.start();
      Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
      Demo demo = new Demo(process, state);
      demo.readUntilReady();
      return demo;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void readUntilReady() throws IOException {
    StringBuilder said = new StringBuilder();
    BufferedReader out =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    for (String line = out.readLine(); line != null; line = out.readLine()) {
      said.append(line).append('\n');
      Matcher at = ADDRESS.matcher(line);
      if (at.find()) {
        address = at.group(1);
      }
      Matcher signIn = SIGN_IN.matcher(line);
      if (signIn.find()) {
        email = signIn.group(1);
        password = signIn.group(2);
      }
      if (line.startsWith("Ctrl-C")) {
        return;
      }
    }
    throw new IllegalStateException("it did not start:\n" + said);
  }

  /** Runs another script of the project's to its end. */
  static void script(String script, Path state, String... more) {
    List<String> command = new ArrayList<>(List.of(PROJECT.resolve(script).toString()));
    command.addAll(List.of(more));
    ProcessBuilder builder = new ProcessBuilder(command).inheritIO();
    builder.environment().put("EVENLOBE_STATE", state.toString());
    try {
      if (builder.start().waitFor() != 0) {
        throw new IllegalStateException(script + " failed");
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** A second server process behind the same database, as behind any load balancer. */
  static Server another(Path state, int port, Map<String, String> environment) {
    ProcessBuilder builder =
        new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC",
            "-jar",
            PROJECT.resolve("server/target/fast/server-1.0.0.jar").toString());
    for (String line : output("bin/database", state, "env").strip().split("\n", -1)) {
      String[] pair = line.split("=", 2);
      builder.environment().put(pair[0], pair[1]);
    }
    builder.environment().put("PORT", Integer.toString(port));
    builder.environment().put("EVENLOBE_REGISTRATION", "open");
    builder.environment().putAll(environment);
    builder.redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD);
    try {
      return new Server(builder.start(), "http://127.0.0.1:" + port);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A server process of its own. */
  record Server(Process process, String address) implements AutoCloseable {
    /** Ends it, and waits until its port is free. */
    void stop() {
      process.destroy();
      try {
        process.waitFor(60, TimeUnit.SECONDS);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }

    @Override
    public void close() {
      process.destroy();
    }
  }

  /** What another script of the project's says. */
  static String output(String script, Path state, String... more) {
    List<String> command = new ArrayList<>(List.of(PROJECT.resolve(script).toString()));
    command.addAll(List.of(more));
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.environment().put("EVENLOBE_STATE", state.toString());
    try {
      Process process = builder.start();
      return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  String address() {
    return address;
  }

  String email() {
    return email;
  }

  String password() {
    return password;
  }

  /** The process id of the server that the script started. */
  long serverPid(String name) {
    try {
      return Long.parseLong(Files.readString(state.resolve(name).resolve("server.pid")).strip());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Ends the script as a Ctrl-C would, and waits until all that it started has stopped. */
  @Override
  public void close() {
    process.destroy();
    try {
      if (!process.waitFor(60, TimeUnit.SECONDS)) {
        process.destroyForcibly();
        throw new IllegalStateException("the script did not stop");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
