package jugulum.desk.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.check.Band;
import jugulum.core.eye.Corrections;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.PictureSeen.Trouble;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.preference.Preferences;
import jugulum.desk.view.PictureUse;
import jugulum.desk.words.LookWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Latest;

/**
 * What a picture comes to: count, mass with its range once all was gone through, sizes, what makes
 * the range wide, what stands in the way; how it compares with the look before; and what a person
 * adds of it.
 */
final class TallyBox extends VBox {
  @Prologue private final Words words;
  private final Preferences preferences;
  private final Latest latest;
  private final Optional<PannedSample> lookBefore;
  private final Label figure = Parts.styled(new Label(), "gold-figure");
  private final Label mass = Parts.sentence("");
  private final Label made = Parts.sentence("", "muted");
  private final Label taught = Parts.sentence("", "muted");
  private final VBox classes = new VBox(4);
  private final VBox advice = new VBox(6);
  private final Label before = Parts.sentence("", "answer");
  private final EntryField<Optional<Double>> panned = optional("panned", 0.1, 1e7);
  private final EntryField<Optional<Double>> weighed = optional("weighed", 0.001, 1e6);
  private Corrections corrections = Corrections.NONE;
  private Optional<Looking> shown = Optional.empty();

  /**
   * Empty.
   *
   * @param latest draws masses behind the window
   * @param purpose what the picture is for
   * @param changed run when something was typed
   */
  TallyBox(
      Words words, Preferences preferences, Latest latest, PictureUse purpose, Runnable changed) {
    this.words = words;
    super(10);
    this.preferences = preferences;
    this.latest = latest;
    this.lookBefore = purpose.before();
    figure.setId("eye-count");
    mass.setId("eye-mass");
    made.setId("eye-made");
    taught.setId("eye-taught");
    before.setId("eye-before");
    classes.setId("eye-classes");
    getChildren().setAll(figure, mass, made, taught, classes, before, advice);
    if (purpose.asksForSand()) {
      getChildren().addAll(panned, weighed);
    }
    panned.field().textProperty().addListener((_, _, _) -> compare());
    for (EntryField<?> field : List.of(panned, weighed)) {
      field.field().textProperty().addListener((_, _, _) -> changed.run());
    }
    Parts.shown(before, false);
    Parts.shown(taught, false);
  }

  private EntryField<Optional<Double>> optional(String name, double low, double high) {
    return new EntryField<>(
        words,
        "eye-" + name,
        words.of("eye." + name),
        "",
        Parsers.optional(typed -> Parsers.number(words, typed, low, high)));
  }

  /** What the pictures before taught. */
  void learn(Corrections now) {
    corrections = now;
    shown.ifPresent(this::show);
  }

  void show(Looking look) {
    shown = Optional.of(look);
    List<SeenSpeck> gold = look.tally().gold();
    figure.setText(words.counted("eye.count", gold.size()));
    made.setText(
        words.of(
            "eye.made",
            Integer.toString(look.tally().takenOut()),
            Integer.toString(look.tally().putIn()),
            Integer.toString(look.tally().marks().size())));
    taught(look);
    classes.getChildren().setAll(SizeRows.of(words, look));
    compare();
    weigh(look);
  }

  /** Twenty thousand draws of hundreds of specks take longer than a key. */
  private void weigh(Looking look) {
    tell(look);
    if (look.hasMass() && look.mass().isEmpty()) {
      var drawing = look.drawing();
      latest.ask(
          _ -> drawing.get(),
          drawn -> {
            look.know(drawn);
            tell(look);
          });
    }
  }

  private void tell(Looking look) {
    Optional<EyeMass> weighs = look.mass();
    mass.setText(weighs.map(this::mass).orElseGet(() -> none(look)));
    List<Node> lines = new ArrayList<>();
    weighs.ifPresent(
        one ->
            lines.add(
                Parts.advice(
                    "water", words.of("eye.widest"), words.of("eye.widest", one.widest()))));
    look.seen().troubles().stream()
        .filter(trouble -> isToTell(trouble, look))
        .forEach(trouble -> lines.add(Parts.advice("fault", "", words.of("eye.trouble", trouble))));
    inHand(look).ifPresent(why -> lines.add(Parts.sentence(words.of("eye.why", why), "muted")));
    advice.getChildren().setAll(lines);
  }

  /** What looks like gold too was gone through by then; no gold is said in place of the mass. */
  private static boolean isToTell(Trouble trouble, Looking look) {
    return switch (trouble) {
      case NO_GOLD -> false;
      case TOO_MUCH_LOOKS_LIKE_GOLD -> !look.isGoneThrough();
      default -> true;
    };
  }

  private String mass(EyeMass one) {
    return words.of(
        "eye.mass",
        words.rounded(one.milligrams().usual(), 2),
        words.rounded(one.milligrams().low(), 2),
        words.rounded(one.milligrams().high(), 2));
  }

  private String none(Looking look) {
    if (look.hasMass()) {
      return words.of("eye.weighing");
    }
    return look.tally().gold().isEmpty()
        ? words.of("eye.trouble", Trouble.NO_GOLD)
        : words.counted("eye.unsure", look.tally().unsure());
  }

  /** Before a picture was gone through its count is told by those that were. */
  private void taught(Looking look) {
    int rests = corrections.rests(look.tray());
    boolean tells = rests > 0 && !look.isGoneThrough() && !look.tally().gold().isEmpty();
    Parts.shown(taught, tells);
    if (tells) {
      Band count = look.count(corrections);
      taught.setText(
          words.of(
              "eye.taught",
              Integer.toString(rests),
              Long.toString(Math.round(count.low())),
              Long.toString(Math.round(count.high()))));
    }
  }

  /** How many leave beside the look before, once it is told how much was panned. */
  private void compare() {
    Optional<Double> grams = Entry.told(panned.parsed());
    String text =
        shown
            .filter(_ -> grams.isPresent())
            .map(look -> KeptPicture.sample(look, grams.get()))
            .flatMap(
                now ->
                    lookBefore
                        .filter(then -> then.specks() + now.specks() > 0)
                        .map(then -> compared(then, now)))
            .orElse("");
    before.setText(text);
    Parts.shown(before, !text.isEmpty());
  }

  private String compared(PannedSample then, PannedSample now) {
    return LookWords.compared(then, now, preferences.figures().get());
  }

  private static Optional<SeenSpeck.Why> inHand(Looking look) {
    return look.inHand().isPresent()
        ? look.tally().marks().get(look.inHand().getAsInt()).speck().why()
        : Optional.empty();
  }

  /** What was typed, as it stands there: the sand panned, and the weight of all. */
  List<String> typed() {
    return List.of(panned.field().getText(), weighed.field().getText());
  }

  /** Puts back what was typed. */
  void put(String grams, String milligrams) {
    panned.fill(grams);
    weighed.fill(milligrams);
  }

  /**
   * The sand panned for it, in grams; empty inside where it is all the gold, empty if no number.
   */
  Optional<Optional<Double>> pannedG() {
    return panned.read();
  }

  /** What they weigh together; empty inside where nobody weighed them, empty if no number. */
  Optional<Optional<KeptPicture.Weighed>> weighed() {
    return weighed
        .read()
        .map(
            told ->
                told.map(
                    mg ->
                        new KeptPicture.Weighed(
                            mg, KeptPicture.stepMg(weighed.field().getText()))));
  }
}
