package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import jugulum.book.BatchBook;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.json.BatchFile;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Standing;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchFold;
import jugulum.core.ledger.BatchId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Books and batch files as earlier versions wrote them: they open, and every reading is as it was
 * written. Beside each book stand its readings as the version that wrote it told them.
 */
class CorpusTest {
  private static final JsonMapper JSON = new JsonMapper();

  @TempDir private Path folder;

  private Path copy(String name) throws IOException {
    Path file = folder.resolve("old.book");
    try (InputStream in = open(name)) {
      Files.copy(in, file);
    }
    return file;
  }

  private static InputStream open(String name) {
    return Objects.requireNonNull(
        CorpusTest.class.getResourceAsStream("/jugulum/book/corpus/" + name), name);
  }

  private static JsonNode readings(String book) throws IOException {
    try (InputStream in = open(book + ".readings.json")) {
      return JSON.readTree(in);
    }
  }

  private static void opensInEveryReading(BatchBook book, JsonNode readings) {
    book.verify();
    for (Map.Entry<String, JsonNode> one : readings.get("batches").properties()) {
      BatchId id = BatchStream.id(one.getKey());
      Standing<Batch> state = book.state(id);
      JsonNode counts = readings.get("undoable").get(one.getKey());
      assertThat(List.of(state.undoable(), state.redoable()))
          .as("what can be taken back and brought back")
          .isEqualTo(List.of(counts.get(0).intValue(), counts.get(1).intValue()));
      if (one.getValue().isNull()) {
        assertThat(state.now()).as("taken back").isEmpty();
      } else {
        assertThat(tree(state.now().orElseThrow()))
            .as("by what was kept")
            .isEqualTo(one.getValue());
        assertThat(tree(new BatchFold().replay(book.history(id)).orElseThrow()))
            .as("by its journal")
            .isEqualTo(one.getValue());
      }
    }
    assertThat(book.list()).extracting(BatchSummary::id).hasSize(readings.get("batches").size());
    JsonNode shop = JSON.readTree(ShopStream.KIND.states().write(book.shop()));
    readings
        .get("shop")
        .properties()
        .forEach(
            field ->
                assertThat(shop.get(field.getKey()))
                    .as("the shop's %s", field.getKey())
                    .isEqualTo(field.getValue()));
  }

  private static JsonNode tree(Batch batch) {
    return JSON.readTree(BatchStream.KIND.states().write(batch));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "2026-11-25/demo",
        "2026-11-26/demo",
        "2026-11-26/walked",
        "2026-11-26-scale/walked",
        "2026-11-29/acted"
      })
  void anOldBookOpensInEveryReading(String name) throws IOException {
    Path file = copy(name + ".sqlite");
    for (int opened = 0; opened < 2; opened++) {
      try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
        opensInEveryReading(book, readings(name));
      }
    }
  }

  /** Those that are read and rescued as they are. */
  private static Stream<String> books() {
    return Stream.of(
        "2026-11-26/demo", "2026-11-26/walked", "2026-11-26-scale/walked", "2026-11-29/acted");
  }

  /** An old book that may not be written is read all the same, and stays as old as it is. */
  @ParameterizedTest
  @MethodSource("books")
  void anOldBookIsReadWithoutBeingBroughtUp(String name) throws IOException {
    Path file = copy(name + ".sqlite");
    byte[] before = Files.readAllBytes(file);
    try (HeldAlone _ = new HeldAlone(file, "another window");
        BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
      assertThat(book.readOnly()).isPresent();
      opensInEveryReading(book, readings(name));
    }
    assertThat(Files.readAllBytes(file)).isEqualTo(before);
  }

  @ParameterizedTest
  @MethodSource("books")
  void anOldBookIsRescuedWithoutLoss(String name) throws IOException {
    Path fresh = folder.resolve("fresh.book");
    Rescue rescue = Books.rescue(copy(name + ".sqlite"), fresh, Writer.unnamed(Clock.systemUTC()));
    assertThat(rescue.rowsLost()).isZero();
    try (BatchBook book = BatchBook.open(fresh, Clock.systemUTC())) {
      opensInEveryReading(book, readings(name));
    }
  }

  /** What was undone in the old book can be brought back in the new. */
  @Test
  void theWayBackLeadsAcrossVersions() throws IOException {
    try (BatchBook book = BatchBook.open(copy("2026-11-26/walked.sqlite"), Clock.systemUTC())) {
      BatchId gone = BatchStream.id("00000000-0000-4000-8000-000000000001");
      assertThat(book.list())
          .filteredOn(line -> line.id().equals(gone))
          .singleElement()
          .returns("Wetherlam 2", BatchSummary::name)
          .returns(BatchSummary.State.TAKEN_BACK, BatchSummary::state);
      assertThat(book.redo(gone)).isPresent();
      assertThat(book.state(gone).now()).isPresent();
      assertThat(book.shop().containers()).hasSize(1);
      assertThat(book.redo(ShopStream.SHOP)).isPresent();
      assertThat(book.shop().containers()).hasSize(2);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"2026-11-25", "2026-11-26", "2026-11-26-scale", "2026-11-29"})
  void anOldBatchFileOpensInEveryReading(String version) throws IOException {
    String text = Files.readString(copy(version + "/everything.json"), StandardCharsets.UTF_8);
    assertThat(BatchFile.read(text)).isInstanceOf(BatchFile.Read.class);
    Batch batch = ((BatchFile.Read) BatchFile.read(text)).batch();
    assertThat(JSON.readTree(BatchFile.write(batch, List.of())).get("batch"))
        .as("but for the version it is written in")
        .isEqualTo(JSON.readTree(text).get("batch"));
  }
}
