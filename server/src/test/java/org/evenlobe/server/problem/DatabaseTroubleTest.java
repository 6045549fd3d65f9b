package org.evenlobe.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.server.EvenLobe;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** A server whose wire to the database is cut, or carries nothing. */
@ExtendWith(RunningServer.class)
class DatabaseTroubleTest {
  /** What a person waits at most until they are told. */
  private static final Duration FIVE_SECONDS = Duration.ofSeconds(5);

  private static final HttpClient CLIENT = HttpClient.newHttpClient();
  private static Wire wire;
  private static ConfigurableApplicationContext server;

  @BeforeAll
  static void start() throws Exception {
    String url = RunningServer.database().get("DB_URL");
    wire = new Wire(URI.create(url.substring("jdbc:".length())).getPort());
    Map<String, Object> properties = new HashMap<>(RunningServer.database());
    properties.put("DB_URL", url.replaceFirst(":\\d+/", ":" + wire.port() + "/"));
    properties.put("DB_GIVE_UP_SECONDS", "3");
    properties.put("PORT", "0");
    SpringApplication application = new SpringApplication(EvenLobe.class);
    application.setDefaultProperties(properties);
    server = application.run();
  }

  @AfterAll
  static void stop() throws Exception {
    wire.mend();
    server.close();
    wire.close();
  }

  @AfterEach
  void mend() throws Exception {
    wire.mend();
    for (int tries = 0; tries < 100; tries++) {
      if (get("/actuator/health/readiness").statusCode() == 200) {
        return;
      }
      Thread.sleep(100);
    }
    throw new IllegalStateException("it did not find its database again");
  }

  private static HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(address(path))
        .header(
            "Cookie",
            "EVENLOBE_SESSION="
                + Base64.getEncoder()
                    .encodeToString(UUID.randomUUID().toString().getBytes(StandardCharsets.UTF_8)));
  }

  private static URI address(String path) {
    return URI.create(
        "http://127.0.0.1:" + server.getEnvironment().getProperty("local.server.port") + path);
  }

  private static HttpResponse<String> get(String path) throws Exception {
    return CLIENT.send(
        request(path).timeout(Duration.ofSeconds(20)).GET().build(),
        HttpResponse.BodyHandlers.ofString());
  }

  private static HttpResponse<String> soon(String path) throws Exception {
    return CLIENT.send(
        request(path).timeout(FIVE_SECONDS).GET().build(), HttpResponse.BodyHandlers.ofString());
  }

  private static void assertTold(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).isEqualTo(503);
    assertThat(answer.headers().firstValue("Content-Type").orElseThrow())
        .startsWith("application/problem+json");
    assertThat(answer.headers().firstValue("Retry-After")).contains("5");
    assertThat(answer.body())
        .contains("/problems/unreachable", "Nothing was saved", "kept on this device");
  }

  @Test
  void aDatabaseThatIsGoneIsToldWithinSecondsAndFoundAgain() throws Exception {
    assertThat(get("/api/me").statusCode()).isEqualTo(401);

    wire.cut();

    assertTold(soon("/api/me"));
    assertThat(soon("/api/csrf").statusCode()).isEqualTo(204);
    assertThat(soon("/actuator/health/readiness").statusCode()).isEqualTo(503);
    assertThat(soon("/actuator/health/liveness").statusCode()).isEqualTo(200);

    mend();

    assertThat(get("/api/me").statusCode()).isEqualTo(401);
  }

  @Test
  void whoSignsInMeanwhileIsNotToldThatTheirPasswordIsWrong() throws Exception {
    wire.cut();
    HttpResponse<String> token = soon("/api/csrf");
    String cookie =
        token.headers().allValues("Set-Cookie").stream()
            .map(set -> set.substring(0, set.indexOf(';')))
            .filter(pair -> pair.startsWith("XSRF-TOKEN="))
            .findFirst()
            .orElseThrow();

    assertTold(
        CLIENT.send(
            HttpRequest.newBuilder(address("/api/sign-in"))
                .header("Cookie", cookie)
                .header("X-XSRF-TOKEN", cookie.substring(cookie.indexOf('=') + 1))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .timeout(FIVE_SECONDS)
                .POST(HttpRequest.BodyPublishers.ofString("email=a%40b.example&password=none"))
                .build(),
            HttpResponse.BodyHandlers.ofString()));
  }

  @Test
  void aDatabaseThatHangsIsGivenUp() throws Exception {
    assertThat(get("/api/me").statusCode()).isEqualTo(401);

    wire.block();

    assertTold(get("/api/me"));
  }
}
