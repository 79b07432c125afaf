package jugulum.desk.eye;

import java.util.Optional;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.Scales;
import jugulum.core.eye.Tray;
import jugulum.desk.eye.PictureFile.Read.Whole;

/** What was begun, read again: its picture, its scale, and what was said of every speck. */
record Again(Whole whole, PictureScale scale, Looking looking) {
  /**
   * Reads it; empty where the picture is not the one it was.
   *
   * @param known what lies in it, as it was told
   */
  static Optional<Again> of(Drafts.Begun begun, KnownSize known, Tray on, Kappa kappa) {
    Draft draft = begun.draft();
    if (!(PictureFile.read(begun.picture(), draft.name()) instanceof Whole read)
        || !read.sha256().equals(draft.sha256())) {
      return Optional.empty();
    }
    Whole whole = draft.isDrawn() ? read.drawn() : read;
    return Scales.of(whole.light(), known)
        .map(
            scale -> {
              Looking look = new Looking(whole.light(), scale, on, kappa, whole.seed());
              draft.sure().ifPresent(look::sure);
              look.goOn(draft.marks());
              return new Again(whole, scale, look);
            });
  }
}
