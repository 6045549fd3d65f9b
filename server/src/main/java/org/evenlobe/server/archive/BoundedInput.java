package org.evenlobe.server.archive;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import org.evenlobe.server.problem.InvalidFields;

/**
 * A stream of which only so much is read as was allowed last: a small file cannot unpack forever.
 */
final class BoundedInput extends FilterInputStream {
  private final String what;
  private long left;
  private long passed;

  /**
   * A stream of which nothing may be read yet.
   *
   * @param what says what is too large, where more comes than is allowed
   */
  BoundedInput(InputStream in, String what) {
    super(in);
    this.what = what;
  }

  /** From here on that many bytes may be read. */
  void allow(long bytes) {
    left = bytes;
  }

  /** How many bytes were read of it so far. */
  long passed() {
    return passed;
  }

  @Override
  public int read() throws IOException {
    int one = super.read();
    count(one < 0 ? 0 : 1);
    return one;
  }

  @Override
  public int read(byte[] into, int offset, int length) throws IOException {
    int count = super.read(into, offset, length);
    count(Math.max(0, count));
    return count;
  }

  private void count(int bytes) {
    left -= bytes;
    passed += bytes;
    if (left < 0) {
      throw InvalidFields.of("archive", what);
    }
  }
}
