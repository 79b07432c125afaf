package jugulum.desk.hands;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import jugulum.core.machine.Due;
import jugulum.desk.live.RunWatch.Watched;

/** Sounds once for every due time that goes by. */
final class Alarm {
  private final Consumer<Tone> speaker;
  private final Set<Due> sounded = new HashSet<>();

  Alarm(Consumer<Tone> speaker) {
    this.speaker = speaker;
  }

  /** A second went by. */
  void tick(List<Watched> running, Instant now, boolean isOn) {
    List<Due> due =
        running.stream()
            .flatMap(run -> run.due().stream())
            .filter(one -> !one.at().isAfter(now))
            .toList();
    for (Due one : due) {
      if (sounded.add(one) && isOn) {
        speaker.accept(Tone.of(one.what()));
      }
    }
    sounded.retainAll(due);
  }
}
