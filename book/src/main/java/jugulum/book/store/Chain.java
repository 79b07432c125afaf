package jugulum.book.store;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import jugulum.book.stream.Sha256;

/**
 * What ties the rows of a stream to each other: SHA-256 (FIPS 180-4) over all a row says and the
 * chain of the row before it. A row altered, moved, taken out or put in breaks it.
 */
final class Chain {
  private Chain() {}

  /**
   * The chain of a row.
   *
   * @param before the chain of the row before it in its stream; empty for the first
   * @param columns all the row says, in the order of the table
   */
  static String of(String before, List<Object> columns) {
    MessageDigest digest = Sha256.digest();
    Stream.concat(Stream.of(before), columns.stream()).map(Chain::framed).forEach(digest::update);
    return HexFormat.of().formatHex(digest.digest());
  }

  /** A text with its length before it, so that nothing can move from one column to the next. */
  private static byte[] framed(Object column) {
    byte[] text = String.valueOf(column).getBytes(StandardCharsets.UTF_8);
    return ByteBuffer.allocate(Integer.BYTES + text.length).putInt(text.length).put(text).array();
  }

  /** The checksum beside the body of a row. */
  static long crc(String body) {
    CRC32 crc = new CRC32();
    crc.update(body.getBytes(StandardCharsets.UTF_8));
    return crc.getValue();
  }

  /** A checksum over several things, in their order. */
  static long crc(List<Object> columns) {
    CRC32 crc = new CRC32();
    columns.stream().map(Chain::framed).forEach(crc::update);
    return crc.getValue();
  }
}
