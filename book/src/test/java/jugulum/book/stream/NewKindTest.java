package jugulum.book.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.book.Books;
import jugulum.book.json.JsonCodec;
import jugulum.book.store.Rescue;
import jugulum.book.store.SqliteStore;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Fold;
import jugulum.core.stream.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A kind of stream nobody knew: here a diary. It needs what is in this file, and to be registered;
 * the book and its stores know nothing of it.
 */
class NewKindTest {
  private enum Why implements Refusal.Reason {
    LINE_EMPTY
  }

  private record Diary(List<String> lines) {}

  private record Line(String text, String weather) {}

  private static final class DiaryFold implements Fold<Diary, Line> {
    @Override
    public Applied<Diary> apply(Optional<Diary> before, Line line, Instant at) {
      return line.text().isBlank()
          ? new Applied.Refused<>(Refusal.of(Why.LINE_EMPTY))
          : new Applied.Done<>(replay(before, line, at));
    }

    @Override
    public Diary replay(Optional<Diary> before, Line line, Instant at) {
      return new Diary(
          Stream.concat(
                  before.stream().flatMap(diary -> diary.lines().stream()),
                  Stream.of(line.text() + ", " + line.weather()))
              .toList());
    }

    @Override
    public boolean saysTheSame(Optional<Diary> seen, Optional<Diary> now, List<Line> edits) {
      return true;
    }

    @Override
    public Line whole(Diary diary) {
      return new Line(String.join("; ", diary.lines()), "");
    }
  }

  /** How many lines a diary has; the rule can be another. */
  private record Lengths(int fold, int factor) implements Projection<Diary, Long> {
    @Override
    public LineTable table() {
      return new LineTable("diary_length", List.of(LineTable.real("lines")));
    }

    @Override
    public boolean isEager() {
      return true;
    }

    @Override
    public List<Long> lines(String id, Optional<Diary> now, Diary last) {
      return List.of((long) now.map(Diary::lines).orElse(List.of()).size() * factor);
    }

    @Override
    public List<Object> cells(Long line) {
      return List.of((double) line);
    }

    @Override
    public Long line(Cells cells) {
      return (long) cells.number(0).orElseThrow();
    }
  }

  private static StreamKind<Diary, Line> kind(Lengths lengths) {
    return new StreamKind<>(
        "diary",
        new DiaryFold(),
        1,
        new JsonCodec<>(Line.class, List.of(NewKindTest::sunny)),
        new JsonCodec<>(Diary.class, List.of()),
        List.of(lengths));
  }

  /** The first form of a line said nothing of the weather. */
  private static JsonNode sunny(JsonNode line) {
    return ((ObjectNode) line).put("weather", "sun");
  }

  private static final Lengths LENGTHS = new Lengths(1, 1);
  private static final StreamKind<Diary, Line> DIARY = kind(LENGTHS);

  @TempDir private Path folder;

  private Store store(String make) {
    return make.equals("memory")
        ? new MemoryStore.Server().connect()
        : SqliteStore.open(folder.resolve("a.book"), Clock.systemUTC());
  }

  private static Book book(Store store, StreamKind<?, ?>... kinds) {
    return new Book(store, List.of(kinds), Writer.unnamed(Clock.systemUTC()));
  }

  @ParameterizedTest
  @ValueSource(strings = {"memory", "sqlite"})
  void itIsRecordedRefusedUndoneKeptAndProjected(String make) {
    try (Book book = book(store(make), DIARY)) {
      StreamRef<Diary, Line> mine = DIARY.ref("1");
      assertThat(book.submit(Order.of(mine, new Line(" ", "fog"))))
          .isEqualTo(new Saved.Refused(Refusal.of(Why.LINE_EMPTY)));
      assertThat(book.standing(mine)).isEqualTo(Standing.empty());
      for (int i = 1; i <= 40; i++) {
        assertThat(book.submit(Order.of(mine, new Line("day " + i, "fog"))))
            .isInstanceOf(Saved.Recorded.class);
      }
      assertThat(book.undo(mine, 40))
          .isEqualTo(new Walked.Done<>(new Line("day 40", "fog"), List.of(new Key("diary", "1"))));
      assertThat(book.standing(mine).now().orElseThrow().lines())
          .hasSize(39)
          .contains("day 39, fog");
      assertThat(book.lines(DIARY, LENGTHS)).containsExactly(39L);
      assertThat(book.redo(mine, 41))
          .isEqualTo(new Walked.Done<>(new Line("day 40", "fog"), List.of(new Key("diary", "1"))));
      assertThat(book.redo(mine, 42)).isEqualTo(new Walked.Nothing<>());
      assertThat(book.lines(mine, LENGTHS)).containsExactly(40L);
      book.verify();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"memory", "sqlite"})
  void anEarlierFormIsUpgraded(String make) {
    try (Book book = book(store(make), DIARY)) {
      StreamRef<Diary, Line> mine = DIARY.ref("1");
      book.take(
          mine,
          List.of(
              new Row(
                  1,
                  Instant.EPOCH,
                  new Origin(new Bench("", "north bench"), ""),
                  Row.Act.EDIT,
                  1,
                  "{\"text\":\"found a speck\",\"pencil\":\"soft\"}")));
      assertThat(book.standing(mine).now().orElseThrow().lines())
          .containsExactly("found a speck, sun");
      assertThatThrownBy(
              () ->
                  book.take(
                      mine,
                      List.of(new Row(2, Instant.EPOCH, Origin.UNTOLD, Row.Act.EDIT, 3, "{}"))))
          .isInstanceOfSatisfying(
              BookProblem.class,
              problem -> assertThat(problem.kind()).isEqualTo(BookProblem.Kind.NOT_UNDERSTOOD));
      assertThat(book.standing(mine).version()).as("nothing of it was taken").isEqualTo(1);
    }
  }

  /** A rule that makes the lines of a table changes: they are made anew, from the journal. */
  @Test
  void aTableFollowsItsRule() {
    StreamRef<Diary, Line> mine = DIARY.ref("1");
    try (Book book = book(store("sqlite"), DIARY)) {
      book.submit(Order.of(mine, new Line("day 1", "fog")));
      book.submit(Order.of(mine, new Line("day 2", "fog")));
    }
    Lengths doubled = new Lengths(2, 2);
    try (Book book = book(store("sqlite"), kind(doubled))) {
      assertThat(book.lines(kind(doubled), doubled)).containsExactly(4L);
    }
    try (Book book = book(store("sqlite"), kind(doubled))) {
      assertThat(book.lines(kind(doubled), doubled)).containsExactly(4L);
    }
  }

  @Test
  void itIsRescuedLikeAnyOther() {
    StreamRef<Diary, Line> mine = DIARY.ref("1");
    try (Book book = book(store("sqlite"), DIARY)) {
      for (int i = 1; i <= 20; i++) {
        book.submit(Order.of(mine, new Line("day " + i, "fog")));
      }
    }
    Rescue rescue =
        Rescue.copy(
            folder.resolve("a.book"),
            folder.resolve("b.book"),
            List.of(DIARY),
            Writer.unnamed(Clock.systemUTC()));
    assertThat(rescue).isEqualTo(new Rescue(List.of(new Key("diary", "1")), 0, 0));
    try (Book fresh = book(SqliteStore.open(folder.resolve("b.book"), Clock.systemUTC()), DIARY)) {
      assertThat(fresh.standing(mine).now().orElseThrow().lines()).hasSize(20);
    }
  }

  /**
   * A program that does not know the kind says so, and everything else of the book is as it was.
   */
  @Test
  void aKindNobodyKnowsIsSaidToBeOne() {
    try (Book book = book(store("sqlite"), DIARY)) {
      book.submit(Order.of(DIARY.ref("1"), new Line("day 1", "fog")));
    }
    try (Book book = Books.open(folder.resolve("a.book"), Writer.unnamed(Clock.systemUTC()))) {
      assertThatThrownBy(book::verify)
          .isInstanceOfSatisfying(
              BookProblem.class,
              problem -> assertThat(problem.kind()).isEqualTo(BookProblem.Kind.NOT_UNDERSTOOD));
    }
  }
}
