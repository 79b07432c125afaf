package jugulum.practice.drill;

import java.util.Optional;
import jugulum.core.check.Check;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.sand.FeedSand;

/**
 * Something to train on.
 *
 * @param id its name in texts and files, lower case with hyphens
 * @param symptom what of the machine's sheet it shows, by the name there; empty for none
 * @param sand what it is run with
 * @param limitS how long it may take, in s, 10 to 3600
 * @param most the share of the gold that may be lost, 0 to 1
 * @param rig what it is run on
 */
public record Drill(
    String id, Optional<String> symptom, FeedSand sand, double limitS, double most, Rig rig) {
  /** Checks the limits. */
  public Drill {
    Check.inRange("limitS", limitS, 10, 3600);
    Check.share("most", most);
  }

  /** The same with other sand. */
  public Drill with(FeedSand other) {
    return new Drill(id, symptom, other, limitS, most, rig);
  }

  /** What a drill is run on. */
  public sealed interface Rig {}

  /**
   * A vortex bowl: nine tenths of the sand are to go over its lip, and no gold.
   *
   * @param totalG how much sand there is, in g, 1 to 100000
   * @param chargeG how much of it goes in at once, in g, 1 to all of it
   * @param begin how the bowl stands as it begins; what leans there is not told
   * @param isCharged whether all of it lies in the bowl already
   * @param ageing the share of its flow the pump loses in a minute, 0 to 1
   * @param isBlind whether the reading of the valve is hidden: sound and level tell
   */
  public record OnBowl(
      double totalG,
      double chargeG,
      BowlControls begin,
      boolean isCharged,
      double ageing,
      boolean isBlind)
      implements Rig {
    /** Checks every value. */
    public OnBowl {
      Check.inRange("totalG", totalG, 1, 100_000);
      Check.inRange("chargeG", chargeG, 1, totalG);
      Check.share("ageing", ageing);
    }
  }

  /**
   * A shaker table: the gold is to come by the first port, and no sand.
   *
   * @param begin how the deck stands as it begins
   */
  public record OnDeck(DeckControls begin) implements Rig {}

  /**
   * A magnet over a pan: the magnetite is to be carried away, and no gold.
   *
   * @param heapG the magnetite, in g, 1 to 10000
   * @param trapped the share of the gold below that a lift traps, 0 to 1
   * @param freed the share of what is trapped that a drop frees, 0 to 1
   */
  public record OnPan(double heapG, double trapped, double freed) implements Rig {
    /** Checks the shares. */
    public OnPan {
      Check.inRange("heapG", heapG, 1, 10_000);
      Check.share("trapped", trapped);
      Check.share("freed", freed);
    }
  }
}
