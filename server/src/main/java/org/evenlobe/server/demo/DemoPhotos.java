package org.evenlobe.server.demo;

import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Photo;
import org.evenlobe.server.photo.EarDrawing;
import org.evenlobe.server.photo.EarLooks;
import org.evenlobe.server.photo.Lamp;
import org.evenlobe.server.photo.PhotoRequest;
import org.evenlobe.server.photo.PhotoRequest.PatchRequest;
import org.evenlobe.server.photo.PhotoRequest.PatchesRequest;

/** Drawn pictures of an ear that gets better, in the light of three lamps, and measured. */
final class DemoPhotos {
  private static final LocalTime MORNING = LocalTime.of(8, 20);
  private static final int HALF_A_PATCH = 10;

  private final ZoneId zone;

  DemoPhotos(ZoneId zone) {
    this.zone = zone;
  }

  /**
   * A photograph with its picture.
   *
   * @param id its id
   * @param picture the drawn picture
   * @param said what is said of it
   */
  record DemoPhoto(UUID id, EarDrawn picture, PhotoRequest said) {}

  /** A picture that is drawn when it is asked for. */
  record EarDrawn(EarLooks looks, Lamp lamp, long seed) {
    byte[] jpeg() {
      return EarDrawing.jpeg(looks, Side.LEFT, lamp, seed);
    }
  }

  /** Those of a dog. */
  List<DemoPhoto> of(DemoDog dog, LocalDate today) {
    return dog == DemoDog.MARRAM
        ? List.of(
            left(dog, today.minusDays(13), looks(Grade.SEVERE, Grade.MODERATE), Lamp.WARM),
            left(dog, today.minusDays(9), looks(Grade.MODERATE, Grade.MILD), Lamp.COLD),
            left(dog, today.minusDays(2), looks(Grade.MILD, Grade.NONE), Lamp.WARM))
        : List.of();
  }

  private static EarLooks looks(Grade redness, Grade discharge) {
    return new EarLooks(
        redness,
        Grade.NONE,
        Grade.NONE,
        discharge,
        discharge == Grade.NONE ? DischargeKind.NONE : DischargeKind.BROWN);
  }

  private DemoPhoto left(DemoDog dog, LocalDate day, EarLooks looks, Lamp lamp) {
    EarDrawn drawn = new EarDrawn(looks, lamp, day.toEpochDay());
    UUID id = UUID.nameUUIDFromBytes(("photo " + dog.id() + day).getBytes(StandardCharsets.UTF_8));
    Instant at = day.atTime(MORNING).atZone(zone).toInstant();
    return new DemoPhoto(
        id,
        drawn,
        new PhotoRequest(
            dog.id(), at, zone, Photo.Shows.EAR, Side.LEFT, id, patches(drawn.jpeg())));
  }

  /** The picture of a left ear is mirrored, but for the wipe. */
  private static PatchesRequest patches(byte[] jpeg) {
    try {
      BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
      Point2D skin = new Point2D.Double(1 - EarDrawing.SKIN.getX(), EarDrawing.SKIN.getY());
      return new PatchesRequest(patch(image, skin), patch(image, EarDrawing.WHITE));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static PatchRequest patch(BufferedImage image, Point2D at) {
    int x = (int) (at.getX() * image.getWidth());
    int y = (int) (at.getY() * image.getHeight());
    double[] sum = new double[3];
    for (int i = x - HALF_A_PATCH; i < x + HALF_A_PATCH; i++) {
      for (int j = y - HALF_A_PATCH; j < y + HALF_A_PATCH; j++) {
        int rgb = image.getRGB(i, j);
        sum[0] += (rgb >> 16) & 0xFF;
        sum[1] += (rgb >> 8) & 0xFF;
        sum[2] += rgb & 0xFF;
      }
    }
    double count = 4.0 * HALF_A_PATCH * HALF_A_PATCH;
    return new PatchRequest(at.getX(), at.getY(), sum[0] / count, sum[1] / count, sum[2] / count);
  }
}
