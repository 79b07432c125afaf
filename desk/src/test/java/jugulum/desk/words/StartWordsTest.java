package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Sheets;
import jugulum.core.machine.Working;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.desk.words.StartWords.Feed;
import jugulum.practice.drill.BowlRun;
import jugulum.practice.drill.Drills;
import jugulum.practice.drill.Runs;
import jugulum.practice.start.Trade;
import org.junit.jupiter.api.Test;

/** One cut has one flow and one tilt, whoever asks. */
class StartWordsTest {
  private static final List<String> NUMBERS =
      List.of("12", "16", "20", "30", "40", "50", "70", "100", "140", "200");

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  private static Feed feed(Cut cut) {
    return new Feed(cut, Assumptions.USUAL.flatness());
  }

  private static String target(Sheet sheet, String dial, Feed feed) {
    return StartWords.target(English.WORDS, sheet, sheet.dial(dial).orElseThrow(), feed)
        .orElseThrow();
  }

  @Test
  void everyCutHasOneFlowAndOneTilt() {
    Sheet bowl = Sheets.of(Kind.VORTEX_BOWL);
    Sheet deck = Sheets.of(Kind.SHAKER_TABLE);
    for (int i = 0; i < NUMBERS.size(); i++) {
      for (int j = i + 1; j < NUMBERS.size(); j++) {
        Feed feed = feed(cut(NUMBERS.get(i), NUMBERS.get(j)));
        Trade onBowl = feed.trade(Working.Law.BOWL).orElseThrow();
        Trade onDeck = feed.trade(Working.Law.DECK).orElseThrow();
        String flow = English.WORDS.fixed(onBowl.start().setting(), 0) + " L/min";
        String tilt = English.WORDS.fixed(onDeck.start().setting(), 1) + "°";
        assertThat(target(bowl, "flow", feed)).isEqualTo("about " + flow);
        assertThat(target(deck, "tilt", feed)).isEqualTo("about " + tilt);
        assertThat(StartWords.of(English.WORDS, bowl, feed).orElseThrow())
            .isEqualTo(PracticeWords.trade(English.WORDS, onBowl));
        if (!onBowl.isOpen()) {
          assertThat(PracticeWords.trade(English.WORDS, onBowl)).contains("at " + flow);
        }
      }
    }
  }

  @Test
  void aDrillTakesACutForWhatTheSheetTakesItFor() {
    BowlRun run = (BowlRun) Runs.of(Drills.of("first-run").orElseThrow(), Runs.Grain.WORKED_OUT, 1);
    assertThat(feed(cut("50", "100")).trade(Working.Law.BOWL)).contains(run.trade());
  }

  /** One's own usual, and machines no law is known of, are told as before. */
  @Test
  void whatOneUsesOneselfGoesBeforeTheModel() {
    Feed feed = feed(cut("50", "100"));
    Sheet trap = Sheets.of(Kind.PIPE_TRAP);
    Dial flow = trap.dial("flow").orElseThrow();
    assertThat(StartWords.target(English.WORDS, trap, flow, feed))
        .contains(SheetWords.target(English.WORDS, flow, trap.coarseness(feed.cut())));
    assertThat(StartWords.of(English.WORDS, trap, feed)).isEmpty();
    Sheet own = Gear.any(Kind.VORTEX_BOWL).usuallyAt(Map.of("flow", 22.0)).sheet();
    assertThat(target(own, "flow", feed)).doesNotContain("about");
  }
}
