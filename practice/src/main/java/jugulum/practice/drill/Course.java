package jugulum.practice.drill;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** How a run went, second by second, and what gold was lost by. Made once: it grows nothing. */
public final class Course {
  /** How far apart losses of one kind are two and not one, in s. */
  private static final double APART_S = 15;

  private final double[] gold;
  private final double[] sand;
  private final double[] water;
  private final double[] lost = new double[LostBy.values().length];
  private final int[] times = new int[LostBy.values().length];
  private final double[] last = new double[LostBy.values().length];
  private int seconds;

  /** Of a run of at most so many seconds. */
  Course(double mostSeconds) {
    int most = (int) Math.ceil(mostSeconds) + 2;
    gold = new double[most];
    sand = new double[most];
    water = new double[most];
    Arrays.fill(last, -2 * APART_S);
  }

  void second(double goldLost, double sandOut, double flow) {
    if (seconds < gold.length) {
      gold[seconds] = goldLost;
      sand[seconds] = sandOut;
      water[seconds] = flow;
      seconds++;
    }
  }

  void lose(LostBy habit, double amount, double at) {
    int i = habit.ordinal();
    lost[i] += amount;
    times[i] += at - last[i] > APART_S ? 1 : 0;
    last[i] = at;
  }

  /** How many seconds are told. */
  public int seconds() {
    return seconds;
  }

  /** The share of the gold lost by a second, 0 to 1. */
  public double goldLost(int second) {
    return gold[second];
  }

  /** The share of the sand out by a second, 0 to 1. */
  public double sandOut(int second) {
    return sand[second];
  }

  /** The water at a second, in L/min; the tilt in degrees on a deck. */
  public double water(int second) {
    return water[second];
  }

  /**
   * What gold was lost by.
   *
   * @param habit by what
   * @param times how often
   * @param share of all the gold, 0 to 1
   */
  public record Loss(LostBy habit, int times, double share) {}

  /**
   * What gold was lost by, the most first.
   *
   * @param all how much gold there was, in what was lost
   */
  List<Loss> losses(double all) {
    List<Loss> losses = new ArrayList<>();
    for (LostBy habit : LostBy.values()) {
      int i = habit.ordinal();
      if (lost[i] > 0) {
        losses.add(new Loss(habit, times[i], lost[i] / all));
      }
    }
    losses.sort(Comparator.comparingDouble(Loss::share).reversed());
    return List.copyOf(losses);
  }
}
