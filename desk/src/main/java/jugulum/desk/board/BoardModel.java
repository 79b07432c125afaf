package jugulum.desk.board;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Cut;

/**
 * Any batch as a grid: columns by kind of step, rows by cut, stations where work is done or waits,
 * and what flows between them. Knows nothing of pixels.
 *
 * @param columns from the feed to the vial
 * @param rows the cuts, coarse first
 * @param stations what one can walk to, header first, then row by row from the left
 * @param flows bands, spouts, threads and returns
 * @param goldByCell gold weighed in the finish cells, in milligrams, by cell
 * @param goldMg all gold weighed, in milligrams
 */
public record BoardModel(
    List<Column> columns,
    List<Cut> rows,
    List<Station> stations,
    List<BoardFlow> flows,
    Map<Cell, Double> goldByCell,
    double goldMg) {

  /** Lays a batch out. */
  public static BoardModel of(Worked worked) {
    return new Layout(worked).model();
  }

  /** The station at a cell. */
  public Optional<Station> at(Cell cell) {
    return stations.stream().filter(station -> station.cell().equals(cell)).findFirst();
  }

  /** The station where a step is worked. */
  public Optional<Station> of(StepId step) {
    return stations.stream()
        .filter(station -> station instanceof Station.Work work && work.steps().contains(step))
        .findFirst();
  }

  /** The flows of one kind. */
  public <F extends BoardFlow> Stream<F> flows(Class<F> kind) {
    return flows.stream().filter(kind::isInstance).map(kind::cast);
  }

  private static final class Layout {
    private final Worked worked;
    private final Network network;
    private final Columns columns;
    private final List<Cut> rows;
    private final Map<Cell, List<Step>> work = new LinkedHashMap<>();
    private final Map<Cell, LotId> waiting = new LinkedHashMap<>();
    private final List<BoardFlow> flows = new ArrayList<>();

    Layout(Worked worked) {
      this.worked = worked;
      this.network = worked.network();
      this.columns = new Columns(network);
      this.rows = rows();
      network
          .steps()
          .forEach(step -> work.computeIfAbsent(cell(step), _ -> new ArrayList<>()).add(step));
    }

    /** Feed that only goes to the screens needs no row of its own. */
    private List<Cut> rows() {
      Stream<Cut> made = network.lots().stream().filter(lot -> !isReceived(lot)).map(Lot::cut);
      Stream<Cut> unscreened =
          network
              .feeds()
              .filter(
                  lot ->
                      network
                          .taker(lot.id())
                          .map(step -> !(step.process() instanceof Process.Screening))
                          .orElse(true))
              .map(Lot::cut);
      return Stream.concat(made, unscreened).distinct().sorted(Cut.COARSE_FIRST).toList();
    }

    private boolean isReceived(Lot lot) {
      return network
          .maker(lot.id())
          .map(step -> step.process() instanceof Process.Receive)
          .orElse(false);
    }

    private Cell cell(Step step) {
      if (step.process() instanceof Process.Receive) {
        return new Cell(0, Cell.HEADER);
      }
      Stream<Lot> from =
          step.process() instanceof Process.Merging
              ? network.lots(step.outputs()).stream()
              : network.lots(step.inputs()).stream();
      Cut cut = from.map(Lot::cut).reduce(Cut::spanning).orElse(Cut.ALL);
      return new Cell(columns.index(step), rows.indexOf(cut));
    }

    BoardModel model() {
      Map<Cell, Double> gold =
          new TreeMap<>(Comparator.comparingInt(Cell::row).thenComparingInt(Cell::column));
      double goldMg = worked.gold().won().map(GoldRange::milligrams).orElse(0.0);
      Map<SpoutKey, List<Lot>> spouts = new LinkedHashMap<>();
      for (Lot lot : network.lots()) {
        Cell from = cell(network.maker(lot.id()).orElseThrow());
        Optional<Step> taker = network.taker(lot.id());
        if (taker.isPresent()) {
          move(lot, from, cell(taker.get()));
        } else if (lot.material() == Material.GOLD) {
          Optional<GoldRange> weighed = worked.gold().known(lot.id());
          weighed.ifPresent(range -> gold.merge(from, range.milligrams(), Double::sum));
          weighed.ifPresent(range -> thread(lot, goldMg > 0 ? range.milligrams() / goldMg : 0));
        } else if (isSetAside(lot)) {
          spouts
              .computeIfAbsent(
                  new SpoutKey(from, spoutKind(lot.material())), _ -> new ArrayList<>())
              .add(lot);
        } else if (!await(lot, from)) {
          spouts
              .computeIfAbsent(
                  new SpoutKey(from, BoardFlow.Spout.Kind.WAITING), _ -> new ArrayList<>())
              .add(lot);
        }
      }
      spouts.forEach(
          (key, lots) ->
              flows.add(
                  new BoardFlow.Spout(
                      key.from(), key.kind(), lots.stream().map(Lot::id).toList(), grams(lots))));
      return new BoardModel(columns.list(), rows, stations(), List.copyOf(flows), gold, goldMg);
    }

    private record SpoutKey(Cell from, BoardFlow.Spout.Kind kind) {}

    private static BoardFlow.Spout.Kind spoutKind(Material material) {
      return switch (material) {
        case MAGNETICS -> BoardFlow.Spout.Kind.MAGNETICS;
        case RESIDUE -> BoardFlow.Spout.Kind.RESIDUE;
        default -> BoardFlow.Spout.Kind.TAILINGS;
      };
    }

    private boolean isSetAside(Lot lot) {
      boolean lookedAt = worked.gold().lots().containsKey(lot.id());
      return lot.material().isSetAside()
          || network.batch().closed()
          || lot.isOversize() && lookedAt;
    }

    private double grams(List<Lot> lots) {
      return lots.stream().mapToDouble(lot -> worked.sand().mass(lot.id()).grams()).sum();
    }

    private void move(Lot lot, Cell from, Cell to) {
      flows.add(
          to.column() > from.column()
              ? new BoardFlow.Band(lot.id(), from, to, worked.sand().mass(lot.id()).grams())
              : new BoardFlow.Return(lot.id(), from, to));
    }

    /** Shows a lot where its next step would usually be; false if that place is taken. */
    private boolean await(Lot lot, Cell from) {
      Cell to = new Cell(columns.index(usuallyNext(lot)), rows.indexOf(lot.cut()));
      if (to.column() <= from.column() || work.containsKey(to) || waiting.containsKey(to)) {
        return false;
      }
      waiting.put(to, lot.id());
      flows.add(new BoardFlow.Band(lot.id(), from, to, worked.sand().mass(lot.id()).grams()));
      return true;
    }

    private static ColumnKind usuallyNext(Lot lot) {
      return switch (lot.material()) {
        case FEED -> ColumnKind.SCREEN;
        case CUT -> lot.cut().isOversize() ? ColumnKind.GRAVITY : ColumnKind.MAGNET;
        case CONCENTRATE -> ColumnKind.FINISH;
        case NON_MAGNETICS, SECOND_CONCENTRATE, MIDDLINGS, SAFETY_CATCH, MERGED, PART ->
            ColumnKind.GRAVITY;
        case MAGNETICS, TAILINGS, RESIDUE, GOLD -> ColumnKind.VIAL;
      };
    }

    private void thread(Lot gold, double share) {
      Step finish = network.maker(gold.id()).orElseThrow();
      flows.add(
          new BoardFlow.Thread(
              cell(finish), new Cell(columns.index(ColumnKind.VIAL), cell(finish).row()), share));
      threadBack(finish, share);
    }

    /** Follows the gold back to where its cut came off the screens. */
    private void threadBack(Step step, double share) {
      for (LotId input : step.inputs()) {
        Step maker = network.maker(input).orElseThrow();
        boolean atItsStart =
            maker.process() instanceof Process.Screening
                || maker.process() instanceof Process.Receive;
        if (!atItsStart) {
          BoardFlow.Thread thread = new BoardFlow.Thread(cell(maker), cell(step), share);
          if (!flows.contains(thread)) {
            flows.add(thread);
            threadBack(maker, share);
          }
        }
      }
    }

    private List<Station> stations() {
      Stream<Station> done =
          work.entrySet().stream()
              .map(
                  entry ->
                      new Station.Work(
                          entry.getKey(), entry.getValue().stream().map(Step::id).toList()));
      Stream<Station> next =
          waiting.entrySet().stream()
              .map(entry -> new Station.Waiting(entry.getKey(), entry.getValue()));
      return Stream.concat(done, next)
          .sorted(
              Comparator.<Station>comparingInt(station -> station.cell().row())
                  .thenComparingInt(station -> station.cell().column()))
          .toList();
    }
  }
}
