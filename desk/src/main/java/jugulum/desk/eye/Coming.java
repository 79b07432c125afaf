package jugulum.desk.eye;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.util.Duration;
import jugulum.desk.session.Workbench;

/**
 * Pictures that come by themselves: the folder the last picture was opened from is looked at every
 * other second, and what a camera or a phone has saved there since is offered by order of name,
 * each once.
 */
final class Coming {
  /** More that wait are not taken by themselves: a person chooses. */
  static final int MOST = 40;

  private static final Duration BEAT = Duration.seconds(2);

  private final Workbench workbench;
  private final Clock clock;
  private final Instant since;
  private final Consumer<List<Path>> tell;
  private final Set<Path> taken = new HashSet<>();
  private final BooleanSupplier isInSight;
  private final Timeline beat = new Timeline(new KeyFrame(BEAT, _ -> beat()));
  private List<Path> waiting = List.of();
  private boolean isLooking;

  /**
   * From now on.
   *
   * @param isInSight whether anybody sees what comes: else it stands still
   * @param tell told what waits, whenever that changes
   */
  Coming(Workbench workbench, Clock clock, BooleanSupplier isInSight, Consumer<List<Path>> tell) {
    this.workbench = workbench;
    this.clock = clock;
    this.since = clock.instant();
    this.isInSight = isInSight;
    this.tell = tell;
    beat.setCycleCount(Animation.INDEFINITE);
  }

  /** The folder the last picture was opened from. */
  Optional<Path> folder() {
    return workbench.preferences().remembered(PicturePage.FOLDER).map(Path::of);
  }

  void begin() {
    beat.play();
  }

  /** A beat that went on behind a closed window would hold all of it. */
  private void beat() {
    if (isInSight.getAsBoolean()) {
      look();
    } else {
      beat.stop();
    }
  }

  /** That one is taken: it is not offered again. */
  void take(Path file) {
    taken.add(file);
    waiting = waiting.stream().filter(one -> !one.equals(file)).toList();
  }

  /** What came and was not taken yet. */
  List<Path> waiting() {
    return waiting;
  }

  private void look() {
    Optional<Path> from = folder();
    if (from.isEmpty() || isLooking) {
      return;
    }
    isLooking = true;
    Instant now = clock.instant();
    workbench
        .work()
        .aside(
            () -> CameraFolder.since(from.get(), since, now),
            found -> {
              isLooking = false;
              List<Path> left = found.stream().filter(one -> !taken.contains(one)).toList();
              if (!left.equals(waiting)) {
                waiting = left;
                tell.accept(left);
              }
            });
  }
}
