package jugulum.desk.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.FinishFact.Lifted;
import jugulum.core.ledger.Measure;
import jugulum.core.units.MassText;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Choices;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * Asks again for a turn or a last lift of finishing. What was done or chosen has no fields: it can
 * only be struck.
 */
final class FinishFactForm extends MeasureForm {
  @Prologue private final Words words;
  private final FinishFact was;
  private final EntryField<Double> seconds =
      EntryField.number(words, "finish-seconds", "form.finish.seconds", "", 0.5, 60);
  private final ComboBox<Lifted> saw =
      Choices.of(
          "finish-saw",
          words.of("form.finish.saw"),
          List.of(Lifted.values()),
          one -> words.of("finish.saw", one));
  private final EntryField<MassText.Mass> gold;
  private final EntryField<Optional<MassText.Mass>> sand;
  private final EntryField<Integer> below =
      new EntryField<>(
          words,
          "finish-below",
          words.of("form.finish.below"),
          "0",
          typed -> Parsers.count(words, typed, 1_000_000));

  private FinishFactForm(Supplier<Figures> figures, FinishFact was) {
    this.words = figures.get().words();
    super(figures);
    this.was = was;
    gold =
        new EntryField<>(
            words,
            "finish-gold",
            words.of("form.finish.gold"),
            "",
            typed -> Parsers.gold(words, smallGoldUnit()).apply(typed));
    sand =
        new EntryField<>(
            words,
            "finish-sand",
            words.of("form.finish.sand"),
            "",
            Parsers.optional(typed -> Parsers.sand(words, sandUnit()).apply(typed)));
    switch (was) {
      case FinishFact.Lift _ -> getChildren().addAll(seconds, saw);
      case FinishFact.Turn _ -> getChildren().addAll(new FieldRow(List.of(gold, sand)), below);
      case FinishFact.On _, FinishFact.Did _, FinishFact.Over _ -> {}
    }
  }

  static FinishFactForm of(Supplier<Figures> figures, Measure.Finish finish) {
    return new FinishFactForm(figures, finish.fact());
  }

  @Override
  public List<EntryField<?>> fields() {
    return switch (was) {
      case FinishFact.Lift _ -> List.of(seconds);
      case FinishFact.Turn _ -> Stream.<EntryField<?>>of(gold, sand, below).toList();
      case FinishFact.On _, FinishFact.Did _, FinishFact.Over _ -> List.of();
    };
  }

  @Override
  public Optional<Measure> read() {
    return switch (was) {
      case FinishFact.Lift _ ->
          read(
              words,
              seconds,
              Map.of("liftSeconds", seconds),
              told -> new Measure.Finish(new FinishFact.Lift(told, saw.getValue())));
      case FinishFact.Turn _ ->
          read(
              words,
              gold,
              sand,
              below,
              Map.of("turnMg", gold, "turnSandG", sand, "specks", below),
              (won, catches, specks) ->
                  new Measure.Finish(
                      new FinishFact.Turn(
                          won.milligrams(),
                          catches
                              .map(mass -> OptionalDouble.of(mass.grams()))
                              .orElse(OptionalDouble.empty()),
                          specks)));
      case FinishFact.On _, FinishFact.Did _, FinishFact.Over _ ->
          Optional.of(new Measure.Finish(was));
    };
  }

  @Override
  void fill(Measure measure) {
    switch (was) {
      case FinishFact.Lift(double told, Lifted seen) -> {
        putNumber(words, seconds, told, told);
        saw.setValue(seen);
      }
      case FinishFact.Turn(double mg, OptionalDouble grams, int specks) -> {
        putMilligrams(words, gold, mg);
        grams.ifPresent(mass -> putOptional(words, sand, mass));
        below.put(Integer.toString(specks), specks);
      }
      case FinishFact.On _, FinishFact.Did _, FinishFact.Over _ -> {}
    }
  }
}
