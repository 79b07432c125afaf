package jugulum.desk.bag;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Order;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.magnet.Composite;
import jugulum.core.screens.Cut;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.measure.VisibleChoice;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** Asks for the assay of a bag that holds lots of several batches, and shares it out among them. */
public final class BagAssay extends VBox {
  private static final double USUAL_SPREAD = 0.05;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Runnable afterwards;
  private final ComboBox<String> bags =
      Choices.of("composite-bag", words.of("magnetics.bag"), List.of(), name -> name);
  private final EntryField<Double> grade =
      new EntryField<>(
          words,
          "composite-grade",
          words.of("form.grade"),
          words.of("form.grade.hint"),
          typed -> Parsers.number(words, typed, 0, 1e6));
  private final EntryField<MassText.Mass> sample =
      new EntryField<>(
          words,
          "composite-sample",
          words.of("form.sample"),
          "500 g",
          typed -> Parsers.sand(words, MassUnit.GRAM).apply(typed));
  private final EntryField<Optional<Double>> spread =
      new EntryField<>(
          words,
          "composite-spread",
          words.of("form.assay.spread"),
          words.of("form.assay.spread.hint"),
          Parsers.optional(typed -> Parsers.percent(words, typed, 0, 200)));
  private final Label shares = Parts.sentence("", "answer");
  private final VisibleChoice visible;
  private final Label said = Parts.sentence("", "fine-text");
  private List<InBag> lots = List.of();

  /**
   * A lot in a bag.
   *
   * @param batch of which batch
   * @param label what is written on the batch's bucket
   * @param lot which
   * @param cut the sizes of its sand
   * @param grams its dry mass, in grams; empty where it was not weighed
   * @param bag the name of the bag
   */
  public record InBag(
      BatchId batch, String label, LotId lot, Cut cut, OptionalDouble grams, String bag) {
    private double mass() {
      return grams.orElse(0);
    }
  }

  /**
   * Makes the box.
   *
   * @param afterwards runs when an assay was shared out
   */
  public BagAssay(Workbench workbench, Runnable afterwards) {
    this.words = workbench.words();
    super(6);
    this.workbench = workbench;
    this.afterwards = afterwards;
    visible = new VisibleChoice("composite-visible", workbench.preferences().figures()::get);
    visible.fields().forEach(field -> field.field().setOnAction(_ -> share()));
    shares.setId("composite-shares");
    said.setId("composite-said");
    Stream.of(grade, sample, spread).forEach(field -> field.field().setOnAction(_ -> share()));
    bags.valueProperty().addListener((_, _, _) -> tell());
    HBox row =
        new HBox(
            14,
            new VBox(3, Parts.styled(new Label(words.of("magnetics.bag")), "entry-label"), bags),
            new FieldRow(List.of(grade, sample, spread)));
    HBox.setHgrow(row.getChildren().get(1), Priority.ALWAYS);
    getChildren()
        .addAll(
            Parts.section(words.of("magnetics.composite")),
            Parts.sentence(words.of("magnetics.composite.about"), "muted"),
            row,
            visible,
            shares,
            Parts.row(
                Buttons.primary("share-out", words.of("magnetics.share"), "Enter", this::share)),
            said);
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  /** Shows what lies in bags; nothing can be typed while nothing does. */
  public void show(List<InBag> all) {
    lots = List.copyOf(all);
    String bag = bags.getValue();
    List<String> names = lots.stream().map(InBag::bag).distinct().sorted().toList();
    bags.getItems().setAll(names);
    bags.setValue(
        bag != null && names.contains(bag) ? bag : names.isEmpty() ? null : names.getFirst());
    setDisable(names.isEmpty());
    tell();
  }

  private List<InBag> inBag() {
    return lots.stream().filter(lot -> lot.bag().equals(bags.getValue())).toList();
  }

  private void tell() {
    List<InBag> inside = inBag();
    double grams = inside.stream().mapToDouble(InBag::mass).sum();
    shares.setText(
        inside.isEmpty()
            ? ""
            : words.counted("magnetics.bag.holds", inside.size(), figures().sand(grams)));
  }

  private void share() {
    List<InBag> inside = inBag();
    Optional<InBag> unweighed = inside.stream().filter(lot -> lot.grams().isEmpty()).findFirst();
    if (unweighed.isPresent()) {
      grade.refuse(
          words.of(
              "magnetics.unweighed",
              unweighed.get().label(),
              Sentences.cut(words, unweighed.get().cut())));
      return;
    }
    visible
        .read()
        .flatMap(
            seen ->
                grade
                    .read()
                    .flatMap(
                        found ->
                            sample
                                .read()
                                .flatMap(
                                    mass ->
                                        spread
                                            .read()
                                            .map(
                                                sd ->
                                                    new Composite(
                                                        bags.getValue(),
                                                        found,
                                                        sd.orElse(USUAL_SPREAD),
                                                        mass.grams(),
                                                        seen)))))
        .ifPresent(one -> share(one, inside));
  }

  private void share(Composite assayed, List<InBag> inside) {
    workbench
        .session()
        .submitElsewhere(
            inside.stream()
                .<Order<?, ?>>map(
                    lot -> Order.of(BatchStream.of(lot.batch()), assayed.share(lot.lot())))
                .toList())
        .thenAccept(
            outcome -> {
              switch (outcome) {
                case Outcome.Recorded _ -> {
                  Stream.of(grade, sample, spread).forEach(EntryField::clear);
                  visible.clear();
                  afterwards.run();
                  said.setText(said(assayed, inside));
                }
                case Outcome.Not not -> grade.refuse(Told.why(not, figures()));
              }
            });
  }

  private String said(Composite assayed, List<InBag> inside) {
    List<Double> mg = assayed.sharesMg(inside.stream().map(InBag::mass).toList());
    String each =
        words.joined(
            "join.or",
            Stream.iterate(0, i -> i < inside.size(), i -> i + 1)
                .map(
                    i ->
                        words.of(
                            "magnetics.share.each",
                            inside.get(i).label(),
                            Sentences.cut(words, inside.get(i).cut()),
                            figures().gold(mg.get(i))))
                .toList());
    return words.of("magnetics.shared", each);
  }
}
