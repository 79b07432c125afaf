package jugulum.desk.board;

import java.util.List;
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
  /** Longer names of machines would run into what is set aside in the row above. */
  private static final int ROOM_AT_STATION = 12;

  private Words words() {
    return figures.words();
  }

  private Network network() {
    return worked.network();
  }

  /** A column's title, and a shorter one. */
  List<String> title(Column column) {
    return List.of(
        again(column, words().of("board.column", column.kind())),
        again(column, words().of("board.column.brief", column.kind())));
  }

  private String again(Column column, String title) {
    return column.repetition() > 1
        ? words().of("board.column.again", title, Integer.toString(column.repetition()))
        : title;
  }

  /** What stands under a title, said at length and in short. */
  List<String> subtitle(Column column) {
    List<Step> steps =
        network().steps().stream()
            .filter(step -> ColumnKind.of(step.process()) == column.kind())
            .toList();
    return switch (column.kind()) {
      case FEED -> feed();
      case SCREEN ->
          steps.isEmpty() ? List.of(words().of("board.screen.none"), "") : screens(steps);
      case GRAVITY ->
          steps.isEmpty()
              ? List.of(words().of("board.gravity.none"), "")
              : heading(machines(words(), steps));
      case VIAL -> vial();
      case MAGNET, JOIN, FINISH -> List.of(words().of("board.column.about", column.kind()), "");
    };
  }

  private List<String> vial() {
    int weighed =
        (int)
            network()
                .endLots()
                .filter(
                    lot ->
                        lot.material() == Material.GOLD
                            && worked.gold().lots().containsKey(lot.id()))
                .count();
    return List.of(words().counted("board.vial", weighed), words().fixed(weighed, 0));
  }

  private List<String> feed() {
    double grams = worked.sand().feedG();
    return grams > 0
        ? List.of(words().of("board.feed.dry", figures.sand(grams)), figures.sand(grams))
        : List.of(words().of("board.feed.unknown"), words().of("header.none"));
  }

  private List<String> screens(List<Step> steps) {
    int cuts = steps.stream().mapToInt(step -> step.outputs().size()).sum();
    String text = words().counted("board.cuts", cuts);
    StepClosure closure = worked.sand().closure(steps.getFirst().id());
    return closure.state() == StepClosure.State.NOT_ALL_WEIGHED
        ? List.of(text, "")
        : List.of(
            words().of("board.screen.found", text, words().percent(closure.ratio())), text, "");
  }

  private static List<String> machines(Words words, List<Step> steps) {
    return steps.stream()
        .map(one -> Sentences.shortProcess(words, one.process()))
        .distinct()
        .toList();
  }

  /** The machines by name, or how many where their names have no room. */
  private List<String> heading(List<String> machines) {
    return List.of(
        words().beside(machines),
        words().of("board.machines", Integer.toString(machines.size())),
        "");
  }

  String rowName(Cut cut) {
    return Sentences.cut(words(), cut);
  }

  String rowSizes(Cut cut) {
    if (cut.isAll()) {
      return words().of("board.screen.none");
    }
    if (cut.isClosed()) {
      return Sentences.sizes(words(), cut);
    }
    return cut.isOversize()
        ? words().of("board.sizes.over", words().plain(cut.lowerMm()))
        : words().of("board.sizes.under", words().plain(cut.upperMm()));
  }

  String mass(LotId lot) {
    LotMass mass = worked.sand().mass(lot);
    if (!mass.isKnown()) {
      return words().of("mass.unknown");
    }
    return mass.basis() == LotMass.Basis.DIFFERENCE
        ? words().of("mass.difference", figures.sand(mass.grams()))
        : figures.sand(mass.grams());
  }

  /** What is going on at a station, said at length and in short. */
  List<String> status(Station station) {
    return switch (station) {
      case Station.Waiting(Cell _, LotId id) -> {
        Lot lot = network().lot(id).orElseThrow();
        yield List.of(
            words().of("board.waiting", words().of("material", lot.material())),
            words().of("board.waiting.short"));
      }
      case Station.Work(Cell _, List<StepId> ids) ->
          work(ids.stream().map(id -> network().batch().step(id).orElseThrow()).toList());
    };
  }

  private List<String> work(List<Step> steps) {
    boolean done = steps.stream().allMatch(step -> step.finishedAt().isPresent());
    List<String> what =
        switch (steps.getLast().process()) {
          case Process.MagnetRun(var _, var _, var _, var with)
              when with.isPresent() && steps.getLast().passes().isEmpty() ->
              gravity(steps);
          case Process.MagnetRun _ -> magnet(steps.getLast(), done);
          case Process.GravityRun _ -> gravity(steps);
          case Process.Screening _ ->
              List.of(words().counted("board.cuts", steps.getLast().outputs().size()));
          case Process.Receive _, Process.Merging _, Process.Splitting _, Process.Finishing _ ->
              List.of(Sentences.process(words(), steps.getLast().process()));
        };
    return done
        ? Stream.concat(
                what.stream().map(one -> words().of("board.done", one)),
                Stream.of(words().of("tick")))
            .toList()
        : what;
  }

  private List<String> magnet(Step step, boolean done) {
    int passes = step.passes().size();
    String number = Integer.toString(done ? passes : passes + 1);
    if (!done) {
      return List.of(words().of("board.magnet.pass", number), number);
    }
    Removal removal = Check.known(worked.gold().removals(), step.id());
    boolean clean = removal.left().isPresent() && removal.left().getAsDouble() < 1;
    String said = words().counted("board.magnet.passes", passes);
    return clean
        ? List.of(words().counted("board.magnet.clean", passes), said, number)
        : List.of(said, number);
  }

  private List<String> gravity(List<Step> steps) {
    List<String> runs = runs(steps);
    return steps.stream().map(RunLog::of).anyMatch(RunLog::isRunning)
        ? Stream.concat(
                runs.stream().map(one -> words().of("board.gravity.running", one)),
                Stream.of(words().of("board.gravity.running.short")))
            .toList()
        : runs;
  }

  private List<String> runs(List<Step> steps) {
    List<String> machines = machines(words(), steps);
    String names = words().beside(machines);
    String number = Integer.toString(steps.size());
    if (steps.size() == 1) {
      return List.of(names, number);
    }
    if (Reductions.cuts(network(), steps.getFirst()).size() == steps.size()) {
      return List.of(words().of("board.gravity.cuts", names, number), number);
    }
    String kinds = words().of("board.gravity.many", number, Integer.toString(machines.size()));
    return names.length() > ROOM_AT_STATION
        ? List.of(kinds, number)
        : List.of(words().of("board.gravity.runs", names, number), kinds, number);
  }

  /** What leaves the board here, said at length and in short. */
  List<String> spout(BoardFlow.Spout spout) {
    String what =
        spout.kind() == BoardFlow.Spout.Kind.WAITING
            ? words()
                .list(
                    network().lots(spout.lots()).stream()
                        .map(lot -> words().of("material", lot.material()))
                        .distinct()
                        .toList())
            : words().of("board.spout", spout.kind());
    if (spout.grams() <= 0) {
      return List.of(what);
    }
    String mass = figures.sand(spout.grams());
    return List.of(words().of("board.spout.mass", what, mass), mass);
  }

  String spoutMass(BoardFlow.Spout spout) {
    return spout.grams() > 0 ? figures.sand(spout.grams()) : words().of("mass.unknown");
  }

  String gold(double mg) {
    return figures.gold(mg);
  }

  /** A station read aloud. */
  String spoken(Station station, BoardModel board) {
    Cell cell = station.cell();
    String column = title(board.columns().get(cell.column())).getFirst();
    String status = status(station).getFirst();
    return cell.row() == Cell.HEADER
        ? words().of("board.spoken.whole", column, status)
        : words().of("board.spoken", column, rowName(board.rows().get(cell.row())), status);
  }
}
