package jugulum.desk.magnet;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.SeparatorWay;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Process.MagnetRun.DryCheck;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Process.MagnetRun.Way;
import jugulum.core.machine.Gear;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.StepForm;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * Asks how the sand is before the magnet comes near it, and how that is known. Damp sand is started
 * only on a second word.
 */
public final class MagnetForm extends StepForm {
  @Prologue private final Words words;
  private final Segments<Way> way =
      new Segments<>("way", List.of(Way.values()), one -> words.of("way", one));
  private final ComboBox<SeparatorWay> own =
      Choices.of(
          "separator",
          words.of("magnet.with"),
          List.of(),
          one -> Sentences.machine(words, one.gear().machine()));
  private final Label says = Parts.sentence("", "muted");
  private Belief belief;
  private Optional<Lot> standing = Optional.empty();
  private double grams;
  private boolean isByHand;
  private boolean filling;
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
    belief = new Belief(Experience.NONE, desk.shop());
    damp.setId("damp");
    says.setId("separator-says");
    boolean hasOwn = !desk.shop().separators().isEmpty();
    Parts.shown(way, !hasOwn);
    Parts.shown(own, hasOwn);
    Parts.shown(says, hasOwn);
    own.valueProperty()
        .addListener(
            (_, _, one) -> {
              isByHand |= !filling;
              says.setText(one == null ? "" : SeparatorWords.says(desk.figures().get(), one));
            });
    told.choose(Told.NOT_CHECKED);
    way.onChange(this::follow);
    medium.onChange(this::follow);
    told.onChange(this::follow);
    moisture.field().setOnAction(_ -> start());
    getChildren()
        .addAll(
            way,
            own,
            says,
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
    desk.belief(
        found -> {
          belief = found;
          rank();
        });
  }

  @Override
  protected void update(Worked now, Lot taken) {
    if (standing.isEmpty()) {
      standing = Optional.of(taken);
      grams = now.sand().mass(taken.id()).grams();
      rank();
    }
  }

  /** The shop's own magnets for this sand, the first first; one chosen by hand stays. */
  private void rank() {
    if (standing.isEmpty()) {
      return;
    }
    Optional<Gear> before =
        Optional.ofNullable(own.getValue()).filter(_ -> isByHand).map(SeparatorWay::gear);
    List<SeparatorWay> ways = SeparatorWay.of(belief, standing.get().cut(), grams);
    filling = true;
    own.getItems().setAll(ways);
    own.setValue(
        ways.stream()
            .filter(one -> before.equals(Optional.of(one.gear())))
            .findFirst()
            .orElse(ways.stream().findFirst().orElse(null)));
    filling = false;
  }

  private Optional<Machine> with() {
    return Optional.ofNullable(own.getValue()).map(one -> one.gear().machine());
  }

  private Way way() {
    return with().map(one -> Way.of(one.kind())).orElseGet(way::chosen);
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
          new MagnetRun(medium.chosen(), Optional.empty(), Optional.of(way()), with()));
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
        Medium.BONE_DRY, Optional.of(new DryCheck(share)), Optional.of(way()), with());
  }

  @Override
  public void focusFirst() {
    medium.getChildren().getFirst().requestFocus();
  }
}
