package jugulum.book.json;

import java.util.List;
import jugulum.book.file.FileFault;
import jugulum.core.trial.Trial;

/**
 * The trial file: one trial as JSON, for other programs and other books. Its grammar is the schema
 * beside this class, told in words in docs/format.md.
 */
public final class TrialFile {
  /** The version written; files of this version are read. */
  public static final int VERSION = 1;

  private static final String FORMAT = "jugulum-trial";
  private static final JsonFile<Envelope> FILE =
      new JsonFile<>("trial-1.schema.json", VERSION, Envelope.class);

  private TrialFile() {}

  private record Envelope(String format, int version, Trial trial) {}

  /** What came of reading a file. */
  public sealed interface Result permits Read, Faulty {}

  /** A trial. */
  public record Read(Trial trial) implements Result {}

  /** All that is wrong; nothing was taken from the file. */
  public record Faulty(List<FileFault> faults) implements Result {}

  /** Writes a trial as a file's text, numbers with a point and in full precision. */
  public static String write(Trial trial) {
    return FILE.write(new Envelope(FORMAT, VERSION, trial));
  }

  /** Reads a file's text. */
  public static Result read(String text) {
    return switch (FILE.read(text)) {
      case JsonFile.Result.Bad<Envelope>(List<FileFault> faults) -> new Faulty(faults);
      case JsonFile.Result.Sound<Envelope>(Envelope whole, var _) -> new Read(whole.trial());
    };
  }

  /** The schema's text, as published. */
  public static String schema() {
    return FILE.schema();
  }
}
