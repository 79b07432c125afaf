package jugulum.desk.eye;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import jugulum.core.eye.Corrected;
import jugulum.core.eye.Eye;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.Light;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scale;
import jugulum.core.eye.Seen;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.eye.Shapes;
import jugulum.core.eye.Tally;
import jugulum.core.eye.Tray;

/**
 * A picture that is gone through: what was seen, what a person made of it so far, which speck is in
 * hand. Every step can be gone back over. Knows no window.
 */
final class Looking {
  private final Light light;
  private final Scale scale;
  private final Tray tray;
  private final Kappa kappa;
  private final long seed;
  private final Deque<Tally> before = new ArrayDeque<>();
  private Seen seen;
  private Tally tally;
  private OptionalInt inHand = OptionalInt.empty();
  private boolean isSure;

  /** The last mass drawn and what it was drawn of: stepping about draws none anew. */
  private Optional<Drawn> drawn = Optional.empty();

  private record Drawn(List<SeenSpeck> gold, EyeMass mass) {}

  /**
   * A picture whose scale a person said yes to.
   *
   * @param kappa what turns areas into milligrams
   * @param seed of the draws of its mass
   */
  Looking(Light light, Scale scale, Tray tray, Kappa kappa, long seed) {
    this.light = light;
    this.scale = scale;
    this.tray = tray;
    this.kappa = kappa;
    this.seed = seed;
    seen = Eye.look(light, scale, tray, Optional.empty());
    tally = Tally.of(seen);
  }

  Seen seen() {
    return seen;
  }

  Tally tally() {
    return tally;
  }

  OptionalInt inHand() {
    return inHand;
  }

  /** Whether somebody pointed at one that is gold for sure. */
  boolean isSure() {
    return isSure;
  }

  /** All are judged anew beside the gold that lies there; what was said before falls. */
  void sure(Point place) {
    seen = Eye.look(light, scale, tray, Optional.of(place));
    tally = Tally.of(seen);
    before.clear();
    isSure = true;
    inHand = tally.nextUnsure(-1);
  }

  /** Whether nothing unsure is left: until then there are no milligrams. */
  boolean isGoneThrough() {
    return isSure && tally.unsure() == 0;
  }

  /** The next or the one before, round. */
  void step(boolean isBack) {
    int all = tally.marks().size();
    if (all > 0) {
      int from = inHand.orElse(isBack ? 0 : -1);
      inHand = OptionalInt.of(Math.floorMod(from + (isBack ? -1 : 1), all));
    }
  }

  /** The next that is unsure. */
  void nextUnsure() {
    OptionalInt next = tally.nextUnsure(inHand.orElse(-1));
    inHand = next.isPresent() ? next : inHand;
  }

  /** The one that lies there is in hand. */
  void take(Point place) {
    inHand = tally.at(place);
  }

  /** The one in hand is gold, or none, and the next unsure one comes. */
  void say(boolean gold) {
    inHand.ifPresent(
        i -> {
          change(now -> now.saying(i, gold));
          nextUnsure();
        });
  }

  /** The one in hand is the other of both. */
  void turn() {
    inHand.ifPresent(i -> say(!tally.marks().get(i).isGold()));
  }

  /** What grows from there, or a round one where nothing does, is gold too. */
  void add(Point place) {
    var grown =
        Shapes.grown(light, scale, place)
            .orElseGet(() -> Shapes.ellipse(place, 0.2 * scale.pxPerMm(), 0.2 * scale.pxPerMm()));
    change(now -> now.with(grown));
    inHand = OptionalInt.of(tally.marks().size() - 1);
  }

  /** The one in hand is two. */
  void split() {
    inHand.ifPresent(i -> change(now -> now.with(i, Shapes.split(now.marks().get(i).speck()))));
  }

  /** The one in hand and the nearest are one. */
  void join() {
    inHand.ifPresent(
        i -> {
          Point here = tally.marks().get(i).speck().centre();
          int nearest = -1;
          for (int k = 0; k < tally.marks().size(); k++) {
            boolean isNearer =
                k != i
                    && tally.marks().get(k).isGold()
                    && (nearest < 0 || off(k, here) < off(nearest, here));
            nearest = isNearer ? k : nearest;
          }
          if (nearest >= 0) {
            int other = nearest;
            change(now -> now.joined(i, other));
            inHand = OptionalInt.of(other < i ? i - 1 : i);
          }
        });
  }

  private double off(int mark, Point here) {
    return tally.marks().get(mark).speck().centre().to(here);
  }

  private void change(UnaryOperator<Tally> how) {
    before.push(tally);
    tally = how.apply(tally);
  }

  /** Takes the last step back; whether there was one. */
  boolean back() {
    if (before.isEmpty()) {
      return false;
    }
    tally = before.pop();
    inHand =
        inHand.isPresent() && inHand.getAsInt() < tally.marks().size()
            ? inHand
            : OptionalInt.empty();
    return true;
  }

  /** The mass once all was gone through; empty before, and without gold. */
  Optional<EyeMass> mass() {
    List<SeenSpeck> gold = tally.gold();
    if (!isGoneThrough() || gold.isEmpty()) {
      return Optional.empty();
    }
    if (drawn.filter(last -> last.gold().equals(gold)).isEmpty()) {
      drawn =
          Optional.of(
              new Drawn(
                  gold,
                  EyeMass.of(gold, scale, kappa, true, Corrected.NONE, Corrected.NONE, seed)));
    }
    return drawn.map(Drawn::mass);
  }

  Scale scale() {
    return scale;
  }
}
