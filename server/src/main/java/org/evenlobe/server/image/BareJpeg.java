package org.evenlobe.server.image;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.HashSet;
import java.util.Set;
import javax.imageio.ImageIO;

/**
 * Tells whether bytes are a JPEG as it is drawn here, in which nothing is written beside the
 * picture: no place, no camera, no words, not in the mark of the format nor in a table, nothing
 * behind its end.
 */
final class BareJpeg {
  private static final int BYTE = 0xFF;
  private static final int HEAD = 4;
  private static final int BEGINS = 0xD8;
  private static final int ENDS = 0xD9;
  private static final int FRAME = 0xC0;
  private static final int SCAN = 0xDA;
  private static final int FRAME_OF_THREE_COLOURS = 17;

  /** The mark of the format and the tables, as they stand in every picture that is drawn here. */
  private static final Set<ByteBuffer> OURS = ours();

  private BareJpeg() {}

  static boolean is(byte[] bytes, int mostPixels) {
    int end = bytes.length;
    if (end < HEAD
        || at(bytes, 0) != BYTE
        || at(bytes, 1) != BEGINS
        || at(bytes, end - 2) != BYTE
        || at(bytes, end - 1) != ENDS) {
      return false;
    }
    boolean framed = false;
    Set<ByteBuffer> seen = new HashSet<>();
    int here = 2;
    while (here + HEAD <= end && at(bytes, here) == BYTE) {
      int marker = at(bytes, here + 1);
      int length = two(bytes, here + 2);
      if (marker == SCAN) {
        return framed && endsOnce(bytes, here);
      }
      if (length < 2 || here + 2 + length > end) {
        return false;
      }
      if (marker == FRAME) {
        if (framed || length != FRAME_OF_THREE_COLOURS || pixels(bytes, here) > mostPixels) {
          return false;
        }
        framed = true;
      } else {
        ByteBuffer part = ByteBuffer.wrap(bytes, here, 2 + length);
        if (!OURS.contains(part) || !seen.add(part)) {
          return false;
        }
      }
      here += 2 + length;
    }
    return false;
  }

  private static Set<ByteBuffer> ours() {
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "jpeg", out);
      byte[] bytes = out.toByteArray();
      Set<ByteBuffer> parts = new HashSet<>();
      int here = 2;
      while (at(bytes, here + 1) != SCAN) {
        int length = 2 + two(bytes, here + 2);
        if (at(bytes, here + 1) != FRAME) {
          parts.add(ByteBuffer.wrap(bytes, here, length));
        }
        here += length;
      }
      return parts;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static long pixels(byte[] bytes, int frame) {
    return (long) two(bytes, frame + 5) * two(bytes, frame + 7);
  }

  /** In its one scan no marker stands but restarts; the mark of the end stands last. */
  private static boolean endsOnce(byte[] bytes, int scan) {
    for (int here = scan + 2; here + 1 < bytes.length; here++) {
      if (at(bytes, here) == BYTE) {
        int marker = at(bytes, here + 1);
        boolean restart = marker >= 0xD0 && marker <= 0xD7;
        boolean stuffed = marker == 0 || marker == BYTE;
        boolean last = marker == ENDS && here + 2 == bytes.length;
        if (!restart && !stuffed && !last) {
          return false;
        }
      }
    }
    return true;
  }

  private static int two(byte[] bytes, int place) {
    return (at(bytes, place) << Byte.SIZE) | at(bytes, place + 1);
  }

  private static int at(byte[] bytes, int place) {
    return bytes[place] & BYTE;
  }
}
