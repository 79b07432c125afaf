package jugulum.desk.eye;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.layout.VBox;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.Tray;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.preference.Preferences;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** What lies in a picture beside the specks, how large it is, and what all of it lies on. */
final class Telling extends VBox {
  private static final String REMEMBERED = "eye.";

  @Prologue private final Words words;
  private final Preferences preferences;
  private final Segments<Lies> lies;
  private final Segments<Tray> tray;
  private final EntryField<Double> size =
      EntryField.number(words, "eye-size", "eye.size", "8", 0.02, 500);
  private final EntryField<Double> wire =
      EntryField.number(words, "eye-wire", "eye.wire", "0.1", 0.01, 5);

  private static final double LARGEST_DISC = 200;
  private static final double FEWEST_WIRES = 3;

  /** What lies beside the specks. */
  enum Lies {
    DISC,
    RULER,
    MESH,
    /** A piece of screen of which wires to the inch were counted. */
    WIRES
  }

  /**
   * As it was told last: mostly it is so again.
   *
   * @param done runs at Enter
   */
  Telling(Words words, Preferences preferences, Runnable done) {
    this.words = words;
    super(10);
    this.preferences = preferences;
    lies = new Segments<>("eye-lies", List.of(Lies.values()), one -> words.of("eye.lies", one));
    tray = new Segments<>("eye-tray", List.of(Tray.values()), one -> words.of("eye.tray", one));
    lies.onChange(this::asksForSize);
    getChildren()
        .setAll(
            Parts.section(words.of("eye.lies")),
            lies,
            new FieldRow(List.of(size, wire)),
            Parts.section(words.of("eye.tray")),
            tray);
    recalled("lies", Lies.values()).ifPresent(lies::choose);
    recalled("tray", Tray.values()).ifPresent(tray::choose);
    preferences.remembered(REMEMBERED + "size").ifPresent(size::fill);
    preferences.remembered(REMEMBERED + "wire").ifPresent(wire::fill);
    asksForSize();
    EntryField.onEnter(done, size, wire);
  }

  private <E extends Enum<E>> Optional<E> recalled(String name, E[] all) {
    return preferences
        .remembered(REMEMBERED + name)
        .flatMap(told -> Stream.of(all).filter(one -> one.name().equals(told)).findFirst());
  }

  private void asksForSize() {
    Parts.shown(wire, lies.chosen() == Lies.MESH);
  }

  void remember() {
    preferences.remember(REMEMBERED + "lies", lies.chosen().name());
    preferences.remember(REMEMBERED + "tray", tray.chosen().name());
    preferences.remember(REMEMBERED + "size", size.field().getText());
    preferences.remember(REMEMBERED + "wire", wire.field().getText());
  }

  /** A disc of that size. */
  void disc(double mm) {
    lies.choose(Lies.DISC);
    size.fill(words.plain(mm));
  }

  /**
   * All that is told, as it was typed.
   *
   * @param lies what lies beside the specks
   * @param size how large it is
   * @param wire how thick its wires are; empty where that does not matter
   * @param tray what all of it lies on
   */
  record Told(Lies lies, String size, String wire, Tray tray) {}

  Told told() {
    return new Told(lies.chosen(), size.field().getText(), wire.field().getText(), tray.chosen());
  }

  void tell(Told told) {
    lies.choose(told.lies());
    size.fill(told.size());
    wire.fill(told.wire());
    tray.choose(told.tray());
  }

  Tray tray() {
    return tray.chosen();
  }

  /** The size as it was typed. */
  String typed() {
    return size.field().getText();
  }

  /** A line is drawn by hand: what is told is its length then, and no count of wires. */
  void asksForLength() {
    if (lies.chosen() == Lies.WIRES) {
      lies.choose(Lies.MESH);
      size.fill("");
    }
  }

  /** How long a line is that is drawn by hand, in mm; empty where that is no length. */
  Optional<Double> lengthMm() {
    return size.read();
  }

  /** What lies there; empty where its size is none, which is said at its field. */
  Optional<KnownSize> known() {
    Optional<Double> large = size.read();
    return known(lies.chosen(), large);
  }

  private Optional<KnownSize> known(Lies what, Optional<Double> large) {
    return switch (what) {
      case DISC ->
          large
              .filter(mm -> isAtLeast(mm, 1) && isAtMost(mm, LARGEST_DISC))
              .map(KnownSize.Disc::new);
      case WIRES ->
          large.filter(wires -> isAtLeast(wires, FEWEST_WIRES)).map(KnownSize.Mesh::counted);
      case RULER -> large.filter(mm -> isAtMost(mm, 10)).map(KnownSize.Ruler::new);
      case MESH ->
          large
              .filter(mm -> isAtMost(mm, 10))
              .flatMap(
                  opening -> wire.read().map(thick -> new KnownSize.Mesh(opening, thick, false)));
    };
  }

  private String inInches(String key) {
    return lies.chosen() == Lies.WIRES ? key + ".wires" : key;
  }

  private boolean isAtLeast(double mm, double least) {
    if (mm < least) {
      size.refuse(words.of(inInches("eye.at-least"), words.plain(least)));
    }
    return mm >= least;
  }

  private boolean isAtMost(double mm, double most) {
    if (mm > most) {
      size.refuse(words.of(inInches("eye.at-most"), words.plain(most)));
    }
    return mm <= most;
  }

  void focusFirst() {
    size.field().requestFocus();
  }
}
