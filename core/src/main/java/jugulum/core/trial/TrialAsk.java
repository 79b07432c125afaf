package jugulum.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;

/**
 * One of the questions that are asked one by one while a trial is done: the sand, what is put in,
 * what was found.
 */
public sealed interface TrialAsk {
  /** The sand of the run whose turn it is, in grams. */
  record Sand() implements TrialAsk {}

  /**
   * What is put in of a size class.
   *
   * @param planned so many specks were planned
   */
  record PutIn(Cut cut, int planned) implements TrialAsk {}

  /** What was found of a size class at a port. */
  record AtPort(Material port, Cut cut) implements TrialAsk {}

  /** Where one looks: what the machine keeps, and what leaves it. */
  List<Material> PORTS = List.of(Material.CONCENTRATE, Material.TAILINGS);

  /** The questions of what is next in a trial; none where all had their turns. */
  static List<TrialAsk> of(Trial trial) {
    List<TrialAsk> asks = new ArrayList<>();
    switch (trial.turn()) {
      case Turn.Run _ -> {
        asks.add(new Sand());
        trial.plan().classes().forEach(cut -> asks.add(new PutIn(cut, trial.plan().specks())));
      }
      case Turn.Look(TrialRun run) ->
          trial.classes(run).forEach(cut -> PORTS.forEach(port -> asks.add(new AtPort(port, cut))));
      case Turn.Over _ -> {}
    }
    return List.copyOf(asks);
  }

  /**
   * The edit the answers make; empty where nothing was put in.
   *
   * @param sandG the sand, in grams, where a run is begun
   * @param amounts one for every other question, in their order
   */
  static Optional<TrialEdit> edit(Trial trial, double sandG, List<Amount> amounts) {
    return switch (trial.turn()) {
      case Turn.Run(int contender, var _) -> {
        List<Spike> spikes = new ArrayList<>();
        for (int i = 0; i < amounts.size(); i++) {
          Amount amount = amounts.get(i);
          if (!amount.isNothing()) {
            spikes.add(
                new Spike(
                    trial.plan().classes().get(i),
                    amount.specks(),
                    amount.mg(),
                    Spike.USUAL_SD_MG,
                    1));
          }
        }
        yield spikes.isEmpty()
            ? Optional.empty()
            : Optional.of(new TrialEdit.Run(contender, sandG, spikes));
      }
      case Turn.Look(TrialRun run) -> {
        List<Found> found = new ArrayList<>();
        List<TrialAsk> asks = of(trial);
        for (int i = 0; i < amounts.size(); i++) {
          AtPort asked = (AtPort) asks.get(i);
          found.add(
              new Found(asked.port(), asked.cut(), amounts.get(i).specks(), amounts.get(i).mg()));
        }
        yield Optional.of(new TrialEdit.Find(run.number(), found));
      }
      case Turn.Over _ -> Optional.empty();
    };
  }
}
