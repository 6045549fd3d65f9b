package org.evenlobe.server.image;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;

/**
 * How a camera was held: it writes the picture as its sensor lies and says beside it how it is to
 * be turned. Since what stands beside a picture is not kept, the turn is made.
 */
final class Turn {
  private static final int UPRIGHT = 1;
  private static final int LAST = 8;

  private Turn() {}

  /** The picture as it is to be seen. */
  static BufferedImage made(BufferedImage image, byte[] sent) {
    int turn = of(sent);
    if (turn == UPRIGHT) {
      return image;
    }
    int width = image.getWidth();
    int height = image.getHeight();
    boolean onItsSide = turn >= 5;
    BufferedImage turned =
        new BufferedImage(
            onItsSide ? height : width, onItsSide ? width : height, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = turned.createGraphics();
    graphics.drawImage(image, transform(turn, width, height), null);
    graphics.dispose();
    return turned;
  }

  /** The eight of the standard, by the number that a camera writes. */
  private static AffineTransform transform(int turn, int width, int height) {
    return switch (turn) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
      case 8 -> new AffineTransform(0, -1, 1, 0, 0, width);
      default -> new AffineTransform();
    };
  }

  /** What is written beside it; upright where nothing is, or nothing that can be read. */
  private static int of(byte[] sent) {
    try {
      Metadata beside = ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent));
      ExifIFD0Directory camera = beside.getFirstDirectoryOfType(ExifIFD0Directory.class);
      if (camera == null || !camera.containsTag(ExifIFD0Directory.TAG_ORIENTATION)) {
        return UPRIGHT;
      }
      int turn = camera.getInt(ExifIFD0Directory.TAG_ORIENTATION);
      return turn >= UPRIGHT && turn <= LAST ? turn : UPRIGHT;
    } catch (ImageProcessingException | MetadataException | IOException | RuntimeException e) {
      return UPRIGHT;
    }
  }
}
