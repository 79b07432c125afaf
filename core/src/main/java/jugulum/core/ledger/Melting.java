package jugulum.core.ledger;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.ledger.MeltFact.Phase;
import jugulum.core.ledger.MeltFact.Stop;

/**
 * One round of melting: sand taken out of a lot, and what became of it crucible by crucible.
 *
 * @param taken what began it
 * @param said what was said of all of it, in the order said
 * @param crucibles in the order first spoken of
 */
public record Melting(MeltFact.Taken taken, Said said, List<Crucible> crucibles) {
  /** Less than that share of the sand taken is left, and no charge. */
  private static final double DUST = 0.02;

  /** Keeps its own copy. */
  public Melting {
    crucibles = List.copyOf(crucibles);
  }

  /**
   * Facts, each with when it was told.
   *
   * @param facts in the order told
   */
  public record Said(List<Dated> facts) {
    /** Keeps its own copy. */
    public Said {
      facts = List.copyOf(facts);
    }

    /**
     * One of them.
     *
     * @param fact what
     * @param at when it was told
     */
    public record Dated(MeltFact fact, Instant at) {}

    private Said and(MeltFact fact, Instant at) {
      return new Said(Stream.concat(facts.stream(), Stream.of(new Dated(fact, at))).toList());
    }

    /** The last of a kind. */
    public <F extends MeltFact> Optional<F> latest(Class<F> kind) {
      return facts.stream()
          .map(Dated::fact)
          .filter(kind::isInstance)
          .map(kind::cast)
          .reduce((_, later) -> later);
    }

    /** Whether somebody said yes to that. */
    public boolean isSure(Stop stop) {
      return facts.stream().map(Dated::fact).anyMatch(new MeltFact.Sure(stop)::equals);
    }

    /** Since when that is on; empty where it did not begin. */
    public Optional<Instant> began(Phase phase) {
      return facts.stream()
          .filter(one -> one.fact().equals(new MeltFact.Begun(phase)))
          .map(Dated::at)
          .reduce((_, later) -> later);
    }
  }

  /**
   * One crucible.
   *
   * @param number among all of the lot, from 1
   * @param said what is known of it
   */
  public record Crucible(int number, Said said) {
    /** What went in; empty while it is only made ready. */
    public Optional<MeltFact.Charged> charged() {
      return said.latest(MeltFact.Charged.class);
    }

    /** The sand in it, in grams; 0 before it is charged. */
    public double sandG() {
      return charged().map(MeltFact.Charged::sandG).orElse(0.0);
    }

    /** The button, in grams. */
    public OptionalDouble buttonG() {
      return some(said.latest(MeltFact.Button.class).map(MeltFact.Button::grams));
    }

    /** The bead, in milligrams. */
    public OptionalDouble beadMg() {
      return some(said.latest(MeltFact.Bead.class).map(MeltFact.Bead::milligrams));
    }

    /** Fine gold parted out of it, in milligrams. */
    public OptionalDouble partedMg() {
      return some(said.latest(MeltFact.Parted.class).map(MeltFact.Parted::goldMg));
    }

    /** Why it was lost; empty where it was not. */
    public Optional<String> spoilt() {
      return said.latest(MeltFact.Spoilt.class).map(MeltFact.Spoilt::reason);
    }

    /** Whether nothing more is to be done with it. */
    public boolean isOver() {
      return beadMg().isPresent() || spoilt().isPresent();
    }
  }

  private static OptionalDouble some(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  /** The rounds of a lot, in the order begun; what is struck or doubted does not count. */
  public static List<Melting> of(Lot lot) {
    List<Melting> rounds = new ArrayList<>();
    for (Reading reading : lot.readings()) {
      if (reading.isLive() && reading.measure() instanceof Measure.Melt melt) {
        if (melt.fact() instanceof MeltFact.Taken taken) {
          rounds.add(new Melting(taken, new Said(List.of()), List.of()));
        } else if (!rounds.isEmpty()) {
          int round = round(rounds, melt.crucible());
          rounds.set(round, rounds.get(round).with(melt, reading.at()));
        }
      }
    }
    return List.copyOf(rounds);
  }

  /** What comes late, as a parted bead, belongs to the round of its crucible. */
  private static int round(List<Melting> rounds, int crucible) {
    for (int i = 0; i < rounds.size(); i++) {
      if (rounds.get(i).crucible(crucible).isPresent()) {
        return i;
      }
    }
    return rounds.size() - 1;
  }

  /** The round that is not over; empty where nothing is being melted. */
  public static Optional<Melting> open(Lot lot) {
    return of(lot).stream().reduce((_, later) -> later).filter(last -> !last.isOver());
  }

  private Melting with(Measure.Melt melt, Instant at) {
    if (!melt.fact().isOfOneCrucible()) {
      return new Melting(taken, said.and(melt.fact(), at), crucibles);
    }
    List<Crucible> changed = new ArrayList<>(crucibles);
    if (crucible(melt.crucible()).isEmpty()) {
      changed.add(new Crucible(melt.crucible(), new Said(List.of())));
    }
    changed.replaceAll(
        one ->
            one.number() == melt.crucible()
                ? new Crucible(one.number(), one.said().and(melt.fact(), at))
                : one);
    return new Melting(taken, said, changed);
  }

  /** The crucible of that number. */
  public Optional<Crucible> crucible(int number) {
    return crucibles.stream().filter(one -> one.number() == number).findFirst();
  }

  /** What the collector alone leaves, in milligrams. */
  public OptionalDouble blankMg() {
    return some(said.latest(MeltFact.Blank.class).map(MeltFact.Blank::milligrams));
  }

  /** What all of it cost, in the shop's currency. */
  public OptionalDouble cost() {
    return some(said.latest(MeltFact.Cost.class).map(MeltFact.Cost::money));
  }

  /** Whether somebody said that no more is melted of it. */
  public boolean hasEnded() {
    return said.latest(MeltFact.Ended.class).isPresent();
  }

  /** The sand there is to melt: as it came out of the roast, in grams. */
  public double thereG() {
    return taken.sampleG() / dryPerMelted();
  }

  /** Grams of dry sand in a gram of what goes into a crucible: 1 where it was not roasted. */
  public double dryPerMelted() {
    return said.latest(MeltFact.Roasted.class).map(one -> one.beforeG() / one.afterG()).orElse(1.0);
  }

  /** The sand that is in no crucible yet, in grams, 0 or more. */
  public double leftG() {
    double charged = crucibles.stream().mapToDouble(Crucible::sandG).sum();
    return Math.max(0, thereG() - charged);
  }

  /** Whether more can be charged. */
  public boolean isMoreToCharge() {
    return !hasEnded() && leftG() > DUST * thereG();
  }

  /** Whether every crucible is over and no more are to come. */
  public boolean isOver() {
    return !isMoreToCharge() && crucibles.stream().allMatch(Crucible::isOver);
  }

  /** The number the next crucible of a lot has, from 1; the last one there is goes on being it. */
  public static int next(Lot lot) {
    int last =
        of(lot).stream()
            .flatMap(round -> round.crucibles().stream())
            .mapToInt(Crucible::number)
            .max()
            .orElse(0);
    return Math.min(last + 1, Measure.Melt.MOST_CRUCIBLES);
  }
}
