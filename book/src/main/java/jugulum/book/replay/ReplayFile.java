package jugulum.book.replay;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.Drill;
import jugulum.practice.drill.Drills;
import jugulum.practice.drill.LoggedAction;
import jugulum.practice.drill.Replay;
import jugulum.practice.drill.Runs.Grain;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.sand.GrainKind;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A run of practice as JSON: seed, sand and what was done. Played again it is the same run. */
public final class ReplayFile {
  /** A day of practice at some hundred steps a second, far more than anybody plays. Ours. */
  private static final long MOST_STEPS = 20_000_000;

  /** More grains than any machine plays. Ours. */
  private static final int MOST_GRAINS = 1_000_000;

  private static final int MOST_LAWS = 1_000_000;

  private static final String KIND = "jugulum-replay";
  private static final int VERSION = 1;

  /** A file that says nothing of laws was written under the first. */
  private static final int FIRST_LAWS = 1;

  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final ObjectWriter WRITER = JSON.writerWithDefaultPrettyPrinter();

  private ReplayFile() {}

  /** What came of reading a file. */
  public sealed interface Result {}

  /** A run. */
  public record Whole(Replay replay) implements Result {}

  /**
   * None.
   *
   * @param why why not
   * @param what what stands there, or what is out of range
   */
  public record Not(Why why, String what) implements Result {}

  /** Why a file is not a run. */
  public enum Why {
    NOT_JSON,
    OTHER_FILE,
    NEWER,
    UNKNOWN_DRILL,
    BAD_VALUE
  }

  /** Writes a run. */
  public static String write(Replay replay) {
    ObjectNode all = JSON.createObjectNode();
    all.put("kind", KIND);
    all.put("version", VERSION);
    all.put("drill", replay.drill().id());
    // As text: other readers of JSON keep fifteen digits of a number.
    all.put("seed", Long.toString(replay.seed()));
    all.put("steps", replay.steps());
    all.put("laws", replay.laws());
    all.put("sandGrains", replay.grain().sand());
    all.put("goldGrains", replay.grain().gold());
    write(all.putObject("sand"), replay.drill().sand());
    if (replay.drill().rig() instanceof Drill.OnPan pan) {
      all.put("freed", pan.freed());
    }
    ArrayNode told = all.putArray("told");
    for (LoggedAction one : replay.told()) {
      ObjectNode node = told.addObject();
      node.put("step", one.step());
      write(node, one.action());
    }
    return WRITER.writeValueAsString(all) + "\n";
  }

  private static void write(ObjectNode node, FeedSand sand) {
    node.put("finestMm", sand.finestMm());
    node.put("coarsestMm", sand.coarsestMm());
    node.put("flattest", sand.flattest());
    node.put("roundest", sand.roundest());
    ObjectNode shares = node.putObject("shares");
    for (GrainKind kind : GrainKind.values()) {
      if (sand.share(kind) > 0) {
        shares.put(kind.name(), sand.share(kind));
      }
    }
  }

  private static void write(ObjectNode node, Action action) {
    switch (action) {
      case Action.Valve(double lMin) -> node.put("does", "valve").put("lMin", lMin);
      case Action.Charge(double grams, boolean isAtWall) ->
          node.put("does", "charge").put("grams", grams).put("atWall", isAtWall);
      case Action.Level(double degrees) -> node.put("does", "level").put("degrees", degrees);
      case Action.Agent(boolean isIn) -> node.put("does", "agent").put("in", isIn);
      case Action.Tilt(double degrees) -> node.put("does", "tilt").put("degrees", degrees);
      case Action.Rise(double degrees) -> node.put("does", "rise").put("degrees", degrees);
      case Action.Water(double trough, double spray) ->
          node.put("does", "water").put("troughLMin", trough).put("sprayLMin", spray);
      case Action.Stroke(double mm, double aMinute) ->
          node.put("does", "stroke").put("mm", mm).put("aMinute", aMinute);
      case Action.Feed(double kgH) -> node.put("does", "feed").put("kgH", kgH);
      case Action.Splitter(int which, double fromTop) ->
          node.put("does", "splitter").put("which", which).put("fromTopM", fromTop);
      case Action.Lift _ -> node.put("does", "lift");
      case Action.Drop _ -> node.put("does", "drop");
      case Action.Away _ -> node.put("does", "away");
    }
  }

  /** Reads a run from a file. */
  public static Result read(Path path) {
    try {
      return read(Files.readString(path));
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  /** Reads a run from a text. */
  public static Result read(String text) {
    try {
      JsonNode all = JSON.readTree(text);
      if (!KIND.equals(all.path("kind").asString(""))) {
        return new Not(Why.OTHER_FILE, all.path("kind").asString(""));
      }
      if (number(all, "version") > VERSION) {
        return new Not(Why.NEWER, all.path("version").asString(""));
      }
      Optional<Drill> drill = Drills.of(all.path("drill").asString(""));
      return drill.isEmpty()
          ? new Not(Why.UNKNOWN_DRILL, all.path("drill").asString(""))
          : new Whole(replay(all, drill.get()).rehearsed());
    } catch (JacksonException problem) {
      return new Not(Why.NOT_JSON, "");
    } catch (IllegalArgumentException problem) {
      return new Not(Why.BAD_VALUE, String.valueOf(problem.getMessage()));
    }
  }

  private static Replay replay(JsonNode all, Drill drill) {
    Drill own = Drills.freeing(drill.with(sand(all.path("sand"))), freed(all));
    List<LoggedAction> told = new ArrayList<>();
    for (JsonNode one : all.path("told")) {
      told.add(new LoggedAction(whole(one, "step", MOST_STEPS), action(one)));
    }
    return new Replay(
        own,
        new Grain(
            (int) whole(all, "sandGrains", MOST_GRAINS),
            (int) whole(all, "goldGrains", MOST_GRAINS)),
        seed(all.path("seed").asString("")),
        told,
        whole(all, "steps", MOST_STEPS),
        all.has("laws") ? (int) whole(all, "laws", MOST_LAWS) : FIRST_LAWS);
  }

  private static long seed(String text) {
    try {
      return Long.parseLong(text);
    } catch (NumberFormatException none) {
      throw new IllegalArgumentException("seed: " + text, none);
    }
  }

  private static GrainKind kind(String name) {
    return Stream.of(GrainKind.values())
        .filter(one -> one.name().equals(name))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("shares: " + name));
  }

  private static OptionalDouble freed(JsonNode all) {
    return all.has("freed") ? OptionalDouble.of(number(all, "freed")) : OptionalDouble.empty();
  }

  private static FeedSand sand(JsonNode node) {
    Map<GrainKind, Double> shares = new EnumMap<>(GrainKind.class);
    node.path("shares")
        .properties()
        .forEach(entry -> shares.put(kind(entry.getKey()), entry.getValue().asDouble()));
    return new FeedSand(
        number(node, "finestMm"),
        number(node, "coarsestMm"),
        shares,
        number(node, "flattest"),
        number(node, "roundest"));
  }

  private static Action action(JsonNode node) {
    String does = node.path("does").asString("");
    return switch (does) {
      case "valve" -> new Action.Valve(number(node, "lMin"));
      case "charge" -> new Action.Charge(number(node, "grams"), node.path("atWall").asBoolean());
      case "level" -> new Action.Level(number(node, "degrees"));
      case "agent" -> new Action.Agent(node.path("in").asBoolean());
      case "tilt" -> new Action.Tilt(number(node, "degrees"));
      case "rise" -> new Action.Rise(number(node, "degrees"));
      case "water" -> new Action.Water(number(node, "troughLMin"), number(node, "sprayLMin"));
      case "stroke" -> new Action.Stroke(number(node, "mm"), number(node, "aMinute"));
      case "feed" -> new Action.Feed(number(node, "kgH"));
      case "splitter" ->
          new Action.Splitter((int) whole(node, "which", MOST_GRAINS), number(node, "fromTopM"));
      case "lift" -> new Action.Lift();
      case "drop" -> new Action.Drop();
      case "away" -> new Action.Away();
      default -> throw new IllegalArgumentException("does: " + does);
    };
  }

  private static double number(JsonNode node, String name) {
    if (!node.path(name).isNumber() || !Double.isFinite(node.path(name).asDouble())) {
      throw new IllegalArgumentException(name);
    }
    return node.path(name).asDouble();
  }

  /** A whole number within a range; anything else names it with the range and what stands there. */
  private static long whole(JsonNode node, String name, long most) {
    double value = number(node, name);
    if (!(value >= 0 && value <= most && value == Math.rint(value))) {
      throw new IllegalArgumentException(
          name + ": 0 to " + most + ", not " + node.path(name).asString());
    }
    return (long) value;
  }
}
