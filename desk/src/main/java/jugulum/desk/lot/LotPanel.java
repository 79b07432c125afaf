package jugulum.desk.lot;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.LotMass;
import jugulum.core.specks.PoissonRange;
import jugulum.core.specks.Speck;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.measure.AssayForm;
import jugulum.desk.measure.GoldWeightForm;
import jugulum.desk.measure.KnownGoldForm;
import jugulum.desk.measure.LiftTestForm;
import jugulum.desk.measure.LookedOverForm;
import jugulum.desk.measure.MagnetTestForm;
import jugulum.desk.measure.MeasureForm;
import jugulum.desk.measure.PannedSampleForm;
import jugulum.desk.measure.ProductForm;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.measure.SmeltForm;
import jugulum.desk.measure.SpeckCountForm;
import jugulum.desk.measure.SpeckTestForm;
import jugulum.desk.measure.WeighedSpecksForm;
import jugulum.desk.panel.CorrectPanel;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.panel.ReadingList;
import jugulum.desk.panel.Rows;
import jugulum.desk.panel.WeighBox;
import jugulum.desk.words.Figures;
import jugulum.desk.words.GoldWords;
import jugulum.desk.words.PoolWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * One container of material: its readings, what is known of its gold, what can be done with it
 * next.
 */
public final class LotPanel extends Panel {
  private static final double CONFIDENCE = 0.95;

  private final Words words;
  private final LotId lot;
  private final Desk desk;
  private final Label name = Parts.styled(new Label(), "panel-title");
  private final Label sizes = Parts.styled(new Label(), "in-hand");
  private final VBox facts = new VBox(4);
  private final ReadingList readings;
  private final VBox entry = new VBox(10);
  private final VBox entryPlace = new VBox(entry);
  private final VBox next = new VBox();
  private Onward onward = new Onward(Optional.empty(), false, false, Optional.empty());

  /** What decides which ways on are offered. */
  private record Onward(
      Optional<StepId> taker, boolean open, boolean discarded, Optional<Route> route) {}

  private Optional<Segments<Kind>> kinds = Optional.empty();
  private Optional<Worked> worked = Optional.empty();

  /** What can be recorded on a lot. */
  private enum Kind {
    WEIGHT,
    PANNED,
    SPECKS,
    ASSAY,
    SMELT,
    KNOWN,
    WEIGHED_SPECKS,
    SPECK_TEST,
    LOOKED_OVER,
    MAGNET_TEST,
    LIFT_TEST,
    PRODUCT,
    GOLD
  }

  public LotPanel(LotId lot, Desk desk) {
    this.words = desk.words();
    this.lot = lot;
    this.desk = desk;
    this.readings = new ReadingList(reading -> desk.push(new CorrectPanel(reading, desk)));
    facts.setId("lot-facts");
    getChildren()
        .addAll(
            new VBox(2, name, sizes),
            facts,
            next,
            // What can be weighed now is in sight, however long the history is.
            entryPlace,
            Parts.section(words.of("lot.readings")),
            readings,
            Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back));
  }

  @Override
  public void show(Worked worked, Figures figures) {
    this.worked = Optional.of(worked);
    Lot now = there(worked.network().lot(lot));
    name.setText(Sentences.title(words, now));
    sizes.setText(Sentences.sizes(words, now.cut()));
    facts.getChildren().setAll(facts(worked, now, figures));
    readings.show(now.readings(), figures, !worked.batch().closed());
    boolean open = !worked.batch().closed();
    if (kinds.isEmpty() && open) {
      addEntry(now);
    }
    if (entry.lookup(".weigh-box") instanceof WeighBox weigh) {
      weigh.tell();
    }
    Parts.shown(entry, open);
    boolean isAsked =
        desk.open(worked).stream().anyMatch(task -> task.isOf(lot) && task.isOfTheLotItself());
    move(entry, isAsked ? dock() : entryPlace);
    Optional<Step> taker = worked.network().taker(lot);
    Onward ways = new Onward(taker.map(Step::id), open, now.isGone(), worked.batch().route());
    if (ways.equals(onward)) {
      return;
    }
    onward = ways;
    next.getChildren().clear();
    if (taker.isPresent()) {
      String text = words.of("lot.goes-to", Sentences.process(words, taker.get().process()));
      next.getChildren()
          .add(Buttons.plain("open-taker", text, "T", () -> desk.openStep(taker.get().id())));
    } else if (open && now.material() != Material.GOLD) {
      next.getChildren().add(NextBox.of(worked, now, desk));
    }
    Optional<Button> dry =
        Optional.of(
                Buttons.quiet(
                    "is-dry",
                    words.of("drying.title"),
                    "D",
                    () -> desk.push(new DryingPanel(lot, desk))))
            .filter(_ -> taker.isEmpty() && now.material() != Material.GOLD);
    Optional<Button> change =
        Optional.of(
                Buttons.quiet(
                    "change", words.of("lot.batch"), "B", () -> desk.push(new BatchPanel(desk))))
            .filter(_ -> now.material() == Material.FEED);
    if (open) {
      Wrapping more = new Wrapping(8, 4);
      Stream.of(dry, change).flatMap(Optional::stream).forEach(more.getChildren()::add);
      next.getChildren().add(more);
    }
  }

  private List<Node> facts(Worked worked, Lot now, Figures figures) {
    List<Node> lines = new ArrayList<>();
    LotMass mass = worked.sand().mass(lot);
    lines.add(Parts.line(words.of("lot.mass"), Rows.mass(now, worked, figures)));
    if (mass.isKnown()) {
      lines.add(Parts.sentence(words.of("lot.basis", mass.basis()), "muted"));
    }
    now.latest(Measure.PoolOf.class)
        .ifPresent(pool -> lines.add(Parts.sentence(PoolWords.holds(pool, figures))));
    Optional<LotGold> gold = Optional.ofNullable(worked.gold().lots().get(lot));
    if (gold.isPresent() && now.material() == Material.GOLD) {
      lines.add(
          Parts.line(
              words.of("lot.gold.line"), GoldWords.figure(gold.get(), figures), "gold-text"));
      lines.add(
          Parts.sentence(words.of("lot.gold.range", figures.goldRange(gold.get().all())), "muted"));
    } else if (gold.isPresent()) {
      lines.add(
          Parts.line(
              words.of("lot.gold.line"), GoldWords.figure(gold.get(), figures), "gold-text"));
      lines.add(Parts.line(words.of("gold.free"), GoldWords.free(gold.get(), figures)));
      lines.add(Parts.line(words.of("gold.hidden"), GoldWords.hidden(gold.get(), figures)));
      now.latest(Measure.SpeckCount.class)
          .ifPresent(
              count -> {
                lines.add(Parts.sentence(specks(words, count), "muted"));
                Speck speck = BatchSpecks.of(worked.network()).of(now.cut());
                if (speck.open().isPresent()) {
                  String one = figures.goldRange(BatchSpecks.range(speck));
                  lines.add(Parts.sentence(words.of("lot.specks.open", one), "muted"));
                }
              });
    } else if (worked.network().taker(lot).isEmpty()) {
      lines.add(Parts.advice("fault", "", words.of("lot.unseen.long")));
    }
    return lines;
  }

  /**
   * The specks there can be in the whole lot by the count alone; seeing none is a bound, never
   * none.
   */
  private static String specks(Words words, Measure.SpeckCount count) {
    double share = count.shareChecked();
    if (count.specks() == 0) {
      return words.of(
          "lot.specks.none", words.fixed(PoissonRange.boundWhenNoneSeen(CONFIDENCE) / share, 0));
    }
    PoissonRange range = PoissonRange.of(count.specks(), CONFIDENCE);
    return words.of(
        "lot.specks", words.fixed(range.low() / share, 0), words.fixed(range.high() / share, 0));
  }

  private void addEntry(Lot now) {
    List<Kind> possible = possible(now);
    Segments<Kind> choice =
        new Segments<>("measure", possible, kind -> words.of("measure.kind", kind));
    choice.getStyleClass().add("tight");
    VBox form = new VBox();
    Runnable put = () -> form.getChildren().setAll(box(choice.chosen()));
    choice.onChange(put);
    put.run();
    entry.getChildren().setAll(choice, form);
    kinds = Optional.of(choice);
  }

  /** Sand no screen bounds above may hold pickers; it is looked over by eye first. */
  private static List<Kind> possible(Lot now) {
    if (now.material() == Material.GOLD) {
      return List.of(Kind.GOLD, Kind.WEIGHED_SPECKS);
    }
    boolean coarse = now.isOversize();
    if (coarse) {
      return List.of(
          Kind.LOOKED_OVER,
          Kind.WEIGHT,
          Kind.PANNED,
          Kind.SPECKS,
          Kind.ASSAY,
          Kind.SMELT,
          Kind.KNOWN,
          Kind.WEIGHED_SPECKS,
          Kind.SPECK_TEST,
          Kind.PRODUCT);
    }
    return List.of(
        Kind.WEIGHT,
        Kind.PANNED,
        Kind.SPECKS,
        Kind.ASSAY,
        Kind.SMELT,
        Kind.KNOWN,
        Kind.WEIGHED_SPECKS,
        Kind.SPECK_TEST,
        Kind.MAGNET_TEST,
        Kind.LIFT_TEST,
        Kind.PRODUCT);
  }

  private Node box(Kind kind) {
    if (kind == Kind.WEIGHT) {
      return new WeighBox(
              "record",
              words.of("lot.record", kind),
              desk,
              () -> worked.flatMap(now -> now.network().lot(lot)))
          .then(() -> {});
    }
    Supplier<Figures> figures = desk.figures();
    MeasureForm form =
        switch (kind) {
          case WEIGHT -> throw new IllegalStateException("has a box of its own");
          case LOOKED_OVER -> new LookedOverForm(figures);
          case MAGNET_TEST -> new MagnetTestForm(figures);
          case LIFT_TEST -> new LiftTestForm(figures);
          case PRODUCT -> new ProductForm(figures);
          case PANNED ->
              new PannedSampleForm(
                  figures, worked.flatMap(now -> now.network().lot(lot)).orElseThrow().cut());
          case SPECKS -> new SpeckCountForm(figures);
          case ASSAY -> new AssayForm(figures);
          case SMELT -> new SmeltForm(figures);
          case KNOWN -> new KnownGoldForm(figures);
          case WEIGHED_SPECKS -> new WeighedSpecksForm(figures);
          case SPECK_TEST -> new SpeckTestForm(figures);
          case GOLD -> new GoldWeightForm(figures);
        };
    RecordBox box =
        new RecordBox(
            "record",
            words.of("lot.record", kind),
            form,
            measure -> desk.submit(new Edit.RecordOnLot(lot, measure)));
    return kind == Kind.SMELT
        ? new VBox(
            10,
            box,
            Parts.advice("caution", words.of("caution.smelt.title"), words.of("caution.smelt")))
        : box;
  }

  @Override
  public boolean fits(Worked worked) {
    return worked.network().lot(lot).isPresent();
  }

  @Override
  public void focusFirst() {
    Stream.of("#next-by-route", "#next-screen")
        .flatMap(id -> Stream.ofNullable(next.lookup(id)))
        .findFirst()
        .orElseGet(() -> lookup("#back"))
        .requestFocus();
  }

  @Override
  public Object key() {
    return lot;
  }
}
