package jugulum.scale;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;

/** Lines of a scale over the network. */
final class NetworkWire implements Wire {
  private static final int CONNECT_MILLIS = 3000;
  private static final int READ_MILLIS = 100;

  private final Socket socket = new Socket();

  NetworkWire(String host, int port) throws IOException {
    try {
      socket.connect(new InetSocketAddress(host, port), CONNECT_MILLIS);
      socket.setSoTimeout(READ_MILLIS);
      socket.setTcpNoDelay(true);
    } catch (IOException unreachable) {
      close();
      throw unreachable;
    }
  }

  @Override
  public int read(byte[] into) throws IOException {
    try {
      return Wire.read(socket.getInputStream(), into);
    } catch (SocketTimeoutException _) {
      return 0;
    }
  }

  @Override
  public OutputStream out() {
    try {
      return socket.getOutputStream();
    } catch (IOException closed) {
      return OutputStream.nullOutputStream();
    }
  }

  @Override
  public void close() {
    try {
      socket.close();
    } catch (IOException gone) {
      // It is closed one way or the other.
    }
  }
}
