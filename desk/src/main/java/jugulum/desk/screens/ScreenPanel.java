package jugulum.desk.screens;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.LastMinute;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.Screening.Manner;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.Sizings;
import jugulum.core.screens.Screen;
import jugulum.core.screens.Sieving;
import jugulum.core.sizes.SizeCurve;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.SizeChart;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.measure.LastMinuteForm;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.panel.CorrectPanel;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.LotList;
import jugulum.desk.panel.ReadingList;
import jugulum.desk.panel.Rows;
import jugulum.desk.panel.StepPanel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * A stack of screens: each cut with its share of the feed and what is finer, the size curve, the
 * end of shaking, the oversize.
 */
public final class ScreenPanel extends StepPanel {
  private static final double CHART_HEIGHT = 190;

  private final Words words;
  private final VBox findings = new VBox(8);
  private final DrawingView chart = new DrawingView("screen-chart");
  private final VBox shaking = new VBox(8);
  private final VBox shakingSaid = new VBox(6);
  private final ReadingList minutes;
  private Optional<LastMinuteForm> form = Optional.empty();

  public ScreenPanel(StepId step, Desk desk) {
    this.words = desk.words();
    super(step, desk);
    minutes = new ReadingList(reading -> desk.push(new CorrectPanel(reading, desk)));
    findings.setId("screen-findings");
    shakingSaid.setId("shaking-said");
    below(findings, chart, shaking);
    onChosen(this::forChosenScreen);
  }

  @Override
  protected LotList.Row row(Lot lot, Worked worked, Figures figures) {
    Step now = there(worked.batch().step(step));
    double all = now.outputs().stream().mapToDouble(id -> worked.sand().mass(id).grams()).sum();
    LotMass mass = worked.sand().mass(lot.id());
    boolean told = mass.isMeasured() && all > 0;
    double finer =
        now.outputs().stream()
            .skip(1L + now.outputs().indexOf(lot.id()))
            .mapToDouble(id -> worked.sand().mass(id).grams())
            .sum();
    String share = told ? words.fixed(100 * mass.grams() / all, 1) : words.of("screen.no-share");
    String finerShare =
        told && finer > 0 ? words.fixed(100 * finer / all, 1) : words.of("screen.no-share");
    return new LotList.Row(
        lot.id(),
        Sentences.cut(words, lot.cut()),
        List.of(Rows.mass(lot, worked, figures), share, finerShare),
        "",
        !mass.isMeasured());
  }

  @Override
  protected String[] heads() {
    return new String[] {
      words.of("outputs.mass"), words.of("screen.share"), words.of("screen.finer")
    };
  }

  @Override
  protected void showOwn(Worked worked, Step now, Figures figures) {
    if (shaking.getChildren().isEmpty()
        && now.process() instanceof Process.Screening(var stack, var _)) {
      addShaking(now, stack.getFirst());
    }
    boolean open = !worked.batch().closed();
    Parts.shown(shaking, open || !shakingSaid.getChildren().isEmpty());
    findings.getChildren().clear();
    sum(worked, now, figures);
    pan(worked, now);
    oversize(worked, now);
    overloaded(worked, now, figures);
    Optional<SizeCurve> curve = Sizings.screened(worked.network(), worked.sand(), now);
    Parts.shown(chart, curve.isPresent());
    curve.ifPresent(this::curve);
    shakingSaid.getChildren().setAll(lastMinutes(worked, now, figures));
    minutes.show(now.readings(), figures, open);
    forChosenScreen();
  }

  private void sum(Worked worked, Step now, Figures figures) {
    double found =
        now.outputs().stream()
            .map(worked.sand()::mass)
            .filter(LotMass::isMeasured)
            .mapToDouble(LotMass::grams)
            .sum();
    if (found > 0) {
      findings.getChildren().add(Parts.line(words.of("screen.sum"), figures.sand(found)));
    }
  }

  private void pan(Worked worked, Step now) {
    List<Lot> cuts = worked.network().lots(now.outputs());
    long open = cuts.stream().filter(lot -> !worked.sand().mass(lot.id()).isMeasured()).count();
    boolean panOnly =
        open == 1
            && !worked.sand().mass(cuts.getLast().id()).isMeasured()
            && cuts.getLast().cut().retained().isEmpty();
    if (panOnly) {
      findings
          .getChildren()
          .add(
              Parts.advice(
                  "fault",
                  "",
                  words.of("screen.pan-missing", Sentences.lot(words, cuts.getLast()))));
    }
  }

  /** Stays until someone looks, pans it, or runs it. */
  private void oversize(Worked worked, Step now) {
    worked.network().lots(now.outputs()).stream()
        .filter(lot -> lot.cut().isOversize())
        .forEach(
            lot -> {
              Optional<Measure.LookedOver> seen = lot.latest(Measure.LookedOver.class);
              if (seen.isPresent()) {
                findings
                    .getChildren()
                    .add(
                        Parts.advice(
                            "fine",
                            "",
                            words.counted(
                                "screen.oversize.seen",
                                seen.get().pickers(),
                                Sentences.lot(words, lot))));
              } else if (worked.network().taker(lot.id()).isEmpty()) {
                findings
                    .getChildren()
                    .add(
                        Parts.advice(
                            "fault",
                            "",
                            words.of("screen.oversize.unseen", Sentences.lot(words, lot))));
              }
            });
  }

  private void overloaded(Worked worked, Step now, Figures figures) {
    if (!(now.process() instanceof Process.Screening(var _, Optional<Manner> manner)
        && manner.equals(Optional.of(Manner.DRY_SAMPLE)))) {
      return;
    }
    for (Lot lot : worked.network().lots(now.outputs())) {
      LotMass mass = worked.sand().mass(lot.id());
      lot.cut()
          .retained()
          .flatMap(screen -> desk.shop().screen(screen.label()))
          .filter(screen -> mass.isMeasured() && mass.grams() > screen.loadFor(Manner.DRY_SAMPLE))
          .ifPresent(
              screen ->
                  findings
                      .getChildren()
                      .add(
                          Parts.advice(
                              "fault",
                              "",
                              words.of(
                                  "screen.overloaded",
                                  screen.label(),
                                  figures.sand(mass.grams()),
                                  figures.sand(screen.loadFor(Manner.DRY_SAMPLE))))));
    }
  }

  private void curve(SizeCurve curve) {
    List<SizeChart.Series> series =
        List.of(new SizeChart.Series(words.of("process.screen"), curve, "chart-feed"));
    chart.show(
        width -> SizeChart.of(words, series, width, CHART_HEIGHT), SizeChart.spoken(words, series));
    if (curve.d50Mm().isPresent() && curve.p80Mm().isPresent()) {
      String d50 = words.fixed(curve.d50Mm().getAsDouble(), 2);
      findings
          .getChildren()
          .add(
              Parts.advice(
                  "water",
                  words.of("screen.d50", d50),
                  words.of("screen.p80", words.fixed(curve.p80Mm().getAsDouble(), 2))));
    } else if (curve.d50Mm().isPresent()) {
      findings
          .getChildren()
          .add(
              Parts.advice(
                  "water",
                  words.of("screen.d50", words.fixed(curve.d50Mm().getAsDouble(), 2)),
                  ""));
    }
    findings
        .getChildren()
        .add(
            Buttons.plain(
                "plan-cuts", words.of("screen.curve"), "P", () -> feed().ifPresent(desk::plan)));
  }

  private Optional<LotId> feed() {
    return worked().flatMap(now -> now.batch().step(step)).map(now -> now.inputs().getFirst());
  }

  private void addShaking(Step now, Screen first) {
    LastMinuteForm made = new LastMinuteForm(desk.figures(), first);
    form = Optional.of(made);
    RecordBox box =
        new RecordBox(
                "record-minute",
                words.of("screen.minute.record"),
                made,
                measure -> desk.submit(new Edit.RecordOnStep(now.id(), measure)))
            .aside();
    shaking
        .getChildren()
        .addAll(
            Parts.section(words.of("screen.minute")),
            Parts.sentence(words.of("screen.minute.about"), "muted"),
            shakingSaid,
            minutes,
            box);
  }

  private void forChosenScreen() {
    Optional<Screen> screen = chosen().flatMap(lot -> lot.cut().retained());
    form.ifPresent(asked -> screen.ifPresent(asked::forScreen));
  }

  private List<Node> lastMinutes(Worked worked, Step now, Figures figures) {
    double all =
        worked.sand().closure(step).inG() > 0
            ? worked.sand().closure(step).inG()
            : worked.sand().closure(step).outG();
    return now.readings().stream()
        .filter(Reading::isLive)
        .map(Reading::measure)
        .filter(LastMinute.class::isInstance)
        .map(LastMinute.class::cast)
        .filter(minute -> all > 0 && minute.passedG() <= all)
        .<Node>map(minute -> lastMinute(minute, all, figures))
        .toList();
  }

  private static Node lastMinute(LastMinute minute, double all, Figures figures) {
    Words words = figures.words();
    boolean enough = Sieving.isEnough(minute.passedG(), all);
    String share = words.fixed(100 * Sieving.lastMinuteShare(minute.passedG(), all), 2);
    return Parts.advice(
        enough ? "fine" : "fault",
        words.of(enough ? "screen.minute.enough" : "screen.minute.go-on", minute.screen().label()),
        words.of(
            "screen.minute.share",
            figures.sand(minute.passedG()),
            share,
            words.plain(100 * Sieving.END_POINT)));
  }
}
