package jugulum.desk.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.screens.Cut;
import org.junit.jupiter.api.Test;

class BoardModelTest {
  private static BoardModel of(Bench bench) {
    return BoardModel.of(Worked.of(bench.batch()));
  }

  private static List<ColumnKind> kinds(BoardModel board) {
    return board.columns().stream().map(Column::kind).toList();
  }

  @Test
  void aReceivedBatchShowsTheUsualWayWithTheFeedWaiting() {
    BoardModel board = of(Bench.started().weighs(1, 10_000));
    assertThat(kinds(board))
        .containsExactly(
            ColumnKind.values()[0],
            ColumnKind.SCREEN,
            ColumnKind.MAGNET,
            ColumnKind.GRAVITY,
            ColumnKind.FINISH,
            ColumnKind.VIAL);
    assertThat(board.rows()).containsExactly(Cut.ALL);
    assertThat(board.stations())
        .last()
        .isEqualTo(new Station.Waiting(new Cell(1, 0), new LotId(1)));
  }

  @Test
  void rowsAreCutsAndTheScreenStandsInTheHeading() {
    BoardModel board = of(Bench.started().weighs(1, 10_000).screens(1, "16", "30"));
    assertThat(board.rows()).extracting(Cut::notation).containsExactly("+16", "−16 +30", "−30");
    assertThat(board.at(new Cell(1, Cell.HEADER))).containsInstanceOf(Station.Work.class);
    assertThat(board.at(new Cell(3, 0)))
        .as("oversize goes to the pan")
        .containsInstanceOf(Station.Waiting.class);
    assertThat(board.at(new Cell(2, 1)))
        .as("a cut goes to the magnet")
        .containsInstanceOf(Station.Waiting.class);
  }

  @Test
  void columnsFollowTheOrderThisBatchIsWorkedIn() {
    Bench bench =
        Bench.started().weighs(1, 10_000).table(1, Material.CONCENTRATE, Material.TAILINGS);
    bench.magnet(2).screens(5, "30");
    assertThat(kinds(of(bench)))
        .containsExactly(
            ColumnKind.FEED,
            ColumnKind.GRAVITY,
            ColumnKind.MAGNET,
            ColumnKind.SCREEN,
            ColumnKind.FINISH,
            ColumnKind.VIAL);
  }

  @Test
  void screeningASecondTimeGetsAColumnOfItsOwn() {
    Bench bench = Bench.started().screens(1, "16").screens(3, "50", "100");
    BoardModel board = of(bench);
    assertThat(board.columns())
        .contains(new Column(ColumnKind.SCREEN, 1), new Column(ColumnKind.SCREEN, 2));
    assertThat(board.rows())
        .extracting(Cut::notation)
        .containsExactly("+16", "−16", "−16 +50", "−50 +100", "−100");
    assertThat(board.flows(BoardFlow.Return.class)).isEmpty();
  }

  @Test
  void rerunsShareTheStationOfTheirCut() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .table(1, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);
    bench.table(3, Material.CONCENTRATE, Material.TAILINGS);
    BoardModel board = of(bench);
    assertThat(board.stations())
        .filteredOn(Station.Work.class::isInstance)
        .last()
        .isInstanceOfSatisfying(
            Station.Work.class, station -> assertThat(station.steps()).hasSize(2));
    assertThat(board.flows(BoardFlow.Return.class))
        .singleElement()
        .returns(new LotId(3), BoardFlow.Return::lot);
    assertThat(board.flows(BoardFlow.Spout.class))
        .filteredOn(spout -> spout.kind() == BoardFlow.Spout.Kind.TAILINGS)
        .singleElement()
        .returns(2, spout -> spout.lots().size());
    assertThat(board.flows(BoardFlow.Spout.class))
        .as("the second concentrate has no free place")
        .anyMatch(spout -> spout.kind() == BoardFlow.Spout.Kind.WAITING);
  }

  @Test
  void joinedLotsGetTheRowOfTheCutThatHoldsThem() {
    Bench bench =
        Bench.started()
            .screens(1, "16", "30")
            .runs(new Process.Merging(), List.of(3, 4), Material.MERGED);
    BoardModel board = of(bench);
    assertThat(kinds(board)).contains(ColumnKind.JOIN);
    assertThat(board.rows()).extracting(Cut::notation).contains("−16");
  }

  @Test
  void theThreadRunsFromTheCutToTheVial() {
    Bench bench = Bench.started().weighs(1, 10_000).screens(1, "30").weighs(3, 4_000).magnet(3);
    bench
        .table(5, Material.CONCENTRATE, Material.TAILINGS)
        .finishes(6)
        .measures(8, new Measure.GoldWeight(1.2, 0.001));
    BoardModel board = of(bench);
    assertThat(board.flows(BoardFlow.Thread.class))
        .hasSize(3)
        .allMatch(thread -> thread.share() == 1);
    assertThat(board.goldByCell()).containsValue(1_200.0);
  }

  @Test
  void everyLotOfAnyNetworkIsSomewhere() {
    Bench bench =
        Bench.started().weighs(1, 10_000).screens(1, "8", "16", "20", "30", "50", "80", "100");
    bench
        .magnet(4)
        .table(11, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS)
        .magnet(14)
        .runs(new Process.Splitting(), List.of(5), Material.PART, Material.PART);
    BoardModel board = of(bench);
    assertThat(board.rows()).hasSize(8);
    long shown =
        board.flows(BoardFlow.Band.class).count()
            + board.flows(BoardFlow.Return.class).count()
            + board.flows(BoardFlow.Spout.class).mapToLong(spout -> spout.lots().size()).sum();
    assertThat(shown).isEqualTo(bench.batch().lots().size());
    assertThat(board.stations())
        .doesNotHaveDuplicates()
        .allMatch(station -> station.cell().column() >= 0);
    assertThat(board.stations().stream().map(Station::cell)).doesNotHaveDuplicates();
  }

  @Test
  void aClosedBatchShowsOnlyWhatWasDone() {
    Bench bench = Bench.started().weighs(1, 10_000).finishes(1).does(new Edit.CloseBatch(true));
    assertThat(kinds(of(bench)))
        .containsExactly(ColumnKind.FEED, ColumnKind.FINISH, ColumnKind.VIAL);
  }

  @Test
  void arrowsReachEveryStation() {
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .screens(1, "16", "30", "50")
            .magnet(3)
            .table(7, Material.CONCENTRATE, Material.TAILINGS);
    BoardModel board = of(bench);
    var reached = new java.util.HashSet<Station>();
    var next = new java.util.ArrayDeque<>(List.of(board.stations().getFirst()));
    while (!next.isEmpty()) {
      Station here = next.pop();
      if (reached.add(here)) {
        for (Direction direction : Direction.values()) {
          Optional<Station> there = direction.from(here.cell(), board);
          there.ifPresent(next::add);
        }
      }
    }
    assertThat(reached).containsAll(board.stations());
  }

  /**
   * With eight cuts a row still shows its label, its band and its spout one below the other, and no
   * column reaches into the next.
   */
  @Test
  void eightCutsStayReadable() {
    Bench bench =
        Bench.started().weighs(1, 10_000).screens(1, "8", "16", "20", "30", "50", "80", "100");
    BoardGeometry place = new BoardGeometry(of(bench), 876, 512);
    assertThat(place.rowHeight()).isGreaterThanOrEqualTo(BoardGeometry.LOWEST_ROW);
    for (int row = 0; row < 8; row++) {
      assertThat(place.bandY(row) - place.thickest() / 2)
          .isGreaterThanOrEqualTo(place.labelY(row) + 17);
      assertThat(place.rowTop(row) + place.rowHeight()).isLessThanOrEqualTo(512);
    }
    for (int column = 1; column < 6; column++) {
      assertThat(place.columnX(column)).isGreaterThan(place.columnX(column - 1) + 80);
    }
  }
}
