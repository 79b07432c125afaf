package jugulum.book.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.Struck;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Screen;
import jugulum.core.sizes.SizeCurve;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A batch as two tables for a spreadsheet: its lots with what they come to, and every reading as it was recorded, struck ones with
 * their reason. Comma between columns, point in numbers, one header row; RFC 4180. The columns are told in docs/format.md.
 */
public final class BatchCsv {
  private static final CSVFormat FORMAT = CSVFormat.RFC4180;

  /** As many values as the measure with the most has. */
  private static final int VALUES = 10;

  private BatchCsv() {}

  /** One row a live lot. */
  public static String lots(Batch batch) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    GoldAccount gold = GoldAccount.of(network, sand);
    return print(
        csv -> {
          csv.printRecord("lot", "material", "cut", "name", "made_by_step", "taken_by_step", "dry_g", "basis", "gold_mg", "gold_low_mg", "gold_high_mg");
          for (Lot lot : network.lots()) {
            LotMass mass = sand.mass(lot.id());
            Optional<GoldRange> range = Optional.ofNullable(gold.lots().get(lot.id()));
            csv.printRecord(
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
                range.map(GoldRange::highMg).orElse(null));
          }
        });
  }

  /** One row a reading, struck ones included. */
  public static String readings(Batch batch) {
    return print(
        csv -> {
          csv.printRecord("reading", "at", "lot", "step", "measure", "value_1", "value_2", "value_3", "value_4", "value_5", "value_6", "value_7", "value_8", "value_9", "value_10", "struck_at", "struck_reason", "doubted_at", "doubted_reason", "replaces");
          for (Lot lot : batch.lots()) {
            rows(csv, lot.readings().stream(), lot.id().number(), null);
          }
          for (Step step : batch.steps()) {
            rows(csv, step.readings().stream(), null, step.id().number());
          }
        });
  }

  private static void rows(CSVPrinter csv, Stream<Reading> readings, Integer lot, Integer step) throws IOException {
    for (Reading reading : readings.toList()) {
      Object[] values = Arrays.copyOf(values(reading.measure()), VALUES);
      Object[] head = {reading.id().number(), reading.at(), lot, step, reading.measure().getClass().getSimpleName()};
      Object[] tail = {
        reading.struck().map(Struck::at).orElse(null),
        reading.struck().map(Struck::reason).orElse(null),
        reading.doubted().map(Struck::at).orElse(null),
        reading.doubted().map(Struck::reason).orElse(null),
        reading.replaces().map(id -> id.number()).orElse(null)
      };
      csv.printRecord(Stream.of(head, values, tail).flatMap(Arrays::stream));
    }
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
            weight.bowlNumber()
          };
      case Measure.GoldWeight(double mass, double resolution) -> new Object[] {mass, resolution};
      case Measure.Fineness(double fraction, double sd) -> new Object[] {fraction, sd};
      case Measure.SpeckCount(int specks, double share) -> new Object[] {specks, share};
      case Measure.Assay(double grade, double sd, double sample, var composite, var visible) ->
          new Object[] {grade, sd, sample, composite.orElse(null), visible.map(VisibleGold::state).orElse(null), visible.map(VisibleGold::milligrams).orElse(null)};
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
            orNull(smelt.cost())
          };
      case Measure.MagnetTest(double sample, double weak, double strong) -> new Object[] {sample, weak, strong};
      case Measure.Bagged(String bag) -> new Object[] {bag};
      case Measure.Discarded(String reason) -> new Object[] {reason};
      case Measure.Setting(String dial, double value) -> new Object[] {dial, value};
      case Measure.Running(var state, var toldAt) -> new Object[] {state, toldAt.orElse(null)};
      case Measure.Charge(var grams) -> new Object[] {orNull(grams)};
      case Measure.Checked(String check) -> new Object[] {check};
      case Measure.PannedSample(double sample, var seen) -> new Object[] {sample, seen(seen)};
      case Measure.FeedRate(double rate) -> new Object[] {rate};
      case Measure.KnownGold(double mg, double sd) -> new Object[] {mg, sd};
      case Measure.SizeAnalysis(SizeCurve curve) -> new Object[] {sieved(curve)};
      case Measure.LookedOver(int pickers, double grams) -> new Object[] {pickers, grams};
      case Measure.LastMinute(Screen screen, double grams) -> new Object[] {screen.label(), screen.openingMm(), grams};
      case Measure.Pass pass ->
          new Object[] {
            pass.from(),
            pass.liftedG(),
            pass.droppedBackG(),
            pass.specks(),
            orNull(pass.goldMg()),
            orNull(pass.minutes()),
            pass.how().flatMap(Measure.Pass.How::magnet).orElse(null),
            orNull(pass.how().map(Measure.Pass.How::gapMm).orElse(OptionalDouble.empty()))
          };
    };
  }

  private static Double orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  /** Every screen as opening:grams, the pan as 0:grams. */
  private static String sieved(SizeCurve curve) {
    Stream<String> screens = curve.sieved().stream().map(one -> one.openingMm() + ":" + one.retainedG());
    return Stream.concat(screens, Stream.of("0:" + curve.panG())).collect(Collectors.joining(" "));
  }

  /** Every cut as upper..lower opening:specks; no upper opening where nothing bounds it above. */
  private static String seen(List<Measure.PannedSample.Seen> seen) {
    return seen.stream()
        .map(one -> one.cut().passing().map(screen -> String.valueOf(screen.openingMm())).orElse("") + ".." + one.cut().lowerMm() + ":" + one.specks())
        .collect(Collectors.joining(" "));
  }

  private interface Rows {
    void print(CSVPrinter csv) throws IOException;
  }

  private static String print(Rows rows) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
      rows.print(csv);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return text.toString();
  }
}
