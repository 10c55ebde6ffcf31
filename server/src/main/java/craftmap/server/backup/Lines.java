package craftmap.server.backup;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;

/**
 * The rows of a file, one after the other. Ends are looked for in blocks and not byte by byte: a
 * studio's photos are hundreds of millions of bytes, and each is read when a backup is made, when
 * it is looked at and when it is brought back.
 */
final class Lines {
  private static final int BLOCK = 64 * 1024;

  private final InputStream in;
  private final int most;
  private final byte[] block = new byte[BLOCK];
  private int from;
  private int to;

  /**
   * @param most bytes of a row
   */
  Lines(InputStream in, int most) {
    this.in = in;
    this.most = most;
  }

  /** A row is longer than any that was written. */
  static final class TooLong extends Exception {}

  /** The next with its end, or without it the last where the file ends within; then nothing. */
  byte[] next() throws IOException, TooLong {
    ByteArrayOutputStream line = new ByteArrayOutputStream();
    boolean isWhole = false;
    while (!isWhole && hasMore()) {
      int end = from;
      while (end < to && block[end] != '\n') {
        end++;
      }
      isWhole = end < to;
      int next = isWhole ? end + 1 : end;
      line.write(block, from, next - from);
      from = next;
      if (line.size() > most) {
        throw new TooLong();
      }
    }
    return line.toByteArray();
  }

  private boolean hasMore() throws IOException {
    if (from == to) {
      from = 0;
      to = Math.max(0, in.read(block));
    }
    return from < to;
  }
}
