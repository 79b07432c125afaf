package jugulum.scale;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.io.IOException;
import java.io.OutputStream;

/** A serial line: eight bits, no parity, one stop bit. */
final class SerialWire implements Wire {
  private static final int READ_MILLIS = 100;
  private static final int BITS = 8;

  private final SerialPort port;

  SerialWire(String name, int baud) throws IOException {
    try {
      port = SerialPort.getCommPort(name);
    } catch (SerialPortInvalidPortException unknown) {
      throw new IOException(unknown.getMessage(), unknown);
    }
    port.setComPortParameters(baud, BITS, SerialPort.ONE_STOP_BIT, SerialPort.NO_PARITY);
    port.setComPortTimeouts(SerialPort.TIMEOUT_READ_SEMI_BLOCKING, READ_MILLIS, 0);
    if (!port.openPort(0)) {
      throw new IOException(name + " does not open");
    }
  }

  @Override
  public int read(byte[] into) throws IOException {
    int read = port.readBytes(into, into.length);
    // A cable that is pulled ends the port; a line that is only still reads nothing.
    if (read < 0 || !port.isOpen() || port.bytesAvailable() < 0) {
      throw new IOException("the port is gone");
    }
    return read;
  }

  @Override
  public OutputStream out() {
    return port.getOutputStream();
  }

  @Override
  public void close() {
    port.closePort();
  }
}
