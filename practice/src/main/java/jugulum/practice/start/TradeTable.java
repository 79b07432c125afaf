package jugulum.practice.start;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jugulum.practice.law.BowlLaws;
import jugulum.practice.law.DeckLaws;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.start.Trade.Point;
import jugulum.practice.start.Trade.Rig;

/**
 * What bowls and decks do with cuts from any size to any other, from runs made once: asked of it, a
 * trade takes a thousandth of a second. It ships as text, with the numbers of the laws it was made
 * by; {@link TradeMaking} makes it anew.
 */
public final class TradeTable {
  private static final String FILE = "trades.csv";

  /** Sizes half a step of the screens apart, from {@link #FINEST_MM}. */
  private static final int SIZES = 12;

  private static final double FINEST_MM = 0.0375;
  private static final double RATIO = Math.sqrt(2);

  /** The times at which a bowl is looked at, in min. */
  static final double[] MINUTES = {2, 5, 10};

  private static final double LEAST_L_MIN = 3;
  private static final double FLOW_RATIO = 1.2;
  private static final int FLOWS = 15;

  /** Tilts of a deck, in degrees. */
  private static final double[] TILTS = {0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 8};

  /** How much of the sand is out at the points of a trade. */
  private static final double[] LEVELS = {
    0.02, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.75, 0.8, 0.85, 0.9, 0.95, 0.98
  };

  /** The figures of each rig, finest, coarsest, setting and time. */
  private final short[][][][][][] figures;

  private TradeTable(short[][][][][][] figures) {
    this.figures = figures;
  }

  private static double sizeMm(int i) {
    return FINEST_MM * StrictMath.pow(RATIO, i);
  }

  private static double setting(Rig rig, int i) {
    return switch (rig) {
      case BOWL -> LEAST_L_MIN * StrictMath.pow(FLOW_RATIO, i);
      case DECK -> TILTS[i];
    };
  }

  private static int settings(Rig rig) {
    return rig == Rig.BOWL ? FLOWS : TILTS.length;
  }

  private static String laws() {
    return "laws of the bowl " + BowlLaws.OURS.number() + ", of the deck " + DeckLaws.OURS.number();
  }

  /** The lines of the file, made anew by the laws that hold now. Takes minutes. */
  static Stream<String> made() {
    return Stream.concat(
        Stream.of("# Made by scripts/trades; " + laws()),
        rows().toList().parallelStream().map(Row::made));
  }

  /** A row of the file. */
  record Row(Rig rig, int finest, int coarsest, int setting) {
    String made() {
      double low = sizeMm(finest);
      double high = sizeMm(coarsest);
      double at = TradeTable.setting(rig, setting);
      int[][] told =
          switch (rig) {
            case BOWL -> TradeRun.bowl(low, high, at, MINUTES);
            case DECK -> new int[][] {TradeRun.deck(low, high, at)};
          };
      StringBuilder line = new StringBuilder(name());
      for (int[] time : told) {
        for (int figure : time) {
          line.append(',').append(figure);
        }
      }
      return line.toString();
    }

    String name() {
      return rig + "," + finest + "," + coarsest + "," + setting;
    }
  }

  /** The rows of the file, in its order. */
  static Stream<Row> rows() {
    return Stream.of(Rig.values())
        .flatMap(
            rig ->
                IntStream.range(0, SIZES - 1)
                    .boxed()
                    .flatMap(
                        low ->
                            IntStream.range(low + 1, SIZES)
                                .boxed()
                                .flatMap(
                                    high ->
                                        IntStream.range(0, settings(rig))
                                            .mapToObj(at -> new Row(rig, low, high, at)))));
  }

  /** The lines of the file that ships. */
  static List<String> lines() {
    try (InputStream file = TradeTable.class.getResourceAsStream(FILE)) {
      if (file == null) {
        throw new IllegalStateException(FILE + " is missing in this program");
      }
      return new String(file.readAllBytes(), UTF_8).lines().toList();
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }

  /** The table that ships, read when first asked for. */
  public static TradeTable shipped() {
    return Shipped.TABLE;
  }

  private static final class Shipped {
    static final TradeTable TABLE = read();
  }

  private static TradeTable read() {
    List<String> lines = lines();
    if (!lines.getFirst().endsWith(laws())) {
      throw new IllegalStateException(
          FILE + " was made by other laws than hold now (" + laws() + ")");
    }
    short[][][][][][] figures = new short[Rig.values().length][SIZES][SIZES][][][];
    for (String line : lines.subList(1, lines.size())) {
      String[] cells = line.split(",");
      Rig rig = Rig.valueOf(cells[0]);
      short[][][] here =
          figures[rig.ordinal()][Integer.parseInt(cells[1])][Integer.parseInt(cells[2])];
      if (here == null) {
        here = new short[settings(rig)][][];
        figures[rig.ordinal()][Integer.parseInt(cells[1])][Integer.parseInt(cells[2])] = here;
      }
      here[Integer.parseInt(cells[3])] = times(Arrays.copyOfRange(cells, 4, cells.length));
    }
    return new TradeTable(figures);
  }

  private static short[][] times(String[] cells) {
    short[][] times = new short[cells.length / TradeRun.FIGURES][TradeRun.FIGURES];
    for (int i = 0; i < cells.length; i++) {
      times[i / TradeRun.FIGURES][i % TradeRun.FIGURES] = Short.parseShort(cells[i]);
    }
    return times;
  }

  /**
   * What a cut trades on a bowl: run as briefly as it can be without losing gold; ten minutes where
   * even so no flow does both.
   */
  public Trade bowl(FeedSand sand) {
    for (int time = 0; ; time++) {
      Trade trade = trade(Rig.BOWL, sand, time);
      if (time == MINUTES.length - 1 || trade.isOpen()) {
        return trade;
      }
    }
  }

  /** What a cut trades on a deck. */
  public Trade deck(FeedSand sand) {
    return trade(Rig.DECK, sand, 0);
  }

  /** A corner of the table and how much it counts. */
  private record Corner(int finest, int coarsest, double weight) {}

  private Trade trade(Rig rig, FeedSand sand, int time) {
    List<Corner> corners = corners(sand);
    List<List<Point>> curves =
        corners.stream().map(corner -> curve(rig, corner, sand, time)).toList();
    int reached = curves.stream().mapToInt(List::size).min().orElseThrow();
    List<Point> points = new ArrayList<>();
    for (int level = 0; level < reached; level++) {
      double setting = 0;
      double lost = 0;
      for (int i = 0; i < corners.size(); i++) {
        Point there = curves.get(i).get(level);
        setting += corners.get(i).weight() * Math.log(there.setting());
        lost += corners.get(i).weight() * there.goldLost();
      }
      points.add(new Point(Math.exp(setting), LEVELS[level], lost));
    }
    double most = 0;
    for (Corner corner : corners) {
      most += corner.weight() * Math.log(most(rig, corner, sand, time));
    }
    return new Trade(rig, rig == Rig.BOWL ? MINUTES[time] : 0, points, Math.exp(most));
  }

  /** The setting up to which no more gold goes than is allowed. */
  private double most(Rig rig, Corner corner, FeedSand sand, int time) {
    short[][][] here = figures[rig.ordinal()][corner.finest()][corner.coarsest()];
    double before = setting(rig, 0) / FLOW_RATIO;
    double lostBefore = 0;
    for (int at = 0; at < here.length; at++) {
      double lost = goldLost(here[at][time], sand);
      double there = setting(rig, at);
      if (lost > Trade.ALLOWED) {
        double part = (Trade.ALLOWED - lostBefore) / (lost - lostBefore);
        return before * Math.pow(there / before, Math.clamp(part, 0, 1));
      }
      before = there;
      lostBefore = lost;
    }
    return before;
  }

  /**
   * The cuts of the table about a cut: about as wide, with their middles about its own. A cut
   * narrower than a step counts as one of a step about its middle.
   */
  private static List<Corner> corners(FeedSand sand) {
    double width = Math.log(sand.coarsestMm() / sand.finestMm()) / Math.log(RATIO);
    double middle =
        Math.log(Math.sqrt(sand.coarsestMm() * sand.finestMm()) / FINEST_MM) / Math.log(RATIO);
    double steps = Math.clamp(width, 1, SIZES - 1);
    int wide = Math.min((int) steps, SIZES - 2);
    List<Corner> corners = new ArrayList<>();
    for (int w = wide; w <= wide + 1; w++) {
      double ofWidth = 1 - Math.abs(steps - w);
      double from = Math.clamp(middle - w / 2.0, 0, SIZES - 1 - w);
      int low = Math.min((int) from, Math.max(0, SIZES - 2 - w));
      for (int i = low; i <= Math.min(low + 1, SIZES - 1 - w); i++) {
        double weight = ofWidth * (1 - Math.abs(from - i));
        if (weight > 0) {
          corners.add(new Corner(i, i + w, weight));
        }
      }
    }
    return corners;
  }

  /** The points of a corner at the levels it reaches. */
  private List<Point> curve(Rig rig, Corner corner, FeedSand sand, int time) {
    short[][][] here = figures[rig.ordinal()][corner.finest()][corner.coarsest()];
    List<Point> points = new ArrayList<>();
    Point before = new Point(setting(rig, 0) / FLOW_RATIO, 0, 0);
    int level = 0;
    for (int at = 0; at < here.length && level < LEVELS.length; at++) {
      short[] told = here[at][time];
      Point point =
          new Point(
              setting(rig, at),
              Math.max(before.sandOut(), sandOut(told, sand)),
              Math.max(before.goldLost(), goldLost(told, sand)));
      while (level < LEVELS.length && point.sandOut() >= LEVELS[level]) {
        points.add(between(before, point, LEVELS[level++]));
      }
      before = point;
    }
    return points;
  }

  private static Point between(Point low, Point high, double sandOut) {
    double part = (sandOut - low.sandOut()) / (high.sandOut() - low.sandOut());
    return new Point(
        low.setting() * Math.pow(high.setting() / low.setting(), part),
        sandOut,
        low.goldLost() + part * (high.goldLost() - low.goldLost()));
  }

  private static double sandOut(short[] told, FeedSand sand) {
    double out = 0;
    for (int k = 0; k < TradeRun.SAND.size(); k++) {
      out += sand.share(TradeRun.SAND.get(k)) * told[k] / 1000;
    }
    return out;
  }

  /** Gold of flatness from the flattest to the roundest, each as likely as the other. */
  private static double goldLost(short[] told, FeedSand sand) {
    double lost = 0;
    double all = 0;
    for (int of = 0; of < TradeRun.FLATNESS.length - 1; of++) {
      double low = Math.max(TradeRun.FLATNESS[of], sand.flattest());
      double high = Math.min(TradeRun.FLATNESS[of + 1], sand.roundest());
      double share =
          Math.max(0, high - low) + (sand.flattest() == sand.roundest() && low == high ? 1 : 0);
      lost += share * told[TradeRun.SAND.size() + of] / 1000;
      all += share;
    }
    return all > 0 ? lost / all : 0;
  }
}
