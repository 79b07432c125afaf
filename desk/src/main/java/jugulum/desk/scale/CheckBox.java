package jugulum.desk.scale;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.ScaleCheck;
import jugulum.core.scale.CheckWeights;
import jugulum.core.scale.ScaleView;
import jugulum.core.shop.Scale;
import jugulum.core.shop.ShopEdit;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.live.ScaleStand;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** The check weight of the day: put on, read, and kept with how far it was off. */
final class CheckBox extends VBox {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final ScaleStand stand;
  private final Clock clock;
  private final EntryField<MassText.Mass> nominal;
  private final EntryField<MassText.Mass> allowed;
  private final Label shows = Parts.sentence("", "figure");
  private final Label last = Parts.sentence("");

  CheckBox(Workbench workbench, Clock clock) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    this.stand = workbench.scale();
    this.clock = clock;
    nominal = mass("check-nominal", "scale.check.nominal");
    allowed = mass("check-allowed", "scale.check.allowed");
    setId("scale-check");
    shows.setId("check-shows");
    last.setId("check-last");
    nominal.field().setOnAction(_ -> take());
    allowed.field().setOnAction(_ -> take());
    getChildren()
        .addAll(
            Parts.section(words.of("scale.check")),
            Parts.sentence(words.of("scale.check.about"), "muted"),
            new FieldRow(List.of(nominal, allowed)),
            shows,
            Parts.row(Buttons.plain("take-check", words.of("scale.check.take"), "", this::take)),
            last);
    workbench.watch(stand.view(), _ -> showIfOpen());
  }

  private EntryField<MassText.Mass> mass(String id, String key) {
    return new EntryField<>(
        words, id, words.of(key), words.of(key + ".hint"), Parsers.sand(words, MassUnit.GRAM));
  }

  private void showIfOpen() {
    if (getScene() != null) {
      show();
    }
  }

  void show() {
    Parts.shown(this, stand.scale().isPresent() && !stand.isTrying());
    ScaleView seen = stand.view().get();
    Figures figures = workbench.preferences().figures().get();
    stand
        .scale()
        .ifPresent(
            scale -> {
              shows.setText(
                  words.row(
                      List.of(
                          figures.read(Math.max(0, seen.grams()), scale.stepG()),
                          words.of("scale.state", seen.state()))));
              last.setText(scale.check().map(made -> told(made, scale, figures)).orElse(""));
              last.getStyleClass()
                  .setAll(
                      "label",
                      scale.check().map(ScaleCheck::passed).orElse(true)
                          ? "fine-text"
                          : "loss-text");
            });
  }

  private String told(ScaleCheck made, Scale scale, Figures figures) {
    return words.of(
        made.passed() ? "scale.check.passed" : "scale.check.failed",
        figures.moment(made.at()),
        figures.read(made.nominalG(), scale.stepG()),
        figures.read(made.readG(), scale.stepG()));
  }

  private void take() {
    ScaleView seen = stand.view().get();
    Optional<Scale> scale = stand.scale();
    if (scale.isEmpty()) {
      return;
    }
    nominal
        .read()
        .ifPresent(
            mass -> {
              if (seen.state() != ScaleView.State.STEADY) {
                nominal.refuse(words.of("scale.check.not-steady"));
              } else {
                allowed
                    .read()
                    .ifPresent(most -> keep(scale.get(), mass.grams(), seen.grams(), most.grams()));
              }
            });
  }

  /** A weight that is in no table is taken for what is written on it. */
  private void keep(Scale scale, double nominalG, double readG, double allowedG) {
    if (!(nominalG > 0)) {
      nominal.refuse(words.of("scale.check.weightless"));
      return;
    }
    ScaleCheck made =
        new ScaleCheck(
            clock.instant(),
            nominalG,
            readG,
            CheckWeights.toleranceG(nominalG).orElse(0.0),
            allowedG);
    workbench.session().change(new ShopEdit.CheckScale(scale.name(), made));
  }
}
