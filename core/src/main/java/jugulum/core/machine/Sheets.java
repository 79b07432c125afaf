package jugulum.core.machine;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.machine.Dial.Unit;
import jugulum.core.machine.Sheet.Sizes;

/**
 * The sheets of the kinds of machine there are. Every usual value, size and remedy is common practice with small shop machines; what a maker
 * says of his own goes before it.
 */
public final class Sheets {
  private static final List<Material> FOUR = List.of(Material.CONCENTRATE, Material.SECOND_CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);
  private static final List<Material> TWO = List.of(Material.CONCENTRATE, Material.TAILINGS);
  private static final Dial WETTING = Dial.of("wetting", Unit.DROPS, 0, 100, 2, 5);
  private static final Symptom FLOATING = Symptom.of("gold-floats", "no-wetting-agent", "dry-feed", "greasy");

  private static final Map<Kind, Sheet> ALL = new EnumMap<>(Kind.class);

  static {
    Stream.of(shakerTable(), vortexBowl(), finishingTable(), matSluice(), fluidBedTrap(), pipeTrap(), stackedTray(), pan(), hopperBowl(), cleanupSluice())
        .forEach(sheet -> ALL.put(sheet.kind(), sheet));
  }

  private Sheets() {}

  /** The sheet of a kind of machine. */
  public static Sheet of(Kind kind) {
    return ALL.get(kind);
  }

  /** A dial by its name, on whichever sheet it stands: a name means the same unit everywhere. */
  public static Optional<Dial> dial(String id) {
    return ALL.values().stream().flatMap(sheet -> sheet.dial(id).stream()).findFirst();
  }

  private static Sheet shakerTable() {
    return new Sheet(
        Kind.SHAKER_TABLE,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 0, 10, 2, 4),
            Dial.of("wash-water", Unit.LITRES_PER_MINUTE, 2, 80, 15, 30),
            Dial.of("stroke", Unit.MILLIMETRES, 3, 30, 10, 15),
            Dial.of("strokes", Unit.PER_MINUTE, 150, 450, 270, 310),
            Dial.of("feed", Unit.KG_PER_HOUR, 1, 200, 15, 25),
            WETTING),
        List.of("bolted", "side-level", "deck-wet", "ports-clear"),
        FOUR,
        new Sizes(0.053, 2.36),
        List.of(
            Symptom.of("heavies-line-low", "too-much-tilt", "too-much-water", "feed-too-fast"),
            Symptom.of("sand-in-concentrate", "too-little-tilt", "too-little-water", "several-sizes"),
            Symptom.of("band-wanders", "loose-bolts", "uneven-feed", "not-level"),
            Symptom.of("dry-stripes", "uneven-water", "greasy"),
            FLOATING),
        List.of("stop-feed", "wash-down", "brush-riffles", "empty-ports"));
  }

  private static Sheet vortexBowl() {
    return new Sheet(
        Kind.VORTEX_BOWL,
        List.of(
            Dial.of("rim", Unit.MILLIMETRES, 0, 40, 3, 6),
            Dial.of("charge", Unit.GRAMS, 10, 3000, 100, 200),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 1, 80, 8, 15),
            WETTING),
        List.of("level", "valve-closed", "charge-at-wall", "riffles-below"),
        TWO,
        new Sizes(0.045, 0.6),
        List.of(
            Symptom.of("fines-climb", "water-too-high", "charge-too-big", "opened-too-fast"),
            Symptom.of("nothing-moves", "water-too-low", "valve-shut"),
            Symptom.of("one-sided", "not-level", "jet-blocked"),
            Symptom.of("sand-stays", "water-too-low", "several-sizes"),
            FLOATING),
        List.of("close-valve", "draw-down", "rinse-centre", "pan-riffles"));
  }

  private static Sheet finishingTable() {
    return new Sheet(
        Kind.FINISHING_TABLE,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 0.2, 5, 1, 2),
            Dial.of("film", Unit.LITRES_PER_MINUTE, 0.1, 10, 0.5, 2),
            Dial.of("spoon", Unit.GRAMS, 1, 100, 5, 15),
            WETTING),
        List.of("surface-clean", "side-level", "film-even"),
        TWO,
        new Sizes(0.032, 0.6),
        List.of(
            Symptom.of("film-breaks", "greasy", "not-level", "no-wetting-agent"),
            Symptom.of("gold-walks-off", "too-much-tilt", "film-too-thick"),
            Symptom.of("sand-piles-up", "too-little-tilt", "charge-too-big", "several-sizes"),
            FLOATING),
        List.of("brush-up", "rinse-gold", "wipe"));
  }

  private static Sheet matSluice() {
    return new Sheet(
        Kind.MAT_SLUICE,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 3, 30, 13, 17),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 5, 400, 40, 80),
            Dial.of("feed", Unit.KG_PER_HOUR, 2, 300, 20, 40),
            WETTING),
        List.of("side-level", "mat-flat", "screened"),
        TWO,
        new Sizes(0.09, 4.75),
        List.of(
            Symptom.of("mat-packs", "too-little-tilt", "too-little-water", "feed-too-fast"),
            Symptom.of("mat-scoured", "too-much-tilt", "too-much-water"),
            Symptom.of("gold-far-down", "too-much-water", "feed-too-fast", "mat-full"),
            FLOATING),
        List.of("stop-feed", "run-clear", "rinse-mat", "pan-rest"));
  }

  private static Sheet fluidBedTrap() {
    return new Sheet(
        Kind.FLUID_BED_TRAP,
        List.of(
            Dial.of("bed-water", Unit.LITRES_PER_MINUTE, 0.5, 80, 5, 15),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 5, 400, 30, 60),
            Dial.of("feed", Unit.KG_PER_HOUR, 2, 200, 20, 30),
            WETTING),
        List.of("level", "bed-loose", "screened"),
        TWO,
        new Sizes(0.09, 4.75),
        List.of(
            Symptom.of("bed-packs", "bed-water-low", "holes-blocked"),
            Symptom.of("bed-boils", "bed-water-high"),
            Symptom.of("gold-in-tailings", "too-much-water", "feed-too-fast", "trap-full"),
            FLOATING),
        List.of("stop-feed", "run-clear", "drain", "pan-rest"));
  }

  private static Sheet pipeTrap() {
    return new Sheet(
        Kind.PIPE_TRAP,
        List.of(
            Dial.of("least-flow", Unit.LITRES_PER_MINUTE, 1, 150, 8, 20),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 2, 300, 16, 40),
            Dial.of("feed", Unit.KG_PER_HOUR, 1, 150, 10, 20),
            WETTING),
        List.of("bend-lowest", "clamps-tight", "trap-empty"),
        TWO,
        new Sizes(0.15, 4.75),
        List.of(
            Symptom.of("sand-stays", "too-little-water", "several-sizes"),
            Symptom.of("gold-in-tailings", "too-much-water", "trap-full"),
            Symptom.of("surges", "air-in-pump", "sump-low"),
            FLOATING),
        List.of("stop-pump", "drain", "open-trap", "pan-rest"));
  }

  private static Sheet stackedTray() {
    return new Sheet(
        Kind.STACKED_TRAY,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 2, 25, 8, 12),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 10, 500, 60, 120),
            Dial.of("feed", Unit.KG_PER_HOUR, 5, 400, 30, 50),
            WETTING),
        List.of("side-level", "trays-seated", "screened"),
        TWO,
        new Sizes(0.106, 6.35),
        List.of(
            Symptom.of("trays-pack", "too-little-tilt", "too-little-water", "feed-too-fast"),
            Symptom.of("gold-far-down", "too-much-water", "feed-too-fast", "mat-full"),
            FLOATING),
        List.of("stop-feed", "run-clear", "lift-trays", "pan-rest"));
  }

  private static Sheet pan() {
    return new Sheet(
        Kind.PAN,
        List.of(Dial.of("charge", Unit.GRAMS, 20, 6000, 300, 1500), WETTING),
        List.of("pan-clean", "tub-below"),
        TWO,
        new Sizes(0.045, 25),
        List.of(
            Symptom.of("gold-over-the-lip", "too-fast", "not-stratified", "charge-too-big"),
            Symptom.of("gold-clings", "look-at-both"),
            FLOATING),
        List.of("look-twice", "draw-up", "pan-tub"));
  }

  private static Sheet hopperBowl() {
    return new Sheet(
        Kind.HOPPER_BOWL,
        List.of(
            Dial.of("rim", Unit.MILLIMETRES, 0, 40, 3, 6),
            Dial.of("feed", Unit.KG_PER_HOUR, 0.2, 40, 2, 6),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 1, 60, 6, 12),
            WETTING),
        List.of("level", "nozzles-clear", "hopper-wet", "riffles-below"),
        TWO,
        new Sizes(0.032, 0.6),
        List.of(
            Symptom.of("fines-climb", "water-too-high", "feed-too-fast"),
            Symptom.of("hopper-bridges", "hopper-dry", "several-sizes"),
            Symptom.of("one-sided", "not-level", "jet-blocked"),
            FLOATING),
        List.of("stop-feed", "close-valve", "draw-down", "rinse-centre", "pan-riffles"));
  }

  private static Sheet cleanupSluice() {
    return new Sheet(
        Kind.CLEANUP_SLUICE,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 1, 15, 5, 8),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 2, 80, 10, 20),
            Dial.of("spoon", Unit.GRAMS, 2, 500, 30, 80),
            WETTING),
        List.of("side-level", "mat-flat", "screened"),
        TWO,
        new Sizes(0.063, 2.36),
        List.of(
            Symptom.of("mat-packs", "too-little-tilt", "too-little-water", "charge-too-big"),
            Symptom.of("mat-scoured", "too-much-tilt", "too-much-water"),
            FLOATING),
        List.of("stop-feed", "run-clear", "rinse-mat", "pan-rest"));
  }
}
