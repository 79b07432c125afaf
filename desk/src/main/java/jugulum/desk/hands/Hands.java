package jugulum.desk.hands;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.ReadOn;
import jugulum.core.look.LookWeighed;
import jugulum.core.look.Looked;
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
import jugulum.core.units.Typed;
import jugulum.core.units.Typing;
import jugulum.desk.entry.Parsers;
import jugulum.desk.live.ScaleStand;
import jugulum.desk.session.Current;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.LookWords;
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
  private final Gate gate;

  /** Counts so many seconds aloud. */
  private final DoubleConsumer count;

  /** The batch the question is about, as it stood when it was asked. */
  private Current over = Current.NONE;

  /** The number of the question asked last, and of the first asked after an answer was recorded. */
  private long asks;

  private long firstAfter;

  private OneByOne asking = OneByOne.NOTHING;
  private String typed = "";
  private int tally;
  private boolean isByItself;

  /** Whether the question went away under what was typed: the rest of that answers nothing. */
  private boolean isCut;

  private boolean isOffTheSand;
  private Optional<ReadOn> readOn = Optional.empty();
  private Optional<String> lastTare = Optional.empty();
  private Optional<Belief> belief = Optional.empty();

  /** The batch as it was when that was asked for. */
  private Optional<ThoughtOf> thoughtOf = Optional.empty();

  private record ThoughtOf(Optional<BatchId> id, long version) {}

  private Optional<Took<BatchId>> took = Optional.empty();

  /** The tailings looked at last, where that was the last answer. */
  private Optional<LotId> looked = Optional.empty();

  private Optional<LookWeighed> look = Optional.empty();

  /** What is open, and what the look that was the last answer comes to. */
  private record Opened(List<Task> tasks, Optional<LookWeighed> look) {
    static final Opened NOTHING = new Opened(List.of(), Optional.empty());
  }

  private Optional<String> wrong = Optional.empty();

  /** Asks nothing before {@link #begin}. */
  Hands(Workbench workbench, Supplier<Instant> now, Runnable changed, DoubleConsumer count) {
    this.count = count;
    this.workbench = workbench;
    this.latest = workbench.work().latest();
    this.scale = workbench.scale();
    this.now = now;
    this.changed = changed;
    this.gate = new Gate(changed);
  }

  /** Looks what is open. */
  void begin() {
    refresh();
  }

  /** Where a run may begin it is asked, after every edit, which machine is the first for it. */
  private void thinkAgain(Current seen) {
    ThoughtOf is = new ThoughtOf(seen.id(), seen.version());
    if (!thoughtOf.equals(Optional.of(is))) {
      thoughtOf = Optional.of(is);
      workbench
          .projections()
          .everyBatch()
          .belief(
              told -> {
                belief = Optional.of(told);
                refresh();
              });
    }
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  /** Looks again what is open: the batch changed, or time went by. */
  void refresh() {
    Current seen = workbench.projections().current().get();
    Shop shop = workbench.projections().shop().get();
    Instant at = now.get();
    asks++;
    long number = asks;
    Optional<Belief> thought = belief.map(told -> told.with(shop));
    Optional<LotId> lookedAt = looked;
    latest.ask(
        _ ->
            seen.worked()
                .map(
                    one ->
                        new Opened(
                            Tasks.of(one, shop, one.batch().route(), at, thought),
                            lookedAt.flatMap(lot -> weighed(one, lot, shop, thought, at))))
                .orElse(Opened.NOTHING),
        opened -> {
          look = opened.look();
          open(seen, opened.tasks(), number);
        });
  }

  private static Optional<LookWeighed> weighed(
      Worked worked, LotId lot, Shop shop, Optional<Belief> thought, Instant at) {
    Belief belief = thought.orElseGet(() -> new Belief(Experience.NONE, shop));
    return worked
        .network()
        .lot(lot)
        .flatMap(tailings -> Looked.of(worked, tailings, belief, at).weighed());
  }

  private void open(Current seen, List<Task> tasks, long number) {
    boolean isOther = !over.id().equals(seen.id());
    Optional<Task.Key> before = asking.asked().map(Task::key);
    List<String> begun = new ArrayList<>(asking.answers());
    asking = (isOther ? OneByOne.NOTHING : asking).over(tasks);
    over = seen;
    if (tasks.stream().anyMatch(task -> task.gear().isPresent() || task.kind() == Task.Kind.LOOK)) {
      thinkAgain(seen);
    }
    if (isOther || !before.equals(asking.asked().map(Task::key))) {
      changedUnder(begun);
    }
    took = took.filter(last -> seen.id().equals(Optional.of(last.where())));
    if (gate.isShut() && number >= firstAfter) {
      gate.open();
    }
    changed.run();
  }

  /** Whether the question is still about what is on the bench. */
  private boolean isOfTheBench() {
    return over.id().equals(workbench.projections().current().get().id());
  }

  /**
   * Another question is asked: what was typed for the one before is not an answer to it. While an
   * answer is on its way it is that one which made the question go.
   */
  private void changedUnder(List<String> begun) {
    if (!typed.isEmpty()) {
      begun.add(typed);
    }
    forget();
    if (!begun.isEmpty() && !gate.isShut()) {
      isCut = true;
      wrong = Optional.of(workbench.words().of("hands.cut", String.join(", ", begun)));
    }
  }

  private void heard() {
    isCut = false;
    wrong = Optional.empty();
  }

  private void forget() {
    typed = "";
    tally = 0;
    isOffTheSand = false;
    readOn = Optional.empty();
    wrong = Optional.empty();
  }

  /** A sign was typed. */
  void type(String sign) {
    gate.pass(
        () -> {
          if (!isCut) {
            wrong = Optional.empty();
            typed += sign;
          }
        });
  }

  /** Takes what was typed, what stands on the scale, what is usual, or a yes. */
  void take() {
    gate.yes(this::takeNow);
  }

  private void takeNow() {
    if (isCut) {
      heard();
      return;
    }
    if (asking.asked().isEmpty() || !isOfTheBench()) {
      return;
    }
    Optional<Part> part = asking.part();
    if (part.isEmpty() && !typed.isBlank()) {
      wrong = Optional.of(Parsers.sentence(workbench.words(), new Typed.Slip.OnlyYes(typed)));
    } else if (part.isEmpty()) {
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
    } else if (part.ask() == Ask.SETTING) {
      // Nobody looked at the dial: it is left unsaid.
      turn(asking.skip());
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
    if (asking.part().filter(next -> isGross && next.ask() == Ask.TARE).isPresent()) {
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
    lifted(text);
    asking = asking.answered(text);
    typed = "";
    wrong = Optional.empty();
    if (asking.isAnswered()) {
      finish();
    }
  }

  /** The last lift begins with its answer: it is counted by tone. */
  private void lifted(String text) {
    asking
        .part()
        .filter(part -> part.ask() == Ask.LIFT)
        .ifPresent(
            part ->
                count.accept(
                    text.isEmpty()
                        ? part.usual().orElseThrow()
                        : Typing.number(text, part.low(), part.high()).understood().orElseThrow()));
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
                  Parsers.sentence(
                      figures(), tried.asked().orElseThrow().parts().get(part), slip)));
      case Answered.Wrong _, Answered.Edits _ -> Optional.empty();
    };
  }

  private Answers answers() {
    Answers answers =
        new Answers(
            over.worked().orElseThrow(),
            workbench.projections().shop().get(),
            MassUnit.GRAM,
            figures().unit());
    return readOn.map(answers::from).orElse(answers).offTheSand(isOffTheSand);
  }

  /** The pass goes over the sand again, or over the heap after all. */
  void otherOfHeapAndSand() {
    gate.pass(
        () -> {
          if (canBeOffTheSand()) {
            isOffTheSand = !isOffTheSand;
            wrong = Optional.empty();
          }
        });
  }

  /** Whether a pass is asked for that may go over the heap or over the sand. */
  boolean canBeOffTheSand() {
    return asking
        .asked()
        .filter(task -> task.kind() == Task.Kind.PASS)
        .map(Task::subject)
        .filter(Task.Subject.OfStep.class::isInstance)
        .flatMap(
            subject ->
                over.worked()
                    .flatMap(now -> now.batch().step(((Task.Subject.OfStep) subject).step())))
        .filter(step -> !step.passes().isEmpty())
        .isPresent();
  }

  /** Whether it goes over the sand again. */
  boolean isOffTheSand() {
    return isOffTheSand;
  }

  private void finish() {
    switch (answers().to(asking.asked().orElseThrow(), asking.answers())) {
      case Answered.Edits(List<Edit> edits) -> send(edits);
      case Answered.Wrong(int part, var slip) -> {
        asking = asking.backTo(part);
        wrong =
            Optional.of(
                Parsers.sentence(figures(), asking.asked().orElseThrow().parts().get(part), slip));
      }
    }
  }

  private void send(List<Edit> edits) {
    shut();
    BatchId batch = over.id().orElseThrow();
    String said = said(edits.getFirst());
    Optional<LotId> lookedAt = lookedAt(edits.getFirst());
    workbench
        .session()
        .submit(over, edits)
        .thenAccept(
            outcome -> {
              asking = asking.backTo(0);
              switch (outcome) {
                case Outcome.Recorded(Optional<String> action) -> {
                  took = action.map(one -> new Took<>(batch, one, said));
                  looked = lookedAt;
                  forget();
                  ended();
                }
                case Outcome.Not not -> notDone(not);
              }
            });
  }

  private void shut() {
    gate.shut();
    firstAfter = Long.MAX_VALUE;
  }

  /** An answer is written: the question asked next is the one that is answered next. */
  private void ended() {
    firstAfter = asks + 1;
    refresh();
  }

  private void notDone(Outcome.Not not) {
    gate.open();
    wrong = Optional.of(Told.why(not, figures()));
    changed.run();
  }

  private static Optional<LotId> lookedAt(Edit edit) {
    return edit instanceof Edit.RecordOnLot(var lot, Measure.PannedSample _)
        ? Optional.of(lot)
        : Optional.empty();
  }

  /** What the look that was the last answer says to do. */
  Optional<String> lookSays() {
    return took.flatMap(_ -> look).map(one -> LookWords.said(one, figures()));
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
    gate.pass(
        () -> {
          boolean wasCut = isCut;
          heard();
          if (wasCut) {
            return;
          }
          if (!typed.isEmpty()) {
            typed = typed.substring(0, typed.length() - 1);
          } else if (asking.canGoBack()) {
            asking = asking.backTo(asking.answers().size() - 1);
          } else if (isOfTheBench()) {
            took.ifPresent(this::takeBack);
          }
        });
  }

  private void takeBack(Took<BatchId> last) {
    shut();
    took = Optional.empty();
    workbench
        .session()
        .takeBack(last.where(), last.action())
        .thenAccept(
            outcome -> {
              switch (outcome) {
                case Outcome.Recorded _ -> ended();
                case Outcome.Not not -> {
                  took = Optional.of(last);
                  notDone(not);
                }
              }
            });
  }

  /** Puts the question off. */
  void skip() {
    gate.pass(() -> turn(asking.skip()));
  }

  /** Turns to the other machine, or the next lot. */
  void other() {
    gate.pass(() -> turn(asking.other()));
  }

  private void turn(OneByOne to) {
    asking = to;
    forget();
  }

  /** One more speck was seen. */
  void speck() {
    gate.pass(
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

  /** The lot of which specks are counted now, so that a picture can count them. */
  Optional<LotId> counted() {
    return asking
        .asked()
        .filter(_ -> countsSpecks() && isOfTheBench())
        .map(Task::subject)
        .filter(Task.Subject.OfLot.class::isInstance)
        .map(of -> ((Task.Subject.OfLot) of).lot());
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
        && !gate.isShut()
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
    return took.map(Took::said);
  }

  /** Why the last answer does not do. */
  Optional<String> wrong() {
    return wrong;
  }
}
