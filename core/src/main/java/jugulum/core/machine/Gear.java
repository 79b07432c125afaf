package jugulum.core.machine;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Sheet.Sizes;
import jugulum.core.marks.DeckLine;
import jugulum.core.marks.FeedMark;
import jugulum.core.marks.LineMark;
import jugulum.core.marks.OwnMarks;
import jugulum.core.marks.OwnWindow;
import jugulum.core.screens.Cut;

/**
 * A machine somebody owns: it works like one of the kinds, with what is its own.
 *
 * @param name what it is called here; empty for a kind of machine in general
 * @param kind what it works like
 * @param suits the sizes it is good for, where they are not those of its kind
 * @param usual where its dials usually stand, by name, where that is not as with its kind
 * @param watts what its pump and motor take together, in W, from 0.1 to 100,000, if told
 * @param batteryWh what can be taken out of its battery, in Wh, from 1 to 1,000,000, if it has one
 * @param sumpL the water in its sump, in litres, from 0.1 to 100,000, if told
 * @param more dials of one's own, by name with their unit ("tip hole, mm"), at most {@link
 *     #MOST_OWN_DIALS}; empty where nobody told any
 * @param marks its own marks, one set a cut, the latest; empty where nobody looked
 * @param inverter what stands between its battery and it; empty where nothing does
 * @param feeds minutes of its feed that were weighed, with the setting; empty where nobody weighed
 * @param lines where the line of a table stood at a setting; empty where nobody looked
 */
public record Gear(
    String name,
    Machine.Kind kind,
    Optional<Sizes> suits,
    Map<String, Band> usual,
    OptionalDouble watts,
    OptionalDouble batteryWh,
    OptionalDouble sumpL,
    Optional<List<String>> more,
    Optional<List<OwnMarks>> marks,
    Optional<Inverter> inverter,
    Optional<List<FeedMark>> feeds,
    Optional<List<LineMark>> lines) {
  /** Nobody sets more than that beside what the sheet has. */
  public static final int MOST_OWN_DIALS = 20;

  /** By name, whatever the capitals. */
  public static final Comparator<Gear> BY_NAME =
      Comparator.comparing(Gear::name, String.CASE_INSENSITIVE_ORDER).thenComparing(Gear::kind);

  /** Checks every value against its range and keeps its own copy. */
  public Gear {
    name = name.strip();
    usual = Check.byName(usual);
    watts.ifPresent(told -> Check.inRange("watts", told, 0.1, 100_000));
    batteryWh.ifPresent(told -> Check.inRange("batteryWh", told, 1, 1e6));
    sumpL.ifPresent(told -> Check.inRange("sumpL", told, 0.1, 100_000));
    more = more.map(List::copyOf);
    marks = marks.map(List::copyOf);
    feeds = feeds.map(List::copyOf);
    lines = lines.map(List::copyOf);
    more.ifPresent(own -> Check.inRange("more", own.size(), 0, MOST_OWN_DIALS));
  }

  /** With the dials of its kind alone. */
  public Gear(
      String name,
      Machine.Kind kind,
      Optional<Sizes> suits,
      Map<String, Band> usual,
      OptionalDouble watts,
      OptionalDouble batteryWh,
      OptionalDouble sumpL) {
    this(
        name,
        kind,
        suits,
        usual,
        watts,
        batteryWh,
        sumpL,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** Its own marks, coarse cuts first. */
  public List<OwnMarks> ownMarks() {
    return marks.orElse(List.of()).stream()
        .sorted(Comparator.comparing(OwnMarks::cut, Cut.COARSE_FIRST))
        .toList();
  }

  /** Its own marks for a cut. */
  public Optional<OwnMarks> marks(Cut cut) {
    return ownMarks().stream().filter(one -> one.cut().equals(cut)).findFirst();
  }

  /** The same with marks for a cut; those it had for that cut are replaced. */
  public Gear with(OwnMarks own) {
    return withMarks(
        Stream.concat(
                ownMarks().stream().filter(one -> !one.cut().equals(own.cut())), Stream.of(own))
            .toList());
  }

  /** The same with the marks, weighed feeds and lines another of it had. */
  public Gear keepingMarksOf(Gear before) {
    return with(usual, more, before.marks, before.feeds, before.lines);
  }

  /** Where its line stood at settings, in order. */
  public List<LineMark> ownLines() {
    return lines.orElse(List.of());
  }

  /** Where its line stands for a cut. */
  public Optional<DeckLine> line(Cut cut) {
    return DeckLine.of(ownLines().stream().filter(one -> one.cut().equals(cut)).toList());
  }

  /** The same with other marks of its line. */
  public Gear withLines(List<LineMark> other) {
    return with(usual, more, marks, feeds, listed(other));
  }

  /** Minutes of its feed that were weighed, in order. */
  public List<FeedMark> ownFeeds() {
    return feeds.orElse(List.of());
  }

  /** The same with other weighed minutes of its feed. */
  public Gear withFeeds(List<FeedMark> other) {
    return with(usual, more, marks, listed(other), lines);
  }

  private static <T> Optional<List<T>> listed(List<T> some) {
    return some.isEmpty() ? Optional.empty() : Optional.of(some);
  }

  /** What it takes out of a battery while it runs, in W: more than its own where one is between. */
  public OptionalDouble drawWatts() {
    return inverter.isPresent() && watts.isPresent()
        ? OptionalDouble.of(inverter.get().draws(watts.getAsDouble()))
        : watts;
  }

  /** The same behind an inverter, or without one. */
  public Gear behind(Optional<Inverter> other) {
    return new Gear(
        name, kind, suits, usual, watts, batteryWh, sumpL, more, marks, other, feeds, lines);
  }

  private Gear with(
      Map<String, Band> stands,
      Optional<List<String>> own,
      Optional<List<OwnMarks>> marked,
      Optional<List<FeedMark>> weighed,
      Optional<List<LineMark>> looked) {
    return new Gear(
        name, kind, suits, stands, watts, batteryWh, sumpL, own, marked, inverter, weighed, looked);
  }

  /** The same without marks for a cut. */
  public Gear withoutMarks(Cut cut) {
    return withMarks(ownMarks().stream().filter(one -> !one.cut().equals(cut)).toList());
  }

  private Gear withMarks(List<OwnMarks> own) {
    return with(usual, more, listed(own), feeds, lines);
  }

  /** Dials of one's own, by name. */
  public List<String> ownDials() {
    return more.orElse(List.of());
  }

  /** The same with other dials of one's own. */
  public Gear withDials(List<String> own) {
    return with(usual, listed(own), marks, feeds, lines);
  }

  /** A kind of machine of which nobody said more. */
  public static Gear any(Machine.Kind kind) {
    return any(new Machine(kind, ""));
  }

  /** A machine of which nobody said more than its name. */
  public static Gear any(Machine machine) {
    return new Gear(
        machine.name(),
        machine.kind(),
        Optional.empty(),
        Map.of(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty());
  }

  /** Every kind that sorts by weight, in general, without those that have forms: a pan has one. */
  public static List<Gear> everyKind() {
    return Sheets.byWeight().map(Sheet::kind).map(Gear::any).toList();
  }

  /** The kinds one counts on where nobody said what the shop has. */
  public static List<Gear> usualKinds() {
    return everyKind().stream().filter(gear -> gear.sheet().working().isUsual()).toList();
  }

  /** As it is written into the record of a run. */
  public Machine machine() {
    return new Machine(kind, name);
  }

  /** Its bench sheet: that of its kind, with what is its own. */
  public Sheet sheet() {
    Sheet of = Sheets.of(kind);
    List<Dial> dials =
        of.dials().stream()
            .map(dial -> Optional.ofNullable(usual.get(dial.id())).map(dial::usually).orElse(dial))
            .toList();
    return of.with(dials, suits.orElse(of.suits()));
  }

  /** The same for a cut: where it has marks of its own for it, they are where its dials stand. */
  public Sheet sheet(Cut cut) {
    return sheet(cut.notation());
  }

  /** The same for a cut by its notation. */
  public Sheet sheet(String notation) {
    Sheet all = sheet();
    return window(notation)
        .filter(own -> own.state() == OwnWindow.State.WINDOW)
        .map(
            own ->
                all.with(all.dials().stream().map(dial -> marked(dial, own)).toList(), all.suits()))
        .orElse(all);
  }

  /** What its own marks for a cut tell. */
  public Optional<OwnWindow> window(Cut cut) {
    return window(cut.notation());
  }

  private Optional<OwnWindow> window(String notation) {
    return ownMarks().stream()
        .filter(one -> one.cut().notation().equals(notation))
        .findFirst()
        .map(OwnWindow::of);
  }

  private static Dial marked(Dial dial, OwnWindow own) {
    return switch (dial.id()) {
      case FLOW -> dial.marked(own.flow().orElseThrow());
      case RIM ->
          own.rimMm().isPresent() ? dial.marked(Band.sharp(own.rimMm().getAsDouble())) : dial;
      default -> dial;
    };
  }

  /** The dial of the water a bowl is given. */
  private static final String FLOW = "flow";

  /** The dial of the water under its rim. */
  private static final String RIM = "rim";

  /** The same with dials that usually stand where they were set, give or take {@link #GIVE}. */
  public Gear usuallyAt(Map<String, Double> set) {
    Map<String, Band> own = new TreeMap<>(usual);
    set.forEach(
        (dial, value) -> own.put(dial, new Band(value * (1 - GIVE), value, value * (1 + GIVE))));
    return with(own, more, marks, feeds, lines);
  }

  /**
   * Nobody sets a dial again nearer than that: a tenth either way, an assumption of ours.
   *
   * <p>Off by a half: from where on a dial counts as outside one's own usual.
   */
  private static final double GIVE = 0.1;
}
