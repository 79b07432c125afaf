package jugulum.desk.session;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import jugulum.core.account.Account;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.BatchId;
import jugulum.core.pool.Later;
import jugulum.core.shop.Shop;
import jugulum.desk.follow.EveryBatch;
import jugulum.desk.work.Latest;
import jugulum.desk.work.Work;

/**
 * Works out the whole account of the batch on the bench, once a change, while somebody looks at it;
 * a later edit or question ends it.
 */
public final class AccountWork {
  private final Work work;
  private final Latest latest;
  private final GoldMemory memory;
  private final ObservableValue<Current> current;
  private final ObservableValue<Shop> shop;
  private final EveryBatch everyBatch;
  private final ReadOnlyObjectWrapper<Optional<Account>> account =
      new ReadOnlyObjectWrapper<>(Optional.empty());

  private Belief belief = new Belief(Experience.NONE, Shop.USUAL);
  private boolean wanted;

  /** What was won later of the batch it was asked of last. */
  private Optional<Told> later = Optional.empty();

  private record Told(BatchId batch, Later later) {}

  AccountWork(
      Work work,
      GoldMemory memory,
      ObservableValue<Current> current,
      ObservableValue<Shop> shop,
      EveryBatch everyBatch) {
    this.work = work;
    this.latest = work.latest();
    this.memory = memory;
    this.current = current;
    this.shop = shop;
    this.everyBatch = everyBatch;
    current.addListener((_, _, _) -> ask());
    shop.addListener((_, _, _) -> ask());
  }

  /** The account as far as it is worked out; empty while nobody looks, and until the first is. */
  public ReadOnlyObjectProperty<Optional<Account>> account() {
    return account.getReadOnlyProperty();
  }

  /**
   * Somebody looks, or nobody does any more. Looking asks for what machines have shown in every
   * batch and trial.
   */
  public void want(boolean looking) {
    wanted = looking;
    later = Optional.empty();
    ask();
    if (looking) {
      everyBatch.belief(
          found -> {
            if (!found.experience().equals(belief.experience())) {
              belief = found;
              ask();
            }
          });
    }
  }

  /** Anything worked out for an older question is given up. For every thread. */
  void giveUp() {
    latest.drop();
  }

  /** Works out anew what was given up for an edit that then changed nothing. */
  void again() {
    ask();
  }

  private void ask() {
    latest.drop();
    Optional<Worked> worked = current.getValue().worked();
    if (worked.isEmpty() || !wanted || work.isOver()) {
      account.set(Optional.empty());
      return;
    }
    if (!account
        .get()
        .map(known -> known.network().batch().id())
        .equals(worked.map(now -> now.batch().id()))) {
      account.set(Optional.empty());
    }
    Belief now = belief.with(shop.getValue());
    Later told = later(worked.get().batch().id());
    latest.ask(
        over -> workedOut(worked.get(), now, over).with(told),
        done -> account.set(Optional.of(done)));
  }

  /** What is known of that; asked for once a look, and worked out again if there is any. */
  private Later later(BatchId batch) {
    if (later.filter(told -> told.batch().equals(batch)).isEmpty()) {
      later = Optional.of(new Told(batch, Later.NONE));
      everyBatch.later(
          batch,
          found -> {
            later = Optional.of(new Told(batch, found));
            if (found.isAny()) {
              ask();
            }
          });
    }
    return later.map(Told::later).orElse(Later.NONE);
  }

  private Account workedOut(Worked worked, Belief now, BooleanSupplier over) {
    try {
      memory.stopWhen(over);
      return worked.account(memory, now);
    } finally {
      memory.stopWhen(() -> false);
    }
  }
}
