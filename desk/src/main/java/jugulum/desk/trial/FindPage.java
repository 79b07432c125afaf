package jugulum.desk.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.Pictured.SpeckSize;
import jugulum.core.screens.Cut;
import jugulum.core.trial.Amount;
import jugulum.core.trial.Found;
import jugulum.core.trial.Spike;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialRun;
import jugulum.desk.entry.AmountText;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.FormPage;
import jugulum.desk.kit.Parts;
import jugulum.desk.view.PictureUse;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/** Asks what was found again of a run, port by port and class by class. */
final class FindPage extends FormPage {
  /** A field for what came out at a port. */
  private record Place(Material port, Cut cut, EntryField<Optional<Amount>> field) {}

  @Prologue private final Words words;
  private final RunPage.Sends sends;
  private final Consumer<PictureUse> pictures;
  private final Runnable back;
  private final List<Place> places = new ArrayList<>();
  private final Button picture;

  /** The port whose fields were in hand last. */
  private Material port = Material.PORTS.getFirst();

  private String called = "";
  private int run;

  /**
   * A page without a run.
   *
   * @param pictures counts specks in a picture
   * @param back comes back here from there
   */
  FindPage(Words words, RunPage.Sends sends, Consumer<PictureUse> pictures, Runnable back) {
    this.words = words;
    super(words, "trial-find");
    error.setId("trial-find-error");
    this.sends = sends;
    this.pictures = pictures;
    this.back = back;
    picture = Buttons.plain("trial-find-picture", "", "E", this::inAPicture);
    tellPort();
  }

  private void tellPort() {
    picture.setText(words.of("trial.find.picture", words.of("port", port)));
  }

  private void inAPicture() {
    pictures.accept(new SpecksOfAPort(called, run, port, this::counted, back));
  }

  /** What lies between the sizes of a class counts there; the rest of a picture is told. */
  private void counted(List<SpeckSize> specks) {
    List<Place> its = places.stream().filter(place -> place.port() == port).toList();
    int of = 0;
    for (Place place : its) {
      int here =
          (int)
              specks.stream()
                  .mapToDouble(SpeckSize::shortMm)
                  .filter(mm -> mm >= place.cut().lowerMm() && mm < place.cut().upperMm())
                  .count();
      of += here;
      Amount amount = new Amount(OptionalInt.of(here), OptionalDouble.empty());
      place.field().put(AmountText.of(words, amount), Optional.of(amount));
    }
    int left = specks.size() - of;
    if (left > 0) {
      refuse(words.counted("trial.find.outside", left));
    }
  }

  /** Asks what was found of a run; what was told before stands in the fields. */
  void show(Trial trial, TrialRun of) {
    run = of.number();
    places.clear();
    forgive();
    port = Material.PORTS.getFirst();
    called = words.of("trial.find.title", Integer.toString(run));
    tellPort();
    VBox left =
        new VBox(
            10,
            Parts.heading(
                words.of("trial.find.title", Integer.toString(run)),
                TrialWords.contender(words, trial.contender(of))),
            Parts.sentence(words.of("trial.find.about"), "muted"));
    for (Cut cut : trial.classes(of)) {
      left.getChildren().add(Parts.section(Sentences.cut(words, cut)));
      List<EntryField<?>> fields = new ArrayList<>();
      for (Material port : Material.PORTS) {
        Place place = place(port, cut, of);
        places.add(place);
        fields.add(place.field());
      }
      left.getChildren().add(new FieldRow(fields));
    }
    left.getChildren()
        .addAll(
            error,
            Parts.row(
                Buttons.primary(
                    "trial-find-keep", words.of("trial.find.keep"), "Enter", this::enter),
                picture,
                Buttons.plain("trial-back", words.of("panel.back"), "Esc", sends::leave)));
    VBox right = new VBox(10, Parts.section(words.of("trial.find.put-in")));
    if (of.isBlank()) {
      right.getChildren().add(Parts.sentence(words.of("trial.blank.about")));
    }
    of.spikes().forEach(spike -> right.getChildren().add(left(spike)));
    right.getChildren().add(Parts.sentence(words.of("trial.find.missing"), "muted"));
    columns(left, right);
  }

  /** What was put in of a class, and how much of it is still missing by what is typed. */
  private HBox left(Spike spike) {
    HBox line = Parts.line(Sentences.cut(words, spike.cut()), "");
    Label value = (Label) line.getChildren().getLast();
    Runnable tell = () -> value.setText(left(spike, found(spike.cut())));
    places.stream()
        .filter(place -> place.cut().isSameSizes(spike.cut()))
        .forEach(
            place -> place.field().field().textProperty().addListener((_, _, _) -> tell.run()));
    tell.run();
    return line;
  }

  private int found(Cut cut) {
    return places.stream()
        .filter(place -> place.cut().isSameSizes(cut))
        .mapToInt(
            place ->
                Entry.told(place.field().parsed()).flatMap(one -> count(one.specks())).orElse(0))
        .sum();
  }

  private static Optional<Integer> count(OptionalInt specks) {
    return specks.isPresent() ? Optional.of(specks.getAsInt()) : Optional.empty();
  }

  private String left(Spike spike, int found) {
    String in = AmountText.of(words, new Amount(spike.specks(), spike.mg()));
    return spike.specks().isPresent()
        ? words.of(
            "trial.find.left", in, Integer.toString(Math.max(0, spike.specks().getAsInt() - found)))
        : in;
  }

  private Place place(Material port, Cut cut, TrialRun of) {
    EntryField<Optional<Amount>> field =
        new EntryField<>(
            words,
            "trial-found-" + places.size(),
            words.of("port", port),
            "",
            Parsers.optional(typed -> AmountText.parse(words, typed)));
    of.found().stream()
        .filter(one -> one.port() == port && one.cut().isSameSizes(cut))
        .findFirst()
        .map(one -> new Amount(one.specks(), one.mg()))
        .ifPresent(amount -> field.put(AmountText.of(words, amount), Optional.of(amount)));
    field.field().setOnAction(_ -> enter());
    field
        .field()
        .focusedProperty()
        .addListener(
            (_, _, isFocused) -> {
              if (isFocused) {
                this.port = port;
                tellPort();
              }
            });
    return new Place(port, cut, field);
  }

  @Override
  public void enter() {
    List<Found> found = new ArrayList<>();
    for (Place place : places) {
      Optional<Optional<Amount>> amount = place.field().read();
      if (amount.isEmpty()) {
        return;
      }
      amount
          .get()
          .map(one -> new Found(place.port(), place.cut(), one.specks(), one.mg()))
          .ifPresent(found::add);
    }
    if (found.isEmpty()) {
      places.getFirst().field().refuse(words.of("trial.find.nothing"));
      return;
    }
    sends.send(new TrialEdit.Find(run, found));
  }

  @Override
  public boolean escape() {
    sends.leave();
    return true;
  }

  @Override
  public void focusFirst() {
    focus(places.getFirst().field().field());
  }
}
