package jugulum.core.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import jugulum.core.eye.SeenSpeck.Verdict;

/**
 * What a person makes of what was seen: one after the other the unsure are gone through, what is no
 * gold is taken out, what was not found is put in. Every step gives another tally; the one before
 * is kept by whoever may want to go back.
 *
 * @param marks all there is, in the order found; what was put in comes last
 */
public record Tally(List<Marked> marks) {
  /**
   * A mark and what a person said of it.
   *
   * @param speck as it was found, or put in
   * @param said whether it is gold; empty while nobody said
   * @param isPutIn whether the eye had not found it
   */
  public record Marked(SeenSpeck speck, Optional<Boolean> said, boolean isPutIn) {
    /** Whether it counts: as a person said, else as it looks. */
    public boolean isGold() {
      return said.orElseGet(speck::isGold);
    }

    /** Whether the eye took it for gold by itself. */
    public boolean looksGold() {
      return !isPutIn && speck.isGold();
    }

    /** Whether it is still to be looked at. */
    public boolean isUnsure() {
      return said.isEmpty() && speck.verdict() == Verdict.UNSURE;
    }

    Marked saying(boolean gold) {
      return new Marked(speck, Optional.of(gold), isPutIn);
    }
  }

  /** Keeps its own copy. */
  public Tally {
    marks = List.copyOf(marks);
  }

  /** Nobody said anything yet. */
  public static Tally of(PictureSeen seen) {
    return new Tally(
        seen.specks().stream().map(one -> new Marked(one, Optional.empty(), false)).toList());
  }

  /** Specks that are there for sure. */
  public static Tally of(List<SeenSpeck> gold) {
    return new Tally(gold.stream().map(one -> new Marked(one, Optional.of(true), false)).toList());
  }

  /** The specks that count. */
  public List<SeenSpeck> gold() {
    return marks.stream().filter(Marked::isGold).map(Marked::speck).toList();
  }

  /** How many are still to be looked at. */
  public int unsure() {
    return (int) marks.stream().filter(Marked::isUnsure).count();
  }

  /** How many that looked like gold a person took out. */
  public int takenOut() {
    return (int) marks.stream().filter(one -> one.looksGold() && !one.isGold()).count();
  }

  /** How many a person put in, or called gold though they did not look so. */
  public int putIn() {
    return (int) marks.stream().filter(one -> one.isGold() && !one.looksGold()).count();
  }

  /** The next that is unsure after one, round to the first; empty once none is left. */
  public OptionalInt nextUnsure(int after) {
    return IntStream.rangeClosed(1, marks.size())
        .map(step -> (after + step) % marks.size())
        .filter(i -> marks.get(i).isUnsure())
        .findFirst();
  }

  /** The mark nearest to a place, of those that lie there or nearly; empty where none does. */
  public OptionalInt at(Point place) {
    double nearest = Double.MAX_VALUE;
    int found = -1;
    for (int i = 0; i < marks.size(); i++) {
      SeenSpeck speck = marks.get(i).speck();
      double off = speck.centre().to(place);
      if (off < nearest && off < Math.max(8, speck.longPx() / 2 + 3)) {
        nearest = off;
        found = i;
      }
    }
    return found < 0 ? OptionalInt.empty() : OptionalInt.of(found);
  }

  /** The same with one said to be gold, or not. */
  public Tally saying(int i, boolean gold) {
    List<Marked> other = new ArrayList<>(marks);
    other.set(i, other.get(i).saying(gold));
    return new Tally(other);
  }

  /** The same with one more that is gold. */
  public Tally with(SeenSpeck speck) {
    List<Marked> other = new ArrayList<>(marks);
    other.add(new Marked(speck, Optional.of(true), true));
    return new Tally(other);
  }

  /** The same with another in its place, both gold: two that touch, or one that was drawn anew. */
  public Tally with(int i, List<SeenSpeck> instead) {
    List<Marked> other = new ArrayList<>(marks);
    Marked before = other.remove(i);
    for (int k = 0; k < instead.size(); k++) {
      other.add(i + k, new Marked(instead.get(k), Optional.of(true), before.isPutIn() || k > 0));
    }
    return new Tally(other);
  }

  /** The same with two as one. */
  public Tally joined(int one, int another) {
    SeenSpeck both = Shapes.joined(marks.get(one).speck(), marks.get(another).speck());
    List<Marked> other = new ArrayList<>(marks);
    other.set(one, new Marked(both, Optional.of(true), marks.get(one).isPutIn()));
    other.remove(another);
    return new Tally(other);
  }
}
