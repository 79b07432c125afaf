package jugulum.book.json;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import com.networknt.schema.serialization.DefaultNodeReader;
import com.networknt.schema.utils.JsonNodes;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Objects;
import jugulum.book.file.FileFault;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.NetworkCheck;
import jugulum.core.ledger.NetworkFinding;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;

/**
 * The batch file: one batch as JSON for other programs and other books. Its grammar is the schema
 * beside this class, told in words in docs/format.md. A file is checked three times: that it is
 * JSON, that it follows the schema, and that its lots and steps make a sound network. Every fault
 * comes with its line.
 */
public final class BatchFile {
  /** The version written; files of this version are read. */
  public static final int VERSION = 1;

  private static final String FORMAT = "jugulum-batch";

  /** No quantity of a batch comes near it. */
  private static final double LARGEST = 1e15;

  private static final String SCHEMA = "batch-1.schema.json";

  private BatchFile() {}

  private record Envelope(String format, int version, Batch batch) {}

  /** What came of reading a file. */
  public sealed interface Result permits Read, Faulty {}

  /** A sound batch. */
  public record Read(Batch batch) implements Result {}

  /** All that is wrong; nothing was taken from the file. */
  public record Faulty(List<FileFault> faults) implements Result {}

  /** Writes a batch as a file's text, numbers with a point and in full precision. */
  public static String write(Batch batch) {
    return Mappers.PRETTY.writeValueAsString(new Envelope(FORMAT, VERSION, batch)) + "\n";
  }

  /** Reads a file's text. */
  public static Result read(String text) {
    JsonNode tree;
    try {
      tree = DefaultNodeReader.builder().locationAware().build().readTree(text, InputFormat.JSON);
    } catch (JacksonException problem) {
      return new Faulty(List.of(fault(problem)));
    } catch (UncheckedIOException | IllegalArgumentException problem) {
      return new Faulty(List.of(unreadable(problem)));
    }
    if (tree == null || tree.isMissingNode()) {
      return new Faulty(List.of(new FileFault(0, 0, "", "the file is empty")));
    }
    JsonNode version = tree.get("version");
    if (version != null && version.isInt() && version.intValue() > VERSION) {
      String reason =
          "the file is of version "
              + version.intValue()
              + "; this program reads version "
              + VERSION;
      return new Faulty(List.of(at(version, "/version", reason)));
    }
    List<FileFault> beyond = beyondNumbers(tree);
    if (!beyond.isEmpty()) {
      return new Faulty(beyond);
    }
    List<FileFault> faults = Holder.INSTANCE.validate(tree).stream().map(BatchFile::fault).toList();
    return faults.isEmpty() ? network(tree, text) : new Faulty(faults);
  }

  private record Placed(JsonNode node, String where) {}

  /**
   * Numbers larger than anything a batch holds: the schema's own check cannot take them. Goes
   * through the tree without recursion.
   */
  private static List<FileFault> beyondNumbers(JsonNode tree) {
    List<FileFault> faults = new ArrayList<>();
    Deque<Placed> open = new ArrayDeque<>(List.of(new Placed(tree, "")));
    while (!open.isEmpty()) {
      Placed placed = open.pop();
      JsonNode node = placed.node();
      if (node.isNumber() && !(Math.abs(node.doubleValue()) <= LARGEST)) {
        faults.add(at(node, placed.where(), "the number is larger than any that belongs here"));
      }
      for (int i = 0; node.isArray() && i < node.size(); i++) {
        open.add(new Placed(node.get(i), placed.where() + "/" + i));
      }
      if (node.isObject()) {
        node.properties()
            .forEach(
                one -> open.add(new Placed(one.getValue(), placed.where() + "/" + one.getKey())));
      }
    }
    return faults;
  }

  private static Result network(JsonNode tree, String text) {
    Batch batch;
    try {
      batch = Mappers.COMPACT.readValue(text, Envelope.class).batch();
    } catch (JacksonException problem) {
      return new Faulty(List.of(fault(problem)));
    }
    List<NetworkFinding> findings = NetworkCheck.findings(batch);
    return findings.isEmpty()
        ? new Read(batch)
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
    return at(tree.at(where), where, reason);
  }

  private static FileFault fault(Error error) {
    return at(error.getInstanceNode(), error.getInstanceLocation().toString(), error.getMessage());
  }

  private static FileFault at(JsonNode node, String where, String reason) {
    TokenStreamLocation place = node == null ? null : JsonNodes.tokenStreamLocationOf(node);
    return new FileFault(
        place == null ? 0 : place.getLineNr(),
        place == null ? 0 : place.getColumnNr(),
        where,
        reason);
  }

  private static FileFault fault(JacksonException problem) {
    TokenStreamLocation place = problem.getLocation();
    Throwable cause = Objects.requireNonNullElse(problem.getCause(), problem);
    String reason =
        cause instanceof JacksonException own
            ? own.getOriginalMessage()
            : String.valueOf(cause.getMessage());
    return new FileFault(
        place == null ? 0 : Math.max(0, place.getLineNr()),
        place == null ? 0 : Math.max(0, place.getColumnNr()),
        "",
        reason);
  }

  private static FileFault unreadable(RuntimeException problem) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof JacksonException json) {
        return fault(json);
      }
    }
    return new FileFault(0, 0, "", String.valueOf(problem.getMessage()));
  }

  /** The schema's text, as published. */
  public static String schema() {
    try (InputStream in = BatchFile.class.getResourceAsStream(SCHEMA)) {
      return new String(Objects.requireNonNull(in, SCHEMA).readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  /** Compiled on first use: starting the program does not need it. */
  private static final class Holder {
    static final Schema INSTANCE =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(schema(), InputFormat.JSON);
  }
}
