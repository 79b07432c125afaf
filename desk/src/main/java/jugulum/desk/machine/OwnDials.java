package jugulum.desk.machine;

import java.util.List;
import java.util.OptionalDouble;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Step;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** The dials of a machine that are its owner's own: what they do nobody knows yet. */
final class OwnDials extends VBox {
  private final Words words;
  private final List<Dial> dials;

  /** A dial with its field, and what the field shows of the record. */
  private static final class Dial {
    private final String name;
    private final EntryField<Double> field;
    private OptionalDouble noted = OptionalDouble.empty();

    Dial(String name, EntryField<Double> field) {
      this.name = name;
      this.field = field;
    }
  }

  /** Records how a dial was set. */
  interface Recording {
    /** That dial, by its name, stands so. */
    void record(String dial, EntryField<Double> field, double value);
  }

  OwnDials(Words words, List<String> names, Recording recording) {
    super(10);
    this.words = words;
    this.dials = names.stream().map(name -> dial(words, names.indexOf(name), name)).toList();
    getChildren().add(Parts.section(words.of("sheet.own-dials")));
    for (Dial dial : dials) {
      dial.field
          .field()
          .setOnAction(
              _ ->
                  dial.field
                      .read()
                      .ifPresent(value -> recording.record(dial.name, dial.field, value)));
      getChildren().add(dial.field);
    }
    getChildren().add(Parts.sentence(words.of("sheet.own-dials.about"), "muted"));
  }

  private static Dial dial(Words words, int place, String name) {
    return new Dial(
        name,
        new EntryField<>(
            words, "own-dial-" + place, name, "", typed -> Parsers.number(words, typed, 0, 1e6)));
  }

  /** The fields follow the record; typing that was not noted yet stays. */
  void show(Step now, boolean open) {
    for (Dial dial : dials) {
      OptionalDouble value = now.setting(dial.name);
      if (!value.equals(dial.noted)) {
        dial.noted = value;
        value.ifPresent(set -> dial.field.fill(words.plain(set)));
      }
      dial.field.field().setDisable(!open);
    }
  }
}
