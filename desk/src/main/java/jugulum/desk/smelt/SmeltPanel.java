package jugulum.desk.smelt;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletionStage;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.gold.Smelts;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Melting;
import jugulum.core.smelt.Charge;
import jugulum.core.smelt.MeltTimer;
import jugulum.core.smelt.Roast;
import jugulum.core.task.Task;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.MeltChart;
import jugulum.desk.files.FileKind;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Seldom;
import jugulum.desk.measure.MeltForm;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.panel.CorrectPanel;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.panel.ReadingList;
import jugulum.desk.panel.TaskBox;
import jugulum.desk.print.MeltPdf;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MeltWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TaskWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/**
 * The smelt of a lot's sand, from what is taken to the last bead: what it tells first, the
 * crucibles as a picture, the next question at the foot, what is seldom told behind a fold.
 */
public final class SmeltPanel extends Panel {
  private final Words words;
  private final LotId lot;
  private final Desk desk;
  private final Label tells = Parts.styled(new Label(), "gold-figure");
  private final Label of = Parts.sentence("", "muted");
  private final DrawingView picture = new DrawingView("melt-picture");
  private final Label time = Parts.sentence("", "strong");
  private final Label roast = Parts.sentence("");
  private final Label beads = Parts.sentence("");
  private final ChargeBox charge;
  private final WholeBox whole;
  private final ReadingList readings;
  private final TaskBox asks;
  private final RecordBox begins;
  private final BesideBox beside;
  private final Seldom more;
  private final Button other;
  private Optional<Lot> shown = Optional.empty();
  private List<Task> open = List.of();
  private Optional<Task.Key> asked = Optional.empty();
  private Runnable turn = () -> {};

  /** Makes the panel of a lot. */
  public SmeltPanel(Lot smelted, Desk desk) {
    this.words = desk.words();
    this.lot = smelted.id();
    this.desk = desk;
    tells.setId("melt-tells");
    time.setId("melt-time");
    roast.setId("melt-roast");
    beads.setId("melt-beads");
    charge = new ChargeBox(words);
    whole = new WholeBox(desk);
    asks = new TaskBox("melt", desk);
    other = Buttons.quiet("melt-other", "", "O", () -> turn.run());
    begins =
        new RecordBox(
            "melt-begin",
            words.of("melt.begin"),
            new MeltForm(desk.figures(), MeltForm.What.TAKEN, 0),
            this::record);
    beside = new BesideBox(desk, this::record);
    more = new Seldom("melt-more", words.of("melt.more"), "V", beside);
    readings = new ReadingList(reading -> desk.push(new CorrectPanel(reading, desk)), true);
    getChildren()
        .addAll(
            Parts.heading(words.of("melt.title"), Sentences.lot(words, smelted)),
            new VBox(2, tells, of),
            time,
            roast,
            picture,
            beads,
            charge,
            more,
            whole,
            Parts.advice("caution", words.of("caution.smelt.title"), words.of("caution.smelt")),
            Parts.advice("caution", "", words.of("caution.fume")),
            new Seldom("melt-readings", words.of("lot.readings"), "R", readings),
            Parts.row(
                Buttons.quiet("melt-sheet", words.of("melt.sheet"), "P", this::print),
                Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back)));
  }

  private CompletionStage<Outcome> record(Measure measure) {
    return desk.submit(new Edit.RecordOnLot(lot, measure));
  }

  @Override
  public void show(Worked worked, Figures figures) {
    Lot now = there(worked.network().lot(lot));
    shown = Optional.of(now);
    boolean mayRecord = !worked.batch().closed();
    List<Melting> rounds = Melting.of(now);
    open =
        desk.open(worked).stream()
            .filter(task -> task.isOf(lot) && task.subject() instanceof Task.Subject.OfMelt)
            .toList();
    ask(worked);
    Parts.shown(dock(), mayRecord);
    tell(worked, now, figures);
    Optional<Melting> last = rounds.stream().reduce((_, later) -> later);
    last.ifPresent(
        round ->
            picture.show(width -> MeltChart.of(round, figures, width), words.of("melt.picture")));
    Parts.shown(picture, last.filter(round -> !round.crucibles().isEmpty()).isPresent());
    roast.setText(last.flatMap(round -> roasted(round, figures)).orElse(""));
    Parts.shown(roast, !roast.getText().isEmpty());
    beads.setText(
        last.map(round -> MeltWords.beads(round, desk.shop(), figures))
            .map(lines -> String.join("\n", lines))
            .orElse(""));
    Parts.shown(beads, !beads.getText().isEmpty());
    Parts.shown(more, mayRecord && last.isPresent());
    last.ifPresent(beside::show);
    charge.show(last, figures);
    whole.show(worked, now, figures);
    readings.show(
        now.readings().stream()
            .filter(reading -> reading.measure() instanceof Measure.Melt)
            .toList(),
        figures,
        mayRecord);
    tick(desk.now());
  }

  /** Whether the roast is through, by what it did to the weight. */
  private Optional<String> roasted(Melting round, Figures figures) {
    return round
        .said()
        .latest(MeltFact.Roasted.class)
        .filter(told -> told.beforeG() <= Charge.MOST_G)
        .flatMap(
            told ->
                round
                    .said()
                    .latest(MeltFact.Sands.class)
                    .map(
                        sands -> {
                          Roast.Change expected =
                              Roast.expected(told.beforeG(), sands.sulfide(), sands.iron());
                          double change = told.afterG() - told.beforeG();
                          return words.of(
                              expected.isUnfinished(change)
                                  ? "melt.roast.unfinished"
                                  : "melt.roast.through",
                              figures.read(-change, 0.1),
                              figures.read(-expected.highG(), 0.1),
                              figures.read(-expected.lowG(), 0.1));
                        }));
  }

  /** Asks what was asked, as long as it is open; else what comes first. */
  private void ask(Worked worked) {
    List<Task.Key> keys = open.stream().map(Task::key).toList();
    int place = Math.max(0, asked.map(keys::indexOf).orElse(0));
    Optional<Task> next = open.stream().skip(place).findFirst();
    asked = next.map(Task::key);
    next.ifPresent(task -> asks.show(task, worked));
    Optional<Task> after = next.flatMap(this::beside);
    after.ifPresent(
        task ->
            other.setText(words.of("melt.other", TaskWords.text(words, task, worked.network()))));
    dock()
        .getChildren()
        .setAll(
            next.isEmpty()
                ? List.of(begins)
                : after.<List<Node>>map(_ -> List.of(asks, other)).orElse(List.of(asks)));
    turn =
        () -> {
          asked = after.map(Task::key);
          ask(worked);
          asks.focus();
        };
  }

  /** The first question of the next crucible that asks for something, and round again. */
  private Optional<Task> beside(Task now) {
    int here = open.indexOf(now);
    return Stream.concat(open.stream().skip(here), open.stream().limit(here))
        .filter(task -> !task.subject().equals(now.subject()))
        .findFirst();
  }

  /** Grams per tonne of what is left, with its range, and of which gold. */
  private void tell(Worked worked, Lot now, Figures figures) {
    int crucibles = Smelts.of(now).size();
    double leftG = Smelts.leftG(now, worked.sand().mass(lot));
    Optional<LotGold> gold =
        Optional.ofNullable(worked.gold().lots().get(lot)).filter(_ -> crucibles > 0 && leftG > 0);
    Optional<GoldRange> hidden = gold.flatMap(LotGold::hidden);
    Optional<GoldRange> range = hidden.or(() -> gold.map(LotGold::all));
    Parts.shown(tells, range.isPresent());
    Parts.shown(of, range.isPresent());
    range.ifPresent(
        told -> {
          double perTonne = 1000 * worked.gold().fineness() / leftG;
          String grade = words.of("melt.tells", words.rounded(told.milligrams() * perTonne, 1));
          boolean isAtLeast = gold.get().isAtLeast();
          tells.setText(isAtLeast ? words.of("account.at-least", grade) : grade);
          of.setText(
              words.counted(
                  hidden.isPresent() ? "melt.tells.hidden" : "melt.tells.all",
                  crucibles,
                  words.rounded(told.lowMg() * perTonne, 1),
                  words.rounded(told.highMg() * perTonne, 1),
                  figures.gold(told.milligrams()),
                  figures.sand(leftG)));
        });
  }

  @Override
  public void tick(Instant now) {
    List<String> lines = new ArrayList<>();
    shown.stream()
        .flatMap(one -> MeltTimer.of(one).stream())
        .forEach(timer -> lines.add(clock(timer, now)));
    time.setText(String.join("\n", lines));
    Parts.shown(time, !lines.isEmpty());
  }

  private String clock(MeltTimer timer, Instant now) {
    String what = words.of("melt.on", timer.phase());
    return words.of(
        timer.crucible() == 0 ? "melt.clock.all" : "melt.clock",
        what,
        words.stopwatch(Duration.between(timer.began(), now)),
        words.stopwatch(timer.minutes()),
        Integer.toString(timer.crucible()));
  }

  private void print() {
    shown.ifPresent(
        one ->
            desk.save(
                FileKind.SHEET,
                Sentences.lot(words, one),
                () -> MeltPdf.of(one, desk.figures().get())));
  }

  @Override
  public boolean fits(Worked worked) {
    return worked.network().lot(lot).isPresent();
  }

  @Override
  public void focusFirst() {
    if (asks.getParent() == null) {
      begins.form().fields().getFirst().field().requestFocus();
    } else {
      asks.focus();
    }
  }

  @Override
  public Object key() {
    return List.of(lot, "smelt");
  }
}
