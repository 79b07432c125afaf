package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import jugulum.book.json.BatchFile;
import jugulum.book.json.Json;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Ledger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Books and batch files as earlier versions wrote them: they open, and every reading is as it was written. */
class CorpusTest {
  private static final JsonMapper JSON = new JsonMapper();

  @TempDir private Path folder;

  private Path copy(String name) throws IOException {
    Path file = folder.resolve("old.book");
    try (InputStream in = Objects.requireNonNull(CorpusTest.class.getResourceAsStream("/jugulum/book/corpus/" + name))) {
      Files.copy(in, file);
    }
    return file;
  }

  private static Map<String, String> bodies(Path file) throws SQLException {
    Map<String, String> bodies = new TreeMap<>();
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery("SELECT stream, body FROM snapshot")) {
      while (rows.next()) {
        bodies.put(rows.getString(1), rows.getString(2));
      }
    }
    return bodies;
  }

  @Test
  void aBookOfNovember2026OpensInEveryReading() throws IOException, SQLException {
    Path file = copy("2026-11/demo.sqlite");
    Map<String, String> written = bodies(file);
    assertThat(written).hasSize(3);
    try (Book book = Book.open(file, Clock.systemUTC())) {
      book.verify();
      for (Map.Entry<String, String> one : written.entrySet()) {
        BatchId id = new BatchId(UUID.fromString(one.getKey()));
        JsonNode before = JSON.readTree(one.getValue());
        assertThat(JSON.readTree(Json.write(book.state(id).batch().orElseThrow()))).as("by its snapshot").isEqualTo(before);
        assertThat(JSON.readTree(Json.write(Ledger.replay(book.history(id)).orElseThrow()))).as("by its journal").isEqualTo(before);
      }
      assertThat(book.shop().gear()).hasSize(5);
      assertThat(book.shop().terms()).isPresent();
    }
  }

  @Test
  void aBatchFileOfNovember2026OpensInEveryReading() throws IOException {
    String text = Files.readString(copy("2026-11/everything.json"), StandardCharsets.UTF_8);
    assertThat(BatchFile.read(text)).isInstanceOf(BatchFile.Read.class);
    Batch batch = ((BatchFile.Read) BatchFile.read(text)).batch();
    assertThat(JSON.readTree(BatchFile.write(batch))).isEqualTo(JSON.readTree(text));
  }
}
