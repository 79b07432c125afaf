package jugulum.desk.live;

import jugulum.desk.live.RunWatch.Going;
import jugulum.desk.words.Words;

/** Names what goes on, in as few words as stand beside a clock. */
public final class GoingWords {
  private GoingWords() {}

  /** A machine by its kind, a crucible by its number. */
  public static String name(Words words, Going going) {
    return switch (going) {
      case Going.Run(var _, var machine) -> words.of("machine.short", machine.kind());
      case Going.Melt(var _, int crucible) when crucible == 0 -> words.of("going.roast");
      case Going.Melt(var _, int crucible) ->
          words.of("going.crucible", Integer.toString(crucible));
    };
  }
}
