package org.evenlobe.server.dog;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

@ExtendWith(RunningServer.class)
class PictureTest {
  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);
  private final String path = owner.at("/dogs/" + dog + "/picture");

  private static byte[] png(int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    graphics.setColor(Color.ORANGE);
    graphics.fillRect(0, 0, width, height);
    graphics.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  private Caller.Answer put(byte[] bytes, String type) {
    owner.get("/api/csrf");
    return owner.send(
        owner
            .request(path)
            .header("Content-Type", type)
            .PUT(HttpRequest.BodyPublishers.ofByteArray(bytes)));
  }

  private BufferedImage kept() throws IOException {
    byte[] jpeg =
        JdbcClient.create(RunningServer.ownerSource())
            .sql("select jpeg from picture where dog_id = ?")
            .param(dog)
            .query(byte[].class)
            .single();
    return ImageIO.read(new ByteArrayInputStream(jpeg));
  }

  @Test
  void isKeptSmallAndServedAsAJpeg() throws IOException {
    assertThat(put(png(1200, 600), "image/png").status()).isEqualTo(204);

    Caller.Answer answer = owner.get(path);
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.whole().headers().firstValue("Content-Type")).contains("image/jpeg");
    assertThat(kept().getWidth()).isEqualTo(Pictures.LONGER_SIDE);
    assertThat(kept().getHeight()).isEqualTo(Pictures.LONGER_SIDE / 2);
    assertThat(owner.get(owner.at("/dogs/" + dog)).json().has("picture")).isTrue();
  }

  @Test
  void isReplacedAndTakenAway() throws IOException {
    put(png(40, 40), "image/png");
    put(png(60, 30), "image/png");
    assertThat(kept().getWidth()).isEqualTo(60);

    assertThat(owner.delete(path, 1).status()).isEqualTo(204);
    assertThat(owner.get(path).status()).isEqualTo(404);
  }

  @Test
  void refusesWhatIsNoPicture() {
    Caller.Answer text = put("no picture".getBytes(StandardCharsets.UTF_8), "image/png");
    Caller.Answer cut = put(new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF}, "image/jpeg");
    Caller.Answer typed = put(new byte[10], "text/plain");

    assertThat(text.status()).isEqualTo(400);
    assertThat(text.refusedFields()).containsExactly("picture");
    assertThat(cut.status()).isEqualTo(400);
    assertThat(typed.status()).isEqualTo(400);
    assertThat(typed.refusedFields()).containsExactly("Content-Type");
    assertThat(owner.get(path).status()).isEqualTo(404);
  }

  @Test
  void isOf50MegapixelsAtMostWhateverItsSides() throws IOException {
    assertThat(put(png(8_001, 6_251), "image/png").refusedFields()).containsExactly("picture");
    assertThat(put(png(20_000, 40), "image/png").status()).isEqualTo(204);
    assertThat(kept().getWidth()).isEqualTo(Pictures.LONGER_SIDE);
  }

  @Test
  void ofAGoodCameraIsTakenFourTimesAtOnce() throws Exception {
    byte[] photograph = png(7_200, 5_000);
    ExecutorService threads = Executors.newFixedThreadPool(4);
    try {
      List<Future<Integer>> answers = new ArrayList<>();
      for (int n = 0; n < 4; n++) {
        answers.add(threads.submit(() -> put(photograph, "image/png").status()));
      }
      for (Future<Integer> answer : answers) {
        assertThat(answer.get()).isEqualTo(204);
      }
    } finally {
      threads.shutdownNow();
    }
  }
}
