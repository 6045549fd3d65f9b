package org.evenlobe.server.image;

/**
 * In how many scans a JPEG comes, and whether each refines the one before: a reader goes over the
 * whole picture for each, with all of it in memory, however small the file is.
 */
record Scans(int count, boolean isProgressive) {
  private static final int MARKER = 0xFF;
  private static final int START_OF_SCAN = 0xDA;
  private static final int FIRST_RESTART = 0xD0;
  private static final int START = 0xD8;
  private static final int END = 0xD9;
  private static final int PROGRESSIVE = 0xC2;
  private static final int PROGRESSIVE_ARITHMETIC = 0xCA;
  private static final int STUFFED = 0;

  /** Those of a JPEG; of what is none, none. */
  static Scans of(byte[] jpeg) {
    int scans = 0;
    boolean progressive = false;
    int at = 2;
    while (at + 3 < jpeg.length) {
      int marker = marker(jpeg, at);
      if (marker < 0) {
        at++;
        continue;
      }
      if (marker == END) {
        break;
      }
      if (marker == START_OF_SCAN) {
        scans++;
      }
      progressive |= marker == PROGRESSIVE || marker == PROGRESSIVE_ARITHMETIC;
      at += 2 + length(jpeg, at + 2);
    }
    return new Scans(scans, progressive);
  }

  /** What begins there; none in the midst of a scan, or where it has no length. */
  private static int marker(byte[] jpeg, int at) {
    int kind = jpeg[at + 1] & MARKER;
    boolean isOne = (jpeg[at] & MARKER) == MARKER && kind != STUFFED && kind != MARKER;
    return isOne && (kind < FIRST_RESTART || kind > START) ? kind : -1;
  }

  private static int length(byte[] jpeg, int at) {
    return Math.max(2, ((jpeg[at] & MARKER) << 8) | (jpeg[at + 1] & MARKER));
  }
}
