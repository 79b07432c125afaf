package jugulum.core.task;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import jugulum.core.check.Check;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.MeltFact.Phase;
import jugulum.core.ledger.MeltFact.Stop;
import jugulum.core.ledger.Melting;
import jugulum.core.units.Typing;

/**
 * What is typed of a melt as a fact; that each part can be read was asked before.
 *
 * @param answers with the units of what is typed
 * @param lot what is melted
 */
record MeltAnswers(Answers answers, LotId lot) {
  MeltFact fact(Task task, Function<Integer, Optional<String>> told) {
    return switch (task.kind()) {
      case MELT_TAKE -> taken(task, told);
      case MELT_STOP -> new MeltFact.Sure(Stop.valueOf(task.parts().getFirst().name()));
      case MELT_SANDS -> sands(told);
      case MELT_ROAST -> new MeltFact.Begun(Phase.ROAST);
      case MELT_ROASTED -> new MeltFact.Roasted(takenG(), grams(told.apply(0)));
      case MELT_CHARGE -> charged(task, told);
      case MELT_START -> new MeltFact.Begun(Phase.MELT);
      case MELT_POUR -> new MeltFact.Begun(Phase.COOL);
      case MELT_BUTTON -> new MeltFact.Button(grams(told.apply(0)));
      case MELT_CUPEL -> new MeltFact.Begun(Phase.CUPEL);
      case MELT_BEAD -> new MeltFact.Bead(milligrams(told.apply(0)));
      case MELT_PARTED -> new MeltFact.Parted(milligrams(told.apply(0)));
      default -> throw new IllegalArgumentException(task.kind() + " belongs to no melt");
    };
  }

  /** What was neither weighed out nor judged has no weight; what was judged once is sharp. */
  private MeltFact taken(Task task, Function<Integer, Optional<String>> told) {
    int place =
        Answers.understood(Answers.choice(task.parts().get(1), told.apply(1).orElseThrow()));
    VisibleGold.State state = MeltTasks.VISIBLE.get(place);
    double mg = told.apply(2).map(text -> milligrams(Optional.of(text))).orElse(0.0);
    double most = told.apply(3).map(text -> milligrams(Optional.of(text))).orElse(mg);
    VisibleGold visible =
        state == VisibleGold.State.JUDGED
            ? VisibleGold.judged(mg, Check.inRange(Part.Ask.VISIBLE_UP_TO.name(), most, mg, 1e6))
            : new VisibleGold(state, state.isWeighed() ? mg : 0);
    return new MeltFact.Taken(grams(told.apply(0)), visible);
  }

  /** Each can be what the ones before leave of a hundred. */
  private static MeltFact sands(Function<Integer, Optional<String>> told) {
    double iron = percent(told.apply(0));
    double garnet = Check.inRange(Part.Ask.GARNET.name(), percent(told.apply(1)), 0, 100 - iron);
    double sulfide =
        Check.inRange(Part.Ask.SULFIDE.name(), percent(told.apply(2)), 0, 100 - iron - garnet);
    return new MeltFact.Sands(iron / 100, garnet / 100, sulfide / 100);
  }

  private static double percent(Optional<String> text) {
    return text.map(one -> 100 * Answers.understood(Typing.percent(one, 0, 100))).orElse(0.0);
  }

  private double takenG() {
    return answers
        .worked()
        .network()
        .lot(lot)
        .flatMap(Melting::open)
        .orElseThrow()
        .taken()
        .sampleG();
  }

  /** What nobody typed is as the time before. */
  private MeltFact charged(Task task, Function<Integer, Optional<String>> told) {
    Part which = task.parts().get(1);
    int place =
        told.apply(1)
            .map(text -> Answers.understood(Answers.choice(which, text)))
            .orElseGet(() -> (int) which.usual().orElseThrow() - 1);
    Collector collector = Collector.values()[place];
    Optional<Double> metal = told.apply(2).map(text -> grams(Optional.of(text)));
    OptionalDouble before = task.parts().get(2).usual();
    return new MeltFact.Charged(
        told.apply(0)
            .map(text -> grams(Optional.of(text)))
            .orElseGet(() -> task.parts().getFirst().usual().orElseThrow()),
        collector,
        metal
            .map(OptionalDouble::of)
            .orElse(collector == Collector.NONE ? OptionalDouble.empty() : before));
  }

  private double grams(Optional<String> text) {
    return Answers.understood(answers.grams(text.orElseThrow()));
  }

  private double milligrams(Optional<String> text) {
    return Answers.understood(answers.littleMg(text.orElseThrow()));
  }
}
