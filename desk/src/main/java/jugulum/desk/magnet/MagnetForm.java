package jugulum.desk.magnet;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Process.MagnetRun.DryCheck;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Process.MagnetRun.Way;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.StepForm;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * Asks how the sand is before the magnet comes near it, and how that is known. Damp sand is started
 * only on a second word.
 */
public final class MagnetForm extends StepForm {
  @Prologue private final Words words;
  private final Segments<Way> way =
      new Segments<>("way", List.of(Way.values()), one -> words.of("way", one));
  private final Segments<Medium> medium =
      new Segments<>("medium", List.of(Medium.values()), one -> words.of("medium", one));
  private final Segments<Told> told =
      new Segments<>("dry-check", List.of(Told.values()), one -> words.of("dry-check", one));
  private final EntryField<Double> moisture =
      new EntryField<>(
          words,
          "dry-moisture",
          words.of("magnet.moisture"),
          "0.3",
          typed -> Parsers.percent(words, typed, 0, 99));
  private final VBox check = new VBox(8, told, moisture);
  private final VBox damp =
      Parts.advice("fault", words.of("magnet.damp.title"), words.of("magnet.damp"));
  private final VBox dust =
      Parts.advice("caution", words.of("caution.dust.title"), words.of("caution.dust"));

  /** How it is known that the sand is dry. */
  enum Told {
    RAN_FREELY,
    MOISTURE,
    NOT_CHECKED
  }

  public MagnetForm(LotId lot, Desk desk) {
    this.words = desk.words();
    super(desk.words().of("magnet.title"), lot, desk);
    damp.setId("damp");
    told.choose(Told.NOT_CHECKED);
    way.onChange(this::follow);
    medium.onChange(this::follow);
    told.onChange(this::follow);
    moisture.field().setOnAction(_ -> start());
    getChildren()
        .addAll(
            way,
            Parts.sentence(words.of("magnet.state"), "muted"),
            medium,
            check,
            damp,
            dust,
            Parts.advice("caution", words.of("caution.magnet.title"), words.of("caution.magnet")));
    addButtons(words.of("magnet.start"));
    getChildren()
        .add(
            Parts.row(
                Buttons.quiet(
                    "school",
                    words.of("school.title"),
                    "O",
                    () -> desk.push(new SchoolPanel(lot, desk)))));
    follow();
  }

  private void follow() {
    boolean dry = medium.chosen() == Medium.BONE_DRY;
    Parts.shown(check, dry);
    Parts.shown(moisture, told.chosen() == Told.MOISTURE);
    Parts.shown(damp, medium.chosen() == Medium.DAMP);
    Parts.shown(dust, dry);
    if (lookup("#start-step") instanceof Button start) {
      start.setText(
          words.of(medium.chosen() == Medium.DAMP ? "magnet.start.damp" : "magnet.start"));
    }
  }

  @Override
  protected Optional<Edit.TakeStep> step(Lot taken) {
    return run()
        .map(
            run ->
                take(
                    run,
                    List.of(lot),
                    List.of(
                        made(Material.MAGNETICS, taken.cut()),
                        made(Material.NON_MAGNETICS, taken.cut()))));
  }

  private Optional<MagnetRun> run() {
    if (medium.chosen() != Medium.BONE_DRY) {
      return Optional.of(
          new MagnetRun(medium.chosen(), Optional.empty(), Optional.of(way.chosen())));
    }
    return switch (told.chosen()) {
      case RAN_FREELY -> Optional.of(dry(OptionalDouble.empty()));
      case MOISTURE -> moisture.read().flatMap(this::byMoisture);
      case NOT_CHECKED -> {
        refuse(words.of("magnet.not-checked"));
        yield Optional.empty();
      }
    };
  }

  private Optional<MagnetRun> byMoisture(double share) {
    if (new DryCheck(OptionalDouble.of(share)).showsDry()) {
      return Optional.of(dry(OptionalDouble.of(share)));
    }
    medium.choose(Medium.DAMP);
    refuse(
        words.of("magnet.too-damp", words.percent(share), words.plain(MagnetRun.DRY_BELOW * 100)));
    lookup("#back").requestFocus();
    return Optional.empty();
  }

  private MagnetRun dry(OptionalDouble share) {
    return new MagnetRun(
        Medium.BONE_DRY, Optional.of(new DryCheck(share)), Optional.of(way.chosen()));
  }

  @Override
  public void focusFirst() {
    medium.getChildren().getFirst().requestFocus();
  }
}
