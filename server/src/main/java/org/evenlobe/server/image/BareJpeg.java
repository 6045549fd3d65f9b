package org.evenlobe.server.image;

/**
 * Tells whether bytes are a JPEG in which nothing is written beside the picture: no place, no
 * camera, no words, nothing behind its end.
 */
final class BareJpeg {
  private static final int BYTE = 0xFF;
  private static final int HEAD = 4;
  private static final int BEGINS = 0xD8;
  private static final int ENDS = 0xD9;
  private static final int JFIF = 0xE0;
  private static final int SCAN = 0xDA;
  private static final int LEAST_OF_A_FRAME = 8;

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
    int here = 2;
    while (here + HEAD <= end && at(bytes, here) == BYTE) {
      int marker = at(bytes, here + 1);
      int length = two(bytes, here + 2);
      if (marker == SCAN) {
        return framed && endsOnce(bytes, here);
      }
      if (length < 2 || here + 2 + length > end || !isOfThePicture(marker)) {
        return false;
      }
      if (isFrame(marker)) {
        framed = length >= LEAST_OF_A_FRAME && pixels(bytes, here) <= mostPixels;
      }
      here += 2 + length;
    }
    return false;
  }

  private static long pixels(byte[] bytes, int frame) {
    return (long) two(bytes, frame + 5) * two(bytes, frame + 7);
  }

  /** Tables, frames and the mark of the format: none holds words. */
  private static boolean isOfThePicture(int marker) {
    return marker == JFIF || marker == 0xDB || marker == 0xC4 || marker == 0xDD || isFrame(marker);
  }

  private static boolean isFrame(int marker) {
    return marker == 0xC0 || marker == 0xC1 || marker == 0xC2;
  }

  /** From its first scan on, markers are of scans and tables; the mark of the end stands last. */
  private static boolean endsOnce(byte[] bytes, int scan) {
    for (int here = scan + 2; here + 1 < bytes.length; here++) {
      if (at(bytes, here) == BYTE) {
        int marker = at(bytes, here + 1);
        boolean restart = marker >= 0xD0 && marker <= 0xD7;
        boolean stuffed = marker == 0 || marker == BYTE;
        boolean last = marker == ENDS && here + 2 == bytes.length;
        if (!restart && !stuffed && !last && marker != SCAN && !isOfThePicture(marker)) {
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
