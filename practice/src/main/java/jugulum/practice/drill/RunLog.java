package jugulum.practice.drill;

import java.util.ArrayList;
import java.util.List;

/** What was done in a run, by its steps. */
final class RunLog {
  private final List<LoggedAction> told = new ArrayList<>();
  private long steps;

  void tell(Action action) {
    told.add(new LoggedAction(steps, action));
  }

  void step() {
    steps++;
  }

  long steps() {
    return steps;
  }

  List<LoggedAction> told() {
    return List.copyOf(told);
  }
}
