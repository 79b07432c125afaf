package jugulum.book.store;

import java.util.List;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import org.jdbi.v3.core.Handle;

/** Looks through the tables of a served book for what does not hang together. */
final class ServedAudit {
  /** What keeps what was recorded from being rewritten, and what numbers and chains it. */
  private static final List<String> GUARDS =
      List.of("journal_is_never_changed", "journal_takes_a_row", "picture_is_never_changed");

  private final Handle handle;
  private final String place;

  ServedAudit(Handle handle, String place) {
    this.handle = handle;
    this.place = place;
  }

  void check() {
    checkGuards();
    checkNumbers();
    checkPictures();
  }

  private void checkGuards() {
    List<String> there =
        handle
            .createQuery(
                "SELECT tgname FROM pg_trigger t JOIN pg_class c ON c.oid = t.tgrelid JOIN"
                    + " pg_namespace n ON n.oid = c.relnamespace WHERE n.nspname = ? AND"
                    + " tgenabled IN ('O', 'A')")
            .bind(0, BookAddress.SCHEMA)
            .mapTo(String.class)
            .list();
    GUARDS.stream()
        .filter(guard -> !there.contains(guard))
        .findFirst()
        .ifPresent(
            gone -> {
              throw damaged("what keeps the journal from being rewritten is gone: " + gone);
            });
  }

  private void checkNumbers() {
    boolean isWhole =
        handle
            .createQuery(
                "SELECT coalesce(max(seq), 0) = count(*) AND coalesce(min(seq), 1) = 1 FROM"
                    + " journal")
            .mapTo(Boolean.class)
            .one();
    if (!isWhole) {
      throw damaged("rows are missing or too many");
    }
  }

  private void checkPictures() {
    PictureRows.spoilt(handle)
        .ifPresent(
            what -> {
              throw damaged(what);
            });
  }

  private BookProblem damaged(String what) {
    return new BookProblem(Kind.DAMAGED, place, what, null);
  }
}
