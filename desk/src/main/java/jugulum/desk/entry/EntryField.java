package jugulum.desk.entry;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.ReadOn;
import jugulum.core.scale.ScaleView;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.Words;

/**
 * A labelled field that says at the field what it does not understand, and keeps what was typed.
 *
 * @param <T> the kind of value typed into it
 */
public final class EntryField<T> extends VBox {
  private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

  /** More than anybody types; what reads it need not fear for its time. */
  static final int LONGEST = 2_000;

  private final Words words;
  private final TextField field = new TextField();
  private final Label error = new Label();
  private final Function<String, Entry<T>> parser;
  private final String name;

  /** What the text in it stands for as long as nobody changes it; the text itself is only shown. */
  private Optional<Put<T>> put = Optional.empty();

  private record Put<T>(String text, T value) {}

  private Optional<Takes> takes = Optional.empty();
  private Consumer<ScaleView> afterwards = _ -> {};
  private Optional<Weighed> weighed = Optional.empty();

  /** What a field takes of what lies on the scale. */
  public enum Takes {
    /** All of it, with its container. */
    GROSS,
    /** Sand alone. */
    SAND,
    /** Gold alone. */
    GOLD
  }

  /** A weight that came from a scale, for as long as nobody changes it. */
  private record Weighed(String text, ReadOn on) {}

  /**
   * Makes an empty field.
   *
   * @param id the node's id, for tests and the keyboard
   * @param name what it asks for
   * @param hint an example, shown while it is empty; may be empty
   * @param parser understands what was typed
   */
  public EntryField(
      Words words, String id, String name, String hint, Function<String, Entry<T>> parser) {
    this.words = words;
    this.parser = parser;
    this.name = name;
    getStyleClass().add("entry");
    Label label = new Label(name);
    label.getStyleClass().add("entry-label");
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.setLabelFor(field);
    field.setId(id);
    field.setPromptText(hint);
    field.setAccessibleRole(AccessibleRole.TEXT_FIELD);
    field.setAccessibleText(name);
    error.getStyleClass().add("entry-error");
    error.setWrapText(true);
    error.setId(id + "-error");
    error.managedProperty().bind(error.visibleProperty());
    error.setVisible(false);
    field.textProperty().addListener((_, _, _) -> clearError());
    getChildren().addAll(label, field, error);
  }

  /**
   * A field for a number.
   *
   * @param key of the text that says what it asks for
   * @param start what stands in it at first; may be empty
   */
  public static EntryField<Double> number(
      Words words, String id, String key, String start, double low, double high) {
    return started(
        new EntryField<>(
            words, id, words.of(key), start, typed -> Parsers.number(words, typed, low, high)),
        start);
  }

  /**
   * A field for words that have to be there; its hint is the text of the key with ".hint".
   *
   * @param missing the key of what is said where they are not
   */
  public static EntryField<String> named(Words words, String id, String key, String missing) {
    return new EntryField<>(
        words, id, words.of(key), words.of(key + ".hint"), Parsers.text(words, missing));
  }

  /** A field for words that may be left out; its hint is the text of the key with ".hint". */
  public static EntryField<String> note(Words words, String id, String key) {
    String hint = words.has(key + ".hint") ? words.of(key + ".hint") : "";
    return new EntryField<>(words, id, words.of(key), hint, Parsers.note(words));
  }

  /** A field for a day of the calendar. */
  public static EntryField<LocalDate> day(Words words, String id, String key) {
    return new EntryField<>(words, id, words.of(key), "", typed -> Parsers.day(words, typed));
  }

  /** What Enter does in any of these fields. */
  public static void onEnter(Runnable does, EntryField<?>... fields) {
    for (EntryField<?> one : fields) {
      one.field().setOnAction(_ -> does.run());
    }
  }

  /** A field for a share in percent; parameters as {@link #number}. */
  public static EntryField<Double> percent(
      Words words, String id, String key, String start, double high) {
    return started(
        new EntryField<>(
            words, id, words.of(key), start, typed -> Parsers.percent(words, typed, 0, high)),
        start);
  }

  private static EntryField<Double> started(EntryField<Double> field, String start) {
    field.fill(start);
    return field;
  }

  /** The value, or nothing after saying at the field why. */
  public Optional<T> read() {
    return switch (parsed()) {
      case Entry.Value<T>(T value) -> Optional.of(value);
      case Entry.Bad<T>(String sentence) -> {
        refuse(sentence);
        yield Optional.empty();
      }
    };
  }

  /** Says a sentence at the field and goes there; what was typed stays. */
  public void refuse(String sentence) {
    say(sentence);
    field.requestFocus();
  }

  /** Says a sentence at the field; the focus stays where it is. */
  public void say(String sentence) {
    error.setText(words.of("entry.error", sentence));
    error.setVisible(true);
    field.pseudoClassStateChanged(WRONG, true);
    field.setAccessibleText(words.of("entry.spoken", name, sentence));
  }

  /** What was typed, as understood, without saying anything. */
  public Entry<T> parsed() {
    if (isPut()) {
      return new Entry.Value<>(put.orElseThrow().value());
    }
    String typed = field.getText();
    return typed.length() > LONGEST
        ? new Entry.Bad<>(
            words.of("entry.too-long", words.plain(LONGEST), words.plain(typed.length())))
        : parser.apply(words.typed(typed));
  }

  /**
   * Whether what is typed is understood; says at the field if it is not, while the focus stays
   * where it is.
   */
  public boolean check() {
    return switch (parsed()) {
      case Entry.Value<T> _ -> true;
      case Entry.Bad<T>(String sentence) -> {
        say(sentence);
        yield false;
      }
    };
  }

  /** The value where it is understood; says at the field if it is not, as {@link #check} does. */
  public Optional<T> checked() {
    return check() ? read() : Optional.empty();
  }

  private void clearError() {
    error.setVisible(false);
    field.pseudoClassStateChanged(WRONG, false);
    field.setAccessibleText(name);
  }

  /** Takes the place where errors are told out of the field, to be shown elsewhere. */
  Label takeError() {
    getChildren().remove(error);
    return error;
  }

  /** The text field itself. */
  public TextField field() {
    return field;
  }

  /**
   * Shows a value: as long as nobody changes the text, reading gives that very value back, whatever
   * was rounded away to show it.
   */
  public void put(String text, T value) {
    put = Optional.of(new Put<>(text, value));
    field.setText(text);
  }

  /**
   * Shows a value unless something else was typed since the last one was shown: typing that was not
   * kept yet stays.
   */
  public void offer(String text, T value) {
    String now = field.getText();
    boolean untouched =
        put.map(one -> one.text().equals(now)).orElse(now.isEmpty()) || now.equals(text);
    if (untouched) {
      put(text, value);
    }
  }

  /** Takes weights from the scale; what else the scale tells goes on. */
  public EntryField<T> takes(Takes what, Consumer<ScaleView> then) {
    takes = Optional.of(what);
    afterwards = then;
    return this;
  }

  /** Takes weights of one thing alone from the scale. */
  public EntryField<T> takes(Takes what) {
    return takes(what, _ -> {});
  }

  /** What of it a scale can fill in. */
  public Optional<Takes> takes() {
    return takes;
  }

  /** Takes what stands on the scale, as if typed. */
  public void weigh(ScaleView seen, Optional<ReadOn> on) {
    fill(grams(words, seen.takenG(takes.orElseThrow() == Takes.GROSS)));
    from(on);
    afterwards.accept(seen);
  }

  /** Says from which scale the text in it came. */
  public void from(Optional<ReadOn> on) {
    weighed = on.map(scale -> new Weighed(field.getText(), scale));
  }

  /** The scale the text in it came from; empty as soon as somebody changes it. */
  public Optional<ReadOn> on() {
    return weighed.filter(one -> one.text().equals(field.getText())).map(Weighed::on);
  }

  /** A mass as it is written into a field. */
  public static String grams(Words words, double grams) {
    return words.plain(grams) + " " + MassUnit.GRAM.sign();
  }

  /** Whether the text is still that of the value put in. */
  public boolean isPut() {
    return put.filter(one -> one.text().equals(field.getText())).isPresent();
  }

  /** What was typed, or is shown. */
  public String text() {
    return field.getText().strip();
  }

  /** Puts a text in, as if typed. */
  public void fill(String text) {
    field.setText(text);
  }

  /** Empties it. */
  public void clear() {
    put = Optional.empty();
    weighed = Optional.empty();
    field.setText("");
    clearError();
  }
}
