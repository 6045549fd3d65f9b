package org.evenlobe.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Playwright;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** How the product starts, stops, and survives being killed. */
class StartIT {
  private static final Path STATE = Path.of("target/start-state").toAbsolutePath();
  private static final Map<String, String> PORT = Map.of("PORT", "8560");
  private static Playwright playwright;

  @BeforeAll
  static void open() {
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
  }

  @AfterAll
  static void close() {
    playwright.close();
    Demo.script("bin/database", STATE.resolve("home"), "destroy");
  }

  /** A mail that takes a moment, and a process that is missed soon. */
  private static final Map<String, String> SLOW_MAIL =
      Map.of(
          "PORT",
          "8560",
          "PG_FAST",
          "1",
          "EVENLOBE_MAIL_TAKES",
          "60ms",
          "EVENLOBE_MAILS_A_DAY",
          "1000",
          "EVENLOBE_JOBS_POLL",
          "500ms",
          "EVENLOBE_JOBS_HEARTBEAT",
          "1s");

  private static final int MAILS = 200;
  private static final int MOST_TRIES = 600;

  /** Wants a mail for each dose, of which there are 200 in a minute or two. */
  private static void remind(ApiClient client, String dog) {
    String household = "/api/households/" + client.household();
    // whose address nobody has confirmed is mailed nothing
    Demo.script(
        "bin/database",
        STATE.resolve("home"),
        "psql",
        "-q",
        "-c",
        "update person set email_confirmed_at = now()");
    ZonedDateTime due =
        ZonedDateTime.now(ZoneId.of("Europe/London"))
            .plusSeconds(80)
            .truncatedTo(ChronoUnit.MINUTES);
    APIResponse wished =
        client.put(
            household + "/reminders",
            "{\"byMail\": true, \"doses\": true, \"dailyAt\": \"%tR\"}"
                .formatted(due.minusHours(2)));
    assertThat(wished.status()).as(wished.text()).isEqualTo(204);
    String id = dog.substring(dog.lastIndexOf('/') + 1);
    for (int n = 0; n < MAILS; n++) {
      APIResponse course =
          client.put(
              household + "/courses/" + UUID.randomUUID(),
              """
              {"dogId": "%s", "at": "%s", "zone": "Europe/London", "what": "Tablet %d",
               "kind": "TABLET", "ears": [], "startsOn": "%s",
               "phases": [{"least": 1, "unit": "TABLET", "times": ["%tR"], "days": 2}]}"""
                  .formatted(id, due.minusMinutes(3).toInstant(), n, due.toLocalDate(), due));
      assertThat(course.status()).as(course.text()).isEqualTo(200);
    }
  }

  /** Which of the 200 were sent; the same twice counts twice. */
  private static List<String> sent() {
    String told =
        Demo.output(
            "bin/database",
            STATE.resolve("home"),
            "admin",
            "-Atc",
            "select body from simulated_mail order by sent_at");
    return Pattern.compile("Tablet [0-9]+")
        .matcher(told)
        .results()
        .map(MatchResult::group)
        .toList();
  }

  private static List<String> sentAtLeast(int many) {
    List<String> sent = sent();
    for (int tries = 0; tries < MOST_TRIES && Set.copyOf(sent).size() < many; tries++) {
      LockSupport.parkNanos(200_000_000);
      sent = sent();
    }
    return sent;
  }

  @Test
  void whatWasAnsweredIsThereAndWhatWasBeingSentIsSentAfterTheServerWasKilled() throws Exception {
    String email = UUID.randomUUID() + "@test.example";
    String dog;
    ApiClient client;
    try (Demo first = Demo.start("bin/start", STATE, SLOW_MAIL, "--fresh")) {
      client = new ApiClient(playwright, first.address());
      client.register(email);
      client.signIn(email);
      dog = "/api/households/" + client.household() + "/dogs/" + UUID.randomUUID();
      ProcessHandle server = ProcessHandle.of(first.serverPid("home")).orElseThrow();

      APIResponse saved = client.putDog(dog);
      remind(client, dog);
      server.destroyForcibly();

      assertThat(saved.status()).isEqualTo(200);
      server.onExit().get();
      RunningDemo.await(first.address());
      assertThat(client.get(dog)).as("started again by itself").contains("\"Fen\"");

      List<String> before = sentAtLeast(10);
      ProcessHandle sending = ProcessHandle.of(first.serverPid("home")).orElseThrow();
      sending.destroyForcibly();
      sending.onExit().get();
      assertThat(before).as("it is killed in the middle").hasSizeLessThan(MAILS);

      List<String> all = sentAtLeast(MAILS);
      assertThat(Set.copyOf(all)).as("each at least once").hasSize(MAILS);
      // again only what the killed process had in its hands
      assertThat(all).hasSizeLessThanOrEqualTo(MAILS + 8);
    }
    try (Demo second = Demo.start("bin/start", STATE, PORT)) {
      assertThat(client.get(dog)).contains("\"Fen\"");

      assertThatThrownBy(() -> Demo.start("bin/start", STATE, PORT))
          .hasMessageContaining("it is running already: " + second.address());

      Demo.script("bin/database", STATE.resolve("home"), "kill");
      String again = client.get(dog);
      for (int tries = 0; tries < MOST_TRIES && !again.contains("\"Fen\""); tries++) {
        LockSupport.parkNanos(200_000_000);
        again = client.get(dog);
      }
      assertThat(again).as("the database is started again where it was").contains("\"Fen\"");
    }
    assertThatThrownBy(() -> Demo.script("bin/database", STATE.resolve("home"), "running"))
        .as("the database stops with the script")
        .hasMessageContaining("failed");
  }

  @Test
  void aHouseholdsOwnCertificateMakesItSafeForPhones() throws Exception {
    Demo.script("bin/certificate", STATE, "localhost", "127.0.0.1");
    Path tls = STATE.resolve("tls");
    try (Demo safe =
        Demo.start(
            "bin/start",
            STATE,
            PORT,
            "--certificate",
            tls.resolve("certificate.pem").toString(),
            "--key",
            tls.resolve("key.pem").toString())) {
      assertThat(safe.address()).startsWith("https://localhost:");

      HttpResponse<String> page = get(safe.address() + "/sign-in", trusting(tls));
      assertThat(page.statusCode()).isEqualTo(200);
      assertThat(get(safe.address() + "/sw.js", trusting(tls)).body()).contains("precache");
      assertThat(
              get(safe.address() + "/manifest.webmanifest", trusting(tls))
                  .headers()
                  .firstValue("Content-Type"))
          .contains("application/manifest+json");

      assertThatThrownBy(() -> get(safe.address() + "/sign-in", SSLContext.getDefault()))
          .isInstanceOf(SSLHandshakeException.class);
    }
  }

  /** Trusts the household's own authority, as a phone does on which it was installed. */
  private static SSLContext trusting(Path tls) throws Exception {
    KeyStore store = KeyStore.getInstance(KeyStore.getDefaultType());
    store.load(null);
    try (InputStream authority = Files.newInputStream(tls.resolve("authority.pem"))) {
      store.setCertificateEntry(
          "household", CertificateFactory.getInstance("X.509").generateCertificate(authority));
    }
    TrustManagerFactory trust =
        TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    trust.init(store);
    SSLContext context = SSLContext.getInstance("TLS");
    context.init(null, trust.getTrustManagers(), null);
    return context;
  }

  private static HttpResponse<String> get(String address, SSLContext trust) throws Exception {
    HttpClient client = HttpClient.newBuilder().sslContext(trust).build();
    return client.send(
        HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString());
  }

  @Test
  void aCertificateThatIsNotThereIsToldInOneSentence() {
    assertThatThrownBy(() -> Demo.start("bin/start", STATE, PORT, "--certificate", "/no/such.pem"))
        .hasMessageContaining("--certificate and --key each name a file");
  }

  @Test
  void beyondThisMachineItTakesACertificateAndDemoDataNeverGoesThere() {
    Map<String, String> everywhere = Map.of("PORT", "8560", "ADDRESS", "0.0.0.0");
    assertThatThrownBy(() -> Demo.start("bin/start", STATE, everywhere))
        .hasMessageContaining("takes a certificate");
    assertThatThrownBy(() -> Demo.start("bin/demo", STATE, everywhere))
        .hasMessageContaining("demo data is served on this machine only");
  }

  @Test
  void aWrongArgumentIsToldInOneSentence() {
    assertThatThrownBy(() -> Demo.start("bin/start", STATE, PORT, "--frsh"))
        .hasMessageContaining("usage: bin/start [--fresh] [--certificate FILE --key FILE]")
        .hasMessageContaining("not '--frsh'");
  }
}
