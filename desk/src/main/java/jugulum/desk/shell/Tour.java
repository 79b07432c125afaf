package jugulum.desk.shell;

import java.util.ArrayList;
import java.util.List;
import jugulum.desk.view.View;
import jugulum.desk.words.Words;

/**
 * A step of the tour through the views.
 *
 * @param view what it tells of
 * @param text what it tells
 */
record Tour(View view, String text) {
  /** So many texts as a view has, in the order of the views, and a last one back at the bench. */
  static List<Tour> steps(Words words) {
    List<Tour> steps = new ArrayList<>();
    for (View view : View.values()) {
      for (int i = 1; words.has(key(view, i)); i++) {
        steps.add(new Tour(view, words.of(key(view, i))));
      }
    }
    steps.add(new Tour(View.BENCH, words.of("tour.end")));
    return steps;
  }

  private static String key(View view, int number) {
    return "tour." + view + "." + number;
  }
}
