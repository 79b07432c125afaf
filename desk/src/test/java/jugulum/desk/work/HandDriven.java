package jugulum.desk.work;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.AbstractExecutorService;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;

/** A thread that does nothing until it is told to do the next thing. */
public final class HandDriven extends AbstractExecutorService {
  private final Deque<Runnable> waiting = new ArrayDeque<>();
  private boolean over;

  @Override
  public synchronized void execute(Runnable work) {
    if (over) {
      throw new RejectedExecutionException("over");
    }
    waiting.addLast(work);
  }

  /** Does the next thing; gives whether there was one. */
  public boolean step() {
    Runnable next;
    synchronized (this) {
      next = waiting.pollFirst();
    }
    if (next != null) {
      next.run();
    }
    return next != null;
  }

  @Override
  public void shutdown() {
    over = true;
  }

  @Override
  public List<Runnable> shutdownNow() {
    over = true;
    return new ArrayList<>(waiting);
  }

  @Override
  public boolean isShutdown() {
    return over;
  }

  @Override
  public boolean isTerminated() {
    return over;
  }

  @Override
  public boolean awaitTermination(long time, TimeUnit unit) {
    while (step()) {
      // what was asked for before the end is done
    }
    return true;
  }
}
