package jugulum.desk.session;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.batch.BatchSummary;
import jugulum.core.shop.Shop;
import jugulum.desk.follow.EveryBatch;
import jugulum.desk.live.RunWatch;

/**
 * What the book comes to, as far as it is in view: the one way out. Every property changes on the
 * interface thread only, after the edit is on disk.
 */
public final class Projections {
  private final ReadOnlyObjectWrapper<Current> current = new ReadOnlyObjectWrapper<>(Current.NONE);
  private final ReadOnlyObjectWrapper<List<BatchSummary>> batches =
      new ReadOnlyObjectWrapper<>(List.of());
  private final ReadOnlyObjectWrapper<Shop> shop = new ReadOnlyObjectWrapper<>(Shop.USUAL);
  private final RunWatch running = new RunWatch();
  private final EveryBatch everyBatch;

  Projections(EveryBatch everyBatch) {
    this.everyBatch = everyBatch;
  }

  /** The batch on the bench. */
  public ReadOnlyObjectProperty<Current> current() {
    return current.getReadOnlyProperty();
  }

  /** All batches of the book. */
  public ReadOnlyObjectProperty<List<BatchSummary>> batches() {
    return batches.getReadOnlyProperty();
  }

  /** What the shop owns. */
  public ReadOnlyObjectProperty<Shop> shop() {
    return shop.getReadOnlyProperty();
  }

  /** The machines that run, whichever batch they work on. */
  public ReadOnlyObjectProperty<List<RunWatch.Watched>> running() {
    return running.running();
  }

  /** What is asked of every batch of the book. */
  public EveryBatch everyBatch() {
    return everyBatch;
  }

  RunWatch watch() {
    return running;
  }

  void show(Current now) {
    current.set(now);
  }

  void show(List<BatchSummary> list) {
    batches.set(list);
  }

  void show(Shop now) {
    shop.set(now);
  }

  /**
   * One line changes with an edit; reading the whole list again would take longer the more batches
   * there are.
   */
  void show(BatchSummary line) {
    List<BatchSummary> list = new ArrayList<>(batches.get());
    int at = list.stream().map(BatchSummary::id).toList().indexOf(line.id());
    if (at >= 0) {
      list.set(at, line);
    } else {
      list.addFirst(line);
    }
    batches.set(List.copyOf(list));
  }
}
