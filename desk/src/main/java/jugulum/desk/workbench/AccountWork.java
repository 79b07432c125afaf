package jugulum.desk.workbench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import jugulum.core.account.Account;
import jugulum.core.gold.GoldMemory;
import jugulum.core.runs.PastRun;
import jugulum.core.shop.Shop;

/** Works out the whole account of the batch on the bench, on the book's thread, while somebody looks at it; a later edit or question ends it. */
public final class AccountWork {
  private final ExecutorService bookThread;
  private final Executor interfaceThread;
  private final GoldMemory memory;
  private final ObservableValue<Current> current;
  private final ObservableValue<Shop> shop;
  private final EveryBatch everyBatch;
  private final Function<Throwable, Void> onProblem;
  private final ReadOnlyObjectWrapper<Optional<Account>> account = new ReadOnlyObjectWrapper<>(Optional.empty());

  /** The number of the last question; one with a smaller number is of no interest any more. */
  private final AtomicLong asked = new AtomicLong();

  private List<PastRun> runs = List.of();
  private boolean wanted;

  AccountWork(
      ExecutorService bookThread,
      Executor interfaceThread,
      GoldMemory memory,
      ObservableValue<Current> current,
      ObservableValue<Shop> shop,
      EveryBatch everyBatch,
      Function<Throwable, Void> onProblem) {
    this.bookThread = bookThread;
    this.interfaceThread = interfaceThread;
    this.memory = memory;
    this.current = current;
    this.shop = shop;
    this.everyBatch = everyBatch;
    this.onProblem = onProblem;
    current.addListener((_, _, _) -> ask());
    shop.addListener((_, _, _) -> ask());
  }

  /** The account as far as it is worked out; empty while nobody looks, and until the first is. */
  public ReadOnlyObjectProperty<Optional<Account>> account() {
    return account.getReadOnlyProperty();
  }

  /** Somebody looks, or nobody does any more. Looking asks for the runs of every batch, which tell what machines win. */
  public void want(boolean looking) {
    wanted = looking;
    ask();
    if (looking) {
      List<PastRun> found = new ArrayList<>();
      everyBatch.runs(
          more -> more.forEach(ran -> found.add(ran.run())),
          () -> {
            if (!found.equals(runs)) {
              runs = List.copyOf(found);
              ask();
            }
          });
    }
  }

  /** Anything worked out for an older question is given up. For every thread. */
  void giveUp() {
    asked.incrementAndGet();
  }

  /** Works out anew what was given up for an edit that then changed nothing. */
  void again() {
    ask();
  }

  private void ask() {
    long number = asked.incrementAndGet();
    Optional<Worked> worked = current.getValue().worked();
    if (worked.isEmpty() || !wanted || bookThread.isShutdown()) {
      account.set(Optional.empty());
      return;
    }
    if (!account.get().map(known -> known.network().batch().id()).equals(worked.map(now -> now.batch().id()))) {
      account.set(Optional.empty());
    }
    Shop as = shop.getValue();
    List<PastRun> known = runs;
    CompletableFuture.supplyAsync(() -> work(worked.get(), as, known, number), bookThread)
        .thenAcceptAsync(
            done -> {
              if (number == asked.get()) {
                done.ifPresent(one -> account.set(Optional.of(one)));
              }
            },
            interfaceThread)
        .exceptionallyAsync(onProblem, interfaceThread);
  }

  private Optional<Account> work(Worked worked, Shop as, List<PastRun> known, long number) {
    if (number != asked.get()) {
      return Optional.empty();
    }
    try {
      memory.stopWhen(() -> number != asked.get());
      return Optional.of(worked.account(memory, as, known));
    } catch (CancellationException laterQuestion) {
      return Optional.empty();
    } finally {
      memory.stopWhen(() -> false);
    }
  }
}
