package org.evenlobe.server.dog;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.HashMap;
import java.util.Iterator;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.fact.ChangeNumber;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * One picture for each dog. What is sent is drawn anew, small, as a JPEG: nothing that a camera
 * wrote beside the picture, such as where it was taken, is kept.
 */
@Service
public class Pictures {
  /** The longer side of a kept picture, in pixels. */
  static final int LONGER_SIDE = 480;

  private static final int MOST_BYTES = 8_000_000;
  private static final int MOST_PIXELS_A_SIDE = 10_000;

  private final JdbcClient jdbc;
  private final Dogs dogs;
  private final ChangeNumber changes;
  private final Clock clock;

  Pictures(JdbcClient jdbc, Dogs dogs, ChangeNumber changes, Clock clock) {
    this.jdbc = jdbc;
    this.dogs = dogs;
    this.changes = changes;
    this.clock = clock;
  }

  /** When the present picture of each of the household's dogs was sent. */
  @Transactional(readOnly = true)
  public Map<UUID, Instant> sentAt() {
    Map<UUID, Instant> sent = new HashMap<>();
    jdbc.sql("select dog_id, sent_at from picture where household_id = ?")
        .param(CurrentMember.household())
        .query(
            row -> {
              sent.put(row.getObject(1, UUID.class), row.getTimestamp(2).toInstant());
            });
    return sent;
  }

  /** A dog's picture as a JPEG. */
  @Transactional(readOnly = true)
  public Optional<byte[]> jpeg(UUID dog) {
    return jdbc.sql("select jpeg from picture where household_id = ? and dog_id = ?")
        .params(CurrentMember.household(), dog)
        .query(byte[].class)
        .optional();
  }

  /**
   * Keeps a JPEG or PNG as the dog's picture.
   *
   * @throws Refusal 404 if there is no such dog
   * @throws InvalidFields if it is no picture, or too large
   */
  @Transactional
  public void put(UUID dog, byte[] sent) {
    if (dogs.one(CurrentMember.household(), dog).isEmpty()) {
      throw Refusal.notFound();
    }
    if (sent.length > MOST_BYTES) {
      throw InvalidFields.of("picture", "must be 8 MB at most");
    }
    jdbc.sql(
            """
            insert into picture values (?, ?, ?, ?)
            on conflict (household_id, dog_id)
            do update set jpeg = excluded.jpeg, sent_at = excluded.sent_at
            """)
        .params(CurrentMember.household(), dog, drawnAnew(sent), OffsetDateTime.now(clock))
        .update();
    changes.raise();
  }

  /** Takes the picture away; none is fine too. */
  @Transactional
  public void remove(UUID dog) {
    jdbc.sql("delete from picture where household_id = ? and dog_id = ?")
        .params(CurrentMember.household(), dog)
        .update();
    changes.raise();
  }

  private static byte[] drawnAnew(byte[] sent) {
    BufferedImage image = read(sent);
    double scale =
        Math.min(1, (double) LONGER_SIDE / Math.max(image.getWidth(), image.getHeight()));
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
  private static BufferedImage read(byte[] sent) {
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
      throw InvalidFields.of("picture", "cannot be read as a JPEG or PNG");
    }
    throw InvalidFields.of("picture", "must be a JPEG or PNG of 10,000 pixels a side at most");
  }
}
