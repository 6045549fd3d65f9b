package org.evenlobe.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Playwright;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Everything is lost but the backup. */
class BackupIT {
  private static final Path STATE = Path.of("target/backup-state").toAbsolutePath();
  private static final Path BACKUPS = STATE.resolve("home/backups");
  private static final Map<String, String> PORT = Map.of("PORT", "8570");
  private static final int MOST_TRIES = 600;
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

  private static byte[] picture() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", out);
    return out.toByteArray();
  }

  private static Set<String> nightlyOnes() throws IOException {
    try (Stream<Path> files = Files.list(BACKUPS)) {
      return files
          .map(Path::toString)
          .filter(file -> file.endsWith(".backup"))
          .collect(Collectors.toSet());
    }
  }

  /** The first that is made is there until newer ones take its place. */
  private static void expectTheNewestToBeKept() throws Exception {
    Set<String> first = nightlyOnes();
    for (int tries = 0; tries < MOST_TRIES && first.isEmpty(); tries++) {
      Thread.sleep(200);
      first = nightlyOnes();
    }
    assertThat(first).isNotEmpty();
    Set<String> later = nightlyOnes();
    for (int tries = 0; tries < MOST_TRIES && later.containsAll(first); tries++) {
      Thread.sleep(200);
      later = nightlyOnes();
    }
    assertThat(later).as("two are kept, and one may be written").hasSizeBetween(1, 3);
    assertThat(later.containsAll(first)).isFalse();
  }

  @Test
  void bringsBackFactsVersionsPicturesAndSignIns() throws Exception {
    Path file = STATE.resolve("by-hand.backup");
    Files.deleteIfExists(file);
    String email = UUID.randomUUID() + "@test.example";
    ApiClient before;
    String dog;
    String[] paths;
    byte[][] told = new byte[4][];
    try (Demo first =
        Demo.start("bin/start", STATE, PORT, "--fresh", "--backup-every", "2s", "--keep", "2")) {
      before = new ApiClient(playwright, first.address());
      before.register(email);
      before.signIn(email);
      String household = "/api/households/" + before.household();
      dog = household + "/dogs/" + UUID.randomUUID();
      before.putDog(dog);
      before.putDog(dog, "If-Match", "\"1\"", "Fenja");
      assertThat(before.putPicture(dog + "/picture", picture()).status()).isEqualTo(204);
      paths = new String[] {dog, dog + "/versions", dog + "/picture", household + "/members"};
      for (int n = 0; n < paths.length; n++) {
        told[n] = before.bytes(paths[n]);
      }

      Demo.script("bin/backup", STATE, file.toString());
      before.putDog(household + "/dogs/" + UUID.randomUUID());
      assertThatThrownBy(() -> Demo.script("bin/restore", STATE, file.toString()))
          .as("it is refused while it runs")
          .hasMessageContaining("failed");
      expectTheNewestToBeKept();
    }
    Demo.script("bin/database", STATE.resolve("home"), "destroy");

    Demo.script("bin/restore", STATE, file.toString());

    try (Demo second = Demo.start("bin/start", STATE, PORT)) {
      ApiClient after = before.at(second.address());
      for (int n = 0; n < paths.length; n++) {
        assertThat(after.bytes(paths[n])).as(paths[n]).isEqualTo(told[n]);
      }
      assertThat(after.get(dog + "/versions")).contains("Fenja", "\"Fen\"");
      after.signIn(email);
    }
    Path none = Files.writeString(STATE.resolve("none.backup"), "no backup");
    assertThatThrownBy(() -> Demo.script("bin/restore", STATE, none.toString()))
        .hasMessageContaining("failed");
  }
}
