package jugulum.desk.day;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import jugulum.core.day.Day;
import jugulum.core.day.DayWork;
import jugulum.core.day.Job;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.DayTask;
import jugulum.core.schedule.DayTask.Needs;
import jugulum.desk.follow.Days;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * A row of the day's strip: tasks, or what is left of something over the day.
 *
 * @param name what it stands for
 * @param blocks the tasks in it
 * @param left how much is left, in order of time; empty for a row of tasks
 */
record StripRow(String name, List<Block> blocks, List<Level> left) {
  /** Keeps its own copies. */
  StripRow {
    blocks = List.copyOf(blocks);
    left = List.copyOf(left);
  }

  private static StripRow of(String name, List<Block> blocks) {
    return new StripRow(name, blocks, List.of());
  }

  /**
   * How much is left at a moment.
   *
   * @param minute of the day
   * @param share of what there was, 0 to 1
   */
  record Level(int minute, double share) {}

  /** How far a task is. */
  enum State {
    DONE,
    GOES,
    AHEAD
  }

  /**
   * A stretch of a task in one row.
   *
   * @param task which task
   * @param from in minutes from midnight
   * @param to in minutes from midnight
   * @param kind what kind of work it is, for its colour
   * @param state how far it is
   * @param texts what may be written on it, the longest first
   */
  record Block(String task, int from, int to, String kind, State state, List<String> texts) {
    /** Keeps its own copy. */
    Block {
      texts = List.copyOf(texts);
    }
  }

  /** The letter of a kind of work, for a block that has no room for a word. */
  static String letter(Words words, String kind) {
    return words.of("day.letter." + ofWhich(kind));
  }

  /** What the letters stand for, of those there are. */
  static String legend(Words words, List<StripRow> rows) {
    return words.beside(
        rows.stream()
            .flatMap(row -> row.blocks().stream())
            .map(block -> ofWhich(block.kind()))
            .distinct()
            .sorted()
            .map(
                kind ->
                    words.of(
                        "day.legend", words.of("day.letter." + kind), words.of("day.kind." + kind)))
            .toList());
  }

  private static String ofWhich(String kind) {
    return kind.startsWith("smelt") ? "smelt" : kind;
  }

  /** The rows of a day: hands, trays, each machine. */
  static List<StripRow> of(Words words, Days.Shown shown) {
    return new Rows(words, shown).rows();
  }

  private static final class Rows {
    private final Words words;
    private final Day day;
    private final DayWork.Asked asked;
    private final Days.Shown shown;
    private final List<Block> hands = new ArrayList<>();
    private final List<Block> trays = new ArrayList<>();
    private final Map<String, List<Block>> machines = new LinkedHashMap<>();

    Rows(Words words, Days.Shown shown) {
      this.words = words;
      this.day = shown.day();
      this.asked = shown.asked();
      this.shown = shown;
    }

    List<StripRow> rows() {
      asked.done().entrySet().stream()
          .sorted(Comparator.comparingInt(done -> done.getValue().from()))
          .forEach(done -> done(done.getKey(), done.getValue()));
      shown.plan().slots().forEach(this::planned);
      List<StripRow> rows = new ArrayList<>();
      rows.add(StripRow.of(words.of("day.row.hands"), hands));
      if (!trays.isEmpty()) {
        rows.add(StripRow.of(words.of("day.row.trays"), trays));
      }
      machines.forEach(
          (name, blocks) -> rows.add(StripRow.of(DayWords.machine(words, name), blocks)));
      level("day.row.battery", day.setup().batteryWh(), asked.taken().wattHours(), Needs::wattHours)
          .ifPresent(rows::add);
      level("day.row.tank", day.setup().tankL(), asked.taken().litres(), Needs::litres)
          .ifPresent(rows::add);
      return rows;
    }

    /** It goes down from now on, by each task as it goes on. */
    private Optional<StripRow> level(
        String key, OptionalDouble there, double taken, ToDoubleFunction<Needs> need) {
      if (there.isEmpty() || !(there.getAsDouble() > 0)) {
        return Optional.empty();
      }
      int now = asked.problem().now();
      List<Integer> minutes =
          Stream.concat(
                  Stream.of(now),
                  shown.plan().slots().stream().flatMap(slot -> Stream.of(slot.from(), slot.to())))
              .filter(minute -> minute >= now)
              .distinct()
              .sorted()
              .toList();
      List<Level> levels = new ArrayList<>();
      for (int minute : minutes) {
        double used =
            taken
                + shown.plan().slots().stream()
                    .mapToDouble(slot -> need.applyAsDouble(needs(slot)) * gone(slot, minute))
                    .sum();
        levels.add(new Level(minute, Math.clamp(1 - used / there.getAsDouble(), 0, 1)));
      }
      String left = words.fixed(100 * levels.getLast().share(), 0);
      return Optional.of(new StripRow(words.of(key, left), List.of(), levels));
    }

    private Needs needs(Slot slot) {
      return asked.problem().task(slot.task()).map(DayTask::needs).orElse(Needs.NOTHING);
    }

    private static double gone(Slot slot, int minute) {
      return Math.clamp((double) (minute - slot.from()) / (slot.to() - slot.from()), 0, 1);
    }

    private void done(String task, Day.Mark mark) {
      int to = mark.to().orElse(mark.from());
      Optional<Job> job = Optional.ofNullable(asked.jobs().get(task));
      put(task, mark.from(), Math.max(to, mark.from() + 1), to, job, State.DONE);
    }

    private void planned(Slot slot) {
      DayTask task = asked.problem().task(slot.task()).orElseThrow();
      int hand = task.hands() == DayTask.Hands.ALL ? slot.to() : slot.from() + task.handsOn();
      put(
          slot.task(),
          slot.from(),
          slot.to(),
          Math.min(hand, slot.to()),
          Optional.ofNullable(asked.jobs().get(slot.task())),
          task.startedAt().equals(OptionalInt.empty()) ? State.AHEAD : State.GOES);
    }

    /** A task stands where its sand is, and with the hands for as long as it has them. */
    private void put(String task, int from, int to, int handsTo, Optional<Job> job, State state) {
      String kind = job.map(one -> one.work().kind()).orElse("own");
      Block whole = new Block(task, from, to, kind, state, texts(task, state, job));
      Optional<String> machine = job.flatMap(DayWork::machine);
      if (machine.isPresent()) {
        machines.computeIfAbsent(machine.get(), _ -> new ArrayList<>()).add(whole);
      } else if (kind.equals("dry")) {
        trays.add(whole);
      }
      boolean isElsewhere = machine.isPresent() || kind.equals("dry");
      if (!isElsewhere) {
        hands.add(whole);
      } else if (state == State.AHEAD && handsTo > from) {
        hands.add(new Block(task, from, handsTo, kind, state, texts(task, state, job)));
      }
    }

    /** With the batch, without it, and what the colour does not tell. */
    private List<String> texts(String task, State state, Optional<Job> job) {
      List<String> texts = new ArrayList<>();
      texts.add(DayWords.whole(words, day, asked, task));
      texts.add(DayWords.brief(words, day, asked, task));
      job.filter(one -> !one.cut().isAll())
          .ifPresent(
              one -> {
                texts.add(Sentences.cut(words, one.cut()));
                texts.add(DayWords.does(words, one.work()));
              });
      List<String> marked =
          new ArrayList<>(texts.stream().map(text -> marked(text, state)).toList());
      marked.add(letter(words, job.map(one -> one.work().kind()).orElse("own")));
      return marked;
    }

    private String marked(String text, State state) {
      return switch (state) {
        case DONE -> words.of("day.block.done", text);
        case GOES -> words.of("day.block.goes", text);
        case AHEAD -> text;
      };
    }
  }
}
