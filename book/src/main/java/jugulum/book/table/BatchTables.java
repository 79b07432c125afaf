package jugulum.book.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.PoolPart;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Struck;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Screen;
import jugulum.core.sizes.SizeCurve;
import org.jspecify.annotations.Nullable;

/**
 * A batch as tables: its lots with what they come to, and every reading as it was recorded. The
 * columns are told in docs/format.md.
 */
public final class BatchTables {
  /** As many values as the measure with the most has. */
  private static final int VALUES = 11;

  private BatchTables() {}

  /** One row a live lot. */
  public static Table lots(Network network, SandAccount sand, GoldAccount gold) {
    List<String> heads =
        List.of(
            "lot",
            "material",
            "cut",
            "name",
            "made_by_step",
            "taken_by_step",
            "dry_g",
            "basis",
            "gold_mg",
            "gold_low_mg",
            "gold_high_mg",
            "free_mg",
            "free_low_mg",
            "free_high_mg",
            "hidden_mg",
            "hidden_low_mg",
            "hidden_high_mg",
            "gold_is");
    List<List<Object>> rows = new ArrayList<>();
    for (Lot lot : network.lots()) {
      LotMass mass = sand.mass(lot.id());
      Optional<LotGold> known = Optional.ofNullable(gold.lots().get(lot.id()));
      Optional<GoldRange> range = known.map(LotGold::all);
      Optional<GoldRange> free = known.flatMap(LotGold::free);
      Optional<GoldRange> hidden = known.flatMap(LotGold::hidden);
      rows.add(
          Arrays.asList(
              lot.id().number(),
              lot.material(),
              lot.cut().notation(),
              lot.name(),
              network.maker(lot.id()).map(step -> step.id().number()).orElse(null),
              network.taker(lot.id()).map(step -> step.id().number()).orElse(null),
              mass.isKnown() ? mass.grams() : null,
              mass.basis(),
              range.map(GoldRange::milligrams).orElse(null),
              range.map(GoldRange::lowMg).orElse(null),
              range.map(GoldRange::highMg).orElse(null),
              free.map(GoldRange::milligrams).orElse(null),
              free.map(GoldRange::lowMg).orElse(null),
              free.map(GoldRange::highMg).orElse(null),
              hidden.map(GoldRange::milligrams).orElse(null),
              hidden.map(GoldRange::lowMg).orElse(null),
              hidden.map(GoldRange::highMg).orElse(null),
              known.map(BatchTables::kind).orElse(null)));
    }
    return new Table("lots", heads, rows);
  }

  /** What the sum speaks of. */
  private static String kind(LotGold gold) {
    if (gold.isTogether()) {
      return "BOTH_TOGETHER";
    }
    return gold.isHiddenOpen() ? "FREE_ONLY" : "BOTH_APART";
  }

  /** One row a speck that counts in a picture; those of struck readings are left out. */
  public static Table specks(Batch batch) {
    List<String> heads =
        List.of("lot", "at", "picture", "file", "is_drawn", "area_mm2", "long_mm", "short_mm");
    List<List<Object>> rows = new ArrayList<>();
    for (Lot lot : batch.lots()) {
      for (Reading reading : lot.readings()) {
        if (reading.isLive() && reading.measure() instanceof Measure.Pictured picture) {
          for (Measure.Pictured.SpeckSize speck : picture.specks()) {
            rows.add(
                List.of(
                    lot.id().number(),
                    reading.at(),
                    picture.sha256(),
                    picture.file(),
                    picture.isDrawn(),
                    speck.areaMm2(),
                    speck.longMm(),
                    speck.shortMm()));
          }
        }
      }
    }
    return new Table("specks", heads, rows);
  }

  /** One row a reading, struck ones included. */
  public static Table readings(Batch batch) {
    Stream<String> values =
        Stream.iterate(1, number -> number <= VALUES, number -> number + 1)
            .map(number -> "value_" + number);
    List<String> heads =
        Stream.of(
                Stream.of("reading", "at", "lot", "step", "measure"),
                values,
                Stream.of("struck_at", "struck_reason", "doubted_at", "doubted_reason", "replaces"))
            .flatMap(part -> part)
            .toList();
    List<List<Object>> rows = new ArrayList<>();
    batch
        .lots()
        .forEach(
            lot ->
                lot.readings().forEach(reading -> rows.add(row(reading, lot.id().number(), null))));
    batch
        .steps()
        .forEach(
            step ->
                step.readings()
                    .forEach(reading -> rows.add(row(reading, null, step.id().number()))));
    return new Table("readings", heads, rows);
  }

  private static List<Object> row(Reading reading, @Nullable Integer lot, @Nullable Integer step) {
    Object[] values = Arrays.copyOf(values(reading.measure()), VALUES);
    Object[] head = {
      reading.id().number(), reading.at(), lot, step, reading.measure().getClass().getSimpleName()
    };
    Object[] tail = {
      reading.struck().map(Struck::at).orElse(null),
      reading.struck().map(Struck::reason).orElse(null),
      reading.doubted().map(Struck::at).orElse(null),
      reading.doubted().map(Struck::reason).orElse(null),
      reading.replaces().map(id -> id.number()).orElse(null)
    };
    return Arrays.asList(Stream.of(head, values, tail).flatMap(Arrays::stream).toArray());
  }

  private static Object[] values(Measure measure) {
    return switch (measure) {
      case Measure.SandWeight weight ->
          new Object[] {
            weight.grossG(),
            weight.tareG(),
            weight.moisture(),
            weight.resolutionG(),
            orNull(weight.moistureSd()),
            weight.container().orElse(null),
            weight.bowlNumber(),
            weight.typed().orElse(null),
            scale(weight.on())
          };
      case Measure.GoldWeight(double mass, double resolution, var typed, var on) ->
          new Object[] {mass, resolution, typed.orElse(null), scale(on)};
      case Measure.WeighedSpecks(int specks, double mg, double resolution, var on) ->
          new Object[] {specks, mg, resolution, scale(on)};
      case Measure.SpeckTest(int tested, int gold, var found) ->
          new Object[] {tested, gold, found.toString()};
      case Measure.Fineness(double fraction, double sd) -> new Object[] {fraction, sd};
      case Measure.SpeckCount(int specks, double share) -> new Object[] {specks, share};
      case Measure.Assay(double grade, double sd, double sample, var composite, var visible) ->
          new Object[] {
            grade,
            sd,
            sample,
            composite.orElse(null),
            visible.map(VisibleGold::state).orElse(null),
            visible.map(VisibleGold::milligrams).orElse(null),
            orNull(visible.map(VisibleGold::upToMg).orElse(OptionalDouble.empty()))
          };
      case Measure.Smelt smelt ->
          new Object[] {
            smelt.sampleG(),
            smelt.collector(),
            orNull(smelt.collectorG()),
            orNull(smelt.buttonG()),
            smelt.beadMg(),
            orNull(smelt.partedMg()),
            orNull(smelt.slagMg()),
            smelt.visible().state(),
            smelt.visible().milligrams(),
            orNull(smelt.cost()),
            orNull(smelt.visible().upToMg())
          };
      case Measure.Melt(int crucible, MeltFact fact) -> melt(crucible, fact);
      case Measure.Finish(FinishFact fact) -> finish(fact);
      case Measure.MagnetTest(double sample, double weak, double strong) ->
          new Object[] {sample, weak, strong};
      case Measure.LiftTest(double sample, var lifts) -> new Object[] {sample, lifts(lifts)};
      case Measure.Bagged(String bag) -> new Object[] {bag};
      case Measure.Discarded(String reason) -> new Object[] {reason};
      case Measure.Product(var mineral, double purity, double price, String buyer) ->
          new Object[] {mineral, purity, price, buyer};
      case Measure.Pictured picture ->
          new Object[] {
            picture.sha256(),
            picture.file(),
            picture.pxPerMm(),
            picture.specks().size(),
            picture.takenOut(),
            picture.putIn(),
            picture.lowMg(),
            picture.milligrams(),
            picture.highMg(),
            picture.isDrawn()
          };
      case Measure.Pooled(BatchId pool, String name) -> new Object[] {pool.value(), name};
      case Measure.PoolOf(List<PoolPart> parts) -> new Object[] {parts(parts)};
      case Measure.Setting(String dial, double value) -> new Object[] {dial, value};
      case Measure.Running(var state, var toldAt) -> new Object[] {state, toldAt.orElse(null)};
      case Measure.Charge(var grams, var on) -> new Object[] {orNull(grams), scale(on)};
      case Measure.Checked(String check) -> new Object[] {check};
      case Measure.PannedSample(double sample, var seen, var on) ->
          new Object[] {sample, seen(seen), scale(on)};
      case Measure.FeedRate(double rate) -> new Object[] {rate};
      case Measure.KnownGold(double mg, double sd) -> new Object[] {mg, sd};
      case Measure.SizeAnalysis(SizeCurve curve) -> new Object[] {sieved(curve)};
      case Measure.LookedOver(int pickers, double grams) -> new Object[] {pickers, grams};
      case Measure.LastMinute(Screen screen, double grams) ->
          new Object[] {screen.label(), screen.openingMm(), grams};
      case Measure.Pass pass ->
          new Object[] {
            pass.from(),
            pass.liftedG(),
            pass.droppedBackG(),
            pass.specks(),
            orNull(pass.goldMg()),
            orNull(pass.minutes()),
            pass.how().flatMap(Measure.Pass.How::magnet).orElse(null),
            orNull(pass.how().map(Measure.Pass.How::gapMm).orElse(OptionalDouble.empty())),
            scale(pass.on())
          };
    };
  }

  private static Object[] melt(int crucible, MeltFact fact) {
    String what = fact.getClass().getSimpleName();
    return switch (fact) {
      case MeltFact.Taken(double sample, var visible) ->
          new Object[] {
            crucible, what, sample, visible.state(), visible.milligrams(), orNull(visible.upToMg())
          };
      case MeltFact.Sands(double iron, double garnet, double sulfide) ->
          new Object[] {crucible, what, iron, garnet, sulfide};
      case MeltFact.Sure(var stop) -> new Object[] {crucible, what, stop};
      case MeltFact.Roasted(double before, double after) ->
          new Object[] {crucible, what, before, after};
      case MeltFact.Charged(double sand, var collector, var collectorG) ->
          new Object[] {crucible, what, sand, collector, orNull(collectorG)};
      case MeltFact.Begun(var phase) -> new Object[] {crucible, what, phase};
      case MeltFact.Button(double grams) -> new Object[] {crucible, what, grams};
      case MeltFact.Matte(double grams) -> new Object[] {crucible, what, grams};
      case MeltFact.Shot(double grams, boolean isCupelled) ->
          new Object[] {crucible, what, grams, isCupelled};
      case MeltFact.Bead(double mg) -> new Object[] {crucible, what, mg};
      case MeltFact.Parted(double mg) -> new Object[] {crucible, what, mg};
      case MeltFact.Spoilt(String reason) -> new Object[] {crucible, what, reason};
      case MeltFact.Blank(double mg) -> new Object[] {crucible, what, mg};
      case MeltFact.Cost(double money) -> new Object[] {crucible, what, money};
      case MeltFact.Ended() -> new Object[] {crucible, what};
    };
  }

  private static Object[] finish(FinishFact fact) {
    String what = fact.getClass().getSimpleName();
    return switch (fact) {
      case FinishFact.On(var tool) -> new Object[] {what, tool};
      case FinishFact.Did(var act) -> new Object[] {what, act};
      case FinishFact.Lift(double seconds, var saw) -> new Object[] {what, seconds, saw};
      case FinishFact.Turn(double mg, var sand, int below) ->
          new Object[] {what, mg, orNull(sand), below};
      case FinishFact.Over() -> new Object[] {what};
    };
  }

  private static @Nullable String scale(Optional<ReadOn> on) {
    return on.map(ReadOn::scale).orElse(null);
  }

  private static @Nullable Double orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  /** Every screen as opening:grams, the pan as 0:grams. */
  private static String sieved(SizeCurve curve) {
    Stream<String> screens =
        curve.sieved().stream().map(one -> one.openingMm() + ":" + one.retainedG());
    return Stream.concat(screens, Stream.of("0:" + curve.panG())).collect(Collectors.joining(" "));
  }

  private static String parts(List<PoolPart> parts) {
    return parts.stream()
        .map(
            part ->
                part.name()
                    + "-"
                    + part.lot().number()
                    + ":"
                    + part.grams()
                    + (part.mgPerKg().isPresent() ? ":" + part.mgPerKg().getAsDouble() : ""))
        .collect(Collectors.joining(" "));
  }

  private static String lifts(List<Measure.LiftTest.Lift> lifts) {
    return lifts.stream()
        .map(one -> one.gapMm() + ":" + one.grams() + ":" + one.specks())
        .collect(Collectors.joining(" "));
  }

  /** Every cut as upper..lower opening:specks; no upper opening where nothing bounds it above. */
  private static String seen(List<Measure.PannedSample.Seen> seen) {
    return seen.stream()
        .map(
            one ->
                one.cut().passing().map(screen -> String.valueOf(screen.openingMm())).orElse("")
                    + ".."
                    + one.cut().lowerMm()
                    + ":"
                    + one.specks())
        .collect(Collectors.joining(" "));
  }
}
