package jugulum.book.season;

import java.util.List;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.Book;
import jugulum.book.stream.Standing;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.StreamRef;
import jugulum.core.season.Season;
import jugulum.core.season.SeasonEdit;
import jugulum.core.season.SeasonFold;

/** What is told of the seasons of a book, as a stream; there is one. */
public final class SeasonStream {
  /** The number of what its edits make; raised with every change of it. */
  private static final int RULE = 1;

  /** The kind of stream it is. */
  public static final StreamKind<Season, SeasonEdit> KIND =
      new StreamKind<>(
          "season",
          new SeasonFold(),
          RULE,
          new JsonCodec<>(SeasonEdit.class, List.of()),
          new JsonCodec<>(Season.class, List.of()),
          List.of());

  /** The one there is. */
  public static final StreamRef<Season, SeasonEdit> SEASON = KIND.ref("season");

  private SeasonStream() {}

  /** What was told; nothing before anything was. */
  public static Season of(Book book) {
    return book.whole(SEASON).flatMap(Standing::now).orElse(Season.NOTHING);
  }
}
