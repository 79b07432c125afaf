package jugulum.core.smelt;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.MeltFact.Phase;
import jugulum.core.ledger.Melting;
import jugulum.core.machine.Due;

/**
 * Something of a melt that takes its time, while it does.
 *
 * @param crucible whose, from 1; 0 for all the sand taken
 * @param phase what
 * @param began since when
 */
public record MeltTimer(int crucible, Phase phase, Instant began) {
  /** All that is on of a lot. */
  public static List<MeltTimer> of(Lot lot) {
    return Melting.open(lot).stream()
        .flatMap(
            round ->
                Stream.concat(
                    ofRoast(round).stream(),
                    round.crucibles().stream().flatMap(one -> of(one).stream())))
        .toList();
  }

  /** The roast, until what came out of it was weighed. */
  public static Optional<MeltTimer> ofRoast(Melting round) {
    return round.said().latest(MeltFact.Roasted.class).isPresent() || !round.crucibles().isEmpty()
        ? Optional.empty()
        : of(0, round.said(), Phase.ROAST);
  }

  /** What is on of a crucible: the last that began, until what comes of it was weighed. */
  public static Optional<MeltTimer> of(Melting.Crucible one) {
    if (one.isOver()) {
      return Optional.empty();
    }
    return of(one.number(), one.said(), Phase.CUPEL)
        .or(() -> of(one.number(), one.said(), Phase.COOL).filter(_ -> hasButtonToCome(one)))
        .or(
            () ->
                of(one.number(), one.said(), Phase.MELT)
                    .filter(_ -> one.said().began(Phase.COOL).isEmpty()));
  }

  /** Without a collector there is none. */
  private static boolean hasButtonToCome(Melting.Crucible one) {
    return one.buttonG().isEmpty()
        && one.charged().filter(in -> in.collector() != Collector.NONE).isPresent();
  }

  private static Optional<MeltTimer> of(int crucible, Melting.Said said, Phase phase) {
    return said.began(phase).map(at -> new MeltTimer(crucible, phase, at));
  }

  /** What is asked for then, and when; usually: an eye decides, not the clock. */
  public Due due() {
    Due.What what =
        switch (phase) {
          case ROAST -> Due.What.ROASTED;
          case MELT -> Due.What.POUR;
          case COOL -> Due.What.BREAK;
          case CUPEL -> Due.What.BEAD;
        };
    return new Due(what, began.plus(minutes()));
  }

  /** How long it usually takes. */
  public Duration minutes() {
    return Duration.ofMinutes(Math.round(Minutes.of(phase).usual()));
  }
}
