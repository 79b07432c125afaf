package jugulum.desk.words;

import java.util.Optional;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Sheets;
import jugulum.core.machine.Working;
import jugulum.core.screens.Cut;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.start.LotSand;
import jugulum.practice.start.Trade;
import jugulum.practice.start.TradeTable;

/**
 * Where to start with a cut: on a bowl and a table what the laws of practice trade there, one
 * figure in the sheet, the panel, the plan and the drills; on the others common practice.
 */
public final class StartWords {
  private static final String FLOW = "flow";
  private static final String TILT = "tilt";

  private StartWords() {}

  /**
   * What is fed.
   *
   * @param cut its sizes
   * @param flatness of its gold, 0 to 1
   */
  public record Feed(Cut cut, double flatness) {
    /** What it trades on a machine; empty where no law tells. */
    public Optional<Trade> trade(Working.Law law) {
      Optional<FeedSand> sand = LotSand.of(cut, LotSand.MAGNETITE, flatness);
      return switch (law) {
        case BOWL -> sand.map(TradeTable.shipped()::bowl);
        case DECK -> sand.map(TradeTable.shipped()::deck);
        case NONE -> Optional.empty();
      };
    }
  }

  /** What the model says of a cut; empty where no law tells. */
  public static Optional<String> of(Words words, Sheet sheet, Feed feed) {
    return feed.trade(sheet.working().law()).map(trade -> PracticeWords.trade(words, trade));
  }

  /** Where a dial stands to begin with a cut; empty where the cut changes nothing. */
  public static Optional<String> target(Words words, Sheet sheet, Dial dial, Feed feed) {
    if (isMarked(sheet, dial)) {
      return Optional.of(words.of("marks.start", SheetWords.usual(words, dial)));
    }
    Working.Law law = sheet.working().law();
    Optional<String> byLaw =
        dial.id().equals(dial(law)) && !isOnesOwn(sheet, dial)
            ? feed.trade(law).map(trade -> PracticeWords.start(words, trade))
            : Optional.empty();
    return byLaw.or(
        () ->
            Optional.of(dial)
                .filter(one -> one.lean() != Dial.Lean.NONE)
                .map(one -> SheetWords.target(words, one, sheet.coarseness(feed.cut()))));
  }

  /** The dial a law tells; empty where there is none. */
  private static String dial(Working.Law law) {
    return switch (law) {
      case BOWL -> FLOW;
      case DECK -> TILT;
      case NONE -> "";
    };
  }

  /** A mark is of one cut: no coarseness moves it, as it does the dial of its kind. */
  private static boolean isMarked(Sheet sheet, Dial dial) {
    return dial.lean() == Dial.Lean.NONE
        && Sheets.of(sheet.kind())
            .dial(dial.id())
            .filter(one -> one.lean() != Dial.Lean.NONE)
            .isPresent();
  }

  /** One's own usual goes before any model. */
  private static boolean isOnesOwn(Sheet sheet, Dial dial) {
    return Sheets.of(sheet.kind())
        .dial(dial.id())
        .filter(one -> one.usual().equals(dial.usual()))
        .isEmpty();
  }
}
