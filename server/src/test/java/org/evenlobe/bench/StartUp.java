package org.evenlobe.bench;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** How long a process takes to start, and how much memory it holds at rest. */
final class StartUp {
  private static final Pattern STARTED =
      Pattern.compile("Started .* \\(process running for ([0-9.]+)\\)");
  private static final int REST_MILLIS = 4000;

  private StartUp() {}

  /** Seconds until it answers, and resident megabytes at rest. */
  record Figures(double seconds, long megabytes) {}

  static Figures of(Class<?> main, String classPath, Map<String, String> environment)
      throws IOException, InterruptedException {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Xmx512m",
                "-cp",
                classPath,
                main.getName(),
                "--server.port=0",
                "--logging.level.root=info",
                "--spring.datasource.url=" + environment.get("DB_URL"),
                "--spring.datasource.username=evenlobe_app",
                "--spring.datasource.password=" + environment.get("DB_APP_PASSWORD")));
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    builder.environment().putAll(environment);
    Process process = builder.start();
    try (BufferedReader out =
        new BufferedReader(
            new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
      for (String line = out.readLine(); line != null; line = out.readLine()) {
        Matcher started = STARTED.matcher(line);
        if (started.find()) {
          Thread.sleep(REST_MILLIS);
          return new Figures(Double.parseDouble(started.group(1)), resident(process));
        }
      }
      throw new IllegalStateException(main + " did not start");
    } finally {
      process.destroy();
      process.waitFor();
    }
  }

  /** The class path without what a bare application would not have. */
  static String bareClassPath() {
    Pattern more =
        Pattern.compile(
            "flyway|security|session|springdoc|swagger|bcprov|actuator|datasource-proxy"
                + "|commons-csv|commons-statistics|archunit|mockito|junit|assertj");
    return Arrays.stream(System.getProperty("java.class.path").split(File.pathSeparator, -1))
        .filter(entry -> !more.matcher(Path.of(entry).getFileName().toString()).find())
        .filter(entry -> !entry.equals("target/classes"))
        .collect(Collectors.joining(File.pathSeparator));
  }

  private static long resident(Process process) throws IOException {
    return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
        .filter(line -> line.startsWith("VmRSS"))
        .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) / 1024)
        .findFirst()
        .orElse(0);
  }
}
