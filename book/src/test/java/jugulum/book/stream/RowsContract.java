package jugulum.book.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import jugulum.book.stream.RowStore.VersionTaken;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/**
 * What every database that keeps a book's rows has to do, whatever its make: one of another make is
 * tested by a class that says how to reach it.
 */
public abstract class RowsContract {
  private static final Instant AT = Instant.parse("2026-11-26T09:00:00Z");
  static final Key ONE = new Key("batch", "one");
  static final Key TWO = new Key("batch", "two");
  private static final Key SHOP = new Key("shop", "shop");

  private final List<RowStore> open = new ArrayList<>();

  /** Connects to the one set of data, to write. */
  protected abstract RowStore connect();

  /** Connects to the same data once more; to read is enough. */
  protected abstract RowStore another();

  private RowStore store() {
    return opened(connect());
  }

  protected final <R extends RowStore> R opened(R store) {
    open.add(store);
    return store;
  }

  @AfterEach
  void closeAll() {
    open.reversed().forEach(RowStore::close);
  }

  static Row row(long version, String action) {
    return new Row(
        version,
        AT.plusSeconds(version),
        new Origin(new Bench("b-1", "north"), action),
        Row.Act.EDIT,
        1,
        "{\"n\":" + version + "}");
  }

  private static List<Row> rows(RowStore store, Key stream, long after) {
    List<Row> rows = new ArrayList<>();
    store.rows(stream, after, rows::add);
    return rows;
  }

  static void add(RowStore store, Key stream, Row... rows) {
    store.transaction(
        () -> {
          List.of(rows).forEach(row -> store.add(stream, row));
          return true;
        });
  }

  @Test
  void rowsComeBackAsTheyWereWritten() {
    RowStore store = store();
    assertThat(store.version(ONE)).isZero();
    assertThat(store.streams()).isEmpty();
    assertThat(store.lastWritten("batch")).isEmpty();
    assertThat(rows(store, ONE, 0)).isEmpty();
    add(store, ONE, row(1, "a"), row(2, "b"));
    add(store, TWO, row(1, "b"));
    add(store, ONE, row(3, "c"));
    assertThat(rows(store, ONE, 0)).containsExactly(row(1, "a"), row(2, "b"), row(3, "c"));
    assertThat(rows(store, ONE, 2)).containsExactly(row(3, "c"));
    assertThat(store.version(ONE)).isEqualTo(3);
    assertThat(store.length()).isEqualTo(4);
    assertThat(store.streams()).containsExactlyInAnyOrder(ONE, TWO);
    assertThat(store.streamsOf("b")).containsExactlyInAnyOrder(ONE, TWO);
    assertThat(store.streamsOf("nobody")).isEmpty();
    store.check();
  }

  @Test
  void aVersionIsTakenOnce() {
    RowStore store = store();
    add(store, ONE, row(1, "a"));
    assertThatThrownBy(() -> add(store, ONE, row(1, "b"))).isInstanceOf(VersionTaken.class);
    assertThat(rows(store, ONE, 0)).containsExactly(row(1, "a"));
  }

  @Test
  void ofATransactionAllStandsOrNothing() {
    RowStore store = store();
    add(store, ONE, row(1, "a"));
    assertThatThrownBy(
            () ->
                store.transaction(
                    () -> {
                      store.add(TWO, row(1, "b"));
                      store.keep(new PictureCopy("ab".repeat(32), new byte[] {1}));
                      throw new IllegalStateException("on the way");
                    }))
        .hasMessageContaining("on the way");
    assertThat(store.streams()).containsExactly(ONE);
    assertThat(store.pictures()).isEmpty();
    add(store, TWO, row(1, "b"));
    assertThat(store.length()).isEqualTo(2);
  }

  @Test
  void namesThatLookLikeCommandsAreOnlyNames() {
    RowStore store = store();
    Key odd = new Key("batch", "'); DROP TABLE journal; --");
    Row hostile =
        new Row(
            1,
            AT,
            new Origin(new Bench("b\"'", "north'; DELETE FROM journal; --"), "a' OR '1'='1"),
            Row.Act.EDIT,
            1,
            "{\"note\":\"'); DROP TABLE stream; --\"}");
    add(store, odd, hostile);
    assertThat(rows(store, odd, 0)).containsExactly(hostile);
    assertThat(store.streamsOf("a' OR '1'='1")).containsExactly(odd);
  }

  @Test
  void picturesAreAddedToAndNeverChanged() {
    RowStore store = store();
    String sha256 = "0a".repeat(32);
    store.keep(new PictureCopy(sha256, new byte[] {1, 2, 3}));
    store.keep(new PictureCopy(sha256, new byte[] {9}));
    assertThat(store.picture(sha256).orElseThrow().jpeg()).containsExactly(1, 2, 3);
    assertThat(store.picture("0b".repeat(32))).isEmpty();
    assertThat(store.pictures()).containsExactly(sha256);
    assertThat(store.pictureBytes()).isEqualTo(3);
  }

  /** Who reads beside who writes hears of it once; one's own is no other's. */
  @Test
  void othersAreHeard() {
    RowStore writes = store();
    add(writes, SHOP, row(1, "a"));
    RowStore reads = opened(another());
    assertThat(reads.othersWrote()).as("it begins to watch").isFalse();
    assertThat(writes.othersWrote()).isFalse();
    assertThat(reads.othersWrote()).isFalse();
    add(writes, ONE, row(1, "b"));
    assertThat(reads.othersWrote()).isTrue();
    assertThat(reads.othersWrote()).isFalse();
    assertThat(reads.newest(SHOP)).contains(new Placed(ONE, row(1, "b")));
    assertThat(reads.newest(ONE)).contains(new Placed(SHOP, row(1, "a")));
    assertThat(writes.othersWrote()).isFalse();
    assertThat(rows(reads, ONE, 0)).containsExactly(row(1, "b"));
  }
}
