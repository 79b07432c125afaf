package jugulum.desk.smelt;

import java.util.List;
import java.util.concurrent.CompletionStage;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Melting;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.measure.MeltForm;
import jugulum.desk.measure.MeltForm.What;
import jugulum.desk.measure.RecordBox;
import jugulum.desk.panel.Desk;
import jugulum.desk.told.Told;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** What is told of a melt beside its questions: a lost crucible, matte, shot, a blank, its cost. */
public final class BesideBox extends VBox {
  /** What can be told. */
  public enum Beside {
    SPOILT(What.SPOILT, true),
    MATTE(What.MATTE, true),
    SHOT(What.SHOT, true),
    BLANK(What.BLANK, false),
    COST(What.COST, false);

    private final What form;
    private final boolean isOfOne;

    Beside(What form, boolean isOfOne) {
      this.form = form;
      this.isOfOne = isOfOne;
    }
  }

  private final Words words;
  private final Desk desk;
  private final Function<Measure, CompletionStage<Outcome>> record;
  private final Segments<Beside> which;
  private final VBox form = new VBox(8);
  private final Label wrong = Parts.sentence("", "entry-error");
  private List<Integer> crucibles = List.of();

  BesideBox(Desk desk, Function<Measure, CompletionStage<Outcome>> record) {
    super(8);
    this.words = desk.words();
    this.desk = desk;
    this.record = record;
    which =
        new Segments<>("melt-what", List.of(Beside.values()), what -> words.of("melt.what", what));
    which.getStyleClass().add("tight");
    which.onChange(this::put);
    Parts.shown(wrong, false);
    getChildren()
        .addAll(
            which,
            form,
            Buttons.plain("melt-end", words.of("melt.end"), "", this::end),
            wrong,
            Parts.sentence(words.of("melt.matte"), "muted"));
  }

  /** Offers the crucibles of a round; those that were lost tell nothing more. */
  void show(Melting round) {
    List<Integer> now =
        round.crucibles().stream()
            .filter(one -> one.spoilt().isEmpty())
            .map(Melting.Crucible::number)
            .toList();
    if (!now.equals(crucibles) || form.getChildren().isEmpty()) {
      crucibles = now;
      put();
    }
  }

  private void put() {
    Beside what = which.chosen();
    boolean isOfOne = what.isOfOne;
    if (isOfOne && crucibles.isEmpty()) {
      form.getChildren().setAll(Parts.sentence(words.of("melt.no-crucible"), "muted"));
      return;
    }
    List<Integer> numbers = isOfOne ? crucibles.reversed() : List.of(0);
    ComboBox<Integer> of =
        Choices.of(
            "melt-of",
            words.of("melt.which"),
            numbers,
            number -> words.of("going.crucible", Integer.toString(number)));
    Parts.shown(of, isOfOne);
    RecordBox box =
        new RecordBox(
                "melt-record",
                words.of("melt.record", what),
                new MeltForm(desk.figures(), what.form, isOfOne ? 1 : 0),
                measure -> record.apply(ofCrucible(measure, of.getValue())))
            .aside();
    form.getChildren().setAll(Stream.of(of, box).toList());
  }

  private static Measure ofCrucible(Measure measure, int number) {
    return measure instanceof Measure.Melt(int _, MeltFact fact)
        ? new Measure.Melt(number, fact)
        : measure;
  }

  private void end() {
    record
        .apply(new Measure.Melt(0, new MeltFact.Ended()))
        .thenAccept(
            outcome -> {
              if (outcome instanceof Outcome.Not not) {
                wrong.setText(words.of("entry.error", Told.why(not, desk.figures().get())));
              }
              Parts.shown(wrong, outcome instanceof Outcome.Not);
            });
  }
}
