package org.evenlobe.server.image;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.MediaType;

/**
 * What is sent as a picture is drawn anew as a JPEG: nothing that a camera wrote beside it, such as
 * where it was taken, is kept.
 */
public final class CleanPicture {
  /** The largest picture that is taken, in bytes. */
  public static final int MOST_BYTES = 8_000_000;

  /** The same of a photograph. */
  private static final int MOST_OF_A_PHOTOGRAPH = 15_000_000;

  /** The longer side of a kept photograph, in pixels. */
  private static final int PHOTOGRAPH_SIDE = 1600;

  private static final int MOST_PIXELS = 50_000_000;

  /** One that comes in scans is held as a whole, beside the heap, until the last has come. */
  private static final int MOST_PIXELS_IN_SCANS = 20_000_000;

  /** Programs write ten or so; the reader goes over the whole picture for each. */
  private static final int MOST_SCANS = 50;

  private static final String TOO_MANY_PIXELS = "must be a JPEG or PNG of 50 megapixels at most";

  /** A picture is read coarser the larger it is, to this many times what is kept of it. */
  private static final double READ_FINER = 1.5;

  /** Reading one takes up to 100 MB, so that all that are sent at once never fill the memory. */
  private static final Semaphore TWO_AT_A_TIME = new Semaphore(2);

  private static final int LONGEST_WAIT_SECONDS = 20;
  private static final Map<String, byte[]> BEGINNINGS =
      Map.of(
          "jpeg", new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF},
          "png", new byte[] {(byte) 0x89, 'P', 'N', 'G'});

  private CleanPicture() {}

  /**
   * A photograph as a household keeps it.
   *
   * @param type what it says that it is
   * @throws InvalidFields naming that field, if it is no picture, another than it says, or too
   *     large
   * @throws Refusal 503 if too many are being read
   */
  public static byte[] photograph(byte[] sent, MediaType type, String field) {
    if (sent.length > MOST_OF_A_PHOTOGRAPH) {
      throw InvalidFields.of(field, "must be 15 MB at most");
    }
    byte[] beginning = BEGINNINGS.get(type.getSubtype());
    if (beginning == null || !begins(sent, beginning)) {
      throw InvalidFields.of(
          field, "is not the %s that it says it is".formatted(type.getSubtype()));
    }
    return inTurn(sent, PHOTOGRAPH_SIDE, field);
  }

  /**
   * The picture as a JPEG of that longer side at most, in pixels.
   *
   * @throws InvalidFields naming that field, if it is no picture, or too large
   * @throws Refusal 503 if too many are being read
   */
  public static byte[] jpeg(byte[] sent, int longerSide, String field) {
    if (sent.length > MOST_BYTES) {
      throw InvalidFields.of(field, "must be 8 MB at most");
    }
    return inTurn(sent, longerSide, field);
  }

  /**
   * A picture that was drawn anew here, or in another house: as it is, where nothing is written
   * beside it, and drawn anew otherwise.
   *
   * @throws InvalidFields naming that field, if it is no JPEG
   * @throws Refusal 503 if too many are being read
   */
  public static byte[] again(byte[] kept, String field) {
    return BareJpeg.is(kept, MOST_PIXELS) ? kept : photograph(kept, MediaType.IMAGE_JPEG, field);
  }

  private static byte[] inTurn(byte[] sent, int longerSide, String field) {
    if (!mayBegin()) {
      throw Refusal.busy();
    }
    try {
      return drawnAnew(Turn.made(read(sent, longerSide, field), sent), longerSide);
    } finally {
      TWO_AT_A_TIME.release();
    }
  }

  private static boolean mayBegin() {
    try {
      return TWO_AT_A_TIME.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  private static byte[] drawnAnew(BufferedImage image, int longerSide) {
    double scale = Math.min(1, (double) longerSide / Math.max(image.getWidth(), image.getHeight()));
    int width = (int) Math.max(1, Math.round(image.getWidth() * scale));
    int height = (int) Math.max(1, Math.round(image.getHeight() * scale));
    BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = small.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.drawImage(image, 0, 0, width, height, null);
    graphics.dispose();
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(small, "jpeg", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Looks at the size before decoding, so that a small file cannot unpack into a huge picture. */
  private static BufferedImage read(byte[] sent, int longerSide, String field) {
    ImageReader reader = reader(sent, field);
    try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(sent))) {
      reader.setInput(in);
      int width = reader.getWidth(0);
      int height = reader.getHeight(0);
      if ((long) width * height > MOST_PIXELS) {
        throw InvalidFields.of(field, TOO_MANY_PIXELS);
      }
      requireFewScans(sent, (long) width * height, field);
      ImageReadParam coarser = reader.getDefaultReadParam();
      int step = (int) Math.ceil(Math.max(width, height) / (READ_FINER * longerSide));
      coarser.setSourceSubsampling(Math.min(step, width), Math.min(step, height), 0, 0);
      return reader.read(0, coarser);
    } catch (InvalidFields refused) {
      throw refused;
    } catch (IOException | RuntimeException e) {
      throw InvalidFields.of(field, "cannot be read as a JPEG or PNG");
    } finally {
      reader.dispose();
    }
  }

  private static void requireFewScans(byte[] sent, long pixels, String field) {
    if (!begins(sent, BEGINNINGS.get("jpeg"))) {
      return;
    }
    Scans scans = Scans.of(sent);
    if (scans.count() > MOST_SCANS) {
      throw InvalidFields.of(field, "must be a JPEG of " + MOST_SCANS + " scans at most");
    }
    if (scans.isProgressive() && pixels > MOST_PIXELS_IN_SCANS) {
      throw InvalidFields.of(
          field, "must have 20 megapixels at most where it comes in scans (progressive)");
    }
  }

  private static ImageReader reader(byte[] sent, String field) {
    return BEGINNINGS.entrySet().stream()
        .filter(one -> begins(sent, one.getValue()))
        .map(one -> ImageIO.getImageReadersByFormatName(one.getKey()))
        .filter(Iterator::hasNext)
        .map(Iterator::next)
        .findFirst()
        .orElseThrow(() -> InvalidFields.of(field, TOO_MANY_PIXELS));
  }

  private static boolean begins(byte[] sent, byte[] with) {
    return sent.length > with.length && Arrays.equals(sent, 0, with.length, with, 0, with.length);
  }
}
