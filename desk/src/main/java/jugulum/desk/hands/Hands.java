package jugulum.desk.hands;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import java.util.function.Supplier;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.ReadOn;
import jugulum.core.scale.ScaleView;
import jugulum.core.shop.Shop;
import jugulum.core.task.Answered;
import jugulum.core.task.Answers;
import jugulum.core.task.OneByOne;
import jugulum.core.task.Part;
import jugulum.core.task.Part.Ask;
import jugulum.core.task.Task;
import jugulum.core.task.Tasks;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.live.ScaleStand;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.work.Latest;
import jugulum.desk.work.Outcome;

/**
 * What the keys do in bench mode: one open question at a time, answered by typing, by the scale or
 * by saying so. For the interface thread; knows no nodes.
 */
final class Hands {
  private final Workbench workbench;
  private final Latest latest;
  private final ScaleStand scale;
  private final Supplier<Instant> now;
  private final Runnable changed;
  private final Queue<Runnable> waiting = new ArrayDeque<>();
  private OneByOne asking = OneByOne.NOTHING;
  private String typed = "";
  private int tally;
  private boolean isByItself;
  private boolean isBusy;
  private Optional<ReadOn> readOn = Optional.empty();
  private Optional<String> lastTare = Optional.empty();
  private Optional<String> took = Optional.empty();
  private Optional<String> wrong = Optional.empty();

  /** Asks nothing before {@link #begin}. */
  Hands(Workbench workbench, Supplier<Instant> now, Runnable changed) {
    this.workbench = workbench;
    this.latest = workbench.work().latest();
    this.scale = workbench.scale();
    this.now = now;
    this.changed = changed;
  }

  /** Looks what is open. */
  void begin() {
    refresh();
  }

  private Optional<Worked> worked() {
    return workbench.projections().current().get().worked();
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  /** Looks again what is open: the batch changed, or time went by. */
  void refresh() {
    Optional<Worked> worked = worked();
    Shop shop = workbench.projections().shop().get();
    Instant at = now.get();
    latest.ask(
        _ -> worked.map(one -> Tasks.of(one, shop, one.batch().route(), at)).orElse(List.of()),
        this::open);
  }

  private void open(List<Task> tasks) {
    Optional<Task.Key> before = asking.asked().map(Task::key);
    asking = asking.over(tasks);
    if (!before.equals(asking.asked().map(Task::key))) {
      forget();
    }
    isBusy = false;
    changed.run();
    while (!isBusy && !waiting.isEmpty()) {
      waiting.remove().run();
    }
  }

  private void forget() {
    typed = "";
    tally = 0;
    readOn = Optional.empty();
    wrong = Optional.empty();
  }

  /** While an answer is being written what is pressed waits for the next question. */
  private void whenAsked(Runnable action) {
    if (isBusy) {
      waiting.add(action);
    } else {
      action.run();
      changed.run();
    }
  }

  /** A sign was typed. */
  void type(String sign) {
    whenAsked(
        () -> {
          wrong = Optional.empty();
          typed += sign;
        });
  }

  /** Takes what was typed, what stands on the scale, what is usual, or a yes. */
  void take() {
    whenAsked(this::takeNow);
  }

  private void takeNow() {
    if (asking.asked().isEmpty()) {
      return;
    }
    Optional<Part> part = asking.part();
    if (part.isEmpty()) {
      finish();
    } else if (!typed.isBlank()) {
      answer(workbench.words().typed(typed));
    } else {
      takeUntyped(part.get());
    }
  }

  private void takeUntyped(Part part) {
    if (isWeighed(part) && scale.view().get().ready()) {
      weigh(part, scale.view().get());
    } else if (part.ask() == Ask.SPECKS || part.ask() == Ask.PICKERS) {
      answer(Integer.toString(tally));
    } else if (part.ask() == Ask.TARE) {
      answer(lastTare.orElse(""));
    } else {
      answer("");
    }
  }

  /** Whether the scale can answer it. */
  static boolean isWeighed(Part part) {
    return part.unit() == Part.Unit.SAND || part.unit() == Part.Unit.GOLD;
  }

  private void weigh(Part part, ScaleView seen) {
    scale.taken();
    boolean isGross = part.ask() == Ask.GROSS;
    if (isGross || asking.answers().isEmpty()) {
      readOn = scale.readOn();
    }
    answer(MassText.written(seen.takenG(isGross)));
    if (isGross) {
      seen.tare().ifPresent(this::answer);
    }
  }

  private void answer(String text) {
    Optional<Slipped> slipped = slipped(text);
    if (slipped.isPresent()) {
      wrong = Optional.of(slipped.get().sentence());
      return;
    }
    if (asking.part().filter(part -> part.ask() == Ask.TARE).isPresent() && !text.isEmpty()) {
      lastTare = Optional.of(text);
    }
    asking = asking.answered(text);
    typed = "";
    wrong = Optional.empty();
    if (asking.isAnswered()) {
      finish();
    }
  }

  /** A sentence on why a text does not do. */
  private record Slipped(int part, String sentence) {}

  /** Each part is looked at when it is typed, not when all are. */
  private Optional<Slipped> slipped(String text) {
    OneByOne tried = asking.answered(text);
    return switch (answers().to(tried.asked().orElseThrow(), tried.answers())) {
      case Answered.Wrong(int part, var slip) when part < tried.answers().size() ->
          Optional.of(
              new Slipped(
                  part,
                  HandsWords.slip(tried.asked().orElseThrow().parts().get(part), slip, figures())));
      case Answered.Wrong _, Answered.Edits _ -> Optional.empty();
    };
  }

  private Answers answers() {
    Answers answers =
        new Answers(
            worked().orElseThrow(),
            workbench.projections().shop().get(),
            MassUnit.GRAM,
            figures().unit());
    return readOn.map(answers::from).orElse(answers);
  }

  private void finish() {
    switch (answers().to(asking.asked().orElseThrow(), asking.answers())) {
      case Answered.Edits(List<Edit> edits) -> send(edits);
      case Answered.Wrong(int part, var slip) -> {
        asking = asking.backTo(part);
        wrong =
            Optional.of(
                HandsWords.slip(asking.asked().orElseThrow().parts().get(part), slip, figures()));
      }
    }
  }

  private void send(List<Edit> edits) {
    isBusy = true;
    String said = said(edits.getFirst());
    workbench
        .session()
        .submit(edits)
        .thenAccept(
            outcome -> {
              switch (outcome) {
                case Outcome.Recorded _ -> {
                  took = Optional.of(said);
                  forget();
                  asking = asking.backTo(0);
                  refresh();
                }
                case Outcome.Not not -> {
                  isBusy = false;
                  asking = asking.backTo(0);
                  wrong = Optional.of(Told.why(not, figures()));
                  changed.run();
                }
              }
            });
  }

  private String said(Edit edit) {
    return switch (edit) {
      case Edit.RecordOnLot(var _, var measure) -> Sentences.measure(measure, figures());
      case Edit.RecordOnStep(var _, var measure) -> Sentences.measure(measure, figures());
      default -> Sentences.edit(edit, figures());
    };
  }

  /** Takes the last sign back, else the last part, else what was recorded last. */
  void back() {
    whenAsked(
        () -> {
          wrong = Optional.empty();
          if (!typed.isEmpty()) {
            typed = typed.substring(0, typed.length() - 1);
          } else if (asking.canGoBack()) {
            asking = asking.backTo(asking.answers().size() - 1);
          } else if (took.isPresent()) {
            isBusy = true;
            took = Optional.empty();
            workbench.session().undoOrRedo(false).thenRun(this::refresh);
          }
        });
  }

  /** Puts the question off. */
  void skip() {
    whenAsked(() -> turn(asking.skip()));
  }

  /** Turns to the other machine, or the next lot. */
  void other() {
    whenAsked(() -> turn(asking.other()));
  }

  private void turn(OneByOne to) {
    asking = to;
    forget();
  }

  /** One more speck was seen. */
  void speck() {
    whenAsked(
        () -> {
          if (countsSpecks()) {
            tally++;
          }
        });
  }

  /** Whether specks are counted for this question. */
  boolean countsSpecks() {
    return asking.asked().stream()
        .flatMap(task -> task.parts().stream())
        .anyMatch(part -> part.ask() == Ask.SPECKS || part.ask() == Ask.PICKERS);
  }

  /** The container known by its weight is none. */
  void notThePan() {
    scale.withoutPan();
    changed.run();
  }

  /** Weights are taken by themselves, or by a key. */
  void byItself(boolean on) {
    isByItself = on;
    changed.run();
  }

  boolean isByItself() {
    return isByItself;
  }

  /** Takes what the scale shows where it is to be taken by itself. */
  void scaleSaid() {
    if (isByItself
        && !isBusy
        && typed.isEmpty()
        && scale.view().get().ready()
        && asking.part().filter(Hands::isWeighed).isPresent()) {
      take();
    }
  }

  OneByOne asking() {
    return asking;
  }

  /** What is being typed. */
  String typed() {
    return typed;
  }

  /** Specks counted for this question. */
  int tally() {
    return tally;
  }

  /** The tare that is taken again when nothing else is said. */
  Optional<String> lastTare() {
    return lastTare;
  }

  /** What was heard or taken last, until it is taken back. */
  Optional<String> took() {
    return took;
  }

  /** Why the last answer does not do. */
  Optional<String> wrong() {
    return wrong;
  }
}
