package jugulum.core.trial;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.ledger.Struck;
import jugulum.core.screens.Cut;

/**
 * One run of a trial.
 *
 * @param number its number in the trial, from 1
 * @param contender which, from 0
 * @param sandG the sand it was run with, in grams, above 0
 * @param spikes what was put in, a size class each; empty for a blank run, which tells the sand's
 *     own gold
 * @param found what was found again; empty before anybody looked
 * @param of the run of a batch it is as well, where its sand is that of a batch
 * @param at when it was begun
 * @param struck that it does not count, and why
 */
public record TrialRun(
    int number,
    int contender,
    double sandG,
    List<Spike> spikes,
    List<Found> found,
    Optional<RunOf> of,
    Instant at,
    Optional<Struck> struck) {
  /** Checks the numbers and keeps its own copies. */
  public TrialRun {
    Check.inRange("number", number, 1, 1e6);
    Check.inRange("contender", contender, 0, 1000);
    Check.inRange("sandG", sandG, 0.1, Check.HEAVIEST_G);
    spikes = List.copyOf(spikes);
    found = List.copyOf(found);
  }

  /** Whether nothing was put in. */
  public boolean isBlank() {
    return spikes.isEmpty();
  }

  /** Whether it counts. */
  public boolean isLive() {
    return struck.isEmpty();
  }

  /** Whether somebody looked what came out. */
  public boolean isDone() {
    return !found.isEmpty();
  }

  /** The spike of a size class; empty where none of it was put in. */
  public Optional<Spike> spike(Cut cut) {
    return spikes.stream().filter(spike -> spike.cut().isSameSizes(cut)).findFirst();
  }

  private Stream<Found> found(Cut cut) {
    return found.stream().filter(one -> one.cut().isSameSizes(cut));
  }

  /** Whether somebody looked for that size class. */
  boolean isDone(Cut cut) {
    return found(cut).findAny().isPresent();
  }

  /** Whether all that was put in and found of a size class was counted. */
  boolean isCounted(Cut cut) {
    return spike(cut).stream().allMatch(spike -> spike.specks().isPresent())
        && found(cut).allMatch(one -> one.specks().isPresent());
  }

  /** Whether all that was put in and found of a size class was weighed. */
  boolean isWeighed(Cut cut) {
    return spike(cut).stream().allMatch(spike -> spike.mg().isPresent())
        && found(cut)
            .allMatch(one -> one.mg().isPresent() || one.specks().equals(OptionalInt.of(0)));
  }

  /** Specks of a size class that came out where the machine keeps gold. */
  int won(Cut cut) {
    return at(cut, true).mapToInt(one -> one.specks().orElse(0)).sum();
  }

  /**
   * Specks that came out where it lets them go. Where nobody looked there, all that was not won
   * counts so: it is known what went in.
   */
  int lost(Cut cut) {
    return looksAtWhatIsLost(cut)
        ? at(cut, false).mapToInt(one -> one.specks().orElse(0)).sum()
        : Math.max(0, spike(cut).map(spike -> spike.specks().orElse(0)).orElse(0) - won(cut));
  }

  /** What was won, in milligrams. */
  double wonMg(Cut cut) {
    return at(cut, true).mapToDouble(one -> one.mg().orElse(0)).sum();
  }

  /** What was let go, in milligrams, by the same rule. */
  double lostMg(Cut cut) {
    return looksAtWhatIsLost(cut)
        ? at(cut, false).mapToDouble(one -> one.mg().orElse(0)).sum()
        : Math.max(0, spike(cut).map(spike -> spike.pure().mg()).orElse(0.0) - wonMg(cut));
  }

  private boolean looksAtWhatIsLost(Cut cut) {
    return at(cut, false).findAny().isPresent();
  }

  private Stream<Found> at(Cut cut, boolean won) {
    return found(cut).filter(one -> one.isWon() == won);
  }

  TrialRun with(List<Found> now) {
    return new TrialRun(number, contender, sandG, spikes, now, of, at, struck);
  }

  TrialRun struck(Struck why) {
    return new TrialRun(number, contender, sandG, spikes, found, of, at, Optional.of(why));
  }
}
