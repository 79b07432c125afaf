package jugulum.desk.machine;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Spot;
import jugulum.core.machine.SpotText;
import jugulum.core.runs.PastRun;
import jugulum.core.runs.UsualSpot;
import jugulum.core.units.Typed;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.told.Told;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/**
 * Where it is on a machine that runs: one line notes it, and it is told beside where it usually is
 * at such a setting.
 */
final class SpotBox extends VBox {
  /** What moves it on a table; on others nothing known does. */
  private static final String TILT = "tilt";

  @Prologue private final Words words;
  private final StepId step;
  private final Desk desk;
  private final EntryField<Map<Spot, Double>> field;
  private final Label says = Parts.sentence("");
  private Optional<Step> shown = Optional.empty();

  SpotBox(StepId step, Desk desk) {
    this.words = desk.words();
    super(6);
    this.step = step;
    this.desk = desk;
    field =
        new EntryField<>(words, "spots", words.of("spot.ask"), words.of("spot.hint"), this::spots);
    field.field().setOnAction(_ -> record());
    says.setId("spot-says");
    getChildren()
        .addAll(
            field,
            says,
            Parts.row(
                Buttons.quiet(
                    "spot-note", words.of("spot.note"), "O", () -> field.field().requestFocus())));
  }

  private Entry<Map<Spot, Double>> spots(String typed) {
    return switch (SpotText.parse(typed)) {
      case Typed.Value<Map<Spot, Double>>(Map<Spot, Double> spots) -> new Entry.Value<>(spots);
      case Typed.Wrong<Map<Spot, Double>>(Typed.Slip.NoChoice(String text)) ->
          new Entry.Bad<>(words.of("spot.unknown", text));
      case Typed.Wrong<Map<Spot, Double>>(Typed.Slip slip) ->
          new Entry.Bad<>(Parsers.sentence(words, slip));
    };
  }

  private void record() {
    field
        .read()
        .ifPresent(
            spots ->
                desk.submit(
                        spots.entrySet().stream()
                            .<Edit>map(
                                one ->
                                    new Edit.RecordOnStep(
                                        step,
                                        new Measure.Setting(one.getKey().id(), one.getValue())))
                            .toList())
                    .thenAccept(
                        outcome -> {
                          switch (outcome) {
                            case Outcome.Recorded _ -> field.clear();
                            case Outcome.Not not ->
                                field.refuse(Told.why(not, desk.figures().get()));
                          }
                        }));
  }

  void show(Step now, boolean isOpen) {
    Parts.shown(this, isOpen || hasSpots(now));
    Parts.shown(field, isOpen);
    boolean isNew = shown.filter(now::equals).isEmpty();
    shown = Optional.of(now);
    if (isNew && hasSpots(now) && now.process() instanceof Process.GravityRun(var machine, var _)) {
      desk.belief(belief -> say(now, belief.experience().of(machine).runs()));
    } else if (!hasSpots(now)) {
      says.setText("");
    }
    Parts.shown(says, hasSpots(now));
  }

  private static boolean hasSpots(Step now) {
    return List.of(Spot.values()).stream().anyMatch(spot -> now.setting(spot.id()).isPresent());
  }

  /** The run itself does not tell what is usual. */
  private void say(Step now, List<PastRun> runs) {
    List<Map<String, Double>> past =
        runs.stream()
            .filter(run -> !run.startedAt().equals(now.startedAt()))
            .map(PastRun::settings)
            .toList();
    List<String> said =
        List.of(Spot.values()).stream()
            .filter(spot -> now.setting(spot.id()).isPresent())
            .map(spot -> said(spot, now, past))
            .toList();
    says.setText(String.join("\n", said));
  }

  private String said(Spot spot, Step now, List<Map<String, Double>> past) {
    double seen = now.setting(spot.id()).orElseThrow();
    OptionalDouble tilt = now.setting(TILT);
    String name = words.of("spot", spot);
    return UsualSpot.of(past, spot, TILT, tilt)
        .map(
            usual ->
                words.counted(
                    usual.isFar(seen) ? "spot.far" : "spot.usual",
                    usual.runs(),
                    name,
                    words.rounded(seen, 1),
                    words.rounded(usual.at(), 0)))
        .orElseGet(() -> words.of("spot.first", name, words.rounded(seen, 1)));
  }
}
