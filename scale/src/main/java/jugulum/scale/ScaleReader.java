package jugulum.scale;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import jugulum.core.scale.ScaleLine;
import jugulum.core.scale.Sends;

/**
 * Listens to a scale on a thread of its own, until it is closed. A line that breaks off is opened
 * again by itself.
 */
public final class ScaleReader implements AutoCloseable {
  private static final Duration AGAIN = Duration.ofSeconds(1);
  private static final Duration STILL = Duration.ofSeconds(1);
  private static final Duration ASK_EVERY = Duration.ofMillis(200);

  private final ScaleLine line;
  private final Sends sends;
  private final LongSupplier nanos;
  private final Consumer<FromScale> listener;
  private final Thread thread;
  private volatile boolean ended;

  private ScaleReader(
      ScaleLine line, Sends sends, LongSupplier nanos, Consumer<FromScale> listener) {
    this.line = line;
    this.sends = sends;
    this.nanos = nanos;
    this.listener = listener;
    this.thread = Thread.ofPlatform().name("scale").daemon(true).unstarted(this::listen);
  }

  /**
   * Begins to listen.
   *
   * @param line where the scale sends; not the played one, which has a line of its own
   * @param sends when it sends
   * @param nanos a clock that only runs forward
   * @param listener told of everything, on the reader's thread
   */
  public static ScaleReader of(
      ScaleLine line, Sends sends, LongSupplier nanos, Consumer<FromScale> listener) {
    ScaleReader reader = new ScaleReader(line, sends, nanos, listener);
    reader.thread.start();
    return reader;
  }

  private void listen() {
    while (!ended) {
      try (Wire wire = open()) {
        listener.accept(new FromScale.Opened());
        readUntilLost(wire);
      } catch (IOException lost) {
        if (!ended) {
          listener.accept(new FromScale.Lost(String.valueOf(lost.getMessage())));
        }
      }
      rest();
    }
  }

  private Wire open() throws IOException {
    return switch (line) {
      case ScaleLine.Serial(String port, int baud, var _) -> new SerialWire(port, baud);
      case ScaleLine.Network(String host, int port, var _) -> new NetworkWire(host, port);
      case ScaleLine.Played _ -> throw new IOException("a played scale has a line of its own");
    };
  }

  private void readUntilLost(Wire wire) throws IOException {
    Lines lines = new Lines(sends != Sends.ALWAYS);
    byte[] signs = new byte[256];
    long asked = nanos.getAsLong() - ASK_EVERY.toNanos();
    long heard = nanos.getAsLong();
    Optional<byte[]> question = line.asks().map(ScaleReader::question);
    while (!ended) {
      if (question.isPresent() && nanos.getAsLong() - asked >= ASK_EVERY.toNanos()) {
        asked = nanos.getAsLong();
        wire.out().write(question.get());
        wire.out().flush();
      }
      int count = wire.read(signs);
      long at = nanos.getAsLong();
      if (count > 0) {
        heard = at;
      } else if (at - heard >= STILL.toNanos()) {
        heard = at;
        listener.accept(new FromScale.Still());
      }
      lines.add(signs, count).forEach(text -> listener.accept(new FromScale.Line(at, text)));
    }
  }

  private static byte[] question(String text) {
    return (text + "\r\n").getBytes(StandardCharsets.US_ASCII);
  }

  private void rest() {
    try {
      if (!ended) {
        Thread.sleep(AGAIN);
      }
    } catch (InterruptedException _) {
      ended = true;
    }
  }

  /** Stops to listen. */
  @Override
  public void close() {
    ended = true;
    thread.interrupt();
  }
}
