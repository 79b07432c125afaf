package jugulum.scale.played;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.function.Consumer;

/** Lets a played scale be reached over the network, from this machine only. */
public final class PlayedPort implements AutoCloseable {
  private final PlayedScale scale;
  private final ServerSocket server;

  /**
   * Opens a port.
   *
   * @param port 0 for any that is free
   * @throws IOException if it is taken
   */
  public PlayedPort(PlayedScale scale, int port) throws IOException {
    this.scale = scale;
    this.server = new ServerSocket(port, 0, InetAddress.getLoopbackAddress());
    Thread.ofPlatform().name("played port").daemon(true).start(this::welcome);
  }

  /** Its number. */
  public int number() {
    return server.getLocalPort();
  }

  private void welcome() {
    while (!server.isClosed()) {
      try {
        Socket guest = server.accept();
        guest.setTcpNoDelay(true);
        scale.to(new Guest(guest));
      } catch (IOException closed) {
        return;
      }
    }
  }

  private final class Guest implements Consumer<byte[]> {
    private final Socket socket;

    Guest(Socket socket) {
      this.socket = socket;
    }

    @Override
    public void accept(byte[] line) {
      try {
        if (server.isClosed()) {
          socket.close();
        }
        OutputStream out = socket.getOutputStream();
        out.write(line);
        out.flush();
      } catch (IOException gone) {
        scale.notTo(this);
      }
    }
  }

  /** Pulls the cable: nobody hears it any more. */
  @Override
  public void close() {
    try {
      server.close();
    } catch (IOException gone) {
      // It is closed one way or the other.
    }
  }
}
