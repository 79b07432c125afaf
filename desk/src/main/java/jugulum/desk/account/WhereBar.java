package jugulum.desk.account;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jugulum.core.gold.Place;
import jugulum.desk.kit.Parts;

/**
 * One bar as long as all the gold, parted by where it is; the table under it tells the same in
 * figures and in the same order.
 */
final class WhereBar {
  private static final double LENGTH = 560;
  private static final double THINNEST = 3;
  private static final double HEIGHT = 22;

  private WhereBar() {}

  static Node of(Shown shown) {
    List<Place> places =
        shown.now().gold().places().stream()
            .filter(place -> place.gold().milligrams() > 0)
            .toList();
    double total = places.stream().mapToDouble(place -> place.gold().milligrams()).sum();
    HBox bar = new HBox(2);
    for (Place place : places) {
      Region part =
          Parts.styled(
              new Region(),
              "place-" + place.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'));
      double width =
          Math.max(THINNEST, (LENGTH - 2 * places.size()) * place.gold().milligrams() / total);
      part.setMinSize(Math.min(width, THINNEST), HEIGHT);
      part.setPrefSize(width, HEIGHT);
      HBox.setHgrow(part, place == places.getFirst() ? Priority.ALWAYS : Priority.NEVER);
      part.setAccessibleText(
          shown
              .words()
              .of(
                  "where.segment",
                  shown.words().of("place", place.kind()),
                  shown.figures().gold(place.gold().milligrams())));
      bar.getChildren().add(part);
    }
    Parts.shown(bar, !places.isEmpty());
    bar.setAccessibleText(shown.words().of("where.title"));
    return bar;
  }
}
