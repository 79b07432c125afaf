package jugulum.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.trial.TrialStream;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Found;
import jugulum.core.trial.Spike;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialPlan.Stuff;

/** Two made-up trials: one that settled its question, one that did not yet. */
final class DemoTrials {
  private static final int SPECKS = 60;
  private static final double SAND_G = 2_000;

  private final Book book;
  private final DemoClock clock;

  DemoTrials(Book book, DemoClock clock) {
    this.book = book;
    this.clock = clock;
  }

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  private static final List<Cut> THREE =
      List.of(
          cut("30", "50"),
          cut("50", "100"),
          new Cut(StandardScreens.numbered("100"), Optional.empty()));
  private static final List<Cut> TWO = THREE.subList(0, 2);

  /** A bowl that loses the finest, and a film table that does not. */
  void settled(Gear bowl, Gear slate) {
    TrialId id = id("7a3e5c10-0000-4000-8000-000000000101");
    TrialPlan plan =
        new TrialPlan(
            Stuff.GOLD,
            List.of(
                new Contender(bowl.machine(), "", Map.of("rim", 4.0, "flow", 11.0), ""),
                new Contender(slate.machine(), "", Map.of("tilt", 1.5), "")),
            THREE,
            SPECKS,
            List.of(0, 1, 1, 0, 0, 1),
            OptionalDouble.of(SAND_G));
    does(id, new TrialEdit.Begin(id, "Garden bowl against slate", plan));
    blank(id, 0, 1, THREE, 0, 1, 0);
    blank(id, 1, 2, THREE, 0, 0, 1);
    run(id, 0, 3, THREE, won(58, 53, 41), lost(2, 6, 15));
    run(id, 1, 4, THREE, won(58, 55, 53), lost(1, 4, 5));
    run(id, 1, 5, THREE, won(59, 56, 54), lost(1, 3, 4));
    run(id, 0, 6, THREE, won(59, 54, 43), lost(1, 4, 16));
    run(id, 0, 7, THREE, won(58, 52, 42), lost(1, 6, 17));
    run(id, 1, 8, THREE, won(58, 56, 55), lost(2, 3, 3));
    does(id, new TrialEdit.Close(true));
  }

  /** The same pan held in two ways: more specks would be needed to tell them apart. */
  void open(Gear pan) {
    TrialId id = id("7a3e5c10-0000-4000-8000-000000000102");
    Machine machine = pan.machine();
    TrialPlan plan =
        new TrialPlan(
            Stuff.GOLD,
            List.of(
                new Contender(machine, "riffles away", Map.of(), ""),
                new Contender(machine, "riffles near", Map.of(), "")),
            TWO,
            SPECKS,
            List.of(1, 0, 0, 1),
            OptionalDouble.of(800));
    does(id, new TrialEdit.Begin(id, "Old pan, which way round", plan));
    run(id, 1, 1, TWO, won(57, 47), lost(2, 8));
    run(id, 0, 2, TWO, won(58, 52), lost(1, 7));
    run(id, 0, 3, TWO, won(58, 53), lost(2, 5));
    does(id, new TrialEdit.AddNote("the water was colder in the third run"));
  }

  private static int[] won(int... specks) {
    return specks;
  }

  private static int[] lost(int... specks) {
    return specks;
  }

  private static TrialId id(String uuid) {
    return new TrialId(UUID.fromString(uuid));
  }

  private void run(TrialId id, int contender, int number, List<Cut> cuts, int[] won, int[] lost) {
    does(
        id,
        new TrialEdit.Run(
            contender, SAND_G, cuts.stream().map(cut -> Spike.counted(cut, SPECKS)).toList()));
    clock.goesOn(40);
    List<Found> found = new ArrayList<>();
    for (int i = 0; i < cuts.size(); i++) {
      found.add(Found.counted(Material.CONCENTRATE, cuts.get(i), won[i]));
      found.add(Found.counted(Material.TAILINGS, cuts.get(i), lost[i]));
    }
    does(id, new TrialEdit.Find(number, found));
  }

  private void blank(TrialId id, int contender, int number, List<Cut> cuts, int... own) {
    does(id, new TrialEdit.Run(contender, SAND_G, List.of()));
    clock.goesOn(30);
    List<Found> found = new ArrayList<>();
    for (int i = 0; i < cuts.size(); i++) {
      found.add(Found.counted(Material.CONCENTRATE, cuts.get(i), own[i]));
    }
    does(id, new TrialEdit.Find(number, found));
  }

  private void does(TrialId id, TrialEdit edit) {
    book.submit(Order.of(TrialStream.of(id), edit));
  }
}
