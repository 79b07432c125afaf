package jugulum.desk.trial;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Sheets;
import jugulum.core.trial.Contender;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.entry.SettingsText;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/** Asks for one machine of a trial, and how it is set up. */
final class ContenderBox extends VBox {
  private static final double WHICH = 170;

  @Prologue private final Words words;
  private final ComboBox<Machine> machine;
  private final EntryField<String> variant;
  private final EntryField<Map<String, Double>> settings;
  private final EntryField<String> operator;

  /**
   * Makes the fields.
   *
   * @param number its number in the trial, from 1
   * @param machines what there is to choose from
   */
  ContenderBox(Words words, int number, List<Machine> machines) {
    this.words = words;
    super(6);
    String place = Integer.toString(number);
    machine =
        Choices.of(
            "trial-machine-" + place,
            words.of("trial.machine", place),
            machines,
            one -> TrialWords.contender(words, Contender.of(one)));
    variant =
        new EntryField<>(
            words,
            "trial-variant-" + place,
            words.of("trial.variant"),
            words.of("trial.variant.hint"),
            Parsers.note(words));
    operator =
        new EntryField<>(
            words, "trial-operator-" + place, words.of("trial.operator"), "", Parsers.note(words));
    settings =
        new EntryField<>(
            words,
            "trial-settings-" + place,
            words.of("trial.settings"),
            words.of("trial.settings.hint"),
            typed -> SettingsText.parse(words, sheet(), typed));
    VBox which =
        new VBox(
            3, Parts.styled(new Label(words.of("trial.machine", place)), "entry-label"), machine);
    which.setPrefWidth(WHICH);
    which.setMinWidth(WHICH);
    FieldRow how = new FieldRow(List.of(variant, settings, operator));
    HBox.setHgrow(how, Priority.ALWAYS);
    HBox row = new HBox(10, which, how);
    row.setAlignment(Pos.TOP_LEFT);
    getChildren().add(row);
  }

  private Optional<Sheet> sheet() {
    return Optional.ofNullable(machine.getValue()).map(one -> Sheets.of(one.kind()));
  }

  Stream<EntryField<?>> fields() {
    return Stream.of(variant, settings, operator);
  }

  void fill(Contender contender) {
    if (!machine.getItems().contains(contender.machine())) {
      machine.getItems().add(contender.machine());
    }
    machine.setValue(contender.machine());
    variant.put(contender.variant(), contender.variant());
    operator.put(contender.operator(), contender.operator());
    settings.put(TrialWords.settings(words, contender.settings()), contender.settings());
  }

  /** Chooses the machine at a place of the list, where there is one. */
  void choose(int place) {
    machine.getSelectionModel().select(Math.min(place, machine.getItems().size() - 1));
  }

  /** The machine as it is set up, or nothing after saying at the field why. */
  Optional<Contender> read() {
    Optional<String> way = variant.read();
    Optional<String> who = way.flatMap(_ -> operator.read());
    return who.flatMap(_ -> settings.read())
        .map(set -> new Contender(machine.getValue(), way.get(), set, who.get()));
  }

  ComboBox<Machine> machine() {
    return machine;
  }
}
