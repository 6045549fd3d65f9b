package org.evenlobe.server.exchange;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.measure.Side;

/**
 * The scores of both ears over a year, the dog's right above the middle line and its left mirrored
 * below: a full point is a check that was not quiet, an open one a quiet one. Without words, for it
 * stands on a page that has them.
 */
final class VetChart {
  private static final int WIDTH = 1500;
  private static final int HALF = 150;
  private static final int PAD = 14;
  private static final int HIGHEST = 12;
  private static final int MONTHS = 12;
  private static final double LEAST_SHARE_NAMED = 0.04;
  private static final Color INK = new Color(34, 48, 58);
  private static final Color LINE = new Color(207, 201, 186);
  private static final Color PAPER = Color.WHITE;

  private VetChart() {}

  /** The score at either edge: 6, or 12 where one is higher. */
  static int edge(List<AssessedCheck> checks) {
    boolean low =
        checks.stream()
            .map(one -> one.check().ears())
            .allMatch(ears -> ears.join((r, l) -> Math.max(r.score(), l.score())) <= HIGHEST / 2);
    return low ? HIGHEST / 2 : HIGHEST;
  }

  /**
   * A month below the chart.
   *
   * @param words its name; none where too little of it is seen
   * @param share how much of the chart's width it takes
   */
  record Month(String words, double share) {}

  /** The months that it shows, the first perhaps not whole. */
  static List<Month> months(LocalDate today) {
    LocalDate from = today.minusMonths(MONTHS);
    List<Month> months = new ArrayList<>();
    double before = 0;
    LocalDate begins = from;
    for (LocalDate next = from.withDayOfMonth(1).plusMonths(1);
        before < WIDTH;
        next = next.plusMonths(1)) {
      double until = next.isAfter(today) ? WIDTH : x(next, from, today);
      double share = (until - before) / WIDTH;
      months.add(
          new Month(
              share < LEAST_SHARE_NAMED
                  ? ""
                  : begins.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH),
              share));
      before = until;
      begins = next;
    }
    return months;
  }

  /** The picture as a PNG. */
  static byte[] png(List<AssessedCheck> checks, LocalDate today) {
    int height = 2 * HALF + 2 * PAD;
    BufferedImage image = new BufferedImage(WIDTH, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setColor(PAPER);
    pen.fillRect(0, 0, WIDTH, height);
    LocalDate from = today.minusMonths(MONTHS);
    pen.setColor(LINE);
    for (LocalDate month = from.withDayOfMonth(1).plusMonths(1);
        !month.isAfter(today);
        month = month.plusMonths(1)) {
      double x = x(month, from, today);
      pen.draw(new Line2D.Double(x, 0, x, height));
    }
    pen.setStroke(new BasicStroke(3));
    pen.draw(new Line2D.Double(0, height / 2.0, WIDTH, height / 2.0));
    for (Side side : Side.values()) {
      points(pen, checks, side, from, today);
    }
    pen.dispose();
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static double x(LocalDate day, LocalDate from, LocalDate today) {
    double days = ChronoUnit.DAYS.between(from, today) + 1.0;
    return (ChronoUnit.DAYS.between(from, day) + 0.5) / days * WIDTH;
  }

  private static void points(
      Graphics2D pen, List<AssessedCheck> checks, Side side, LocalDate from, LocalDate today) {
    int edge = edge(checks);
    double lastX = Double.NaN;
    double lastY = Double.NaN;
    for (AssessedCheck one : checks) {
      LocalDate day = one.check().day();
      if (day.isBefore(from)) {
        continue;
      }
      double up = (double) one.check().ears().get(side).score() / edge * HALF;
      double x = x(day, from, today);
      double y = PAD + HALF + (side == Side.RIGHT ? -up : up);
      pen.setColor(INK);
      pen.setStroke(new BasicStroke(2));
      if (!Double.isNaN(lastX)) {
        pen.draw(new Line2D.Double(lastX, lastY, x, y));
      }
      boolean loud = one.verdicts().get(side).atLeast(Verdict.CAUTION);
      double r = loud ? 9 : 6;
      pen.setColor(loud ? INK : PAPER);
      pen.fill(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r));
      pen.setColor(INK);
      pen.draw(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r));
      lastX = x;
      lastY = y;
    }
  }
}
