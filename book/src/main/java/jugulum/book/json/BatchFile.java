package jugulum.book.json;

import java.util.List;
import java.util.Optional;
import jugulum.book.file.FileFault;
import jugulum.book.stream.PictureCopy;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.NetworkCheck;
import jugulum.core.ledger.NetworkFinding;
import jugulum.core.ledger.Reading;
import tools.jackson.databind.JsonNode;

/**
 * The batch file: one batch as JSON for other programs and other books. Its grammar is the schema
 * beside this class, told in words in docs/format.md. A file is checked three times: that it is
 * JSON, that it follows the schema, and that its lots and steps make a sound network. Every fault
 * comes with its line.
 */
public final class BatchFile {
  /** The version written; files of this version and of those before are read. */
  public static final int VERSION = 3;

  private static final String FORMAT = "jugulum-batch";

  private static final String SCHEMA = "batch-3.schema.json";

  private static final JsonFile<Envelope> FILE = new JsonFile<>(SCHEMA, VERSION, Envelope.class);

  private BatchFile() {}

  private record Envelope(
      String format, int version, Batch batch, Optional<List<PictureCopy>> pictures) {}

  /** What came of reading a file. */
  public sealed interface Result permits Read, Faulty {}

  /**
   * A sound batch.
   *
   * @param pictures copies of pictures its readings name
   */
  public record Read(Batch batch, List<PictureCopy> pictures) implements Result {
    /** Keeps its own copy. */
    public Read {
      pictures = List.copyOf(pictures);
    }
  }

  /** All that is wrong; nothing was taken from the file. */
  public record Faulty(List<FileFault> faults) implements Result {}

  /**
   * Writes a batch as a file's text, numbers with a point and in full precision.
   *
   * @param pictures copies of pictures its readings name
   */
  public static String write(Batch batch, List<PictureCopy> pictures) {
    return FILE.write(
        new Envelope(
            FORMAT, VERSION, batch, Optional.of(pictures).filter(some -> !some.isEmpty())));
  }

  /** The pictures the readings of a batch name, those struck as well, each once. */
  public static List<String> pictures(Batch batch) {
    return batch.lots().stream()
        .flatMap(lot -> lot.readings().stream())
        .map(Reading::measure)
        .filter(Measure.Pictured.class::isInstance)
        .map(measure -> ((Measure.Pictured) measure).sha256())
        .distinct()
        .toList();
  }

  /** Reads a file's text. */
  public static Result read(String text) {
    return switch (FILE.read(text)) {
      case JsonFile.Result.Bad<Envelope>(List<FileFault> faults) -> new Faulty(faults);
      case JsonFile.Result.Sound<Envelope>(Envelope whole, JsonNode tree) -> network(whole, tree);
    };
  }

  private static Result network(Envelope whole, JsonNode tree) {
    Batch batch = whole.batch();
    List<NetworkFinding> findings = NetworkCheck.findings(batch);
    return findings.isEmpty()
        ? new Read(batch, whole.pictures().orElse(List.of()))
        : new Faulty(findings.stream().map(finding -> fault(tree, finding)).toList());
  }

  private static FileFault fault(JsonNode tree, NetworkFinding finding) {
    String where = "/batch" + finding.where();
    String reason =
        switch (finding.kind()) {
          case NAME_MISSING -> "the batch has no name";
          case NUMBER_TWICE -> "the number " + finding.value() + " stands twice";
          case NO_SUCH_LOT -> "there is no lot " + finding.value();
          case LOT_MADE_TWICE -> "lot " + finding.value() + " is made twice";
          case LOT_NEVER_MADE -> "lot " + finding.value() + " is made by no step";
          case LOT_TAKEN_TWICE -> "lot " + finding.value() + " is taken twice";
          case LOT_TAKEN_BEFORE_MADE -> "lot " + finding.value() + " is taken before it is made";
          case MEASURE_NOT_FOR_THIS ->
              "a measure of the kind " + finding.value() + " does not belong here";
          case REASON_MISSING -> "a struck reading has no reason";
        };
    return JsonFile.at(tree.at(where), where, reason);
  }

  /** The schema's text, as published. */
  public static String schema() {
    return FILE.schema();
  }
}
