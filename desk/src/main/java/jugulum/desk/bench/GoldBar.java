package jugulum.desk.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.Place;
import jugulum.desk.kit.Ends;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** One bar as long as all the gold there is reason to expect, parted by where it is. */
final class GoldBar extends VBox {
  private static final double SHORTEST = 8;
  private static final double ROOM_FOR_TEXT = 74;

  @Prologue private final Words words;
  private final HBox bar = new HBox(2);
  private final Map<Place.Kind, Label> labels = new EnumMap<>(Place.Kind.class);
  private final Label nothing = Parts.sentence(words.of("where.nothing"), "muted");

  /** Tells of the parts too short for a text of their own, in their order. */
  private final Label small = new Label();

  private final Label right = Parts.styled(new Label(), "muted");

  GoldBar(Words words) {
    this.words = words;
    super();
    getStyleClass().add("gold-bar");
    setId("gold-bar");
    bar.getStyleClass().add("gold-bar-segments");
    // Its segments are as wide as the window was; they must not keep it from becoming narrower.
    bar.setMinWidth(0);
    small.setWrapText(true);
    right.setWrapText(true);
    Label title = Parts.styled(new Label(words.of("where.title")), "muted");
    title.setMinWidth(Region.USE_PREF_SIZE);
    Ends above = new Ends(new HBox(14, title, small), right);
    getChildren().addAll(above, bar);
    bar.widthProperty().addListener((_, _, _) -> fit());
  }

  private record Segment(Label label, String longText, String shortText, double share) {}

  private List<Segment> segments = List.of();

  void show(Worked worked, Figures figures) {
    right.setText(about(worked, figures));
    double total =
        worked.gold().places().stream().mapToDouble(place -> place.gold().milligrams()).sum();
    List<Segment> made = new ArrayList<>();
    for (Place place : worked.gold().places()) {
      if (place.gold().milligrams() > 0) {
        String shortText = words.of("place", place.kind());
        String longText =
            words.of("where.segment", shortText, figures.gold(place.gold().milligrams()));
        Label label = labels.computeIfAbsent(place.kind(), GoldBar::label);
        label.setAccessibleText(longText);
        label
            .getTooltip()
            .setText(words.of("where.tooltip", longText, figures.goldRange(place.gold())));
        made.add(new Segment(label, longText, shortText, place.gold().milligrams() / total));
      }
    }
    segments = List.copyOf(made);
    List<Label> shown =
        segments.isEmpty() ? List.of(nothing) : segments.stream().map(Segment::label).toList();
    if (!bar.getChildren().equals(shown)) {
      bar.getChildren().setAll(shown);
    }
    fit();
  }

  private static Label label(Place.Kind kind) {
    Label label = new Label();
    label
        .getStyleClass()
        .addAll("segment", "place-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    label.setTooltip(new Tooltip());
    return label;
  }

  /**
   * Long texts where they have room, short ones where not, none where even those would be cut.
   * Widths are whole pixels, rounded down: the layout rounds up, and together they would ask for
   * more than the window has.
   */
  private void fit() {
    List<String> untold = new ArrayList<>();
    double free = bar.getWidth() - SHORTEST * segments.size();
    for (Segment segment : segments) {
      double width = Math.floor(SHORTEST + Math.max(0, free) * segment.share() - 2);
      segment.label().setMinWidth(width);
      segment.label().setPrefWidth(width);
      segment.label().setMaxWidth(width);
      boolean roomy = width > segment.longText().length() * 8.2 + 12;
      String shown =
          roomy
              ? segment.longText()
              : width > ROOM_FOR_TEXT && width > segment.shortText().length() * 8.2 + 12
                  ? segment.shortText()
                  : "";
      segment.label().setText(shown);
      if (shown.isEmpty()) {
        untold.add(segment.longText());
      }
    }
    small.setText(words.beside(untold));
  }

  private static String about(Worked worked, Figures figures) {
    Words words = figures.words();
    List<String> parts = new ArrayList<>();
    worked
        .gold()
        .head()
        .ifPresent(
            head ->
                parts.add(
                    words.of(
                        "where.head", figures.gold(head.milligrams()), figures.goldRange(head))));
    var unseen = worked.gold().notLookedAt();
    if (!unseen.isEmpty()) {
      parts.add(
          unseen.size() <= 2
              ? words.of("where.unseen", Sentences.lots(words, worked.network(), unseen))
              : words.of("where.unseen.many", Integer.toString(unseen.size())));
    }
    return words.beside(parts);
  }
}
