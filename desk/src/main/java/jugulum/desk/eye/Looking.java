package jugulum.desk.eye;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import jugulum.core.check.Band;
import jugulum.core.eye.Corrected;
import jugulum.core.eye.Corrections;
import jugulum.core.eye.Eye;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.Light;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.PictureSeen;
import jugulum.core.eye.Point;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.eye.Shapes;
import jugulum.core.eye.Tally;
import jugulum.core.eye.Tray;

/**
 * A picture that is gone through: what was seen, what a person made of it so far, which speck is in
 * hand. Every step can be gone back over. Knows no window.
 */
final class Looking {
  /** A box that was drawn is a slip of the hand if it is smaller, in pixels. */
  private static final double LEAST_DRAWN_PX = 2;

  private final Light light;
  private final Eye eye;
  private final PictureScale scale;
  private final Tray tray;
  private final Kappa kappa;
  private final long seed;
  private final Deque<Tally> before = new ArrayDeque<>();
  private PictureSeen seen;
  private Tally tally;
  private OptionalInt inHand = OptionalInt.empty();
  private Optional<Point> sure = Optional.empty();

  /** The last mass drawn and what it was drawn of: stepping about draws none anew. */
  private Optional<Drawn> drawn = Optional.empty();

  /** A mass and the specks it was drawn of. */
  record Drawn(List<SeenSpeck> gold, EyeMass mass) {}

  /**
   * A picture whose scale a person said yes to.
   *
   * @param kappa what turns areas into milligrams
   * @param seed of the draws of its mass
   */
  Looking(Light light, PictureScale scale, Tray tray, Kappa kappa, long seed) {
    this.light = light;
    this.scale = scale;
    this.tray = tray;
    this.kappa = kappa;
    this.seed = seed;
    eye = new Eye(light, scale, tray);
    seen = eye.judged(Optional.empty());
    tally = Tally.of(seen);
  }

  PictureSeen seen() {
    return seen;
  }

  Tally tally() {
    return tally;
  }

  OptionalInt inHand() {
    return inHand;
  }

  /** All are judged anew beside the gold that lies there; what was said before falls. */
  void sure(Point place) {
    seen = eye.judged(Optional.of(place));
    tally = Tally.of(seen);
    before.clear();
    sure = Optional.of(place);
    inHand = tally.nextUnsure(-1);
  }

  /** Whether nothing unsure is left: until then there are no milligrams. */
  boolean isGoneThrough() {
    return sure.isPresent() && tally.unsure() == 0;
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
    put(grown);
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

  /** Whether there is a mass: all was gone through, and some of it is gold. */
  boolean hasMass() {
    return isGoneThrough() && !tally.gold().isEmpty();
  }

  /** The mass, where it was drawn of what counts now. */
  Optional<EyeMass> mass() {
    return hasMass()
        ? drawn.filter(last -> last.gold().equals(tally.gold())).map(Drawn::mass)
        : Optional.empty();
  }

  /** Draws the mass of what counts now; takes a while, and touches nothing. */
  Supplier<Drawn> drawing() {
    List<SeenSpeck> gold = tally.gold();
    return () ->
        new Drawn(gold, EyeMass.of(gold, scale, kappa, true, Corrected.NONE, Corrected.NONE, seed));
  }

  /** What was drawn is known from now on. */
  void know(Drawn mass) {
    drawn = Optional.of(mass);
  }

  PictureScale scale() {
    return scale;
  }

  Kappa kappa() {
    return kappa;
  }

  Tray tray() {
    return tray;
  }

  int widthPx() {
    return light.width();
  }

  /** Where gold lies for sure, once somebody said so. */
  Optional<Point> sure() {
    return sure;
  }

  /** What the count of gold may be by the pictures before. */
  Band count(Corrections taught) {
    return taught.count(tray, tally.gold(), seed);
  }

  /** Goes on where somebody stopped. */
  void goOn(List<Tally.Marked> marks) {
    tally = new Tally(marks);
    before.clear();
    inHand = tally.nextUnsure(-1);
  }

  /**
   * What lies within corners is gold: in place of the one in hand, or beside all others.
   *
   * @return whether anything lies within
   */
  boolean outline(List<Point> corners) {
    Optional<SeenSpeck> drawn = Shapes.outlined(corners);
    drawn.ifPresent(
        speck -> {
          if (inHand.isPresent()) {
            int i = inHand.getAsInt();
            change(now -> now.with(i, List.of(speck)));
          } else {
            put(speck);
          }
        });
    return drawn.isPresent();
  }

  /** An ellipse within the corners of a box is gold too. */
  void ellipse(Point one, Point other) {
    double across = Math.abs(one.x() - other.x());
    double down = Math.abs(one.y() - other.y());
    if (across >= LEAST_DRAWN_PX && down >= LEAST_DRAWN_PX) {
      Point middle = new Point((one.x() + other.x()) / 2, (one.y() + other.y()) / 2);
      put(Shapes.ellipse(middle, across, down));
    }
  }

  private void put(SeenSpeck speck) {
    change(now -> now.with(speck));
    inHand = OptionalInt.of(tally.marks().size() - 1);
  }
}
