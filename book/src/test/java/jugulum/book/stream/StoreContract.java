package jugulum.book.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/**
 * What every database under a book has to do besides keeping its rows: what follows from them is
 * kept so that it need not be worked out again.
 */
public abstract class StoreContract extends RowsContract {
  private static final LineTable TABLE =
      new LineTable("seen_here", List.of(LineTable.text("name"), LineTable.real("grams")));

  @Override
  protected abstract Store connect();

  private Store store() {
    return opened(connect());
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
  void whatFollowsFallsWithItsTransaction() {
    Store store = store();
    add(store, ONE, row(1, "a"));
    assertThatThrownBy(
            () ->
                store.transaction(
                    () -> {
                      store.keep(ONE, new Kept(1, 1, 0, 1, 1, Optional.of("{}")));
                      throw new IllegalStateException("on the way");
                    }))
        .hasMessageContaining("on the way");
    assertThat(store.kept(ONE)).isEmpty();
  }

  @Test
  void linesThatLookLikeCommandsAreOnlyLines() {
    Store store = store();
    Key odd = new Key("batch", "'); DROP TABLE journal; --");
    add(store, odd, row(1, "a"));
    store.shape(TABLE, 1);
    store.replace(TABLE, odd, 1, List.of(Arrays.asList("'; DROP TABLE seen_here; --", 1.0)));
    assertThat(store.lines(TABLE, odd).getFirst().text(0)).isEqualTo("'; DROP TABLE seen_here; --");
  }
}
