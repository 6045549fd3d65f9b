package org.evenlobe.server.photo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.SplittableRandom;
import javax.imageio.ImageIO;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Grade;

/**
 * Draws a made-up ear, looked at from outside with its flap held up, and a white wipe beside it.
 * The same looks, ear, light and seed give the same picture.
 */
public final class EarDrawing {
  /** A place in the picture that is skin, of its width and height. */
  public static final Point2D SKIN = new Point2D.Double(0.27, 0.3);

  /** A place in the picture that is the wipe. */
  public static final Point2D WHITE = new Point2D.Double(0.87, 0.84);

  private static final int WIDTH = 800;
  private static final int HEIGHT = 600;
  private static final Color[] SKINS = {
    new Color(228, 186, 168),
    new Color(224, 158, 144),
    new Color(212, 122, 112),
    new Color(194, 84, 80)
  };
  private static final Color COAT = new Color(122, 92, 66);
  private static final Color WIPE = new Color(238, 238, 236);
  private static final Color DEPTH = new Color(70, 34, 32);
  private static final Color RAW = new Color(160, 30, 34);

  private EarDrawing() {}

  /** The picture as a JPEG. */
  public static byte[] jpeg(EarLooks looks, Side ear, Lamp lamp, long seed) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    if (ear == Side.LEFT) {
      pen.translate(WIDTH, 0);
      pen.scale(-1, 1);
    }
    draw(pen, looks, new SplittableRandom(seed));
    pen.setTransform(new AffineTransform());
    pen.setClip(null);
    pen.setColor(WIPE);
    pen.fill(new RoundRectangle2D.Double(0.76 * WIDTH, 0.72 * HEIGHT, 220, 200, 30, 30));
    pen.dispose();
    light(image, lamp);
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(image, "jpeg", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void draw(Graphics2D pen, EarLooks looks, SplittableRandom random) {
    Color skin = SKINS[looks.redness().number()];
    pen.setColor(COAT);
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    coat(pen, random);
    Path2D flap = new Path2D.Double();
    flap.moveTo(90, 560);
    flap.curveTo(20, 300, 80, 60, 330, 30);
    flap.curveTo(560, 10, 700, 180, 660, 380);
    flap.curveTo(640, 520, 480, 590, 330, 592);
    flap.closePath();
    pen.setColor(skin);
    pen.fill(flap);
    pen.clip(flap);
    folds(pen, skin);
    double narrow = 1 - 0.24 * looks.swelling().number();
    double cx = 395;
    double cy = 380;
    for (int ring = 4; ring >= 0; ring--) {
      double grows = 1 + 0.24 * ring;
      double rx = 92 * grows * (ring == 0 ? narrow : 1);
      double ry = 118 * grows * (ring == 0 ? narrow : 1);
      pen.setColor(mixed(skin, DEPTH, ring == 0 ? 1 : 0.34 - 0.075 * ring));
      pen.fill(new Ellipse2D.Double(cx - rx, cy - ry, 2 * rx, 2 * ry));
    }
    discharge(pen, looks, random, cx, cy, narrow);
    sores(pen, looks.sores(), random);
  }

  private static void coat(Graphics2D pen, SplittableRandom random) {
    pen.setStroke(new BasicStroke(2.4f));
    for (int i = 0; i < 900; i++) {
      int x = random.nextInt(WIDTH);
      int y = random.nextInt(HEIGHT);
      pen.setColor(mixed(COAT, Color.BLACK, 0.45 * random.nextDouble()));
      pen.drawLine(x, y, x + random.nextInt(-10, 26), y + random.nextInt(8, 30));
    }
  }

  private static void folds(Graphics2D pen, Color skin) {
    pen.setStroke(new BasicStroke(9f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    for (int i = 0; i < 4; i++) {
      pen.setColor(mixed(skin, DEPTH, 0.1 + 0.03 * i));
      Path2D fold = new Path2D.Double();
      fold.moveTo(420 + 40 * i, 90 + 26 * i);
      fold.curveTo(560 + 14 * i, 150, 600, 280 + 20 * i, 540 - 6 * i, 460);
      pen.draw(fold);
    }
  }

  private static void discharge(
      Graphics2D pen,
      EarLooks looks,
      SplittableRandom random,
      double cx,
      double cy,
      double narrow) {
    int drops = 14 * looks.discharge().number() * looks.discharge().number();
    Color colour = colour(looks.kind());
    for (int i = 0; i < drops; i++) {
      double angle = 2 * Math.PI * random.nextDouble();
      double far = Math.sqrt(random.nextDouble()) * (0.9 + 0.35 * looks.discharge().number());
      double size = 7 + random.nextDouble() * (9 + 6 * looks.discharge().number());
      double x = cx + Math.cos(angle) * far * 92 * narrow;
      double y = cy + Math.sin(angle) * far * 118 * narrow;
      pen.setColor(mixed(colour, Color.BLACK, 0.2 * random.nextDouble()));
      pen.fill(new Ellipse2D.Double(x - size / 2, y - size / 2, size, size * 0.8));
    }
  }

  private static Color colour(DischargeKind kind) {
    return switch (kind) {
      case NONE, TAN_WAX -> new Color(196, 150, 84);
      case BROWN -> new Color(104, 64, 30);
      case BLACK, COFFEE_GROUNDS -> new Color(34, 24, 20);
      case WATERY -> new Color(206, 200, 176);
      case YELLOW -> new Color(222, 198, 74);
      case GREEN -> new Color(140, 156, 62);
      case BLOODY -> new Color(148, 22, 26);
    };
  }

  private static void sores(Graphics2D pen, Grade grade, SplittableRandom random) {
    for (int i = 0; i < 4 * grade.number(); i++) {
      double angle = 2 * Math.PI * random.nextDouble();
      double size = 16 + random.nextDouble() * 12 * grade.number();
      double x = 385 + Math.cos(angle) * (165 + random.nextDouble() * 40);
      double y = 350 + Math.sin(angle) * (170 + random.nextDouble() * 30);
      if (Math.hypot(x - SKIN.getX() * WIDTH, y - SKIN.getY() * HEIGHT) < 70) {
        continue;
      }
      pen.setColor(RAW);
      pen.fill(new Ellipse2D.Double(x, y, size, size * 0.7));
      pen.setColor(mixed(RAW, Color.WHITE, 0.35));
      pen.fill(new Ellipse2D.Double(x + size * 0.3, y + size * 0.2, size * 0.25, size * 0.2));
    }
  }

  private static Color mixed(Color one, Color other, double share) {
    return new Color(
        (int) Math.round(one.getRed() + (other.getRed() - one.getRed()) * share),
        (int) Math.round(one.getGreen() + (other.getGreen() - one.getGreen()) * share),
        (int) Math.round(one.getBlue() + (other.getBlue() - one.getBlue()) * share));
  }

  private static void light(BufferedImage image, Lamp lamp) {
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        image.setRGB(x, y, lamp.lit(image.getRGB(x, y)));
      }
    }
  }
}
