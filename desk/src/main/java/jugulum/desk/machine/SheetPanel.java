package jugulum.desk.machine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Overnight;
import jugulum.core.machine.Sheet;
import jugulum.core.marks.DeckLine;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.entry.DialText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.files.FileKind;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.print.SheetPage;
import jugulum.desk.print.SheetPdf;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MarkWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.StartWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/**
 * The bench sheet of a machine for one run: what to check, where to start with this cut, what was
 * set, how to clean it out.
 */
final class SheetPanel extends Panel {
  private final Words words;
  private final StepId step;
  private final Gear gear;
  private final Sheet sheet;
  private final Desk desk;
  private final Label fit = Parts.sentence("", "strong");
  private final RunSums sums;
  private final List<Set> dials = new ArrayList<>();
  private final Map<String, CheckBox> checks = new HashMap<>();
  private final Button keep;
  private Optional<OwnDials> ownDials = Optional.empty();
  private Optional<Worked> worked = Optional.empty();
  private boolean filling;

  /**
   * A dial with its field, what the field shows of the record, and what is to be said of its value.
   */
  private static final class Set {
    private final Dial dial;
    private final EntryField<Double> field;
    private final Label said = Parts.sentence("", "muted");
    private final Label target = Parts.sentence("", "target");
    private OptionalDouble noted = OptionalDouble.empty();

    Set(Dial dial, EntryField<Double> field) {
      this.dial = dial;
      this.field = field;
      said.setId("said-" + dial.id());
      target.setId("target-" + dial.id());
    }
  }

  /** What the laws of practice give to start from. */
  private final VBox model = new VBox();

  SheetPanel(StepId step, List<String> toCheck, Gear gear, Desk desk) {
    this.words = desk.words();
    this.step = step;
    this.gear = gear;
    this.sheet = gear.sheet();
    this.desk = desk;
    this.sums = new RunSums(words, gear);
    keep = Buttons.plain("keep-usual", words.of("sheet.keep"), "K", this::keepAsUsual);
    Button print = Buttons.plain("print-sheet", words.of("sheet.print"), "P", this::print);
    getChildren()
        .addAll(
            Parts.heading(words.of("sheet.title"), GearWords.name(words, gear)),
            Parts.sentence(suits(words, sheet), "muted"),
            fit);
    getChildren().add(new Wrapping(8, 8, print, keep));
    getChildren().add(Parts.section(words.of("sheet.checks")));
    toCheck.forEach(check -> getChildren().add(tick(check)));
    getChildren().add(Parts.section(words.of("sheet.dials")));
    model.setId("sheet-model");
    getChildren().add(model);
    sheet.dials().forEach(dial -> getChildren().add(part(dial)));
    if (!gear.ownDials().isEmpty()) {
      ownDials = Optional.of(new OwnDials(words, gear.ownDials(), this::record));
      ownDials.ifPresent(getChildren()::add);
    }
    getChildren()
        .addAll(sums, RightBox.of(words, sheet.kind()), Parts.section(words.of("sheet.cleaning")));
    sheet
        .cleaning()
        .forEach(
            one ->
                getChildren()
                    .add(Parts.sentence(words.of("sheet.item", SheetWords.cleaning(words, one)))));
    if (Overnight.isFor(sheet)) {
      getChildren().add(Parts.advice("idle", "", MarkWords.runOn(words)));
    }
    getChildren().add(Parts.advice("idle", "", SheetWords.look(words)));
    sheet
        .cautions()
        .forEach(
            one -> getChildren().add(Parts.advice("caution", "", SheetWords.caution(words, one))));
    getChildren().add(Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back));
  }

  private static String suits(Words words, Sheet sheet) {
    return words.of(
        "sheet.suits",
        words.plain(sheet.suits().finestMm()),
        words.plain(sheet.suits().coarsestMm()));
  }

  private CheckBox tick(String check) {
    CheckBox box = new CheckBox(SheetWords.check(words, check));
    box.setId("check-" + check);
    box.setWrapText(true);
    box.selectedProperty()
        .addListener(
            (_, _, ticked) -> {
              if (!filling) {
                ticked(check, ticked);
              }
            });
    checks.put(check, box);
    return box;
  }

  /** A tick is a record like any other: taking it away strikes it. */
  private void ticked(String check, boolean now) {
    if (now) {
      desk.submit(new Edit.RecordOnStep(step, new Measure.Checked(check)));
    } else {
      made(check)
          .ifPresent(
              reading -> desk.submit(new Edit.Strike(reading.id(), words.of("sheet.unticked"))));
    }
  }

  private Optional<Reading> made(String check) {
    return worked
        .flatMap(shown -> shown.batch().step(step))
        .flatMap(
            now ->
                now.live(Measure.Checked.class)
                    .filter(reading -> ((Measure.Checked) reading.measure()).check().equals(check))
                    .findFirst());
  }

  private VBox part(Dial dial) {
    String name =
        words.of(
            dial.usual().isPresent() ? "sheet.dial" : "sheet.dial.own",
            SheetWords.dial(words, dial.id()),
            SheetWords.usual(words, dial));
    EntryField<Double> field =
        new EntryField<>(
            words,
            "dial-" + dial.id(),
            name,
            SheetWords.example(words, dial),
            typed -> DialText.parse(words, dial.unit(), typed));
    field.field().setOnAction(_ -> field.read().ifPresent(value -> record(dial, field, value)));
    Set set = new Set(dial, field);
    dials.add(set);
    return new VBox(
        3,
        field,
        set.said,
        set.target,
        Parts.sentence(
            words.of(
                "sheet.about", SheetWords.does(words, sheet, dial), SheetWords.how(words, dial)),
            "muted"));
  }

  private void record(Dial dial, EntryField<Double> field, double value) {
    record(dial.id(), field, value);
  }

  private void record(String dial, EntryField<Double> field, double value) {
    desk.submit(new Edit.RecordOnStep(step, new Measure.Setting(dial, value)))
        .thenAccept(
            outcome -> {
              if (outcome instanceof Outcome.Not not) {
                field.refuse(Told.why(not, desk.figures().get()));
              }
            });
  }

  private void keepAsUsual() {
    worked
        .flatMap(shown -> shown.batch().step(step))
        .map(PastRun::settings)
        .ifPresent(
            set ->
                desk.change(new ShopEdit.KnowMachine(gear.usuallyAt(set)))
                    .thenRun(() -> desk.openStep(step)));
  }

  private void print() {
    worked.ifPresent(
        shown -> {
          Step now = there(shown.batch().step(step));
          Cut cut = shown.network().cutInto(now);
          String what =
              words.of(
                  "sheet.page.for",
                  shown.batch().label().name(),
                  Sentences.cut(words, cut),
                  cut.isAll() ? words.of("board.screen.none") : Sentences.sizes(words, cut));
          SheetPage page =
              SheetPage.of(
                      words,
                      gear,
                      GearWords.name(words, gear),
                      Optional.of(feed(shown, now)),
                      what,
                      PastRun.settings(now),
                      sums.sentences())
                  .checking(words, Overnight.checks(sheet, now.process()));
          desk.save(
              FileKind.SHEET,
              words.of(
                  "sheet.page.file",
                  GearWords.name(words, gear),
                  Sentences.cut(words, shown.network().cutInto(now))),
              () -> SheetPdf.of(words, page));
        });
  }

  @Override
  public void show(Worked shown, Figures figures) {
    this.worked = Optional.of(shown);
    Step now = there(shown.batch().step(step));
    boolean open = !shown.batch().closed();
    var cut = shown.network().cutInto(now);
    fit.setText(words.of("sheet.fit", sheet.fit(cut)));
    Parts.shown(
        keep,
        open
            && !gear.name().isEmpty()
            && desk.shop().gear().contains(gear)
            && !PastRun.settings(now).isEmpty());
    filling = true;
    checks.forEach((check, box) -> box.setSelected(made(check).isPresent()));
    checks.values().forEach(box -> box.setDisable(!open));
    filling = false;
    StartWords.Feed feed = feed(shown, now);
    // A cut the machine has marks of its own for stands at those.
    Sheet marked = gear.sheet(cut);
    for (Set set : dials) {
      Dial dial = marked.dial(set.dial.id()).orElse(set.dial);
      show(words, set, dial, now, StartWords.target(words, marked, dial, feed), open);
    }
    ownDials.ifPresent(own -> own.show(now, open));
    sums.show(now, shown.sand().closure(step).inG());
    model
        .getChildren()
        .setAll(
            StartWords.of(words, sheet, feed).stream()
                .map(start -> Parts.advice("water", start, words.of("practice.model")))
                .toList());
    gear.line(cut)
        .ifPresent(
            line ->
                model
                    .getChildren()
                    .addFirst(
                        Parts.advice("water", ownLine(line, now), MarkWords.line(words, line))));
  }

  /** Where the line of this table stands as it is set now. */
  private String ownLine(DeckLine line, Step now) {
    OptionalDouble tilt = now.setting("tilt");
    OptionalDouble there =
        tilt.isPresent() && tilt.getAsDouble() >= 0 && tilt.getAsDouble() <= 30
            ? line.mm(tilt.getAsDouble(), now.setting("wash-water"))
            : tilt;
    return tilt.isPresent() && there.isPresent()
        ? words.of("line.here", words.rounded(there.getAsDouble(), 0))
        : words.of("line.own");
  }

  private static StartWords.Feed feed(Worked shown, Step now) {
    return new StartWords.Feed(
        shown.network().cutInto(now), BatchSpecks.of(shown.network()).flatness());
  }

  /** The field follows the record; typing that was not noted yet stays while another dial is. */
  private static void show(
      Words words, Set set, Dial dial, Step now, Optional<String> target, boolean open) {
    OptionalDouble value = now.setting(set.dial.id());
    if (!value.equals(set.noted)) {
      set.noted = value;
      value.ifPresent(noted -> set.field.fill(words.rounded(noted, 2)));
    }
    set.field.field().setDisable(!open);
    set.said.setText(value.isPresent() ? said(words, dial, value.getAsDouble()) : "");
    Parts.shown(set.said, !set.said.getText().isEmpty());
    set.target.setText(target.map(start -> words.of("sheet.target", start)).orElse(""));
    Parts.shown(set.target, target.isPresent());
  }

  private static String said(Words words, Dial dial, double value) {
    if (!dial.takes(value)) {
      return words.of("sheet.outside", words.plain(dial.low()), words.plain(dial.high()));
    }
    return dial.isUsual(value) ? "" : words.of("sheet.unusual");
  }

  @Override
  public boolean fits(Worked now) {
    return now.batch().step(step).filter(Step::isLive).isPresent();
  }

  @Override
  public void focusFirst() {
    dials.getFirst().field.field().requestFocus();
  }

  @Override
  public Object key() {
    return List.of(step, "sheet");
  }
}
