package org.evenlobe.server.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.evenlobe.server.problem.InvalidFields;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CleanPictureTest {
  private static final int SIDE = 400;

  /**
   * Red above left, green above right, blue below left, white below right; twice as wide as high.
   */
  private static BufferedImage fourColours() {
    BufferedImage image = new BufferedImage(160, 80, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    Color[] colours = {Color.RED, Color.GREEN, Color.BLUE, Color.WHITE};
    for (int at = 0; at < colours.length; at++) {
      graphics.setColor(colours[at]);
      graphics.fillRect(at % 2 * 80, at / 2 * 40, 80, 40);
    }
    graphics.dispose();
    return image;
  }

  private static byte[] jpeg(boolean inScans) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    if (inScans) {
      how.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (var stream = ImageIO.createImageOutputStream(out)) {
      writer.setOutput(stream);
      writer.write(null, new IIOImage(fourColours(), null, null), how);
    }
    writer.dispose();
    return out.toByteArray();
  }

  /** As a camera writes it that was held so. */
  private static byte[] held(int turn) throws IOException {
    byte[] beside = {
      (byte) 0xFF,
      (byte) 0xE1,
      0,
      34,
      'E',
      'x',
      'i',
      'f',
      0,
      0,
      'M',
      'M',
      0,
      42,
      0,
      0,
      0,
      8,
      0,
      1,
      0x01,
      0x12,
      0,
      3,
      0,
      0,
      0,
      1,
      0,
      (byte) turn,
      0,
      0,
      0,
      0,
      0,
      0
    };
    byte[] jpeg = jpeg(false);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.write(beside);
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  /** What is seen in the corners: above left, above right, below left, below right. */
  private static String corners(BufferedImage image) {
    int right = image.getWidth() - 10;
    int below = image.getHeight() - 10;
    return colour(image.getRGB(10, 10))
        + colour(image.getRGB(right, 10))
        + colour(image.getRGB(10, below))
        + colour(image.getRGB(right, below));
  }

  private static String colour(int rgb) {
    boolean red = ((rgb >> 16) & 255) > 128;
    boolean green = ((rgb >> 8) & 255) > 128;
    boolean blue = (rgb & 255) > 128;
    return red && green && blue ? "W" : red ? "R" : green ? "G" : "B";
  }

  @ParameterizedTest
  @CsvSource({
    "1, RGBW", "2, GRWB", "3, WBGR", "4, BWRG", "5, RBGW", "6, BRWG", "7, WGBR", "8, GWRB",
    "0, RGBW", "9, RGBW"
  })
  void aPictureIsTurnedAsItWasHeldBeforeWhatSaysSoIsDropped(int turn, String seen)
      throws IOException {
    BufferedImage kept =
        ImageIO.read(new ByteArrayInputStream(CleanPicture.jpeg(held(turn), SIDE, "picture")));

    assertThat(corners(kept)).isEqualTo(seen);
    assertThat(kept.getWidth() > kept.getHeight()).isEqualTo(turn < 5 || turn > 8);
  }

  @Test
  void scansAreCountedAndManyOfThemAreRefusedUnread() throws IOException {
    byte[] progressive = jpeg(true);
    Scans scans = Scans.of(progressive);
    assertThat(scans.isProgressive()).isTrue();
    assertThat(scans.count()).isBetween(2, 20);
    assertThat(Scans.of(jpeg(false))).isEqualTo(new Scans(1, false));
    assertThat(CleanPicture.jpeg(progressive, SIDE, "picture")).isNotEmpty();

    byte[] bomb = withLastScanAgain(progressive, 60);
    assertThat(Scans.of(bomb).count()).isEqualTo(scans.count() + 60);
    assertThatThrownBy(() -> CleanPicture.jpeg(bomb, SIDE, "picture"))
        .isInstanceOf(InvalidFields.class)
        .hasMessageContaining("50 scans");
  }

  private static byte[] withLastScanAgain(byte[] jpeg, int times) throws IOException {
    int last = jpeg.length - 3;
    while ((jpeg[last] & 255) != 0xFF || (jpeg[last + 1] & 255) != 0xDA) {
      last--;
    }
    byte[] scan = Arrays.copyOfRange(jpeg, last, jpeg.length - 2);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, jpeg.length - 2);
    for (int n = 0; n < times; n++) {
      out.write(scan);
    }
    out.write(jpeg, jpeg.length - 2, 2);
    return out.toByteArray();
  }

  @Test
  void whatIsNoPictureHasNoScans() {
    assertThat(Scans.of(new byte[0])).isEqualTo(new Scans(0, false));
    assertThat(Scans.of(new byte[] {1, 2, 3, 4, 5, 6})).isEqualTo(new Scans(0, false));
  }
}
