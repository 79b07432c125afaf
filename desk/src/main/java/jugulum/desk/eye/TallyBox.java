package jugulum.desk.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Seen.Trouble;
import jugulum.core.eye.SeenSpeck;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * What a picture comes to: count, mass with its range once all was gone through, sizes, what makes
 * the range wide, what stands in the way; and what a person adds of it.
 */
final class TallyBox extends VBox {
  @Prologue private final Words words;
  private final Label figure = Parts.styled(new Label(), "gold-figure");
  private final Label mass = Parts.sentence("");
  private final Label made = Parts.sentence("", "muted");
  private final VBox classes = new VBox(2);
  private final VBox advice = new VBox(6);
  private final EntryField<Optional<Double>> panned = optional("panned", 0.1, 1e7);
  private final EntryField<Optional<Double>> weighed = optional("weighed", 0.001, 1e6);

  TallyBox(Words words) {
    this.words = words;
    super(10);
    figure.setId("eye-count");
    mass.setId("eye-mass");
    made.setId("eye-made");
    classes.setId("eye-classes");
    getChildren().setAll(figure, mass, made, classes, advice, panned, weighed);
  }

  private EntryField<Optional<Double>> optional(String name, double low, double high) {
    return new EntryField<>(
        words,
        "eye-" + name,
        words.of("eye." + name),
        "",
        Parsers.optional(typed -> Parsers.number(words, typed, low, high)));
  }

  void show(Looking look) {
    List<SeenSpeck> gold = look.tally().gold();
    Optional<EyeMass> weighs = look.mass();
    figure.setText(words.counted("eye.count", gold.size()));
    mass.setText(
        weighs
            .map(
                one ->
                    words.of(
                        "eye.mass",
                        words.rounded(one.milligrams().usual(), 2),
                        words.rounded(one.milligrams().low(), 2),
                        words.rounded(one.milligrams().high(), 2)))
            .orElseGet(
                () ->
                    gold.isEmpty()
                        ? words.of("eye.trouble", Trouble.NO_GOLD)
                        : words.counted("eye.unsure", look.tally().unsure())));
    made.setText(
        words.of(
            "eye.made",
            Integer.toString(look.tally().takenOut()),
            Integer.toString(look.tally().putIn()),
            Integer.toString(look.tally().marks().size())));
    classes.getChildren().setAll(SizeRows.of(words, gold, look.scale().pxPerMm()));
    List<Node> lines = new ArrayList<>();
    weighs.ifPresent(
        one ->
            lines.add(
                Parts.advice(
                    "water", words.of("eye.widest"), words.of("eye.widest", one.widest()))));
    look.seen().troubles().stream()
        .filter(trouble -> trouble != Trouble.NO_GOLD)
        .forEach(trouble -> lines.add(Parts.advice("fault", "", words.of("eye.trouble", trouble))));
    inHand(look).ifPresent(why -> lines.add(Parts.sentence(words.of("eye.why", why), "muted")));
    advice.getChildren().setAll(lines);
  }

  private static Optional<SeenSpeck.Why> inHand(Looking look) {
    return look.inHand().isPresent()
        ? look.tally().marks().get(look.inHand().getAsInt()).speck().why()
        : Optional.empty();
  }

  /**
   * The sand panned for it, in grams; empty inside where it is all the gold, empty if no number.
   */
  Optional<Optional<Double>> pannedG() {
    return panned.read();
  }

  /** What they weigh together; empty inside where nobody weighed them, empty if no number. */
  Optional<Optional<Kept.Weighed>> weighed() {
    return weighed
        .read()
        .map(told -> told.map(mg -> new Kept.Weighed(mg, Kept.stepMg(weighed.field().getText()))));
  }
}
