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
import java.util.Optional;
import java.util.regex.Pattern;
import jugulum.book.file.FileFault;
import jugulum.core.check.UnseenSigns;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;

/**
 * One kind of JSON file: read it is checked that it is JSON of a version known here, and that it
 * follows its schema. Every fault comes with its line.
 *
 * @param <E> what stands in the file as a whole
 */
final class JsonFile<E> {
  /** No quantity of a file comes near it. */
  private static final double LARGEST = 1e15;

  private final String resource;
  private final int version;
  private final Class<E> whole;
  private Optional<Schema> compiled = Optional.empty();

  /** What came of reading a file. */
  sealed interface Result<E> {
    /** It follows its schema; the tree tells where everything stood. */
    record Sound<E>(E whole, JsonNode tree) implements Result<E> {}

    /** All that is wrong. */
    record Bad<E>(List<FileFault> faults) implements Result<E> {}
  }

  /**
   * A kind of file.
   *
   * @param resource the file of its schema, beside this class
   * @param version the newest version that is read
   * @param whole what stands in the file as a whole
   */
  JsonFile(String resource, int version, Class<E> whole) {
    this.resource = resource;
    this.version = version;
    this.whole = whole;
  }

  /** Writes a file's text, numbers with a point and in full precision. */
  String write(E value) {
    return Mappers.PRETTY.writeValueAsString(value) + "\n";
  }

  /** Reads a file's text. */
  Result<E> read(String text) {
    JsonNode tree;
    try {
      tree = DefaultNodeReader.builder().locationAware().build().readTree(text, InputFormat.JSON);
    } catch (JacksonException problem) {
      return new Result.Bad<>(List.of(fault(problem)));
    } catch (UncheckedIOException | IllegalArgumentException problem) {
      return new Result.Bad<>(List.of(unreadable(problem)));
    }
    if (tree == null || tree.isMissingNode()) {
      return new Result.Bad<>(List.of(new FileFault(0, 0, "", "the file is empty")));
    }
    JsonNode told = tree.get("version");
    if (told != null && told.isInt() && told.intValue() > version) {
      String reason =
          "the file is of version " + told.intValue() + "; this program reads version " + version;
      return new Result.Bad<>(List.of(at(told, "/version", reason)));
    }
    List<FileFault> beyond = beyondBounds(tree);
    if (!beyond.isEmpty()) {
      return new Result.Bad<>(beyond);
    }
    List<FileFault> faults = compiled().validate(tree).stream().map(JsonFile::fault).toList();
    return faults.isEmpty() ? understood(tree, text) : new Result.Bad<>(faults);
  }

  private Result<E> understood(JsonNode tree, String text) {
    try {
      return new Result.Sound<>(Mappers.COMPACT.readValue(text, whole), tree);
    } catch (JacksonException problem) {
      return new Result.Bad<>(List.of(fault(problem)));
    }
  }

  private record Placed(JsonNode node, String where) {}

  /** Where a file's bytes stand as text: their schema says how long they may be. */
  private static final Pattern BYTES = Pattern.compile("/pictures/\\d+/jpeg");

  /** No name or note is longer than that. */
  private static final int LONGEST = 100_000;

  /**
   * Numbers larger than anything a file holds, which the schema's own check cannot take; texts that
   * have no end, or signs in them that nobody sees and that turn round what is shown beside them.
   * Goes through the tree without recursion.
   */
  private static List<FileFault> beyondBounds(JsonNode tree) {
    List<FileFault> faults = new ArrayList<>();
    Deque<Placed> open = new ArrayDeque<>(List.of(new Placed(tree, "")));
    while (!open.isEmpty()) {
      Placed placed = open.pop();
      JsonNode node = placed.node();
      if (node.isNumber() && (node.isBigInteger() || !(Math.abs(node.doubleValue()) <= LARGEST))) {
        faults.add(at(node, placed.where(), "the number is larger than any that belongs here"));
      }
      if (node.isString()) {
        String said = node.stringValue();
        if (said.length() > LONGEST && !BYTES.matcher(placed.where()).matches()) {
          faults.add(at(node, placed.where(), "the text is longer than any that belongs here"));
        } else if (UnseenSigns.in(said)) {
          faults.add(at(node, placed.where(), "the text holds signs that nobody sees"));
        }
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

  private static FileFault fault(Error error) {
    return at(error.getInstanceNode(), error.getInstanceLocation().toString(), error.getMessage());
  }

  /** A fault at a place of a file. */
  static FileFault at(JsonNode node, String where, String reason) {
    TokenStreamLocation place = node == null ? null : JsonNodes.tokenStreamLocationOf(node);
    return new FileFault(
        place == null ? 0 : place.getLineNr(),
        place == null ? 0 : place.getColumnNr(),
        where,
        reason);
  }

  /** Why a text could not be read, and where. */
  static FileFault fault(JacksonException problem) {
    TokenStreamLocation place = problem.getLocation();
    return new FileFault(
        place == null ? 0 : Math.max(0, place.getLineNr()),
        place == null ? 0 : Math.max(0, place.getColumnNr()),
        "",
        Plain.reason(problem));
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
  String schema() {
    try (InputStream in = JsonFile.class.getResourceAsStream(resource)) {
      return new String(
          Objects.requireNonNull(in, resource).readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  /** Compiled on first use: starting the program does not need it. */
  private synchronized Schema compiled() {
    Schema ready = compiled.orElseGet(this::compile);
    compiled = Optional.of(ready);
    return ready;
  }

  private Schema compile() {
    return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
        .getSchema(schema(), InputFormat.JSON);
  }
}
