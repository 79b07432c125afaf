package jugulum.book.json;

import java.io.OutputStream;
import java.io.Reader;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.book.file.FileFault;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;
import jugulum.book.stream.Row;
import jugulum.book.stream.StreamKind;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JsonNode;

/**
 * A whole book as one JSON file: every row of every stream as it was written, so that reading it
 * back gives an equal book. Told in words in docs/format.md.
 */
public final class BookFile {
  /** The version written; files of this version are read. */
  public static final int VERSION = 1;

  private static final String FORMAT = "jugulum-book";

  private BookFile() {}

  /** What came of reading a file. */
  public sealed interface Result permits Read, Faulty {}

  /**
   * A book.
   *
   * @param streams how many streams it has
   * @param rows how many rows they have together
   */
  public record Read(int streams, long rows) implements Result {}

  /** All that is wrong; nothing was taken from the file. */
  public record Faulty(List<FileFault> faults) implements Result {
    /** Keeps its own copy. */
    public Faulty {
      faults = List.copyOf(faults);
    }
  }

  /** Writes a book, row by row: a large one needs no more memory than a small one. */
  public static void write(Book book, OutputStream out) {
    try (JsonGenerator json = Mappers.COMPACT.createGenerator(out)) {
      json.writeStartObject();
      json.writeStringProperty("format", FORMAT);
      json.writeNumberProperty("version", VERSION);
      json.writeArrayPropertyStart("streams");
      for (Key stream : book.streams()) {
        json.writeStartObject();
        json.writeStringProperty("kind", stream.kind());
        json.writeStringProperty("id", stream.id());
        json.writeArrayPropertyStart("rows");
        book.rows(stream, row -> write(row, json));
        json.writeEndArray();
        json.writeEndObject();
      }
      json.writeEndArray();
      json.writeEndObject();
    }
  }

  private static void write(Row row, JsonGenerator json) {
    json.writeStartObject();
    json.writeNumberProperty("version", row.version());
    json.writeStringProperty("at", row.at().toString());
    json.writeStringProperty("who", row.who());
    json.writeStringProperty("act", row.act().name());
    json.writeNumberProperty("form", row.form());
    if (!row.body().isEmpty()) {
      json.writeName("edit");
      json.writeRawValue(row.body());
    }
    json.writeEndObject();
  }

  private record Held(StreamKind<?, ?> kind, String id, List<Row> rows) {
    void into(Book book) {
      book.take(kind.ref(id), rows);
    }
  }

  /**
   * Reads a file into a book in which nothing stands yet. All of it is understood before anything
   * is written.
   *
   * @param kinds the kinds of stream the book can hold
   * @throws IllegalArgumentException if the book holds something
   */
  public static Result read(Reader text, Book book, List<StreamKind<?, ?>> kinds) {
    if (book.length() > 0) {
      throw new IllegalArgumentException("the book holds something already");
    }
    List<Held> all = new ArrayList<>();
    List<FileFault> faults = new ArrayList<>();
    try {
      JsonNode tree = Mappers.COMPACT.readTree(text);
      understand(tree, kinds, all, faults);
    } catch (JacksonException problem) {
      faults.add(
          new FileFault(
              Math.max(0, problem.getLocation().getLineNr()),
              Math.max(0, problem.getLocation().getColumnNr()),
              "",
              problem.getOriginalMessage()));
    }
    if (!faults.isEmpty()) {
      return new Faulty(faults);
    }
    all.forEach(held -> held.into(book));
    return new Read(all.size(), all.stream().mapToLong(held -> held.rows().size()).sum());
  }

  private static void understand(
      JsonNode tree, List<StreamKind<?, ?>> kinds, List<Held> all, List<FileFault> faults) {
    if (!FORMAT.equals(tree.path("format").asString(""))) {
      faults.add(fault("/format", "this is no file of a whole book"));
      return;
    }
    if (tree.path("version").asInt(0) != VERSION) {
      faults.add(
          fault(
              "/version",
              "the file is of version "
                  + tree.path("version").asString("?")
                  + "; this program reads version "
                  + VERSION));
      return;
    }
    for (int i = 0; i < tree.path("streams").size(); i++) {
      stream(tree.path("streams").get(i), "/streams/" + i, kinds, faults).ifPresent(all::add);
    }
  }

  private static Optional<Held> stream(
      JsonNode stream, String where, List<StreamKind<?, ?>> kinds, List<FileFault> faults) {
    String name = stream.path("kind").asString("");
    Optional<StreamKind<?, ?>> kind =
        kinds.stream().filter(one -> one.name().equals(name)).findFirst();
    if (kind.isEmpty()) {
      faults.add(fault(where + "/kind", "there is no kind of stream named " + name));
      return Optional.empty();
    }
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < stream.path("rows").size(); i++) {
      try {
        rows.add(row(stream.path("rows").get(i), kind.get(), i + 1));
      } catch (RuntimeException problem) {
        faults.add(fault(where + "/rows/" + i, String.valueOf(problem.getMessage())));
        return Optional.empty();
      }
    }
    return Optional.of(new Held(kind.get(), stream.path("id").asString(""), rows));
  }

  private static Row row(JsonNode node, StreamKind<?, ?> kind, int place) {
    if (node.path("version").asLong(0) != place) {
      throw new IllegalArgumentException(
          "row " + node.path("version").asString("?") + " stands where row " + place + " belongs");
    }
    Row row =
        new Row(
            place,
            Instant.parse(node.path("at").asString("")),
            node.path("who").asString(""),
            Row.Act.valueOf(node.path("act").asString("")),
            node.path("form").asInt(0),
            node.has("edit") ? node.get("edit").toString() : "");
    if (row.act() == Row.Act.EDIT) {
      kind.edit(row);
    }
    return row;
  }

  private static FileFault fault(String where, String reason) {
    return new FileFault(0, 0, where, reason);
  }
}
