package jugulum.book.together;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;

/**
 * A network between a bench and its server: passes bytes on, late if it is to, until it is cut
 * after so many bytes, in either direction.
 */
final class Wire implements AutoCloseable {
  private final ServerSocket here;
  private final int there;
  private final List<Socket> open = new CopyOnWriteArrayList<>();
  private final AtomicLong left = new AtomicLong(Long.MAX_VALUE);
  private volatile long lateMs;
  private volatile boolean isCut;

  Wire(int there) {
    this.there = there;
    try {
      here = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
    Thread.ofVirtual().start(this::accept);
  }

  int port() {
    return here.getLocalPort();
  }

  /** Every piece arrives so much later. */
  void late(long millis) {
    lateMs = millis;
  }

  /** It is cut once so many bytes more have passed, counted both ways. */
  void cutAfter(long bytes) {
    left.set(bytes);
  }

  /** It is whole again. */
  void mend() {
    left.set(Long.MAX_VALUE);
    isCut = false;
  }

  private void cut() {
    isCut = true;
    open.forEach(Wire::closed);
    open.clear();
  }

  private static void closed(Socket one) {
    try {
      // Without a farewell, as when a cable is pulled.
      one.setSoLinger(true, 0);
      one.close();
    } catch (IOException gone) {
      // It is what was wanted.
    }
  }

  private void accept() {
    while (!here.isClosed()) {
      try {
        Socket bench = here.accept();
        if (isCut) {
          closed(bench);
          continue;
        }
        Socket server = new Socket(InetAddress.getLoopbackAddress(), there);
        bench.setTcpNoDelay(true);
        server.setTcpNoDelay(true);
        open.addAll(List.of(bench, server));
        Thread.ofVirtual().start(() -> pass(bench, server));
        Thread.ofVirtual().start(() -> pass(server, bench));
      } catch (IOException closed) {
        // The next one asks again, or nobody does.
      }
    }
  }

  private void pass(Socket from, Socket to) {
    byte[] some = new byte[8_192];
    try (InputStream in = from.getInputStream();
        OutputStream out = to.getOutputStream()) {
      for (int read = in.read(some); read >= 0; read = in.read(some)) {
        long before = left.getAndAdd(-read);
        int passed = (int) Math.max(0, Math.min(read, before));
        if (lateMs > 0) {
          Thread.sleep(lateMs);
        }
        out.write(some, 0, passed);
        out.flush();
        if (passed < read) {
          cut();
          return;
        }
      }
    } catch (IOException | InterruptedException gone) {
      closed(to);
      closed(from);
    }
  }

  @Override
  public void close() {
    try {
      here.close();
    } catch (IOException harmless) {
      // It is over.
    }
    cut();
  }
}
