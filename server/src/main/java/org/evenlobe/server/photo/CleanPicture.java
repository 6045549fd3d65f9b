package org.evenlobe.server.photo;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.evenlobe.server.problem.InvalidFields;

/**
 * What is sent as a picture is drawn anew as a JPEG: nothing that a camera wrote beside it, such as
 * where it was taken, is kept.
 */
public final class CleanPicture {
  /** The largest picture that is taken, in bytes. */
  public static final int MOST_BYTES = 8_000_000;

  private static final int MOST_PIXELS_A_SIDE = 10_000;

  private CleanPicture() {}

  /**
   * The picture as a JPEG of that longer side at most, in pixels.
   *
   * @throws InvalidFields naming that field, if it is no picture, or too large
   */
  public static byte[] jpeg(byte[] sent, int longerSide, String field) {
    if (sent.length > MOST_BYTES) {
      throw InvalidFields.of(field, "must be 8 MB at most");
    }
    BufferedImage image = read(sent, field);
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
  private static BufferedImage read(byte[] sent, String field) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (readers.hasNext()) {
        ImageReader reader = readers.next();
        reader.setInput(in);
        boolean fits =
            reader.getWidth(0) <= MOST_PIXELS_A_SIDE && reader.getHeight(0) <= MOST_PIXELS_A_SIDE;
        BufferedImage image = fits ? reader.read(0) : null;
        reader.dispose();
        if (image != null) {
          return image;
        }
      }
    } catch (IOException | RuntimeException e) {
      throw InvalidFields.of(field, "cannot be read as a JPEG or PNG");
    }
    throw InvalidFields.of(field, "must be a JPEG or PNG of 10,000 pixels a side at most");
  }
}
