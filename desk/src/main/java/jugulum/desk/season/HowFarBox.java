package jugulum.desk.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.trip.PanDown;
import jugulum.core.trip.PanDown.Day;
import jugulum.core.trip.PanDown.Gives;
import jugulum.core.trip.Trip;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.HoursText;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** How far to pan down outdoors, told as one types. */
final class HowFarBox extends VBox {
  private static final double GRAMS_IN_KG = 1000;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final EntryField<Double> work = hours("work", "4 h");
  private final EntryField<Double> travel = hours("travel", "1 h");
  private final EntryField<Double> mg = number("mg", "", 1e-3, 1e6);
  private final EntryField<Double> home = number("home", "", 0, 10_000);
  private final EntryField<Double> wins = percent("wins", "90");
  private final EntryField<Optional<Double>> most =
      new EntryField<>(
          words(),
          "far-most",
          words().of("far.most"),
          words().of("far.most.hint"),
          Parsers.optional(typed -> Parsers.number(words(), typed, 0.01, 1000)));
  private final Pan rough = new Pan("rough");
  private final Pan fine = new Pan("fine");
  private final Label answer = Parts.styled(new Label(), "gold-figure");
  private final Label says = Parts.sentence("");

  /** One way to pan down. */
  private final class Pan {
    final EntryField<Double> minutes;
    final EntryField<Double> kept;
    final EntryField<Double> lost;

    Pan(String name) {
      minutes = number(name + "-minutes", "", 0.1, 600);
      kept = number(name + "-kept", "", 0, 20_000);
      lost = percent(name + "-lost", "");
    }

    FieldRow row() {
      return new FieldRow(List.of(minutes, kept, lost));
    }

    Stream<EntryField<?>> fields() {
      return Stream.of(minutes, kept, lost);
    }

    Optional<PanDown> told() {
      return read(List.of(minutes, kept, lost))
          .map(told -> new PanDown(told.getFirst(), told.get(1) / GRAMS_IN_KG, told.getLast()));
    }
  }

  HowFarBox(Workbench workbench) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    setId("how-far-box");
    answer.setId("far-answer");
    says.setId("far-says");
    Stream.of(
            Stream.<EntryField<?>>of(work, travel, mg, home, wins, most),
            rough.fields(),
            fine.fields())
        .flatMap(fields -> fields)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> tell()));
    workbench.watch(workbench.preferences().figures(), _ -> tell());
    getChildren()
        .addAll(
            answer,
            says,
            Parts.sentence(words.of("far.about"), "muted"),
            new FieldRow(List.of(work, travel, mg)),
            new FieldRow(List.of(home, wins, most)),
            Parts.section(words.of("far.rough")),
            rough.row(),
            Parts.section(words.of("far.fine")),
            fine.row());
    tell();
  }

  private Words words() {
    return words;
  }

  private EntryField<Double> hours(String name, String start) {
    EntryField<Double> field =
        new EntryField<>(
            words,
            "far-" + name,
            words.of("trip." + name),
            "",
            typed -> HoursText.parse(words, typed));
    field.fill(start);
    return field;
  }

  private EntryField<Double> number(String name, String start, double low, double high) {
    return EntryField.number(words, "far-" + name, label(name), start, low, high);
  }

  private EntryField<Double> percent(String name, String start) {
    return EntryField.percent(words, "far-" + name, label(name), start, 100);
  }

  /** Both ways ask the same. */
  private static String label(String name) {
    return "far." + name.substring(name.indexOf('-') + 1);
  }

  private Optional<Day> day() {
    return read(List.of(work, travel, mg, home, wins))
        .filter(told -> told.getFirst() >= 1)
        .filter(told -> told.getFirst() + told.get(1) <= Trip.MOST_MINUTES)
        .map(
            told ->
                new Day(
                    told.getFirst(),
                    told.get(1),
                    told.get(2),
                    told.get(3),
                    told.getLast(),
                    limit()));
  }

  /** What all of them say; empty where one does not say anything right. */
  private static Optional<List<Double>> read(List<EntryField<Double>> fields) {
    List<Double> told = new ArrayList<>();
    for (EntryField<Double> field : fields) {
      if (field.parsed() instanceof Entry.Value<Double>(Double value)) {
        told.add(value);
      }
    }
    return told.size() == fields.size() ? Optional.of(told) : Optional.empty();
  }

  private OptionalDouble limit() {
    return Entry.told(most.parsed()).map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  private void tell() {
    Optional<Day> day = day();
    Optional<PanDown> one = rough.told();
    Optional<PanDown> two = fine.told();
    boolean isWhole = day.isPresent() && one.isPresent() && two.isPresent();
    Parts.shown(answer, isWhole);
    if (!isWhole) {
      says.setText(words.of("far.more"));
      return;
    }
    Gives first = one.get().on(day.get());
    Gives second = two.get().on(day.get());
    answer.setText(words.of(first.mgPerHour() >= second.mgPerHour() ? "far.rough" : "far.fine"));
    says.setText(
        String.join(
            "\n",
            words.of("far.gives", words.of("far.rough"), gives(first)),
            words.of("far.gives", words.of("far.fine"), gives(second)),
            PanDown.even(one.get(), two.get(), day.get())
                .map(even -> words.of("far.even", words.rounded(even, 1)))
                .orElse(words.of("far.no-even"))));
  }

  private String gives(Gives one) {
    Figures figures = workbench.preferences().figures().get();
    return words.of(
        one.isFull() ? "far.full" : "far.day",
        figures.gold(one.milligrams()),
        words.fixed(one.carriedKg(), 1),
        figures.gold(one.mgPerHour()));
  }
}
