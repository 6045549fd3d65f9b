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
import java.util.Map;
import java.util.UUID;
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

  @Test
  void whatWasAnsweredIsThereAfterTheServerWasKilled() throws Exception {
    String email = UUID.randomUUID() + "@test.example";
    String dog;
    ApiClient client;
    try (Demo first = Demo.start("bin/start", STATE, PORT, "--fresh")) {
      client = new ApiClient(playwright, first.address());
      client.register(email);
      client.signIn(email);
      dog = "/api/households/" + client.household() + "/dogs/" + UUID.randomUUID();
      ProcessHandle server = ProcessHandle.of(first.serverPid("home")).orElseThrow();

      APIResponse saved = client.putDog(dog);
      server.destroyForcibly();

      assertThat(saved.status()).isEqualTo(200);
      server.onExit().get();
      RunningDemo.await(first.address());
      assertThat(client.get(dog)).as("started again by itself").contains("\"Fen\"");
    }
    try (Demo second = Demo.start("bin/start", STATE, PORT)) {
      assertThat(client.get(dog)).contains("\"Fen\"");

      assertThatThrownBy(() -> Demo.start("bin/start", STATE, PORT))
          .hasMessageContaining("it is running already: " + second.address());
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
