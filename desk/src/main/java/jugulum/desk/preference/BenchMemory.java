package jugulum.desk.preference;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What a bench remembers of itself between two starts, whatever book is open. May touch the disk.
 */
public interface BenchMemory {
  /** What is remembered under a name. */
  Optional<String> get(String name);

  /** Knows something from now on, until the program ends; touches no disk. */
  void note(String name, String value);

  /** Remembers something for good. */
  void put(String name, String value);

  /** A bench that forgets with the program. */
  static BenchMemory untilTheEnd() {
    Map<String, String> all = new ConcurrentHashMap<>();
    return new BenchMemory() {
      @Override
      public Optional<String> get(String name) {
        return Optional.ofNullable(all.get(name));
      }

      @Override
      public void note(String name, String value) {
        all.put(name, value);
      }

      @Override
      public void put(String name, String value) {
        note(name, value);
      }
    };
  }
}
