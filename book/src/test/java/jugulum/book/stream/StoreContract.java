package jugulum.book.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import jugulum.book.stream.Store.VersionTaken;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/**
 * What every database under a book has to do, whatever its make: a store of another make is tested
 * by a class that says how to reach it.
 */
public abstract class StoreContract {
  private static final Instant AT = Instant.parse("2026-11-26T09:00:00Z");
  private static final Key ONE = new Key("batch", "one");
  private static final Key TWO = new Key("batch", "two");
  private static final Key SHOP = new Key("shop", "shop");
  private static final Table TABLE =
      new Table("seen_here", List.of(Table.text("name"), Table.real("grams")));

  private final List<Store> open = new ArrayList<>();

  /** Connects to the one set of data, to write. */
  protected abstract Store connect();

  /** Connects to the same data once more; to read is enough. */
  protected abstract Store another();

  private Store store() {
    return opened(connect());
  }

  private Store opened(Store store) {
    open.add(store);
    return store;
  }

  @AfterEach
  void closeAll() {
    open.reversed().forEach(Store::close);
  }

  private static Row row(long version, String action) {
    return new Row(
        version,
        AT.plusSeconds(version),
        new Origin(new Bench("b-1", "north"), action),
        Row.Act.EDIT,
        1,
        "{\"n\":" + version + "}");
  }

  private static List<Row> rows(Store store, Key stream, long after) {
    List<Row> rows = new ArrayList<>();
    store.rows(stream, after, rows::add);
    return rows;
  }

  private static void add(Store store, Key stream, Row... rows) {
    store.transaction(
        () -> {
          List.of(rows).forEach(row -> store.add(stream, row));
          return true;
        });
  }

  @Test
  void rowsComeBackAsTheyWereWritten() {
    Store store = store();
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
    Store store = store();
    add(store, ONE, row(1, "a"));
    assertThatThrownBy(() -> add(store, ONE, row(1, "b"))).isInstanceOf(VersionTaken.class);
    assertThat(rows(store, ONE, 0)).containsExactly(row(1, "a"));
  }

  @Test
  void ofATransactionAllStandsOrNothing() {
    Store store = store();
    add(store, ONE, row(1, "a"));
    assertThatThrownBy(
            () ->
                store.transaction(
                    () -> {
                      store.add(TWO, row(1, "b"));
                      store.keep(ONE, new Kept(1, 1, 0, 1, 1, Optional.of("{}")));
                      store.keep(new PictureCopy("ab".repeat(32), new byte[] {1}));
                      throw new IllegalStateException("on the way");
                    }))
        .hasMessageContaining("on the way");
    assertThat(store.streams()).containsExactly(ONE);
    assertThat(store.kept(ONE)).isEmpty();
    assertThat(store.pictures()).isEmpty();
    add(store, TWO, row(1, "b"));
    assertThat(store.length()).isEqualTo(2);
  }

  @Test
  void whatWasKeptIsTheLast() {
    Store store = store();
    add(store, ONE, row(1, "a"), row(2, "a"));
    assertThat(store.kept(ONE)).isEmpty();
    store.keep(ONE, new Kept(1, 1, 0, 7, 1, Optional.of("{\"first\":1}")));
    Kept last = new Kept(2, 2, 1, 7, 3, Optional.empty());
    store.keep(ONE, last);
    assertThat(store.kept(ONE)).contains(last);
    assertThat(store.kept(TWO)).isEmpty();
  }

  @Test
  void linesFollowTheirStreamsAndSayOfWhichVersion() {
    Store store = store();
    add(store, ONE, row(1, "a"));
    add(store, TWO, row(1, "b"));
    assertThat(store.fold(TABLE.name())).isEmpty();
    store.shape(TABLE, 4);
    assertThat(store.fold(TABLE.name())).isEqualTo(OptionalInt.of(4));
    assertThat(store.behind(TABLE, "batch")).containsExactlyInAnyOrder(ONE, TWO);
    store.replace(
        TABLE, ONE, 1, List.of(Arrays.asList("north’s", 2.5), Arrays.asList("south", null)));
    assertThat(store.lines(TABLE))
        .containsExactlyInAnyOrder(
            new Cells("one", List.of("north’s", 2.5)),
            new Cells("one", Arrays.asList("south", null)));
    assertThat(store.lines(TABLE, TWO)).isEmpty();
    assertThat(store.projected(TABLE, ONE)).isEqualTo(1);
    assertThat(store.projected(TABLE, TWO)).isZero();
    assertThat(store.behind(TABLE, "batch")).containsExactly(TWO);
    store.replace(TABLE, ONE, 1, List.of());
    assertThat(store.lines(TABLE, ONE)).isEmpty();
    store.shape(TABLE, 5);
    assertThat(store.lines(TABLE)).isEmpty();
    assertThat(store.behind(TABLE, "batch")).containsExactlyInAnyOrder(ONE, TWO);
  }

  @Test
  void namesThatLookLikeCommandsAreOnlyNames() {
    Store store = store();
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
    store.shape(TABLE, 1);
    store.replace(TABLE, odd, 1, List.of(Arrays.asList("'; DROP TABLE seen_here; --", 1.0)));
    assertThat(rows(store, odd, 0)).containsExactly(hostile);
    assertThat(store.streamsOf("a' OR '1'='1")).containsExactly(odd);
    assertThat(store.lines(TABLE, odd).getFirst().text(0)).isEqualTo("'; DROP TABLE seen_here; --");
  }

  @Test
  void picturesAreAddedToAndNeverChanged() {
    Store store = store();
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
    Store writes = store();
    add(writes, SHOP, row(1, "a"));
    Store reads = opened(another());
    assertThat(reads.othersWrote()).as("it begins to watch").isFalse();
    assertThat(writes.othersWrote()).isFalse();
    assertThat(reads.othersWrote()).isFalse();
    add(writes, ONE, row(1, "b"));
    assertThat(reads.othersWrote()).isTrue();
    assertThat(reads.othersWrote()).isFalse();
    assertThat(reads.newest(SHOP)).contains(row(1, "b"));
    assertThat(reads.newest(ONE)).contains(row(1, "a"));
    assertThat(writes.othersWrote()).isFalse();
    assertThat(rows(reads, ONE, 0)).containsExactly(row(1, "b"));
  }
}
