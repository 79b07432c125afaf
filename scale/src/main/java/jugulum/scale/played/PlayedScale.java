package jugulum.scale.played;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.random.RandomGenerator;
import jugulum.core.scale.Dialect;
import jugulum.core.scale.Dialect.Meaning;
import jugulum.core.scale.ScaleLine;
import jugulum.core.scale.Sends;
import jugulum.core.shop.Scale;
import jugulum.core.units.MassUnit;

/** A scale that is only played: it sends lines like a real one, and what lies on it is told. */
public final class PlayedScale implements AutoCloseable {
  /** How often it sends. */
  public static final Duration EVERY = Duration.ofMillis(100);

  private final Pan pan;
  private final LongSupplier nanos;
  private final RandomGenerator random;
  private final List<Consumer<byte[]>> listeners = new CopyOnWriteArrayList<>();
  private final ScheduledExecutorService sender =
      Executors.newSingleThreadScheduledExecutor(
          work -> Thread.ofPlatform().name("played scale").daemon(true).unstarted(work));
  private Writing writing = Writing.FLAGS;
  private double stepG;
  private double capacityG;
  private Fault fault = Fault.NONE;

  /** The least difference the usual one shows, in grams. */
  public static final double STEP_G = 0.01;

  /** What the usual one carries, in grams. */
  public static final double CAPACITY_G = 30_000;

  /** The usual one as a shop keeps it, its way of writing learnt. */
  public static Scale kept(String name) {
    Dialect flags =
        new Dialect(
            ".",
            0,
            decimals(STEP_G),
            MassUnit.GRAM,
            false,
            Map.of("still", Meaning.STEADY, "swing", Meaning.MOVING),
            OptionalInt.of(Writing.FLAGS.line(0, decimals(STEP_G), true).length()));
    return new Scale(
        name, new ScaleLine.Played(), flags, Sends.ALWAYS, STEP_G, CAPACITY_G, Optional.empty());
  }

  /** What can go wrong with a line to a scale. */
  public enum Fault {
    NONE,
    /** Signs no scale sends: noise, or another speed. */
    GARBAGE,
    /** Every other line lacks a part. */
    HALF_LINES,
    /** Nothing comes. */
    SILENCE
  }

  /**
   * Makes a scale with nothing on it.
   *
   * @param stepG the least difference it shows, in grams
   * @param capacityG what it carries, in grams
   * @param nanos a clock that only runs forward
   * @param random wind and noise
   */
  public PlayedScale(double stepG, double capacityG, LongSupplier nanos, RandomGenerator random) {
    this.stepG = stepG;
    this.capacityG = capacityG;
    this.nanos = nanos;
    this.random = random;
    this.pan = new Pan(random);
  }

  /** Begins to send. */
  public PlayedScale start() {
    sender.scheduleAtFixedRate(this::send, 0, EVERY.toMillis(), TimeUnit.MILLISECONDS);
    return this;
  }

  /** Sends to one more, until that one cannot be reached. */
  public void to(Consumer<byte[]> listener) {
    listeners.add(listener);
  }

  /** Sends to one less. */
  public void notTo(Consumer<byte[]> listener) {
    listeners.remove(listener);
  }

  private void send() {
    byte[] line = line();
    listeners.forEach(one -> one.accept(line));
  }

  private double nowS() {
    return nanos.getAsLong() / 1e9;
  }

  private synchronized byte[] line() {
    double now = nowS();
    double shown = pan.shownG(now, stepG);
    String line =
        shown > capacityG
            ? "  ------  "
            : writing.line(shown, decimals(stepG), pan.rests(now, stepG));
    return switch (fault) {
      case NONE -> whole(line);
      case SILENCE -> new byte[0];
      case GARBAGE -> noise(line.length());
      case HALF_LINES ->
          random.nextBoolean()
              ? whole(line)
              : whole(line.substring(1 + random.nextInt(line.length() - 1)));
    };
  }

  private static byte[] whole(String line) {
    return (line + "\r\n").getBytes(StandardCharsets.US_ASCII);
  }

  private byte[] noise(int length) {
    byte[] noise = new byte[length];
    for (int i = 0; i < length; i++) {
      noise[i] = (byte) (0x80 | random.nextInt(0x80));
    }
    noise[length - 1] = '\n';
    return noise;
  }

  private static int decimals(double stepG) {
    return Math.max(0, (int) Math.ceil(-Math.log10(stepG) - 1e-9));
  }

  /** Lays so much on it, all in all, in grams. */
  public synchronized void put(double grams) {
    pan.put(grams, nowS());
  }

  /** Pours up to so much, in grams, at so many grams a second. */
  public synchronized void pour(double grams, double gramsPerSecond) {
    pan.pour(grams, gramsPerSecond, nowS());
  }

  /** Wind shakes it with that standard deviation, in grams. */
  public synchronized void wind(double sdG) {
    pan.wind(sdG);
  }

  /** Its zero wanders, in grams a second. */
  public synchronized void drift(double gramsPerSecond) {
    pan.drift(gramsPerSecond, nowS());
  }

  /** Its zero key is pressed. */
  public synchronized void zero() {
    pan.zero(nowS());
  }

  /** From now on it writes that way. */
  public synchronized void write(Writing how) {
    writing = how;
  }

  /** From now on it has that step, in grams. */
  public synchronized void step(double grams) {
    stepG = grams;
  }

  /** From now on that is wrong with its line. */
  public synchronized void fault(Fault wrong) {
    fault = wrong;
  }

  /** What really lies on it, in grams. */
  public synchronized double loadG() {
    return pan.loadG(nowS());
  }

  /** The least difference it shows, in grams. */
  public synchronized double stepG() {
    return stepG;
  }

  @Override
  public void close() {
    sender.shutdownNow();
    listeners.clear();
  }
}
