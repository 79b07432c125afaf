package jugulum.practice.start;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Writes the table of trades as the laws make it that hold now: {@code scripts/trades}. */
public final class TradeMaking {
  private TradeMaking() {}

  /** Writes it into a file. */
  public static void main(String[] file) throws IOException {
    Files.write(Path.of(file[0]), TradeTable.made().toList());
  }
}
