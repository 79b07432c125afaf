package jugulum.desk.day;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Polyline;
import jugulum.core.day.Daylight;
import jugulum.desk.follow.Days;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Room;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Words;

/**
 * The day from left to right: hands, trays and machines as rows, tasks as blocks one goes along
 * with the arrows, the hours above, now as a line.
 */
final class Strip extends Pane {
  private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
  private static final PseudoClass NARROW = PseudoClass.getPseudoClass("narrow");
  private static final double ROW = 40;

  /** Higher a row does not get, whatever room there is. */
  private static final double HIGHEST_ROW = 64;

  private static final double AROUND = 8;
  private static final double TOP = 26;
  private static final double LEGEND = 24;
  private static final double NAMES = 150;
  private static final double MARGIN = 6;

  /** A letter by itself stands between them without a margin. */
  private static final double BORDERS = 4;

  private static final int HOUR = 60;

  /** An hour narrower than that has no room for its figure. */
  private static final double NARROWEST_HOUR = 46;

  private final Words words;
  private final Consumer<String> chooses;
  private final Runnable opens;
  private final List<StripRow> rows = new ArrayList<>();
  private final List<Label> names = new ArrayList<>();
  private final Map<Integer, Label> hours = new LinkedHashMap<>();
  private final Map<Integer, Region> hourLines = new LinkedHashMap<>();
  private final List<Placed> blocks = new ArrayList<>();
  private final List<Region> rowLines = new ArrayList<>();
  private final Map<Integer, Polyline> levels = new LinkedHashMap<>();
  private final Label legend = Parts.styled(new Label(), "muted");
  private final Region now = line("strip-now");
  private final Region dark = line("strip-dark");
  private final ReadOnlyDoubleWrapper least = new ReadOnlyDoubleWrapper(TOP + LEGEND + MARGIN);
  private Optional<String> chosen = Optional.empty();
  private int from;
  private int to = HOUR;
  private int nowAt;
  private int darkAt;

  /** A block with its node. */
  private record Placed(int row, StripRow.Block block, Button node) {}

  /**
   * Makes an empty strip.
   *
   * @param chooses told which task was chosen
   * @param opens what Enter on a task does
   */
  Strip(Words words, Consumer<String> chooses, Runnable opens) {
    this.words = words;
    this.chooses = chooses;
    this.opens = opens;
    setId("day-strip");
    getStyleClass().add("strip");
    setAccessibleRole(AccessibleRole.PARENT);
    setAccessibleText(words.of("day.strip"));
    addEventFilter(KeyEvent.KEY_PRESSED, this::arrow);
  }

  private static Region line(String style) {
    Region line = Parts.styled(new Region(), style);
    line.setMouseTransparent(true);
    return line;
  }

  /** Shows a day; gives whether the task that had the focus is no longer in it. */
  boolean show(Days.Shown shown) {
    boolean hadFocus = blocks.stream().anyMatch(placed -> placed.node().isFocused());
    rows.clear();
    rows.addAll(StripRow.of(words, shown));
    nowAt = shown.asked().problem().now();
    darkAt = shown.asked().problem().dark();
    boolean isBounded =
        !shown.asked().light().equals(Optional.of(Daylight.Light.ALWAYS))
            || shown.day().setup().until().isPresent();
    span();
    getChildren().clear();
    names.clear();
    hours.clear();
    hourLines.clear();
    blocks.clear();
    rowLines.clear();
    levels.clear();
    for (int hour = from; hour <= to; hour += HOUR) {
      Region line = line("strip-hour");
      hourLines.put(hour, line);
      Label figure = new Label(DayWords.clock(words, hour));
      figure.getStyleClass().add("muted");
      hours.put(hour, figure);
      getChildren().addAll(line, figure);
    }
    for (int i = 0; i < rows.size(); i++) {
      Label name = Parts.sentence(rows.get(i).name());
      names.add(name);
      Region under = line("strip-row");
      rowLines.add(under);
      getChildren().addAll(under, name);
      if (!rows.get(i).left().isEmpty()) {
        Polyline level = Parts.styled(new Polyline(), "strip-level");
        level.setMouseTransparent(true);
        levels.put(i, level);
        getChildren().add(level);
      }
      for (StripRow.Block block : rows.get(i).blocks()) {
        Placed placed = new Placed(i, block, node(i, block));
        blocks.add(placed);
        getChildren().add(placed.node());
      }
    }
    Parts.shown(dark, isBounded && darkAt > from && darkAt < to);
    legend.setText(StripRow.legend(words, rows));
    getChildren().addAll(dark, now, legend);
    least.set(TOP + rows.size() * ROW + LEGEND + MARGIN);
    chosen = chosen.filter(task -> blocks.stream().anyMatch(one -> isOf(one, task)));
    mark();
    requestLayout();
    if (hadFocus && chosen.isPresent()) {
      focusChosen();
    }
    return hadFocus && chosen.isEmpty();
  }

  private static boolean isOf(Placed placed, String task) {
    return placed.block().task().equals(task);
  }

  /** Whole hours around all there is, half a day at the least. */
  private void span() {
    int first =
        rows.stream()
            .flatMap(row -> row.blocks().stream())
            .mapToInt(StripRow.Block::from)
            .min()
            .orElse(nowAt);
    int last =
        rows.stream()
            .flatMap(row -> row.blocks().stream())
            .mapToInt(block -> Math.min(block.to(), Math.max(darkAt, nowAt) + 2 * HOUR))
            .max()
            .orElse(nowAt);
    from = Math.min(first, nowAt) / HOUR * HOUR;
    to = Math.max((Math.max(last, nowAt) + HOUR - 1) / HOUR * HOUR, from + 8 * HOUR);
  }

  private Button node(int row, StripRow.Block block) {
    Button node = new Button();
    node.setId("block-" + row + "-" + rows.get(row).blocks().indexOf(block));
    node.setMnemonicParsing(false);
    node.getStyleClass().setAll("strip-block", "strip-" + block.kind());
    node.getStyleClass().add("strip-" + block.state().name().toLowerCase(Locale.ROOT));
    node.setAccessibleText(
        words.of(
            "day.block.spoken",
            block.texts().getFirst(),
            DayWords.clock(words, block.from()),
            DayWords.clock(words, block.to())));
    node.setOnAction(
        _ -> {
          boolean isAgain = chosen.equals(Optional.of(block.task()));
          choose(block.task());
          if (isAgain) {
            opens.run();
          }
        });
    node.focusedProperty()
        .addListener(
            (_, _, focused) -> {
              if (focused) {
                choose(block.task());
                mark();
              }
            });
    return node;
  }

  private void choose(String task) {
    if (!chosen.equals(Optional.of(task))) {
      chosen = Optional.of(task);
      mark();
      chooses.accept(task);
    }
  }

  private void mark() {
    blocks.forEach(
        placed ->
            placed
                .node()
                .pseudoClassStateChanged(
                    CHOSEN, chosen.filter(task -> isOf(placed, task)).isPresent()));
    // Tab stops at one block and goes on to what can be done with its task; arrows go along.
    Optional<Placed> only =
        blocks.stream().filter(one -> one.node().isFocused()).findFirst().or(this::first);
    blocks.forEach(
        placed -> placed.node().setFocusTraversable(only.filter(placed::equals).isPresent()));
  }

  /** Puts the focus on a task. */
  void focus(String task) {
    blocks.stream()
        .filter(placed -> isOf(placed, task))
        .findFirst()
        .ifPresent(placed -> placed.node().requestFocus());
  }

  /** Puts the focus on the task chosen, else the first that is not done. */
  void focusChosen() {
    first().ifPresent(placed -> placed.node().requestFocus());
  }

  private Optional<Placed> first() {
    return chosen
        .flatMap(task -> blocks.stream().filter(one -> isOf(one, task)).findFirst())
        .or(
            () ->
                blocks.stream()
                    .filter(one -> one.block().state() != StripRow.State.DONE)
                    .findFirst())
        .or(() -> blocks.stream().findFirst());
  }

  /** Left and right along a row, up and down to the nearest in the next that has any. */
  private void arrow(KeyEvent key) {
    Optional<Placed> here = blocks.stream().filter(one -> one.node().isFocused()).findFirst();
    if (here.isEmpty() || key.isShortcutDown()) {
      return;
    }
    if (key.getCode() == KeyCode.ENTER) {
      opens.run();
      key.consume();
      return;
    }
    Optional<Placed> next =
        switch (key.getCode()) {
          case LEFT -> along(here.get(), -1);
          case RIGHT -> along(here.get(), 1);
          case UP -> across(here.get(), -1);
          case DOWN -> across(here.get(), 1);
          default -> Optional.empty();
        };
    next.ifPresent(placed -> placed.node().requestFocus());
    if (key.getCode().isArrowKey()) {
      key.consume();
    }
  }

  private Optional<Placed> along(Placed here, int step) {
    int at = blocks.indexOf(here) + step;
    return at < 0 || at >= blocks.size() || blocks.get(at).row() != here.row()
        ? Optional.empty()
        : Optional.of(blocks.get(at));
  }

  private Optional<Placed> across(Placed here, int step) {
    for (int row = here.row() + step; row >= 0 && row < rows.size(); row += step) {
      int at = row;
      Optional<Placed> nearest =
          blocks.stream()
              .filter(one -> one.row() == at)
              .min(
                  Comparator.comparingInt(
                      one -> Math.abs(one.block().from() - here.block().from())));
      if (nearest.isPresent()) {
        return nearest;
      }
    }
    return Optional.empty();
  }

  @Override
  protected double computePrefHeight(double width) {
    return least.get();
  }

  /** How high it is at the least. */
  ReadOnlyDoubleProperty leastHeight() {
    return least.getReadOnlyProperty();
  }

  /** The rows share the room there is. */
  private double row() {
    double room = getHeight() - TOP - LEGEND - MARGIN;
    return Math.clamp(room / Math.max(1, rows.size()), ROW, HIGHEST_ROW);
  }

  @Override
  protected double computeMinHeight(double width) {
    return computePrefHeight(width);
  }

  private double x(double minute) {
    double width = getWidth() - NAMES - MARGIN;
    return NAMES + width * Math.clamp((minute - from) / (to - from), 0, 1);
  }

  @Override
  protected void layoutChildren() {
    double row = row();
    double bottom = TOP + rows.size() * row;
    double hourWide = x(from + HOUR) - x(from);
    int every = hourWide >= NARROWEST_HOUR ? 1 : 2;
    hours.forEach(
        (minute, figure) -> {
          boolean isShown = (minute - from) / HOUR % every == 0 && minute < to;
          figure.setVisible(isShown);
          figure.autosize();
          figure.relocate(x(minute) + 3, 2);
        });
    hourLines.forEach(
        (minute, line) -> line.resizeRelocate(x(minute), TOP - 6, 1, bottom - TOP + 6));
    for (int i = 0; i < names.size(); i++) {
      double top = TOP + i * row;
      rowLines.get(i).resizeRelocate(0, top + row - 1, getWidth() - MARGIN, 1);
      Label name = names.get(i);
      double high = Math.min(name.prefHeight(NAMES - 10), row);
      layoutInArea(
          name, 0, top + (row - high) / 2 - 2, NAMES - 10, high, 0, HPos.LEFT, VPos.CENTER);
    }
    for (Placed placed : blocks) {
      place(placed);
    }
    levels.forEach(this::place);
    legend.resizeRelocate(NAMES, bottom + 2, getWidth() - NAMES - MARGIN, LEGEND);
    now.resizeRelocate(x(nowAt) - 1, TOP - 6, 2, bottom - TOP + 6);
    dark.resizeRelocate(x(darkAt) - 1, TOP - 6, 2, bottom - TOP + 6);
  }

  private void place(int row, Polyline level) {
    double high = row();
    double bottom = TOP + (row + 1) * high - MARGIN;
    List<Double> points = new ArrayList<>();
    for (StripRow.Level one : rows.get(row).left()) {
      points.add(x(one.minute()));
      points.add(bottom - one.share() * (high - 2 * MARGIN));
    }
    level.getPoints().setAll(points);
  }

  /** The longest text that has room; a letter at the least, which the legend below explains. */
  private void place(Placed placed) {
    double left = x(placed.block().from());
    double width = Math.max(4, x(placed.block().to()) - left - 1);
    String text =
        placed.block().texts().stream()
            .filter(one -> Room.width(one, false) + (one.length() > 1 ? MARGIN : BORDERS) <= width)
            .findFirst()
            .orElse("");
    placed.node().setText(text);
    placed.node().pseudoClassStateChanged(NARROW, text.length() == 1);
    placed
        .node()
        .resizeRelocate(left, TOP + placed.row() * row() + AROUND / 2 - 1, width, row() - AROUND);
  }
}
