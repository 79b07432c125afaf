package jugulum.desk.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.BenchSums;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Sheet;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;
import jugulum.desk.entry.Buttons;
import jugulum.desk.entry.DialText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.workbench.Outcome;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.Words;

/** The bench sheet of a machine for one run: what to check, what is usual, what was set, how to clean it out. */
final class SheetPanel extends Panel {
  private final StepId step;
  private final Sheet sheet;
  private final Desk desk;
  private final Label fit = Parts.sentence("", "strong");
  private final VBox sums = new VBox(2);
  private final List<Set> dials = new ArrayList<>();

  /** A dial with its field and what is to be said of its value. */
  private record Set(Dial dial, EntryField<Double> field, Label said) {}

  SheetPanel(StepId step, Sheet sheet, Desk desk) {
    this.step = step;
    this.sheet = sheet;
    this.desk = desk;
    getChildren().addAll(Parts.heading(Words.of("sheet.title"), Words.of("machine", sheet.kind())), Parts.sentence(suits(sheet), "muted"), fit);
    getChildren().add(Parts.section(Words.of("sheet.checks")));
    sheet.checks().forEach(check -> getChildren().add(Parts.sentence(Words.of("sheet.item", SheetWords.check(check)))));
    getChildren().add(Parts.section(Words.of("sheet.dials")));
    sheet.dials().forEach(dial -> getChildren().add(part(dial)));
    sums.setId("sheet-sums");
    getChildren().addAll(sums, Parts.section(Words.of("sheet.cleaning")));
    sheet.cleaning().forEach(one -> getChildren().add(Parts.sentence(Words.of("sheet.item", SheetWords.cleaning(one)))));
    getChildren().addAll(Parts.advice("idle", "", SheetWords.look()), Buttons.quiet("back", Words.of("panel.back"), "Esc", desk::back));
  }

  private static String suits(Sheet sheet) {
    return Words.of("sheet.suits", Figures.plain(sheet.suits().finestMm()), Figures.plain(sheet.suits().coarsestMm()));
  }

  private VBox part(Dial dial) {
    String name = Words.of("sheet.dial", SheetWords.dial(dial.id()), SheetWords.usual(dial));
    EntryField<Double> field = new EntryField<>("dial-" + dial.id(), name, SheetWords.example(dial), typed -> DialText.parse(dial.unit(), typed));
    field.field().setOnAction(_ -> field.read().ifPresent(value -> record(dial, field, value)));
    Label said = Parts.sentence("", "muted");
    said.setId("said-" + dial.id());
    dials.add(new Set(dial, field, said));
    return new VBox(3, field, said, Parts.sentence(Words.of("sheet.about", SheetWords.does(dial), SheetWords.how(dial)), "muted"));
  }

  private void record(Dial dial, EntryField<Double> field, double value) {
    desk.submit(new Edit.RecordOnStep(step, new Measure.Setting(dial.id(), value)))
        .thenAccept(
            outcome -> {
              if (outcome instanceof Outcome.Refused(String sentence)) {
                field.refuse(sentence);
              }
            });
  }

  @Override
  public void show(Worked worked, Figures figures) {
    Step now = there(worked.batch().step(step));
    Cut cut = worked.network().cutInto(now);
    fit.setText(Words.of("sheet.fit", sheet.suits().fit(cut.upperMm(), Math.max(cut.lowerMm(), Conditions.USUAL_FINEST_GOLD_MM))));
    double grams = worked.sand().mass(now.inputs().getFirst()).grams();
    sums.getChildren().setAll(sums(now, grams));
    for (Set set : dials) {
      OptionalDouble value = now.setting(set.dial().id());
      value.ifPresent(noted -> set.field().fill(Figures.rounded(noted, 2)));
      set.said().setText(value.isPresent() ? said(set.dial(), value.getAsDouble()) : "");
      Parts.shown(set.said(), !set.said().getText().isEmpty());
    }
  }

  /** What the settings come to for this lot. */
  private static List<Label> sums(Step now, double grams) {
    List<Label> lines = new ArrayList<>();
    OptionalDouble charge = now.setting("charge");
    if (grams > 0 && charge.isPresent() && charge.getAsDouble() > 0) {
      lines.add(Parts.sentence(Words.counted("sheet.charges", BenchSums.charges(grams, charge.getAsDouble()))));
    }
    OptionalDouble feed = now.setting("feed");
    if (grams > 0 && feed.isPresent() && feed.getAsDouble() > 0) {
      lines.add(Parts.sentence(Words.of("sheet.run-time", Figures.time(60 * BenchSums.runHours(grams / 1000, feed.getAsDouble())))));
    }
    return lines;
  }

  private static String said(Dial dial, double value) {
    if (!dial.takes(value)) {
      return Words.of("sheet.outside", Figures.plain(dial.low()), Figures.plain(dial.high()));
    }
    return dial.isUsual(value) ? "" : Words.of("sheet.unusual");
  }

  @Override
  public boolean fits(Worked worked) {
    return worked.batch().step(step).filter(Step::isLive).isPresent();
  }

  @Override
  public void focusFirst() {
    dials.getFirst().field().field().requestFocus();
  }

  @Override
  public Object key() {
    return List.of(step, "sheet");
  }
}
