package jugulum.book.json;

import java.io.IOException;
import java.io.OutputStream;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jugulum.book.file.FileFault;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Key;
import jugulum.book.stream.Origin;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Row;
import jugulum.book.stream.StreamKind;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;

/**
 * A whole book as one JSON file: every row of every stream as it was written, so that reading it
 * back gives an equal book. Told in words in docs/format.md.
 */
public final class BookFile {
  /** The version written; files of it and of those before are read. */
  public static final int VERSION = 3;

  private static final String FORMAT = "jugulum-book";
  private static final String PICTURES = "pictures";
  private static final String SHA256 = "sha256";
  private static final String JPEG = "jpeg";

  private BookFile() {}

  /** What came of reading a file. */
  public sealed interface Result permits Read, Faulty {}

  /**
   * A book.
   *
   * @param streams how many streams it has
   * @param rows how many rows they have together
   * @param pictures how many copies of pictures it holds
   */
  public record Read(int streams, long rows, int pictures) implements Result {}

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
      pictures(book, json);
      json.writeEndObject();
    }
  }

  /** One that is not as it was written is left out: check tells of it. */
  private static void pictures(Book book, JsonGenerator json) {
    json.writeArrayPropertyStart(PICTURES);
    for (String sha256 : book.pictures()) {
      book.picture(sha256)
          .ifPresent(
              copy -> {
                json.writeStartObject();
                json.writeStringProperty(SHA256, sha256);
                json.writeBinaryProperty(JPEG, copy.jpeg());
                json.writeEndObject();
              });
    }
    json.writeEndArray();
  }

  private static void write(Row row, JsonGenerator json) {
    json.writeStartObject();
    json.writeNumberProperty("version", row.version());
    json.writeStringProperty("at", row.at().toString());
    json.writeStringProperty("who", row.from().bench().name());
    told(json, "bench", row.from().bench().id());
    told(json, "action", row.from().action());
    json.writeStringProperty("act", row.act().name());
    json.writeNumberProperty("form", row.form());
    if (row.act() != Row.Act.EDIT) {
      told(json, "of", row.body());
    } else if (!row.body().isEmpty()) {
      json.writeName("edit");
      json.writeRawValue(row.body());
    }
    json.writeEndObject();
  }

  /** What books of earlier versions did not say is left out. */
  private static void told(JsonGenerator json, String name, String text) {
    if (!text.isEmpty()) {
      json.writeStringProperty(name, text);
    }
  }

  /**
   * Reads a file into a book in which nothing stands yet. All of it is understood before anything
   * is written, and all of it is written or nothing.
   *
   * @param kinds the kinds of stream the book can hold
   * @throws IllegalArgumentException if the book holds something
   */
  public static Result read(Reader text, Book book, List<StreamKind<?, ?>> kinds) {
    if (book.length() > 0) {
      throw new IllegalArgumentException("the book holds something already");
    }
    try (Spool spool = new Spool()) {
      return read(text, book, new Reading(kinds, spool));
    } catch (IOException | UncheckedIOException problem) {
      return new Faulty(List.of(fault("/" + PICTURES, String.valueOf(problem.getMessage()))));
    }
  }

  private static Result read(Reader text, Book book, Reading reading) {
    try (JsonParser json = Mappers.COMPACT.createParser(text)) {
      reading.all(json);
    } catch (JacksonException problem) {
      return new Faulty(List.of(JsonFile.fault(problem)));
    }
    if (!reading.faults.isEmpty()) {
      return new Faulty(reading.faults);
    }
    try {
      book.take(reading.taken, reading.spool);
    } catch (BookProblem problem) {
      if (!problem.isInOneStream()) {
        throw problem;
      }
      return new Faulty(List.of(fault("/streams", problem.detail())));
    } catch (UncheckedIOException noDisk) {
      throw noDisk;
    } catch (RuntimeException cannotStand) {
      return new Faulty(List.of(fault("/streams", "its rows cannot stand together")));
    }
    return new Read(
        reading.taken.size(),
        reading.taken.stream().mapToLong(one -> one.rows().size()).sum(),
        reading.spool.size());
  }

  /** Reads row by row: a large book needs little more memory than its rows. */
  private static final class Reading {
    private final List<StreamKind<?, ?>> kinds;
    private final List<Book.Taken<?, ?>> taken = new ArrayList<>();
    private final List<FileFault> faults = new ArrayList<>();
    private final Set<Key> seen = new HashSet<>();
    private final Spool spool;
    private String format = "";
    private int version;

    Reading(List<StreamKind<?, ?>> kinds, Spool spool) {
      this.kinds = kinds;
      this.spool = spool;
    }

    void all(JsonParser json) {
      if (json.nextToken() == JsonToken.START_OBJECT) {
        while (json.nextToken() == JsonToken.PROPERTY_NAME) {
          String name = json.currentName();
          json.nextToken();
          switch (name) {
            case "format" -> format = json.getValueAsString("");
            case "version" -> version = json.getValueAsInt(0);
            case "streams" -> streams(json);
            case PICTURES -> pictures(json);
            default -> json.skipChildren();
          }
        }
      }
      if (!format.equals(FORMAT)) {
        faults.addFirst(fault("/format", "this is no file of a whole book"));
      } else if (version < 1 || version > VERSION) {
        faults.addFirst(
            fault(
                "/version",
                "the file is of version "
                    + version
                    + "; this program reads versions up to "
                    + VERSION));
      } else if (json.nextToken() != null) {
        faults.add(fault("", "something follows after the book"));
      }
    }

    private void streams(JsonParser json) {
      if (json.currentToken() != JsonToken.START_ARRAY) {
        faults.add(fault("/streams", "streams stand in a list"));
        json.skipChildren();
        return;
      }
      for (int i = 0; json.nextToken() != JsonToken.END_ARRAY; i++) {
        String where = "/streams/" + i;
        if (isObject(json, where)) {
          stream(json, where);
        }
      }
    }

    /** What is none is passed over whole, else the end of the list would be taken for its own. */
    private boolean isObject(JsonParser json, String where) {
      if (json.currentToken() != JsonToken.START_OBJECT) {
        faults.add(fault(where, "this is no object"));
        json.skipChildren();
        return false;
      }
      return true;
    }

    private void pictures(JsonParser json) {
      if (json.currentToken() != JsonToken.START_ARRAY) {
        faults.add(fault("/" + PICTURES, "pictures stand in a list"));
        json.skipChildren();
        return;
      }
      for (int i = 0; json.nextToken() != JsonToken.END_ARRAY; i++) {
        String where = "/" + PICTURES + "/" + i;
        if (isObject(json, where)) {
          picture(json, where);
        }
      }
    }

    private void picture(JsonParser json, String where) {
      String sha256 = "";
      byte[] jpeg = {};
      while (json.nextToken() == JsonToken.PROPERTY_NAME) {
        String name = json.currentName();
        json.nextToken();
        switch (name) {
          case SHA256 -> sha256 = json.getValueAsString("");
          case JPEG -> jpeg = json.getBinaryValue();
          default -> json.skipChildren();
        }
      }
      try {
        spool.add(new PictureCopy(sha256, jpeg));
      } catch (IllegalArgumentException noCopy) {
        faults.add(fault(where, String.valueOf(noCopy.getMessage())));
      } catch (IOException problem) {
        throw new UncheckedIOException(problem);
      }
    }

    private void stream(JsonParser json, String where) {
      String kind = "";
      String id = "";
      List<JsonNode> early = new ArrayList<>();
      List<Row> rows = new ArrayList<>();
      int before = faults.size();
      while (json.nextToken() == JsonToken.PROPERTY_NAME) {
        String name = json.currentName();
        json.nextToken();
        switch (name) {
          case "kind" -> kind = json.getValueAsString("");
          case "id" -> id = json.getValueAsString("");
          case "rows" -> rows(json, kind(kind), where, rows, early);
          default -> json.skipChildren();
        }
      }
      Optional<StreamKind<?, ?>> known = kind(kind);
      if (known.isEmpty()) {
        faults.add(fault(where + "/kind", "there is no kind of stream named " + kind));
        return;
      }
      for (JsonNode row : early) {
        row(row, known.get(), where, rows);
      }
      if (faults.size() > before) {
        return;
      }
      if (!seen.add(new Key(kind, id))) {
        faults.add(fault(where + "/id", "the stream " + id + " stands there twice"));
      } else if (!rows.isEmpty()) {
        taken.add(Book.Taken.of(known.get(), id, rows));
      }
    }

    private Optional<StreamKind<?, ?>> kind(String name) {
      return kinds.stream().filter(one -> one.name().equals(name)).findFirst();
    }

    /** Rows that stand before the kind of their stream have to wait for it. */
    private void rows(
        JsonParser json,
        Optional<StreamKind<?, ?>> kind,
        String where,
        List<Row> rows,
        List<JsonNode> early) {
      if (json.currentToken() != JsonToken.START_ARRAY) {
        faults.add(fault(where + "/rows", "rows stand in a list"));
        json.skipChildren();
        return;
      }
      int before = faults.size();
      while (json.nextToken() != JsonToken.END_ARRAY) {
        JsonNode row = json.readValueAsTree();
        if (kind.isEmpty()) {
          early.add(row);
        } else if (faults.size() == before) {
          row(row, kind.get(), where, rows);
        }
      }
    }

    private void row(JsonNode node, StreamKind<?, ?> kind, String where, List<Row> rows) {
      try {
        rows.add(BookFile.row(node, kind, rows.size() + 1));
      } catch (RuntimeException problem) {
        faults.add(fault(where + "/rows/" + rows.size(), reason(problem)));
      }
    }

    private static String reason(RuntimeException problem) {
      return problem instanceof IllegalArgumentException
              || problem instanceof BookProblem.NotUnderstood
              || problem instanceof DateTimeException
          ? String.valueOf(problem.getMessage())
          : "this is no row of a book";
    }
  }

  private static Row row(JsonNode node, StreamKind<?, ?> kind, int place) {
    if (node.path("version").asLong(0) != place) {
      throw new IllegalArgumentException(
          "row " + node.path("version").asString("?") + " stands where row " + place + " belongs");
    }
    Row.Act act =
        Arrays.stream(Row.Act.values())
            .filter(one -> one.name().equals(node.path("act").asString("")))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("a row is an EDIT, an UNDO or a REDO"));
    String body =
        act == Row.Act.EDIT
            ? node.has("edit") ? node.get("edit").toString() : ""
            : node.path("of").asString("");
    Row row =
        new Row(
            place,
            Instant.parse(node.path("at").asString("")),
            new Origin(
                new Bench(node.path("bench").asString(""), node.path("who").asString("")),
                node.path("action").asString("")),
            act,
            node.path("form").asInt(0),
            body);
    if (act == Row.Act.EDIT) {
      kind.edit(row);
    }
    return row;
  }

  private static FileFault fault(String where, String reason) {
    return new FileFault(0, 0, where, reason);
  }
}
