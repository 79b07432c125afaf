package jugulum.book.stream;

import jugulum.core.check.Check;
import jugulum.core.check.Sha256Form;

/**
 * The copy a book keeps of a picture.
 *
 * @param sha256 of the file it was made of, which is what readings name
 * @param jpeg the copy, at most {@link #LARGEST} bytes
 */
@SuppressWarnings("ArrayRecordComponent") // a file's bytes; nobody changes them
public record PictureCopy(String sha256, byte[] jpeg) {
  /** No copy is larger, in bytes. */
  public static final int LARGEST = 2_000_000;

  /** A book takes no more copies once it holds so many bytes of them. */
  public static final long MOST_IN_A_BOOK = 300_000_000;

  /** Checks both. */
  public PictureCopy {
    Sha256Form.check(sha256);
    Check.inRange("jpeg", jpeg.length, 1, LARGEST);
  }
}
