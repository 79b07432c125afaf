package jugulum.desk.live;

import java.time.Clock;
import java.time.Instant;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Duration;

/**
 * The time as the window's clock tells it, once a second while something runs. Nothing is counted:
 * a beat missed loses nothing.
 */
public final class Beat {
  private final Clock clock;
  private final ReadOnlyObjectWrapper<Instant> now;
  private final Timeline timeline;

  /** Starts still. */
  public Beat(Clock clock) {
    this.clock = clock;
    this.now = new ReadOnlyObjectWrapper<>(clock.instant());
    this.timeline = new Timeline(new KeyFrame(Duration.seconds(1), _ -> now.set(clock.instant())));
    timeline.setCycleCount(Animation.INDEFINITE);
  }

  /** The time of the last beat. */
  public ReadOnlyObjectProperty<Instant> now() {
    return now.getReadOnlyProperty();
  }

  /** Beats, or stands. */
  public void beat(boolean on) {
    now.set(clock.instant());
    if (on) {
      timeline.play();
    } else {
      timeline.stop();
    }
  }
}
