package org.evenlobe.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.photo.Rgb;
import org.evenlobe.core.photo.SkinRedness;
import org.evenlobe.core.record.Grade;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/** Photographs: sent, drawn anew, measured. */
@ExtendWith(RunningServer.class)
class PhotoTest {
  private static Caller owner;
  private static UUID dog;

  @BeforeAll
  static void aDog() {
    owner = Caller.newOwner();
    dog = Samples.newDog(owner);
  }

  private static Caller.Answer send(UUID id, byte[] picture, String type) {
    owner.get("/api/csrf");
    return owner.send(
        owner
            .request(owner.at("/images/" + id))
            .header("Content-Type", type)
            .PUT(HttpRequest.BodyPublishers.ofByteArray(picture)));
  }

  private static byte[] ear() {
    return EarDrawing.jpeg(EarLooks.red(Grade.MODERATE), Side.LEFT, Lamp.WARM, 1);
  }

  private static String photo(UUID image, String more) {
    return Samples.said(
        dog,
        Instant.parse("2026-01-05T10:00:00Z"),
        ", \"shows\": \"EAR\", \"ear\": \"LEFT\", \"imageId\": \"%s\"%s".formatted(image, more));
  }

  @Test
  void aPhotographIsKeptWithTheHouseholdAndMeasured() {
    UUID image = UUID.randomUUID();
    assertThat(send(image, ear(), "image/jpeg").status()).isEqualTo(204);
    assertThat(send(image, ear(), "image/jpeg").status()).isEqualTo(204);
    String patches =
        ", \"patches\": {\"skin\": {\"x\": 0.3, \"y\": 0.3, \"red\": 212, \"green\": 122,"
            + " \"blue\": 112}, \"white\": {\"x\": 0.9, \"y\": 0.8, \"red\": 238, \"green\": 238,"
            + " \"blue\": 236}}";

    assertThat(
            owner.create(owner.at("/photos/" + UUID.randomUUID()), photo(image, patches)).status())
        .isEqualTo(200);
    JsonNode seen = owner.get(owner.at("/dogs/" + dog + "/photos")).json().get("photos").get(0);
    assertThat(seen.get("photo").get("image").asString()).isEqualTo(image.toString());
    assertThat(seen.get("redness").get("skin").get("redness").asDouble())
        .isCloseTo(33.95, within(0.01));
  }

  @Test
  void aPhotographOfNoPictureIsRefused() {
    assertThat(
            owner
                .create(owner.at("/photos/" + UUID.randomUUID()), photo(UUID.randomUUID(), ""))
                .refusedFields())
        .containsExactly("imageId");
  }

  @Test
  void aWhiteThatIsNoneIsRefusedAndSaidWhy() {
    UUID image = UUID.randomUUID();
    send(image, ear(), "image/jpeg");
    String dark =
        ", \"patches\": {\"skin\": {\"x\": 0, \"y\": 1, \"red\": 20, \"green\": 12, \"blue\": 11},"
            + " \"white\": {\"x\": 1, \"y\": 0, \"red\": 60, \"green\": 60, \"blue\": 58}}";

    assertThat(
            owner
                .create(owner.at("/photos/" + UUID.randomUUID()), photo(image, dark))
                .refusedFields())
        .containsExactly("patches.white");
  }

  @Test
  void whatIsNoPictureOrAnotherThanItSaysIsRefused() throws IOException {
    byte[] text = "no picture".getBytes(StandardCharsets.UTF_8);
    byte[] cut = Arrays.copyOf(ear(), 600);

    assertThat(send(UUID.randomUUID(), text, "image/jpeg").refusedFields())
        .containsExactly("image");
    assertThat(send(UUID.randomUUID(), cut, "image/jpeg").refusedFields()).containsExactly("image");
    assertThat(send(UUID.randomUUID(), ear(), "image/png").refusedFields())
        .containsExactly("image");
    assertThat(send(UUID.randomUUID(), png(9_000, 6_000), "image/png").refusedFields())
        .containsExactly("image");
    assertThat(send(UUID.randomUUID(), new byte[15_000_001], "image/jpeg").status()).isEqualTo(413);
  }

  @Test
  void whatTheCameraWroteBesideIsNotKept() {
    byte[] jpeg = ear();
    byte[] place = "Exif\0\0 54.1234 N 8.5678 E".getBytes(StandardCharsets.ISO_8859_1);
    byte[] located = new byte[jpeg.length + place.length + 4];
    // after the beginning: a segment APP1 of that length
    System.arraycopy(jpeg, 0, located, 0, 2);
    located[2] = (byte) 0xFF;
    located[3] = (byte) 0xE1;
    located[4] = 0;
    located[5] = (byte) (place.length + 2);
    System.arraycopy(place, 0, located, 6, place.length);
    System.arraycopy(jpeg, 2, located, 6 + place.length, jpeg.length - 2);
    UUID image = UUID.randomUUID();

    assertThat(send(image, located, "image/jpeg").status()).isEqualTo(204);

    assertThat(new String(owner.bytes(owner.at("/images/" + image)), StandardCharsets.ISO_8859_1))
        .doesNotContain("Exif")
        .doesNotContain("54.1234");
  }

  @ParameterizedTest
  @EnumSource(Lamp.class)
  void madeUpEarsOfGradeNoneToSevereComeOutInOrderInAnyLight(Lamp lamp) throws IOException {
    double[] found = new double[Grade.values().length];
    for (Grade grade : Grade.values()) {
      byte[] jpeg = EarDrawing.jpeg(EarLooks.red(grade), Side.RIGHT, lamp, 7);
      BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
      found[grade.number()] =
          SkinRedness.of(mean(image, EarDrawing.SKIN), mean(image, EarDrawing.WHITE))
              .skin()
              .redness();
      assertThat(found[grade.number()]).isCloseTo(inDaylight(grade), within(2.0));
    }

    assertThat(found).isSorted();
    assertThat(found[3] - found[0]).isGreaterThan(20);
  }

  private static double inDaylight(Grade grade) throws IOException {
    byte[] jpeg = EarDrawing.jpeg(EarLooks.red(grade), Side.RIGHT, Lamp.DAYLIGHT, 7);
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
    return SkinRedness.of(mean(image, EarDrawing.SKIN), mean(image, EarDrawing.WHITE))
        .skin()
        .redness();
  }

  private static Rgb mean(BufferedImage image, Point2D at) {
    int half = 12;
    int x = (int) (at.getX() * image.getWidth());
    int y = (int) (at.getY() * image.getHeight());
    double[] sum = new double[3];
    for (int i = x - half; i < x + half; i++) {
      for (int j = y - half; j < y + half; j++) {
        int rgb = image.getRGB(i, j);
        sum[0] += (rgb >> 16) & 0xFF;
        sum[1] += (rgb >> 8) & 0xFF;
        sum[2] += rgb & 0xFF;
      }
    }
    int count = 4 * half * half;
    return new Rgb(sum[0] / count, sum[1] / count, sum[2] / count);
  }

  private static byte[] png(int width, int height) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", out);
    return out.toByteArray();
  }
}
