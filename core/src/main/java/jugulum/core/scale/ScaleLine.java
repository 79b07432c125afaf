package jugulum.core.scale;

import java.util.Optional;
import jugulum.core.check.Check;

/** Where a scale sends its lines. */
public sealed interface ScaleLine {
  /** The fastest serial line, in signs a second and a start and stop for each. */
  int FASTEST_BAUD = 921_600;

  /**
   * A serial line with eight bits, no parity and one stop bit.
   *
   * @param port what the machine calls it
   * @param baud its speed, 110 to {@link #FASTEST_BAUD}
   * @param ask what is sent to ask for a weight; empty for a scale that sends by itself
   */
  record Serial(String port, int baud, Optional<String> ask) implements ScaleLine {
    /** Checks the speed. */
    public Serial {
      Check.inRange("baud", baud, 110, FASTEST_BAUD);
    }
  }

  /**
   * Lines of text over the network.
   *
   * @param host name or address
   * @param port 1 to 65535
   * @param ask what is sent to ask for a weight; empty for a scale that sends by itself
   */
  record Network(String host, int port, Optional<String> ask) implements ScaleLine {
    /** Checks the port. */
    public Network {
      Check.inRange("port", port, 1, 65_535);
    }
  }

  /** The scale that is only played, for trying things out. */
  record Played() implements ScaleLine {}

  /** What is sent to ask for a weight. */
  default Optional<String> asks() {
    return switch (this) {
      case Serial serial -> serial.ask();
      case Network network -> network.ask();
      case Played _ -> Optional.empty();
    };
  }
}
