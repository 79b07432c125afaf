package jugulum.book.batch;

import static jugulum.book.stream.LineTable.real;
import static jugulum.book.stream.LineTable.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jugulum.book.stream.Cells;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Note;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Cut;

/**
 * What of a batch can be found: itself, its containers, its notes, its runs over machines. Brought
 * up when somebody begins to look for something.
 */
public final class FindLines implements Projection<Batch, FindLines.Line> {
  /** The table of what can be found. */
  public static final FindLines LINES = new FindLines();

  /** The column of gold. */
  public static final String GOLD = "gold_mg";

  /** The column of sand. */
  public static final String SAND = "sand_g";

  /** A word nobody types, in every line nobody looked at. */
  public static final String UNSEEN = "xxunseenxx";

  private static final LineTable TABLE =
      new LineTable(
          "find",
          List.of(
              text("kind"),
              text("name"),
              text("title"),
              text("about"),
              real("number"),
              real(GOLD),
              real(SAND),
              real("unseen"),
              text("said")),
          Optional.of("said"));

  private FindLines() {}

  /** What a line is of. */
  public enum Kind {
    BATCH,
    LOT,
    NOTE,
    MACHINE
  }

  /**
   * Something that can be found.
   *
   * @param kind what it is
   * @param stream the stream of its batch
   * @param name what is written on the batch's bucket
   * @param title what it is called: a name, or the text of a note
   * @param about of a container its material and cut, of a run its cut, of a batch its source
   * @param number of its lot or step; empty for a batch
   * @param goldMg its gold as weighed, in mg; empty where none was
   * @param sandG its sand, in grams; empty where that is not known
   * @param isUnseen whether it was set aside and nobody looked at it
   * @param said the words by which it is found
   */
  public record Line(
      Kind kind,
      String stream,
      String name,
      String title,
      String about,
      OptionalInt number,
      OptionalDouble goldMg,
      OptionalDouble sandG,
      boolean isUnseen,
      String said) {}

  /** 2: runs are found by the kind of their machine too. */
  @Override
  public int fold() {
    return 2;
  }

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public List<Line> lines(String id, Optional<Batch> now, Batch last) {
    return now.map(batch -> lines(id, batch)).orElse(List.of());
  }

  /** Those looked for most come last, since what was written last is found first. */
  private static List<Line> lines(String id, Batch batch) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    Set<Lot> ends = network.endLots().collect(Collectors.toSet());
    String name = batch.label().name();
    List<Line> lines = new ArrayList<>();
    for (Step step : network.steps()) {
      step.notes().forEach(note -> lines.add(note(id, name, step, note)));
      if (step.process() instanceof Process.GravityRun run) {
        lines.add(run(id, name, step, run, network.cutInto(step)));
      }
    }
    double gold = 0;
    for (Lot lot : network.lots()) {
      Line line = lot(id, name, lot, sand, ends.contains(lot));
      gold += line.goldMg().orElse(0);
      lines.add(line);
    }
    lines.add(whole(id, batch, gold, sand.feedG()));
    return lines;
  }

  private static Line note(String id, String name, Step step, Note note) {
    return new Line(
        Kind.NOTE,
        id,
        name,
        note.text(),
        "",
        OptionalInt.of(step.id().number()),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        false,
        said(Kind.NOTE, name, note.text()));
  }

  private static Line run(String id, String name, Step step, Process.GravityRun run, Cut cut) {
    return new Line(
        Kind.MACHINE,
        id,
        name,
        run.machine().name(),
        cut.notation(),
        OptionalInt.of(step.id().number()),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        false,
        said(Kind.MACHINE, name, run.machine().name(), tag(run.machine().kind()), words(cut)));
  }

  private static Line whole(String id, Batch batch, double goldMg, double feedG) {
    Label label = batch.label();
    return new Line(
        Kind.BATCH,
        id,
        label.name(),
        label.name(),
        label.source(),
        OptionalInt.empty(),
        goldMg > 0 ? OptionalDouble.of(goldMg) : OptionalDouble.empty(),
        feedG > 0 ? OptionalDouble.of(feedG) : OptionalDouble.empty(),
        false,
        said(
            Kind.BATCH,
            label.name(),
            label.source(),
            label.received().toString().replace('-', ' ')));
  }

  private static Line lot(String id, String name, Lot lot, SandAccount sand, boolean isEnd) {
    OptionalDouble grams =
        sand.mass(lot.id()).isKnown()
            ? OptionalDouble.of(sand.mass(lot.id()).grams())
            : OptionalDouble.empty();
    boolean isGold = lot.material() == Material.GOLD;
    String bag = lot.latest(Measure.Bagged.class).map(Measure.Bagged::bag).orElse("");
    boolean gone = lot.isGone();
    boolean unseen = isEnd && lot.isSetAside() && !isGold && !gone && Look.of(lot).isEmpty();
    return new Line(
        Kind.LOT,
        id,
        name,
        lot.name(),
        lot.material().name() + " " + lot.cut().notation(),
        OptionalInt.of(lot.id().number()),
        isGold && grams.isPresent()
            ? OptionalDouble.of(grams.getAsDouble() * 1000)
            : OptionalDouble.empty(),
        isGold ? OptionalDouble.empty() : grams,
        unseen,
        said(
            Kind.LOT,
            name,
            lot.name(),
            bag,
            lot.material().name().replace('_', ' '),
            words(lot.cut()),
            unseen ? UNSEEN : ""));
  }

  private static String said(Kind kind, String... texts) {
    return tag(kind) + " " + String.join(" ", texts);
  }

  /** A word nobody types, by which only lines of one kind are found. */
  public static String tag(Kind kind) {
    return "xx" + kind.name().toLowerCase(Locale.ROOT) + "xx";
  }

  /** A word nobody types, by which runs over machines of a kind are found. */
  public static String tag(Machine.Kind kind) {
    return "xx" + kind.name().replace("_", "").toLowerCase(Locale.ROOT) + "xx";
  }

  /** Signs are no part of words, so a cut is spelled. */
  private static String words(Cut cut) {
    Set<String> words = new TreeSet<>();
    cut.passing().ifPresent(screen -> words.add(under(screen.label())));
    cut.retained().ifPresent(screen -> words.add(over(screen.label())));
    return String.join(" ", words);
  }

  /** How the upper side of a cut is spelled. */
  public static String under(String label) {
    return "xxunder" + letters(label);
  }

  /** How the lower side of a cut is spelled. */
  public static String over(String label) {
    return "xxover" + letters(label);
  }

  private static String letters(String text) {
    return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "");
  }

  @Override
  public List<Object> cells(Line line) {
    return Arrays.asList(
        line.kind().name(),
        line.name(),
        line.title(),
        line.about(),
        line.number().isPresent() ? (Object) (double) line.number().getAsInt() : null,
        BatchLines.orNull(line.goldMg()),
        BatchLines.orNull(line.sandG()),
        line.isUnseen() ? 1.0 : 0.0,
        line.said());
  }

  @Override
  public Line line(Cells cells) {
    return new Line(
        Kind.valueOf(cells.text(0)),
        cells.id(),
        cells.text(1),
        cells.text(2),
        cells.text(3),
        cells.number(4).isPresent()
            ? OptionalInt.of((int) cells.number(4).getAsDouble())
            : OptionalInt.empty(),
        cells.number(5),
        cells.number(6),
        cells.number(7).orElse(0) > 0,
        cells.text(8));
  }
}
