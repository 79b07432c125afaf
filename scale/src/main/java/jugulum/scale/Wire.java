package jugulum.scale;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;

/** An open line to a scale. */
interface Wire extends AutoCloseable {
  /** What the scale sends. A read waits for a while at most and then gives back 0. */
  int read(byte[] into) throws IOException;

  /** To ask the scale. */
  OutputStream out();

  @Override
  void close();

  /** Reads from a stream that gives up waiting by an exception or by nothing. */
  static int read(InputStream in, byte[] into) throws IOException {
    int read = in.read(into);
    if (read < 0) {
      throw new IOException("the other end hung up");
    }
    return read;
  }
}
