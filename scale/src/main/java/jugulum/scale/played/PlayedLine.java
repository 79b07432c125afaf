package jugulum.scale.played;

import com.pty4j.unix.Pty;
import java.io.IOException;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.function.Consumer;

/** Lets a played scale be reached by a serial line, where the machine has pseudo-terminals. */
public final class PlayedLine implements AutoCloseable {
  private static final int WAITING = 16;

  private final PlayedScale scale;
  private final Pty pty;

  /** While nobody reads, the line is full and a write would wait: what has no room is lost. */
  private final BlockingQueue<byte[]> waiting = new ArrayBlockingQueue<>(WAITING);

  private final Consumer<byte[]> listener = waiting::offer;
  private final Thread sender;

  /**
   * Makes a line.
   *
   * @throws IOException where the machine has no pseudo-terminals
   */
  public PlayedLine(PlayedScale scale) throws IOException {
    this.scale = scale;
    this.pty = new Pty();
    scale.to(listener);
    this.sender = Thread.ofPlatform().name("played line").daemon(true).start(this::send);
  }

  /** What the machine calls it. */
  public String name() {
    return pty.getSlaveName();
  }

  private void send() {
    try {
      while (true) {
        byte[] line = waiting.take();
        pty.getOutputStream().write(line);
        pty.getOutputStream().flush();
      }
    } catch (IOException | InterruptedException closed) {
      // Then nothing more is sent.
    }
  }

  @Override
  public void close() {
    scale.notTo(listener);
    sender.interrupt();
    try {
      pty.close();
    } catch (IOException gone) {
      // It is closed one way or the other.
    }
  }
}
