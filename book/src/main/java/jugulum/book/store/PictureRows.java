package jugulum.book.store;

import java.util.List;
import java.util.Optional;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Sha256;
import jugulum.core.check.Sha256Form;
import org.jdbi.v3.core.Handle;

/** The copies of pictures in a book, one row each. */
final class PictureRows {
  private PictureRows() {}

  static void keep(Handle handle, PictureCopy copy) {
    handle
        .createUpdate(
            "INSERT INTO picture (sha256, jpeg, own) VALUES (?, ?, ?) ON CONFLICT DO NOTHING")
        .bind(0, copy.sha256())
        .bind(1, copy.jpeg())
        .bind(2, Sha256.of(copy.jpeg()))
        .execute();
  }

  /** Empty where there is none, or it is not as it was written. */
  static Optional<PictureCopy> of(Handle handle, String sha256) {
    return handle
        .createQuery("SELECT jpeg, own FROM picture WHERE sha256 = ?")
        .bind(0, sha256)
        .map((row, _) -> whole(sha256, row.getBytes(1), row.getString(2)))
        .findOne()
        .flatMap(found -> found);
  }

  private static Optional<PictureCopy> whole(String sha256, byte[] jpeg, String own) {
    boolean isWhole =
        jpeg != null
            && jpeg.length > 0
            && jpeg.length <= PictureCopy.LARGEST
            && Sha256Form.isOne(sha256)
            && Sha256.of(jpeg).equals(own);
    return isWhole ? Optional.of(new PictureCopy(sha256, jpeg)) : Optional.empty();
  }

  static List<String> all(Handle handle) {
    return handle
        .createQuery("SELECT sha256 FROM picture ORDER BY sha256")
        .mapTo(String.class)
        .list();
  }

  /** The first that is not as it was written, told so; empty where all are. */
  static Optional<String> spoilt(Handle handle) {
    return all(handle).stream()
        .filter(sha256 -> of(handle, sha256).isEmpty())
        .findFirst()
        .map(sha256 -> "the copy of the picture " + sha256 + " is not as it was written");
  }

  static long bytes(Handle handle) {
    return handle
        .createQuery("SELECT coalesce(sum(length(jpeg)), 0) FROM picture")
        .mapTo(Long.class)
        .one();
  }
}
