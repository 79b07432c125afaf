package jugulum.book.stream;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Fold;
import jugulum.core.stream.Fold.Between;
import jugulum.core.stream.History;
import jugulum.core.stream.History.Dated;
import jugulum.core.stream.Log;
import jugulum.core.stream.Meanwhile;
import jugulum.core.stream.NewNumbers;
import jugulum.core.stream.Refusal;

/**
 * Takes what a bench did by itself again on what others wrote meanwhile: each action in turn, whole
 * or not at all, where it still says the same and the rules take it. Things numbered on the bench
 * get the numbers they have now.
 *
 * <p>Two ways are walked side by side: what the person saw, and what it comes to. So each edit is
 * asked against what stood before the person's eyes when he made it.
 */
public final class Rebase {
  private final List<StreamKind<?, ?>> kinds;
  private final Function<Key, List<Row>> seen;
  private final Function<Key, List<Row>> now;
  private final Map<Key, Way<?, ?>> ways = new HashMap<>();

  /**
   * Prepares it.
   *
   * @param kinds the kinds of stream there are
   * @param seen the rows of a stream the person saw, but for what waits
   * @param now its rows now; those seen are the first of them
   */
  public Rebase(
      List<StreamKind<?, ?>> kinds, Function<Key, List<Row>> seen, Function<Key, List<Row>> now) {
    this.kinds = List.copyOf(kinds);
    this.seen = seen;
    this.now = now;
  }

  /**
   * What came of it.
   *
   * @param stands what waits on, in the numbers of now
   * @param aside what could not be taken
   */
  public record Outcome(List<Waiting> stands, List<TooLate> aside) {
    /** Keeps its own copies. */
    public Outcome {
      stands = List.copyOf(stands);
      aside = List.copyOf(aside);
    }
  }

  /** Takes all that waits, in the order it was done. */
  public Outcome take(List<Waiting> waiting) {
    return take(waiting, Map.of());
  }

  /**
   * The same where some actions are refused beforehand, and with them what rests on them.
   *
   * @param refused why, by action
   */
  public Outcome take(List<Waiting> waiting, Map<String, Refusal> refused) {
    List<Waiting> stands = new ArrayList<>();
    Map<String, TooLate> aside = new LinkedHashMap<>();
    for (Waiting one : waiting) {
      Optional<TooLate> walked =
          walkedOf(one).flatMap(action -> Optional.ofNullable(aside.get(action)));
      if (walked.isPresent()) {
        // He took back, or brought back, what is not there.
        boolean isUndo = one.rows().stream().anyMatch(row -> row.row().act() == Row.Act.UNDO);
        TooLate it = walked.get();
        aside.put(
            it.what().action(), new TooLate(it.what(), it.refusal(), it.mayBeAgain(), isUndo));
        one.rows().forEach(this::seenOnly);
        one.streams().forEach(stream -> way(stream).end(false));
        continue;
      }
      Taken taken = taken(one, Optional.ofNullable(refused.get(one.action())));
      if (taken.refusal().isPresent()) {
        aside.put(one.action(), new TooLate(one, taken.refusal().get(), taken.mayBeAgain(), false));
      } else {
        stands.add(new Waiting(one.action(), taken.rows()));
      }
    }
    return new Outcome(stands, List.copyOf(aside.values()));
  }

  /** The action it takes back or brings back; empty where it is no such thing. */
  private static Optional<String> walkedOf(Waiting one) {
    return one.rows().stream()
        .map(Placed::row)
        .filter(row -> row.act() != Row.Act.EDIT)
        .map(Row::body)
        .findFirst();
  }

  private record Taken(List<Placed> rows, Optional<Refusal> refusal, boolean mayBeAgain) {}

  private Taken taken(Waiting one, Optional<Refusal> beforehand) {
    boolean isInMany = one.streams().size() > 1;
    boolean mayBeAgain =
        walkedOf(one).isEmpty()
            && one.streams().stream().allMatch(stream -> way(stream).isNumberedAlike());
    List<Placed> rows = new ArrayList<>();
    Optional<Refusal> refusal = beforehand;
    for (Placed placed : one.rows()) {
      if (Book.isItsOwn(placed.stream())) {
        rows.add(placed);
      } else if (refusal.isPresent()) {
        seenOnly(placed);
      } else {
        switch (way(placed.stream()).take(placed.row(), isInMany)) {
          case Step.Goes(Row row) -> rows.add(new Placed(placed.stream(), row));
          case Step.Ends(Refusal why) -> refusal = Optional.of(why);
        }
      }
    }
    boolean isRefused = refusal.isPresent();
    one.streams().forEach(stream -> way(stream).end(isRefused));
    return new Taken(rows, refusal, mayBeAgain);
  }

  private void seenOnly(Placed placed) {
    if (!Book.isItsOwn(placed.stream())) {
      way(placed.stream()).seenOnly(placed.row());
    }
  }

  private Way<?, ?> way(Key stream) {
    return ways.computeIfAbsent(
        stream,
        _ ->
            kinds.stream()
                .filter(kind -> kind.name().equals(stream.kind()))
                .findFirst()
                .<Way<?, ?>>map(kind -> new Way<>(kind, seen.apply(stream), now.apply(stream)))
                .orElseThrow(
                    () ->
                        new BookProblem.NotUnderstood(
                            "a stream of the kind " + stream.kind(), null)));
  }

  /** What came of one row. */
  private sealed interface Step {
    /** It goes, as it is said now. */
    record Goes(Row row) implements Step {}

    /** It does not. */
    record Ends(Refusal refusal) implements Step {}
  }

  /** One stream as the person saw it and as it is now, from row to row. */
  private static final class Way<S, E> {
    private final StreamKind<S, E> kind;
    private final Fold<S, E> fold;

    /** The last row others wrote; empty where none did. */
    private final Optional<Row> other;

    private Optional<State<S, E>> seen;
    private Optional<State<S, E>> now;

    /** What stood before the action that is being taken. */
    private Optional<State<S, E>> before;

    private Optional<State<S, E>> seenBefore;

    private NewNumbers numbers = NewNumbers.SAME;
    private NewNumbers numbersBefore = NewNumbers.SAME;

    /** What an action the person did comes to, on either way. */
    private record State<S, E>(Optional<S> is, History<E> history, long version) {
      private State<S, E> with(S after, E edit, Row row) {
        Log<E> log = new Log<>(history);
        log.edit(new Dated<>(version + 1, row.at(), row.from().action(), edit));
        return new State<>(Optional.of(after), log.history(), version + 1);
      }
    }

    Way(StreamKind<S, E> kind, List<Row> seen, List<Row> now) {
      this.kind = kind;
      this.fold = kind.fold();
      this.seen = state(seen);
      this.now = state(now);
      this.before = this.now;
      this.seenBefore = this.seen;
      this.other = now.size() > seen.size() ? Optional.of(now.getLast()) : Optional.empty();
    }

    /** Empty where the rows cannot stand together, as those of a bench that means ill. */
    private Optional<State<S, E>> state(List<Row> rows) {
      try {
        Folding<E> folding = new Folding<>(kind);
        rows.forEach(folding::take);
        History<E> history = folding.history();
        return Optional.of(new State<>(fold.replay(history), history, rows.size()));
      } catch (RuntimeException broken) {
        return Optional.empty();
      }
    }

    Step take(Row row, boolean isInMany) {
      if (seen.isEmpty() || now.isEmpty()) {
        return new Step.Ends(cameFirst(row));
      }
      try {
        return row.act() == Row.Act.EDIT
            ? edited(row, isInMany, seen.get(), now.get())
            : walked(row, seen.get(), now.get());
      } catch (RuntimeException broken) {
        return new Step.Ends(cameFirst(row));
      }
    }

    private Step edited(Row row, boolean isInMany, State<S, E> was, State<S, E> is) {
      E edit = kind.edit(row);
      S after = see(was, edit, row);
      if (!fold.saysTheSame(was.is(), is.is(), numbers, edit)) {
        return new Step.Ends(cameFirst(row));
      }
      E said = fold.renumbered(edit, numbers);
      return switch (fold.apply(is.is(), said, row.at())) {
        case Applied.Refused<S>(Refusal refusal) -> new Step.Ends(refusal);
        case Applied.Done<S>(S done) -> {
          numbers =
              fold.numbers(
                  numbers,
                  new Between<>(was.is(), after),
                  Optional.of(new Between<>(is.is(), done)));
          now = Optional.of(is.with(done, said, row));
          yield isInMany && !numbers.isSame()
              ? new Step.Ends(cameFirst(row))
              : new Step.Goes(said.equals(edit) ? row : saying(row, said));
        }
      };
    }

    /** What the person saw goes on by an edit; what came of it. */
    private S see(State<S, E> was, E edit, Row row) {
      S after = fold.replay(was.is(), edit, row.at());
      seen = Optional.of(was.with(after, edit, row));
      return after;
    }

    private Row saying(Row row, E edit) {
      return new Row(
          row.version(),
          row.at(),
          row.from(),
          row.act(),
          kind.edits().form(),
          kind.edits().write(edit));
    }

    private Step walked(Row row, State<S, E> was, State<S, E> is) {
      seen = Optional.of(walk(was, row).orElse(was));
      Optional<State<S, E>> after = walk(is, row);
      boolean goes =
          after.isPresent()
              && new SameWithout<>(fold, is.history().done(), after.get().history().done())
                  .firstThatDiffers()
                  .isEmpty();
      if (!goes) {
        return new Step.Ends(Book.refusal(Meanwhile.RESTS_ON_IT, other.orElse(row)));
      }
      now = after;
      return new Step.Goes(row);
    }

    private Optional<State<S, E>> walk(State<S, E> from, Row row) {
      Log<E> log = new Log<>(from.history());
      boolean isAny = row.act() == Row.Act.UNDO ? log.undo(row.body()) : log.redo(row.body());
      return isAny
          ? Optional.of(new State<>(fold.replay(log.history()), log.history(), from.version() + 1))
          : Optional.empty();
    }

    /** A row of an action that is not taken: the person saw what it did all the same. */
    void seenOnly(Row row) {
      if (seen.isEmpty()) {
        return;
      }
      State<S, E> was = seen.get();
      try {
        if (row.act() == Row.Act.EDIT) {
          see(was, kind.edit(row), row);
        } else {
          seen = Optional.of(walk(was, row).orElse(was));
        }
      } catch (RuntimeException broken) {
        seen = Optional.empty();
      }
    }

    /** Whether what is named by number so far is what it was. */
    boolean isNumberedAlike() {
      return numbers.isSame();
    }

    /** An action ends: what was taken of it stands, or nothing of it does. */
    void end(boolean isRefused) {
      if (isRefused) {
        now = before;
        numbers =
            seen.flatMap(State::is)
                .map(
                    after ->
                        fold.numbers(
                            numbersBefore,
                            new Between<>(seenBefore.flatMap(State::is), after),
                            Optional.empty()))
                .orElse(numbersBefore);
      }
      before = now;
      seenBefore = seen;
      numbersBefore = numbers;
    }

    private Refusal cameFirst(Row own) {
      return Book.refusal(Meanwhile.OTHER_CAME_FIRST, other.orElse(own));
    }
  }
}
