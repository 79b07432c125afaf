package jugulum.core.machine;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.machine.Dial.Lean;
import jugulum.core.machine.Dial.Unit;
import jugulum.core.machine.Sheet.Sizes;
import jugulum.core.machine.Working.Law;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Water;
import jugulum.core.window.Sorting;

/**
 * The sheets of the kinds of machine there are. Every usual value, size and remedy is common
 * practice with small shop machines, and a range; what a maker says of his own goes before it.
 */
public final class Sheets {
  private static final List<Material> FOUR =
      List.of(
          Material.CONCENTRATE, Material.SECOND_CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);
  private static final List<Material> TWO = List.of(Material.CONCENTRATE, Material.TAILINGS);
  private static final Dial WETTING = Dial.of("wetting", Unit.DROPS, 0, 100, 2, 5);
  private static final Dial LOOK = Dial.of("look-every", Unit.MINUTES, 1, 600, 10, 20);
  private static final Symptom OVERLOADED =
      Symptom.of("level-sinks", "overloaded", "charge-too-big");
  private static final Symptom FLOATING =
      Symptom.of("gold-floats", "no-wetting-agent", "dry-feed", "greasy");

  private static final Symptom FLOW_FALLS = Symptom.of("flow-falls", "filter-blocked", "volts-sag");
  private static final Symptom ONE_SIDE =
      Symptom.of("sand-one-side", "not-level", "feed-off-centre", "header-blocked");
  private static final Symptom FLAKES_RIDE =
      Symptom.of(
          "flakes-ride",
          "magnet-first",
          "no-wetting-agent",
          "shake-longer",
          "draw-off-top",
          "several-sizes");

  private static final Map<Kind, Sheet> ALL = new EnumMap<>(Kind.class);

  static {
    Stream.of(
            shakerTable(),
            vortexBowl(),
            finishingTable(),
            matSluice(),
            fluidBedTrap(),
            pipeTrap(),
            stackedTray(),
            hopperBowl(),
            cleanupSluice(),
            riffleSluice())
        .forEach(sheet -> ALL.put(sheet.kind(), sheet));
    SeparatorSheets.all().forEach(sheet -> ALL.put(sheet.kind(), sheet));
    Stream.of(
            pan(Kind.PAN, 25),
            pan(Kind.RIFFLED_PAN, 25, "riffles-away"),
            pan(Kind.FLAT_PAN, 2.36, "floor-rough"),
            pan(Kind.CONICAL_PAN, 12.5, "turn-slowly"))
        .forEach(sheet -> ALL.put(sheet.kind(), sheet));
  }

  private Sheets() {}

  /**
   * What to change first when the tailings show gold, then the look that tells whether it helped.
   */
  private static Symptom losing(String... causes) {
    return new Symptom(
        "gold-in-tailings", Stream.concat(Stream.of(causes), Stream.of("look-again")).toList());
  }

  /** The sheet of a kind of machine. */
  public static Sheet of(Kind kind) {
    return Check.known(ALL, kind);
  }

  /** Those of every kind that is not parted into forms, in the order of the kinds. */
  public static Stream<Sheet> withoutForms() {
    return ALL.values().stream()
        .filter(
            sheet ->
                ALL.values().stream()
                    .noneMatch(
                        other ->
                            other.kind() != sheet.kind()
                                && other.working().formOf() == sheet.kind()));
  }

  /**
   * Of those, the ones that sort by weight: what a plan, a route and a ranking of machines know.
   */
  public static Stream<Sheet> byWeight() {
    return withoutForms().filter(sheet -> sheet.working().sorts() == Working.Sorts.BY_WEIGHT);
  }

  /** A dial by its name, on whichever sheet it stands: a name means the same unit everywhere. */
  public static Optional<Dial> dial(String id) {
    return ALL.values().stream().flatMap(sheet -> sheet.dial(id).stream()).findFirst();
  }

  private static Sheet shakerTable() {
    return new Sheet(
        Kind.SHAKER_TABLE,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 0, 10, 2, 4).leaning(Lean.MORE_WHEN_COARSER),
            Dial.of("wash-water", Unit.LITRES_PER_MINUTE, 2, 80, 15, 30)
                .leaning(Lean.MORE_WHEN_COARSER),
            Dial.free("trough-water", Unit.LITRES_PER_MINUTE, 0.5, 60),
            Dial.of("stroke", Unit.MILLIMETRES, 3, 30, 10, 15).leaning(Lean.MORE_WHEN_COARSER),
            Dial.of("strokes", Unit.PER_MINUTE, 150, 450, 270, 310).leaning(Lean.LESS_WHEN_COARSER),
            Dial.of("feed", Unit.KG_PER_HOUR, 1, 200, 10, 30),
            LOOK,
            WETTING),
        List.of("bolted", "side-level", "one-size", "deck-wet", "ports-clear"),
        FOUR,
        new Sizes(0.05, 2.36),
        List.of(
            losing("too-much-water", "too-much-tilt", "feed-too-fast"),
            Symptom.of("heavies-line-low", "too-much-tilt", "too-much-water", "feed-too-fast"),
            Symptom.of(
                "sand-in-concentrate", "too-little-tilt", "too-little-water", "several-sizes"),
            Symptom.of(
                "band-wanders",
                "uneven-feed",
                "loose-bolts",
                "volts-sag",
                "filter-blocked",
                "sand-changed"),
            Symptom.of("dry-stripes", "uneven-water", "greasy"),
            Symptom.of(
                "jumps-groove", "several-sizes", "long-stroke", "too-much-tilt", "groove-full"),
            FLOW_FALLS,
            FLOATING),
        List.of("stop-feed", "wash-down", "brush-riffles", "empty-ports"),
        List.of("moving-deck", "mains", "wet-floor"),
        new Band(0.60, 0.80, 0.95),
        Working.of(Kind.SHAKER_TABLE, Sorting.HINDERED, 20, Hands.INTERVALS).by(Law.DECK).usual());
  }

  private static Sheet vortexBowl() {
    return new Sheet(
        Kind.VORTEX_BOWL,
        List.of(
            Dial.of("rim", Unit.MILLIMETRES, 0, 40, 3, 6).leaning(Lean.LESS_WHEN_COARSER),
            Dial.of("charge", Unit.GRAMS, 10, 3000, 100, 200),
            Dial.of("charge-time", Unit.MINUTES, 0.5, 600, 4, 8),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 1, 80, 8, 15).leaning(Lean.MORE_WHEN_COARSER),
            LOOK,
            WETTING),
        List.of(
            "level",
            "valve-closed",
            "charge-at-wall",
            "charge-running",
            "next-when-clear",
            "riffles-below"),
        TWO,
        new Sizes(0.045, 0.6),
        List.of(
            losing("water-too-high", "opened-too-fast", "charge-too-big"),
            OVERLOADED,
            Symptom.of("fines-climb", "water-too-high", "charge-too-big", "opened-too-fast"),
            Symptom.of("nothing-moves", "water-too-low", "valve-shut"),
            Symptom.of("one-sided", "not-level", "jet-blocked"),
            Symptom.of("sand-stays", "not-run-long-enough", "water-too-low", "several-sizes"),
            FLOW_FALLS,
            FLOATING),
        List.of("close-valve", "draw-down", "rinse-wall", "pan-riffles"),
        List.of("mains", "wet-floor"),
        new Band(0.50, 0.75, 0.95),
        Working.of(Kind.VORTEX_BOWL, Sorting.FREE, 10, Hands.INTERVALS)
            .catching(Material.SAFETY_CATCH)
            .by(Law.BOWL)
            .usual());
  }

  private static Sheet finishingTable() {
    return new Sheet(
        Kind.FINISHING_TABLE,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 0.2, 5, 1, 2),
            Dial.of("film", Unit.LITRES_PER_MINUTE, 0.1, 10, 0.5, 2)
                .leaning(Lean.MORE_WHEN_COARSER),
            Dial.of("spoon", Unit.GRAMS, 1, 100, 10, 60),
            LOOK,
            WETTING),
        List.of("surface-clean", "side-level", "film-even"),
        TWO,
        new Sizes(0.032, 0.6),
        List.of(
            losing("film-too-thick", "too-much-tilt", "charge-too-big"),
            Symptom.of("film-breaks", "greasy", "not-level", "no-wetting-agent"),
            Symptom.of("gold-walks-off", "too-much-tilt", "film-too-thick"),
            Symptom.of("sand-piles-up", "too-little-tilt", "charge-too-big", "several-sizes"),
            Symptom.of("gold-creeps", "draw-up-first", "smaller-spoons"),
            ONE_SIDE,
            FLOW_FALLS,
            FLOATING),
        List.of("brush-up", "rinse-gold", "wipe"),
        List.of("mains", "detergent"),
        new Band(0.60, 0.85, 0.98),
        Working.of(Kind.FINISHING_TABLE, Sorting.HINDERED, 10, Hands.ALL)
            .water(Water.WANTS_CLEAR)
            .usual());
  }

  private static Sheet matSluice() {
    return new Sheet(
        Kind.MAT_SLUICE,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 3, 30, 13, 17),
            Dial.of("flow-by-width", Unit.LITRES_PER_MINUTE_WIDE, 2, 100, 12, 30)
                .leaning(Lean.MORE_WHEN_COARSER),
            Dial.free("flow", Unit.LITRES_PER_MINUTE, 5, 400),
            Dial.of("feed", Unit.KG_PER_HOUR, 2, 300, 20, 40),
            LOOK,
            WETTING),
        List.of("side-level", "mat-flat", "screened"),
        TWO,
        new Sizes(0.09, 4.75),
        List.of(
            losing("too-much-water", "feed-too-fast", "mat-full"),
            Symptom.of("mat-packs", "too-little-tilt", "too-little-water", "feed-too-fast"),
            Symptom.of("mat-scoured", "too-much-tilt", "too-much-water"),
            Symptom.of("gold-far-down", "too-much-water", "feed-too-fast", "mat-full"),
            ONE_SIDE,
            FLOW_FALLS,
            FLOATING),
        List.of("stop-feed", "run-clear", "rinse-mat", "thirds-apart", "pan-rest"),
        List.of("mains", "silt", "lifting"),
        new Band(0.40, 0.65, 0.90),
        Working.of(Kind.MAT_SLUICE, Sorting.HINDERED, 15, Hands.ALL));
  }

  private static Sheet fluidBedTrap() {
    return new Sheet(
        Kind.FLUID_BED_TRAP,
        List.of(
            Dial.of("bed-water", Unit.LITRES_PER_MINUTE, 0.5, 80, 5, 15)
                .leaning(Lean.MORE_WHEN_COARSER),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 5, 400, 30, 60).leaning(Lean.MORE_WHEN_COARSER),
            Dial.of("feed", Unit.KG_PER_HOUR, 2, 200, 20, 30),
            LOOK,
            WETTING),
        List.of("level", "bed-loose", "screened"),
        TWO,
        new Sizes(0.09, 4.75),
        List.of(
            Symptom.of("bed-packs", "bed-water-low", "holes-blocked"),
            Symptom.of("bed-boils", "bed-water-high"),
            losing("too-much-water", "feed-too-fast", "trap-full"),
            FLOW_FALLS,
            FLOATING),
        List.of("stop-feed", "run-clear", "drain", "pan-rest"),
        List.of("mains", "silt", "lifting"),
        new Band(0.40, 0.65, 0.90),
        Working.of(Kind.FLUID_BED_TRAP, Sorting.FREE, 15, Hands.INTERVALS));
  }

  private static Sheet pipeTrap() {
    return new Sheet(
        Kind.PIPE_TRAP,
        List.of(
            Dial.free("least-flow", Unit.LITRES_PER_MINUTE, 1, 150),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 2, 300, 16, 45).leaning(Lean.MORE_WHEN_COARSER),
            Dial.of("feed", Unit.KG_PER_HOUR, 1, 150, 10, 20),
            LOOK,
            WETTING),
        List.of("bend-lowest", "clamps-tight", "trap-empty"),
        TWO,
        new Sizes(0.106, 4.75),
        List.of(
            Symptom.of("sand-stays", "too-little-water", "several-sizes"),
            losing("too-much-water", "trap-full", "finer-than-it-holds"),
            Symptom.of("surges", "air-in-pump", "sump-low"),
            FLOW_FALLS,
            FLOATING),
        List.of("stop-pump", "drain", "open-trap", "pan-rest"),
        List.of("mains", "pressure", "silt"),
        new Band(0.30, 0.65, 0.95),
        Working.of(Kind.PIPE_TRAP, Sorting.FREE, 15, Hands.INTERVALS));
  }

  private static Sheet stackedTray() {
    return new Sheet(
        Kind.STACKED_TRAY,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 2, 25, 8, 12),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 10, 500, 60, 120)
                .leaning(Lean.MORE_WHEN_COARSER),
            Dial.of("feed", Unit.KG_PER_HOUR, 5, 400, 30, 50),
            LOOK,
            WETTING),
        List.of("side-level", "trays-seated", "screened"),
        TWO,
        new Sizes(0.106, 6.35),
        List.of(
            losing("too-much-water", "feed-too-fast", "mat-full"),
            Symptom.of("trays-pack", "too-little-tilt", "too-little-water", "feed-too-fast"),
            Symptom.of("gold-far-down", "too-much-water", "feed-too-fast", "mat-full"),
            ONE_SIDE,
            FLOW_FALLS,
            FLOATING),
        List.of("stop-feed", "run-clear", "lift-trays", "pan-rest"),
        List.of("mains", "silt", "lifting"),
        new Band(0.40, 0.65, 0.90),
        Working.of(Kind.STACKED_TRAY, Sorting.HINDERED, 15, Hands.INTERVALS));
  }

  /** The pans differ in what holds the gold: riffles, a flat floor, or the point of a cone. */
  private static Sheet pan(Kind form, double coarsestMm, String... ownChecks) {
    List<String> checks =
        Stream.concat(Stream.of("pan-clean", "tub-below"), Stream.of(ownChecks)).toList();
    return new Sheet(
        form,
        List.of(Dial.of("charge", Unit.GRAMS, 20, 6000, 300, 1500), WETTING),
        checks,
        TWO,
        new Sizes(0.045, coarsestMm),
        Stream.concat(
                Stream.of(losing("too-fast", "not-stratified", "charge-too-big")),
                Stream.concat(ofPans(form), Stream.of(FLAKES_RIDE, FLOATING)))
            .toList(),
        Stream.concat(clearing(form), Stream.of("draw-up", "pan-tub")).toList(),
        List.of("lifting", "mercury"),
        new Band(0.60, 0.85, 0.98),
        panned(form));
  }

  private static Working panned(Kind form) {
    Working pan = Working.of(form, Sorting.FREE, 2, Hands.ALL).water(Water.LEAVES).formOf(Kind.PAN);
    return form == Kind.RIFFLED_PAN ? pan.usual() : pan;
  }

  private static Stream<Symptom> ofPans(Kind form) {
    Symptom over = Symptom.of("gold-over-the-lip", "too-fast", "not-stratified", "charge-too-big");
    Symptom clings = Symptom.of("gold-clings", "look-at-both");
    return switch (form) {
      case RIFFLED_PAN ->
          Stream.of(over, Symptom.of("riffles-packed", "not-stratified", "charge-too-big"), clings);
      case FLAT_PAN ->
          Stream.of(over, clings, Symptom.of("sand-slides", "too-fast", "charge-too-big"));
      case CONICAL_PAN ->
          Stream.of(Symptom.of("gold-beside-the-point", "not-level", "not-stratified"), over);
      default -> Stream.of(over, clings);
    };
  }

  private static Stream<String> clearing(Kind form) {
    return switch (form) {
      case RIFFLED_PAN -> Stream.of("flush-riffles", "look-twice");
      case CONICAL_PAN -> Stream.of("spin-to-point");
      default -> Stream.of("look-twice");
    };
  }

  private static Sheet hopperBowl() {
    return new Sheet(
        Kind.HOPPER_BOWL,
        List.of(
            Dial.of("rim", Unit.MILLIMETRES, 0, 40, 3, 6).leaning(Lean.LESS_WHEN_COARSER),
            Dial.free("tip-hole", Unit.MILLIMETRES, 0.3, 20),
            Dial.free("drops", Unit.PER_MINUTE, 0, 600),
            Dial.of("feed", Unit.KG_PER_HOUR, 0.2, 40, 2, 6),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 1, 60, 6, 12).leaning(Lean.MORE_WHEN_COARSER),
            LOOK,
            WETTING),
        List.of(
            "level",
            "nozzles-clear",
            "tip-by-cut",
            "hopper-wetting",
            "water-poured-off",
            "next-when-clear",
            "riffles-below"),
        TWO,
        new Sizes(0.032, 1.18),
        List.of(
            losing("water-too-high", "too-many-drops", "feed-too-fast"),
            OVERLOADED,
            Symptom.of("hopper-bridges", "too-few-drops", "tip-too-small", "several-sizes"),
            Symptom.of("hopper-runs", "water-left-in-hopper", "tip-too-big"),
            Symptom.of("sand-stays", "not-run-long-enough", "water-too-low"),
            Symptom.of("one-sided", "not-level", "jet-blocked"),
            FLOW_FALLS,
            FLOATING),
        List.of("stop-feed", "close-valve", "draw-down", "rinse-wall", "pan-riffles"),
        List.of("mains", "wet-floor"),
        new Band(0.50, 0.75, 0.95),
        Working.of(Kind.HOPPER_BOWL, Sorting.FREE, 15, Hands.INTERVALS)
            .catching(Material.SAFETY_CATCH));
  }

  private static Sheet cleanupSluice() {
    return new Sheet(
        Kind.CLEANUP_SLUICE,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 1, 15, 5, 8),
            Dial.of("flow", Unit.LITRES_PER_MINUTE, 2, 80, 10, 20).leaning(Lean.MORE_WHEN_COARSER),
            Dial.of("spoon", Unit.GRAMS, 2, 500, 30, 80),
            LOOK,
            WETTING),
        List.of("side-level", "mat-flat", "screened"),
        TWO,
        new Sizes(0.063, 2.36),
        List.of(
            losing("too-much-water", "charge-too-big", "mat-full"),
            Symptom.of("mat-packs", "too-little-tilt", "too-little-water", "charge-too-big"),
            Symptom.of("mat-scoured", "too-much-tilt", "too-much-water"),
            ONE_SIDE,
            FLOW_FALLS,
            FLAKES_RIDE,
            FLOATING),
        List.of("stop-feed", "run-clear", "rinse-mat", "thirds-apart", "pan-rest"),
        List.of("mains", "wet-floor"),
        new Band(0.50, 0.75, 0.95),
        Working.of(Kind.CLEANUP_SLUICE, Sorting.HINDERED, 10, Hands.ALL));
  }

  /** Outdoors: what is fed is gravel, and what it catches is panned down at home. */
  private static Sheet riffleSluice() {
    return new Sheet(
        Kind.RIFFLE_SLUICE,
        List.of(
            Dial.of("tilt", Unit.DEGREES, 1, 20, 3, 7),
            Dial.free("water-over", Unit.MILLIMETRES, 0, 300),
            Dial.of("feed", Unit.KG_PER_HOUR, 10, 3000, 60, 300),
            LOOK),
        List.of("side-level", "riffles-right-way", "carpet-tight", "water-over-riffles"),
        List.of(Material.CONCENTRATE, Material.SECOND_CONCENTRATE, Material.TAILINGS),
        new Sizes(0.15, 12.5),
        List.of(
            losing("too-much-water", "too-much-tilt", "feed-too-fast", "riffles-full"),
            Symptom.of(
                "riffles-packed-hard", "too-little-tilt", "too-little-water", "feed-too-fast"),
            Symptom.of("black-half-way", "riffles-full"),
            Symptom.of("riffles-bare", "too-much-tilt", "too-much-water"),
            ONE_SIDE),
        List.of("stop-feed", "box-flat", "rinse-layers", "thirds-apart", "pan-rest"),
        List.of("outdoors", "silt", "lifting"),
        new Band(0.40, 0.70, 0.92),
        Working.of(Kind.RIFFLE_SLUICE, Sorting.HINDERED, 20, Hands.ALL));
  }
}
