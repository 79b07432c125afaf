package jugulum.book.batch;

import static jugulum.book.stream.Table.real;
import static jugulum.book.stream.Table.text;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Projection;
import jugulum.book.stream.Table;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.Bagged;
import jugulum.core.ledger.Measure.Discarded;
import jugulum.core.ledger.Network;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Screen;

/**
 * What stands in the shop: every lot that no step has taken and nobody threw away. Brought up when
 * it is read.
 */
public final class StockLines implements Projection<Batch, StockLines.Stocked> {
  /** The table of the stock. */
  public static final StockLines LINES = new StockLines();

  private static final Table TABLE =
      new Table(
          "stock",
          List.of(
              text("batch"),
              real("lot"),
              text("material"),
              text("name"),
              real("coarsest_mm"),
              real("finest_mm"),
              real("grams"),
              text("bag")));

  private StockLines() {}

  /**
   * A lot that stands in the shop.
   *
   * @param batch the batch
   * @param label what is written on its bucket
   * @param lot the lot
   * @param material what it holds
   * @param name what is written on it, may be empty
   * @param coarsestMm the opening its sand passed, in mm; empty where no screen bounds it
   * @param finestMm the opening its sand stayed on, in mm; empty where no screen bounds it
   * @param grams its dry mass, in grams; empty where it is not known
   * @param bag the bag it is kept in
   */
  public record Stocked(
      BatchId batch,
      String label,
      LotId lot,
      Material material,
      String name,
      OptionalDouble coarsestMm,
      OptionalDouble finestMm,
      OptionalDouble grams,
      Optional<String> bag) {}

  @Override
  public Table table() {
    return TABLE;
  }

  @Override
  public List<Stocked> lines(String id, Optional<Batch> now, Batch last) {
    return now.map(Network::of)
        .map(
            network -> {
              SandAccount sand = SandAccount.of(network);
              return network
                  .endLots()
                  .filter(lot -> lot.latest(Discarded.class).isEmpty())
                  .map(lot -> stocked(id, last, lot, sand.mass(lot.id())))
                  .toList();
            })
        .orElse(List.of());
  }

  private static Stocked stocked(String id, Batch batch, Lot lot, LotMass mass) {
    return new Stocked(
        BatchStream.id(id),
        batch.label().name(),
        lot.id(),
        lot.material(),
        lot.name(),
        lot.cut().passing().stream().mapToDouble(Screen::openingMm).findFirst(),
        lot.cut().retained().stream().mapToDouble(Screen::openingMm).findFirst(),
        mass.isKnown() ? OptionalDouble.of(mass.grams()) : OptionalDouble.empty(),
        lot.latest(Bagged.class).map(Bagged::bag));
  }

  @Override
  public List<Object> cells(Stocked line) {
    return Arrays.asList(
        line.label(),
        (double) line.lot().number(),
        line.material().name(),
        line.name(),
        BatchLines.orNull(line.coarsestMm()),
        BatchLines.orNull(line.finestMm()),
        BatchLines.orNull(line.grams()),
        line.bag().orElse(null));
  }

  @Override
  public Stocked line(Cells cells) {
    return new Stocked(
        BatchStream.id(cells.id()),
        cells.text(0),
        new LotId((int) cells.number(1).orElseThrow()),
        Material.valueOf(cells.text(2)),
        cells.text(3),
        cells.number(4),
        cells.number(5),
        cells.number(6),
        Optional.ofNullable(cells.text(7)));
  }
}
