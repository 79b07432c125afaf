package jugulum.desk.words;

import java.util.List;
import java.util.Optional;
import jugulum.core.finish.NextTurn;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.FinishFact;
import jugulum.core.passes.NextPass;
import jugulum.core.shop.Terms;

/** Says what was done while gold was finished. */
public final class FinishWords {
  private FinishWords() {}

  /** What is left to win. */
  public static String left(NextTurn next, Figures figures) {
    return next.leftMg().isPresent()
        ? figures.words().of("finish.left", figures.gold(next.leftMg().getAsDouble()))
        : "";
  }

  /** The share a turn wins, the range of what is left, and whether another one pays. */
  public static String another(NextTurn next, Optional<Terms> terms, Figures figures) {
    Words words = figures.words();
    if (next.share().isEmpty() || next.nextMg().isEmpty()) {
      return words.of("next-pass", next.pass().why());
    }
    String range =
        next.leftHighMg().isPresent()
            ? figures.goldRange(
                new GoldRange(
                    next.leftMg().orElseThrow(), next.leftLowMg(), next.leftHighMg().getAsDouble()))
            : words.of("finish.left.from", figures.gold(next.leftLowMg()));
    String share = words.of("finish.share", words.percent(next.share().getAsDouble()), range);
    Optional<NextPass.Money> money = next.pass().money();
    String pays =
        money
            .flatMap(
                one ->
                    terms.map(
                        told ->
                            words.of(
                                one.pays() ? "finish.pays" : "finish.pays.not",
                                MoneyWords.sum(words, one.brings(), told),
                                words.fixed(next.pass().minutes().orElse(0), 0),
                                MoneyWords.sum(words, one.costs(), told))))
            .orElseGet(() -> words.of("finish.next", figures.gold(next.nextMg().getAsDouble())));
    return words.joined("join.sentences", List.of(share, pays));
  }

  /** Every turn with what it won. */
  public static String spoken(List<FinishFact.Turn> turns, Figures figures) {
    return figures.words().row(turns.stream().map(turn -> figures.gold(turn.goldMg())).toList());
  }

  static String said(FinishFact fact, Figures figures) {
    Words words = figures.words();
    return switch (fact) {
      case FinishFact.On(var tool) -> words.of("finish.on", tool);
      case FinishFact.Did(var act) -> words.of("finish.did", act);
      case FinishFact.Lift(double seconds, var saw) ->
          words.of("finish.lift", words.plain(seconds), words.of("finish.saw", saw));
      case FinishFact.Turn(double mg, var sand, int below) -> {
        String won = words.of("finish.turn", figures.gold(mg));
        String with =
            sand.isPresent()
                ? words.of("finish.turn.sand", won, figures.read(sand.getAsDouble(), 0.1))
                : won;
        yield below > 0 ? words.counted("finish.turn.below", below, with) : with;
      }
      case FinishFact.Over() -> words.of("finish.over");
    };
  }
}
