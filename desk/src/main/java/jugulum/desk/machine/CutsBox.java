package jugulum.desk.machine;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.check.Check;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Sheet;
import jugulum.core.runs.PastRun;
import jugulum.core.runs.Reductions;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Rows;
import jugulum.desk.words.Figures;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** The cuts of a run: each reduces the concentrate of the one before, with settings of its own. */
final class CutsBox extends VBox {
  private static final int MOST_SETTINGS = 3;

  private final Words words;
  private final StepId step;
  private final Desk desk;

  CutsBox(StepId step, Desk desk) {
    this.words = desk.words();
    super(4);
    this.step = step;
    this.desk = desk;
    setId("run-cuts");
  }

  void show(Worked worked, Step now, Sheet sheet, Figures figures) {
    List<Step> cuts = Reductions.cuts(worked.network(), now);
    getChildren().clear();
    if (cuts.size() > 1) {
      getChildren()
          .add(
              Parts.section(
                  words.of(
                      "cuts.title",
                      Integer.toString(cuts.indexOf(now) + 1),
                      Integer.toString(cuts.size()))));
      cuts.forEach(
          cut -> getChildren().add(line(worked, cut, cuts.indexOf(cut) + 1, sheet, figures)));
    }
    Optional<Lot> concentrate = worked.network().output(now, Material.CONCENTRATE);
    boolean waits =
        concentrate.filter(lot -> worked.network().taker(lot.id()).isEmpty()).isPresent()
            && !worked.batch().closed();
    if (waits) {
      getChildren()
          .add(
              Buttons.plain(
                  "next-cut",
                  words.of("cuts.next", Integer.toString(cuts.size() + 1)),
                  "U",
                  () -> next(worked, now, concentrate.get())));
    }
    Parts.shown(this, !getChildren().isEmpty());
  }

  private Node line(Worked worked, Step cut, int number, Sheet sheet, Figures figures) {
    Map<String, Double> set = PastRun.settings(cut);
    String settings =
        words.beside(
            sheet.dials().stream()
                .filter(dial -> set.containsKey(dial.id()))
                .limit(MOST_SETTINGS)
                .map(dial -> told(words, dial, Check.known(set, dial.id())))
                .toList());
    String mass =
        worked
            .network()
            .output(cut, Material.CONCENTRATE)
            .map(lot -> Rows.mass(lot, worked, figures))
            .orElse("");
    String text =
        settings.isEmpty()
            ? words.of("cuts.line", Integer.toString(number))
            : words.of("cuts.line.set", Integer.toString(number), settings);
    Button open =
        Buttons.quiet(
            "open-cut-" + number, words.of("cuts.open"), "", () -> desk.openStep(cut.id()));
    open.setAccessibleText(words.of("cuts.open.spoken", Integer.toString(number)));
    Parts.shown(open, !cut.id().equals(step));
    var line =
        Parts.line(
            text,
            words
                .of(
                    "cuts.mass",
                    mass,
                    StageBox.brief(words, Check.known(worked.gold().stages(), cut.id())).orElse(""))
                .strip());
    line.getChildren().add(open);
    return line;
  }

  private static String told(Words words, Dial dial, double value) {
    return words.of(
        "measure.setting",
        SheetWords.dial(words, dial.id()),
        words.rounded(value, 2),
        SheetWords.unit(words, dial.unit()));
  }

  /** The same machine and the same ports; only the settings are new. */
  private void next(Worked worked, Step now, Lot concentrate) {
    StepId next = worked.batch().nextStep();
    List<Edit.NewLot> ports =
        worked.network().lots(now.outputs()).stream()
            .map(lot -> new Edit.NewLot(lot.material(), concentrate.cut(), ""))
            .distinct()
            .toList();
    desk.submit(new Edit.TakeStep(now.process(), List.of(concentrate.id()), ports))
        .thenAccept(
            outcome -> {
              if (outcome instanceof Outcome.Recorded) {
                desk.openStep(next);
              }
            });
  }
}
