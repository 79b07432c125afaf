package jugulum.scale;

import com.fazecast.jSerialComm.SerialPort;
import java.util.List;
import java.util.stream.Stream;

/** The serial ports of this machine. */
public final class SerialPorts {
  private SerialPorts() {}

  /** Their names as the machine has them; asks the system, so not on the interface thread. */
  public static List<String> names() {
    return Stream.of(SerialPort.getCommPorts())
        .map(SerialPort::getSystemPortPath)
        .sorted()
        .toList();
  }
}
