package jugulum.desk.board;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jugulum.core.account.Worked;
import jugulum.core.check.Check;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.RunLog;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.StepClosure;
import jugulum.core.passes.Removal;
import jugulum.core.runs.Reductions;
import jugulum.core.screens.Cut;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The writings on the board. */
record BoardTexts(Worked worked, Figures figures) {
  private static final String BETWEEN = " · ";

  /** Longer names of machines are counted instead. */
  private static final int ROOM_IN_HEADING = 18;

  private static final int ROOM_AT_STATION = 12;

  private Network network() {
    return worked.network();
  }

  String title(Column column) {
    String title = figures.words().of("board.column", column.kind());
    return column.repetition() > 1
        ? figures.words().of("board.column.again", title, Integer.toString(column.repetition()))
        : title;
  }

  String subtitle(Column column) {
    List<Step> steps =
        network().steps().stream()
            .filter(step -> ColumnKind.of(step.process()) == column.kind())
            .toList();
    return switch (column.kind()) {
      case FEED -> feed();
      case SCREEN -> steps.isEmpty() ? figures.words().of("board.screen.none") : screens(steps);
      case GRAVITY ->
          steps.isEmpty()
              ? figures.words().of("board.gravity.none")
              : heading(figures.words(), machines(figures.words(), steps));
      case VIAL -> vial();
      case MAGNET, JOIN, FINISH -> figures.words().of("board.column.about", column.kind());
    };
  }

  private String vial() {
    int weighed =
        (int)
            network()
                .endLots()
                .filter(
                    lot ->
                        lot.material() == Material.GOLD
                            && worked.gold().lots().containsKey(lot.id()))
                .count();
    return figures.words().counted("board.vial", weighed);
  }

  private String feed() {
    double grams = worked.sand().feedG();
    return grams > 0
        ? figures.words().of("board.feed.dry", figures.sand(grams))
        : figures.words().of("board.feed.unknown");
  }

  private String screens(List<Step> steps) {
    int cuts = steps.stream().mapToInt(step -> step.outputs().size()).sum();
    String text = figures.words().counted("board.cuts", cuts);
    StepClosure closure = worked.sand().closure(steps.getFirst().id());
    return closure.state() == StepClosure.State.NOT_ALL_WEIGHED
        ? text
        : figures.words().of("board.screen.found", text, figures.words().percent(closure.ratio()));
  }

  private static List<String> machines(Words words, List<Step> steps) {
    return steps.stream().map(one -> BoardTexts.shortMachine(words, one)).distinct().toList();
  }

  /** The machines by name, or how many where their names would not fit. */
  private static String heading(Words words, List<String> machines) {
    String names = String.join(BETWEEN, machines);
    return names.length() > ROOM_IN_HEADING
        ? words.of("board.machines", Integer.toString(machines.size()))
        : names;
  }

  private static String shortMachine(Words words, Step step) {
    return step.process() instanceof Process.GravityRun(var machine)
        ? words.of("machine.short", machine.kind())
        : Sentences.process(words, step.process());
  }

  String rowName(Cut cut) {
    return Sentences.cut(figures.words(), cut);
  }

  String rowSizes(Cut cut) {
    if (cut.isAll()) {
      return figures.words().of("board.screen.none");
    }
    if (cut.isClosed()) {
      return Sentences.sizes(figures.words(), cut);
    }
    return cut.isOversize()
        ? figures.words().of("board.sizes.over", figures.words().plain(cut.lowerMm()))
        : figures.words().of("board.sizes.under", figures.words().plain(cut.upperMm()));
  }

  String mass(LotId lot) {
    LotMass mass = worked.sand().mass(lot);
    if (!mass.isKnown()) {
      return figures.words().of("mass.unknown");
    }
    return mass.basis() == LotMass.Basis.DIFFERENCE
        ? figures.words().of("mass.difference", figures.sand(mass.grams()))
        : figures.sand(mass.grams());
  }

  /** What is going on at a station, in a few words. */
  String status(Station station) {
    return switch (station) {
      case Station.Waiting(Cell _, LotId id) -> {
        Lot lot = network().lot(id).orElseThrow();
        yield figures.words().of("board.waiting", figures.words().of("material", lot.material()));
      }
      case Station.Work(Cell _, List<StepId> ids) ->
          work(ids.stream().map(id -> network().batch().step(id).orElseThrow()).toList());
    };
  }

  private String work(List<Step> steps) {
    boolean done = steps.stream().allMatch(step -> step.finishedAt().isPresent());
    String what =
        switch (steps.getLast().process()) {
          case Process.MagnetRun _ -> magnet(steps.getLast(), done);
          case Process.GravityRun _ -> gravity(steps);
          case Process.Screening _ ->
              figures.words().counted("board.cuts", steps.getLast().outputs().size());
          case Process.Receive _, Process.Merging _, Process.Splitting _, Process.Finishing _ ->
              Sentences.process(figures.words(), steps.getLast().process());
        };
    return done ? figures.words().of("board.done", what) : what;
  }

  private String magnet(Step step, boolean done) {
    int passes = step.passes().size();
    if (!done) {
      return figures.words().of("board.magnet.pass", Integer.toString(passes + 1));
    }
    Removal removal = Check.known(worked.gold().removals(), step.id());
    boolean clean = removal.left().isPresent() && removal.left().getAsDouble() < 1;
    return figures.words().counted(clean ? "board.magnet.clean" : "board.magnet.passes", passes);
  }

  private String gravity(List<Step> steps) {
    String runs = runs(steps);
    return steps.stream().map(RunLog::of).anyMatch(RunLog::isRunning)
        ? figures.words().of("board.gravity.running", runs)
        : runs;
  }

  private String runs(List<Step> steps) {
    String names = String.join(BETWEEN, machines(figures.words(), steps));
    String number = Integer.toString(steps.size());
    if (steps.size() == 1) {
      return names;
    }
    if (Reductions.cuts(network(), steps.getFirst()).size() == steps.size()) {
      return figures.words().of("board.gravity.cuts", names, number);
    }
    return names.length() > ROOM_AT_STATION
        ? figures
            .words()
            .of(
                "board.gravity.many",
                number,
                Integer.toString(machines(figures.words(), steps).size()))
        : figures.words().of("board.gravity.runs", names, number);
  }

  String spout(Flow.Spout spout) {
    String mass = spout.grams() > 0 ? figures.sand(spout.grams()) : "";
    String what =
        spout.kind() == Flow.Spout.Kind.WAITING
            ? network().lots(spout.lots()).stream()
                .map(lot -> figures.words().of("material", lot.material()))
                .distinct()
                .collect(Collectors.joining(", "))
            : figures.words().of("board.spout", spout.kind());
    return Stream.of(what, mass).filter(part -> !part.isEmpty()).collect(Collectors.joining(" "));
  }

  String spoutMass(Flow.Spout spout) {
    return spout.grams() > 0 ? figures.sand(spout.grams()) : figures.words().of("mass.unknown");
  }

  String gold(double mg) {
    return figures.gold(mg);
  }

  /** A station read aloud. */
  String spoken(Station station, BoardModel board) {
    Cell cell = station.cell();
    String row = cell.row() == Cell.HEADER ? "" : rowName(board.rows().get(cell.row()));
    return figures
        .words()
        .of("board.spoken", title(board.columns().get(cell.column())), row, status(station));
  }
}
