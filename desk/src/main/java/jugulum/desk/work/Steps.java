package jugulum.desk.work;

/** A long piece of work that can be stopped between two steps. */
public final class Steps {
  private volatile boolean cancelled;

  /** Does no more steps. */
  public void cancel() {
    cancelled = true;
  }

  boolean isCancelled() {
    return cancelled;
  }
}
