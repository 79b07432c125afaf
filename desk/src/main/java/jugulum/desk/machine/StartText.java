package jugulum.desk.machine;

import java.util.Optional;
import jugulum.core.account.Worked;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Sheets;
import jugulum.core.screens.Cut;
import jugulum.core.water.Water;
import jugulum.desk.words.PracticeWords;
import jugulum.desk.words.Words;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.deck.DeckShape;
import jugulum.practice.sand.Sand;
import jugulum.practice.start.DeckWindow;
import jugulum.practice.start.FlowWindow;
import jugulum.practice.start.LotSand;

/** What the laws of practice give to start a cut from on a bowl or a table; empty on the others. */
final class StartText {
  /** Water out of the ground. */
  private static final Water WATER = new Water(12);

  private StartText() {}

  static Optional<String> of(Words words, Machine.Kind kind, Cut cut, Worked worked) {
    double flatness = BatchSpecks.of(worked.network()).flatness();
    Optional<Sand> sand = LotSand.of(cut, LotSand.MAGNETITE, flatness);
    return sand.flatMap(
        own ->
            switch (Sheets.of(kind).working().law()) {
              case BOWL ->
                  Optional.of(
                      PracticeWords.window(words, FlowWindow.of(own, BowlShape.USUAL, WATER)));
              case DECK -> {
                double water = DeckControls.USUAL.troughLMin();
                yield Optional.of(
                    PracticeWords.window(
                        words, DeckWindow.of(own, DeckShape.USUAL, water, WATER), water));
              }
              case NONE -> Optional.empty();
            });
  }
}
