package jugulum.core.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.FinishFact.Act;
import jugulum.core.ledger.FinishFact.Tool;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.screens.Cut;

/**
 * How far the finishing of a concentrate is.
 *
 * @param tool what it is finished on; empty where nobody said
 * @param did what was done of the turn in hand
 * @param lifted the last lift of the turn in hand
 * @param lifts every last lift, in order
 * @param turns every turn that is over, in order
 * @param isBegun whether a turn is in hand
 * @param isOver whether somebody said that no more turns come
 */
public record Finishing(
    Optional<Tool> tool,
    List<Act> did,
    Optional<FinishFact.Lift> lifted,
    List<FinishFact.Lift> lifts,
    List<FinishFact.Turn> turns,
    boolean isBegun,
    boolean isOver) {
  /** Keeps its own copies. */
  public Finishing {
    did = List.copyOf(did);
    lifts = List.copyOf(lifts);
    turns = List.copyOf(turns);
  }

  /** As it was recorded; what is struck does not count. */
  public static Finishing of(Step step) {
    Optional<Tool> tool = Optional.empty();
    List<Act> did = new ArrayList<>();
    Optional<FinishFact.Lift> lifted = Optional.empty();
    List<FinishFact.Lift> lifts = new ArrayList<>();
    List<FinishFact.Turn> turns = new ArrayList<>();
    boolean isBegun = false;
    boolean isOver = false;
    for (FinishFact fact : facts(step)) {
      switch (fact) {
        case FinishFact.On(Tool told) -> {
          tool = Optional.of(told);
          did.clear();
          isBegun = true;
          isOver = false;
        }
        case FinishFact.Did(Act act) -> {
          did.add(act);
          isBegun = true;
        }
        case FinishFact.Lift lift -> {
          lifted = Optional.of(lift);
          lifts.add(lift);
        }
        case FinishFact.Turn turn -> {
          turns.add(turn);
          did.clear();
          lifted = Optional.empty();
          isBegun = false;
        }
        case FinishFact.Over _ -> isOver = true;
      }
    }
    return new Finishing(tool, did, lifted, lifts, turns, isBegun, isOver);
  }

  private static List<FinishFact> facts(Step step) {
    return step.live(Measure.Finish.class)
        .map(reading -> ((Measure.Finish) reading.measure()).fact())
        .toList();
  }

  /** Whether somebody is led through it, and it goes on. */
  public boolean isLed() {
    return !isOver && tool.filter(one -> one != Tool.BY_HAND).isPresent();
  }

  /** What comes next of the turn in hand; empty where all of it was done. */
  public Optional<Act> next() {
    return tool.flatMap(one -> Act.of(one).stream().filter(act -> !did.contains(act)).findFirst());
  }

  /** Whether the turn in hand waits for its last lift. */
  public boolean isToLift() {
    return next().isEmpty() && tool.equals(Optional.of(Tool.BOWL)) && lifted.isEmpty();
  }

  /**
   * How long the next last lift of a step should be, in seconds: by its own and those before it of
   * the same cut in its batch, whose gold is alike.
   */
  public static double liftSeconds(Network network, Step step) {
    Cut cut = network.cutInto(step);
    return LiftTime.after(
        network.steps().stream()
            .filter(one -> one.process() instanceof Process.Finishing)
            .filter(one -> !one.startedAt().isAfter(step.startedAt()))
            .filter(one -> network.cutInto(one).equals(cut))
            .flatMap(one -> of(one).lifts().stream())
            .toList());
  }
}
