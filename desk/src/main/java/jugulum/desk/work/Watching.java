package jugulum.desk.work;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.util.Subscription;

/**
 * What one window watches. When the window is made anew, in another language, the old one stops
 * watching and nothing holds it any more.
 */
public final class Watching {
  private final List<Subscription> subscriptions = new ArrayList<>();
  private boolean ended;

  /** Runs something with every new value from now on, until the window is made anew. */
  public <T> void watch(ObservableValue<T> value, Consumer<? super T> action) {
    subscriptions.add(
        value.subscribe(
            (_, now) -> {
              // One that is being told while the window ends is told once more.
              if (!ended) {
                action.accept(now);
              }
            }));
  }

  /** Runs something when the window ends. */
  public void atTheEnd(Runnable action) {
    subscriptions.add(action::run);
  }

  /** Watches nothing any more. */
  public void end() {
    ended = true;
    subscriptions.forEach(Subscription::unsubscribe);
    subscriptions.clear();
  }
}
