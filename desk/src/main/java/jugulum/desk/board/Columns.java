package jugulum.desk.board;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jugulum.core.check.Check;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;

/**
 * Finds the columns of a network: one a kind of step, in the order this batch does them on average.
 */
final class Columns {
  private final Network network;
  private final Map<StepId, Integer> depth = new HashMap<>();
  private final Map<StepId, Column> columnOf = new HashMap<>();
  private final Map<StepId, Set<Column>> above = new HashMap<>();
  private final List<Column> columns;

  Columns(Network network) {
    this.network = network;
    for (Step step : network.steps()) {
      depth.put(
          step.id(), 1 + step.inputs().stream().mapToInt(this::depthOfMaker).max().orElse(-1));
      columnOf.put(step.id(), column(step));
      above.put(step.id(), above(step));
    }
    this.columns = ordered();
  }

  List<Column> list() {
    return columns;
  }

  int index(Step step) {
    return columns.indexOf(columnOf.get(step.id()));
  }

  /** The first column of that kind, or −1. */
  int index(ColumnKind kind) {
    return columns.stream().map(Column::kind).toList().indexOf(kind);
  }

  private int depthOfMaker(LotId lot) {
    return network.maker(lot).map(step -> depth.get(step.id())).orElse(0);
  }

  private Column column(Step step) {
    ColumnKind kind = ColumnKind.of(step.process());
    return new Column(kind, kind == ColumnKind.SCREEN ? 1 + screenings(step) : 1);
  }

  /** How often the sand of a step has been screened before. */
  private int screenings(Step step) {
    return step.inputs().stream()
        .flatMap(lot -> network.maker(lot).stream())
        .mapToInt(
            maker ->
                ColumnKind.of(maker.process()) == ColumnKind.SCREEN
                    ? Check.known(columnOf, maker.id()).repetition()
                    : screenings(maker))
        .max()
        .orElse(0);
  }

  private List<Column> ordered() {
    Map<Column, Double> meanDepth = new HashMap<>();
    columnOf.forEach((_, column) -> meanDepth.computeIfAbsent(column, this::meanDepth));
    List<Column> byDepth = new ArrayList<>(meanDepth.keySet());
    byDepth.sort(
        Comparator.<Column>comparingDouble(meanDepth::get)
            .thenComparing(Column::kind)
            .thenComparing(Column::repetition));
    List<Column> order = new ArrayList<>();
    byDepth.forEach(column -> insert(column, order));
    if (!network.batch().closed()) {
      ColumnKind.USUAL.forEach(kind -> addMissing(order, kind));
    }
    order.removeIf(column -> column.kind() == ColumnKind.FEED);
    order.addFirst(new Column(ColumnKind.FEED, 1));
    order.addLast(new Column(ColumnKind.VIAL, 1));
    return List.copyOf(order);
  }

  /**
   * What only ever comes before another kind of step stands before it, though on average it lies
   * deeper: a long way in one cut.
   */
  private void insert(Column column, List<Column> order) {
    int at = order.size();
    while (at > 0 && leadsTo(column, order.get(at - 1)) && !leadsTo(order.get(at - 1), column)) {
      at--;
    }
    order.add(at, column);
  }

  private boolean leadsTo(Column from, Column to) {
    return above.entrySet().stream()
        .anyMatch(
            entry ->
                Check.known(columnOf, entry.getKey()).equals(to)
                    && entry.getValue().contains(from));
  }

  /** The columns of all that comes before a step. */
  private Set<Column> above(Step step) {
    Set<Column> columns = new HashSet<>();
    step.inputs().stream()
        .flatMap(lot -> network.maker(lot).stream())
        .forEach(
            maker -> {
              columns.add(columnOf.get(maker.id()));
              columns.addAll(above.get(maker.id()));
            });
    return columns;
  }

  private double meanDepth(Column column) {
    return network.steps().stream()
        .filter(step -> Check.known(columnOf, step.id()).equals(column))
        .mapToInt(step -> depth.get(step.id()))
        .average()
        .orElseThrow();
  }

  private static void addMissing(List<Column> order, ColumnKind kind) {
    if (order.stream().noneMatch(column -> column.kind() == kind)) {
      int at = 0;
      while (at < order.size() && order.get(at).kind().compareTo(kind) < 0) {
        at++;
      }
      order.add(at, new Column(kind, 1));
    }
  }
}
