package jugulum.core.machine;

import java.util.List;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.machine.Dial.Unit;
import jugulum.core.machine.Sheet.Sizes;
import jugulum.core.machine.Working.Sorts;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.window.Sorting;

/**
 * The sheets of magnets and of what feeds them. What {@link Sheet#expected} tells of them is the
 * share of the gold that stays in the sand. All of it common practice, wide.
 */
final class SeparatorSheets {
  private static final List<Material> TWO = List.of(Material.NON_MAGNETICS, Material.MAGNETICS);

  /** What counts is the distance at which this sand jumps, not the force written on a magnet. */
  private static final Dial REACH = Dial.free("magnet-reach", Unit.MILLIMETRES, 0.5, 200);

  private static final Dial GAP = Dial.of("magnet-gap", Unit.MILLIMETRES, 0.5, 100, 3, 20);
  private static final Dial LAYER = Dial.of("sand-layer", Unit.GRAINS, 0.5, 30, 1, 3);
  private static final Dial VOLTS = Dial.free("motor-volts", Unit.VOLTS, 0.5, 60);
  private static final Dial TURNS = Dial.free("drum-turns", Unit.PER_MINUTE, 1, 600);
  private static final Dial WATTS = Dial.free("motor-watts", Unit.WATTS, 0.5, 5000);
  private static final Dial FEED = Dial.of("feed", Unit.KG_PER_HOUR, 0.5, 200, 10, 40);

  /** A magnet in the hand is fed as fast as hands lift: common practice. */
  private static final Dial BY_HAND = Dial.of("feed", Unit.KG_PER_HOUR, 0.5, 200, 4, 15);

  private static final Symptom PALE =
      Symptom.of("pale-in-heap", "halve-feed", "wider-gap", "dry-it");
  private static final Symptom BLACK = Symptom.of("black-left", "closer", "thinner", "slower");
  private static final Symptom SURGES = Symptom.of("feed-surges", "hopper-third", "volts-sag");
  private static final Symptom STOPS =
      Symptom.of("feed-stops", "dry-it", "oversize-in", "volts-sag");
  private static final Band STAYS = new Band(0.60, 0.97, 0.995);
  private static final Sizes FINE = new Sizes(0.03, 2.36);

  private SeparatorSheets() {}

  static Stream<Sheet> all() {
    return Stream.of(
        byHand(Kind.HAND_MAGNET, "lets-go"),
        byHand(Kind.COVERED_MAGNET, "cover-clean"),
        byHand(Kind.LIFTING_MAGNET, "cover-clean"),
        drum(),
        secondStage(),
        feeder());
  }

  private static Sheet byHand(Kind kind, String own) {
    return new Sheet(
        kind,
        List.of(REACH, GAP, LAYER, BY_HAND),
        List.of("tramp-out", "dry-or-wet", "spread-thin", own),
        TWO,
        FINE,
        List.of(PALE, BLACK),
        List.of("wipe-magnet", "drop-again"),
        List.of("magnets", "dry-sand"),
        STAYS,
        Working.of(kind, Sorting.FREE, 2, Hands.ALL).dry(Sorts.BY_MAGNET));
  }

  private static Sheet drum() {
    return new Sheet(
        Kind.DRUM_SEPARATOR,
        List.of(VOLTS, TURNS, FEED, LAYER, GAP, REACH, WATTS),
        List.of("bone-dry", "one-size", "tramp-out", "feeder-covered", "curtain-even"),
        TWO,
        FINE,
        List.of(PALE, BLACK, SURGES, STOPS),
        List.of("stop-feed", "run-empty", "wipe-magnet", "drop-again"),
        List.of("magnets", "dry-sand", "mains"),
        STAYS,
        Working.of(Kind.DRUM_SEPARATOR, Sorting.FREE, 10, Hands.INTERVALS).dry(Sorts.BY_MAGNET));
  }

  private static Sheet secondStage() {
    return new Sheet(
        Kind.SECOND_STAGE,
        List.of(GAP, FEED, LAYER, REACH),
        List.of("bone-dry", "one-size", "first-stage-done", "feeder-covered"),
        TWO,
        FINE,
        List.of(PALE, BLACK),
        List.of("stop-feed", "run-empty", "wipe-magnet", "heap-first"),
        List.of("magnets", "dry-sand", "mains"),
        STAYS,
        Working.of(Kind.SECOND_STAGE, Sorting.FREE, 5, Hands.INTERVALS).dry(Sorts.BY_MAGNET));
  }

  private static Sheet feeder() {
    return new Sheet(
        Kind.FEEDER,
        List.of(VOLTS, TURNS, FEED, LAYER, WATTS),
        List.of("bone-dry", "one-size", "feeder-covered", "hopper-a-third"),
        List.of(),
        FINE,
        List.of(SURGES, STOPS),
        List.of("stop-feed", "run-empty"),
        List.of("dry-sand", "mains"),
        new Band(1, 1, 1),
        Working.of(Kind.FEEDER, Sorting.FREE, 5, Hands.INTERVALS).dry(Sorts.NOTHING));
  }
}
