package jugulum.desk.eye;

import java.util.List;
import java.util.Optional;
import jugulum.book.json.JsonCodec;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.Point;
import jugulum.core.eye.Tally;

/**
 * A picture somebody began to go through and has not kept yet: what was told of it and what was
 * made of it so far. The picture itself stands beside it.
 *
 * @param sha256 of the picture
 * @param name what it is called
 * @param isDrawn whether no camera made it
 * @param told what lies in it
 * @param line drawn by hand for its scale; empty where the scale was found
 * @param sure where gold lies for sure; empty where nobody said so yet
 * @param marks all there is, with what was said of each
 * @param panned the sand panned for it, as it was typed
 * @param weighed what its specks weigh, as it was typed
 */
record Draft(
    String sha256,
    String name,
    boolean isDrawn,
    Telling.Told told,
    Optional<KnownSize.Line> line,
    Optional<Point> sure,
    List<Tally.Marked> marks,
    String panned,
    String weighed) {
  private static final JsonCodec<Draft> CODEC = new JsonCodec<>(Draft.class, List.of());

  /** Keeps its own copy. */
  Draft {
    marks = List.copyOf(marks);
  }

  String written() {
    return CODEC.write(this);
  }

  static Draft read(String text) {
    return CODEC.read(CODEC.form(), text);
  }
}
