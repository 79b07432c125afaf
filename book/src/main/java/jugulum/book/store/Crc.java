package jugulum.book.store;

import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;

/** The checksum beside every text of a book. */
final class Crc {
  private Crc() {}

  static long of(String body) {
    CRC32 crc = new CRC32();
    crc.update(body.getBytes(StandardCharsets.UTF_8));
    return crc.getValue();
  }
}
