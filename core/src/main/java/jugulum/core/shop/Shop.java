package jugulum.core.shop;

import java.util.List;
import java.util.stream.Stream;
import jugulum.core.ledger.Assumptions;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;

/**
 * What a shop owns and takes as given for new batches.
 *
 * @param screens the screens owned, coarse first
 * @param assumptions what new batches start with
 */
public record Shop(List<Screen> screens, Assumptions assumptions) {
  /** A usual first set of classifiers, and the usual assumptions. */
  public static final Shop USUAL =
      new Shop(
          Stream.of("8", "16", "20", "30", "50", "80", "100").flatMap(label -> StandardScreens.numbered(label).stream()).toList(),
          Assumptions.USUAL);

  /** Sorts the screens coarse first and keeps each opening once. */
  public Shop {
    screens = screens.stream().sorted((one, other) -> Double.compare(other.openingMm(), one.openingMm())).distinct().toList();
  }
}
