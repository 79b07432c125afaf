package jugulum.desk.hands;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.Supplier;
import jugulum.core.check.Check;
import jugulum.core.scale.ScaleView;
import jugulum.core.trial.Amount;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialAsk;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import jugulum.core.units.Decimal;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.AmountText;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.Parsers;
import jugulum.desk.follow.Trials;
import jugulum.desk.live.ScaleStand;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/**
 * What the keys do in bench mode while a trial is done: one question at a time. For the interface
 * thread; knows no nodes.
 */
final class TrialHands {
  private static final double LEAST_G = 0.1;

  private static final double USUAL_SAND = 2000;

  private final Workbench workbench;
  private final Supplier<Optional<TrialId>> which;
  private final Runnable changed;
  private final ScaleStand scale;
  private List<Amount> amounts = new ArrayList<>();
  private OptionalDouble sandG = OptionalDouble.empty();
  private String typed = "";
  private int tally;
  private final Gate gate;
  private Optional<Took<TrialId>> took = Optional.empty();
  private Optional<String> wrong = Optional.empty();

  TrialHands(Workbench workbench, Supplier<Optional<TrialId>> which, Runnable changed) {
    this.workbench = workbench;
    this.which = which;
    this.changed = changed;
    this.gate = new Gate(changed);
    this.scale = workbench.scale();
  }

  Optional<Trial> trial() {
    return which
        .get()
        .flatMap(workbench.trials()::of)
        .map(Trials.Shown::trial)
        .filter(trial -> !trial.closed() && trial.from().isEmpty());
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  private Words words() {
    return workbench.words();
  }

  private int answered() {
    return amounts.size() + (sandG.isPresent() ? 1 : 0);
  }

  /** What is asked now. */
  Optional<TrialAsk> asked() {
    List<TrialAsk> all = trial().map(TrialAsk::of).orElse(List.of());
    return answered() < all.size() ? Optional.of(all.get(answered())) : Optional.empty();
  }

  /** Begins with the first question of what is next. */
  void begin() {
    amounts = new ArrayList<>();
    sandG = OptionalDouble.empty();
    forget();
    changed.run();
  }

  private void forget() {
    typed = "";
    tally = 0;
    wrong = Optional.empty();
  }

  /** A sign was typed. */
  void type(String sign) {
    gate.pass(
        () -> {
          wrong = Optional.empty();
          typed += sign;
        });
  }

  /** One more speck was seen. */
  void speck() {
    gate.pass(
        () -> {
          if (asked().filter(TrialAsk.AtPort.class::isInstance).isPresent()) {
            tally++;
          }
        });
  }

  /** What Enter would say while nothing is typed. */
  String waiting(TrialAsk asked) {
    return switch (asked) {
      case TrialAsk.Sand _ -> words().plain(usualSand());
      case TrialAsk.PutIn(var _, int planned) -> Integer.toString(planned);
      case TrialAsk.AtPort _ -> Integer.toString(tally);
    };
  }

  private double usualSand() {
    return trial().map(one -> one.plan().sandG().orElse(USUAL_SAND)).orElse(USUAL_SAND);
  }

  /** Takes what was typed, what stands on the scale, or what waits. */
  void take() {
    gate.yes(() -> asked().ifPresent(this::take));
  }

  private void take(TrialAsk asked) {
    String text = words().typed(typed);
    switch (asked) {
      case TrialAsk.Sand _ ->
          understood(
              typed.isBlank() ? new Entry.Value<>(weighed().orElse(usualSand())) : sand(text),
              grams -> {
                sandG = OptionalDouble.of(grams);
                forget();
              });
      case TrialAsk.PutIn _, TrialAsk.AtPort _ ->
          understood(
              typed.isBlank() ? new Entry.Value<>(untyped(asked)) : AmountText.parse(words(), text),
              amount -> {
                amounts.add(amount);
                forget();
                asked().ifPresentOrElse(_ -> {}, this::finish);
              });
    }
  }

  private Entry<Double> sand(String text) {
    Entry<MassText.Mass> mass = Parsers.sand(words(), MassUnit.GRAM).apply(text);
    return switch (Parsers.within(words(), mass, typed, LEAST_G, Check.HEAVIEST_G)) {
      case Entry.Value<MassText.Mass>(MassText.Mass value) -> new Entry.Value<>(value.grams());
      case Entry.Bad<MassText.Mass>(String sentence) -> new Entry.Bad<>(sentence);
    };
  }

  private <T> void understood(Entry<T> entry, Consumer<T> then) {
    switch (entry) {
      case Entry.Value<T>(T value) -> then.accept(value);
      case Entry.Bad<T>(String sentence) -> wrong = Optional.of(sentence);
    }
  }

  /** What lies on the scale, in grams; counted specks go before. */
  private OptionalDouble weighed() {
    ScaleView seen = scale.view().get();
    if (!seen.ready() || seen.netG() <= 0 || tally > 0) {
      return OptionalDouble.empty();
    }
    scale.taken();
    return OptionalDouble.of(seen.takenG(false));
  }

  private Amount untyped(TrialAsk asked) {
    OptionalDouble grams = weighed();
    if (grams.isPresent()) {
      return new Amount(
          OptionalInt.empty(), OptionalDouble.of(Decimal.shifted(grams.getAsDouble(), 3)));
    }
    return Amount.counted(asked instanceof TrialAsk.PutIn(var _, int planned) ? planned : tally);
  }

  private void finish() {
    Trial now = trial().orElseThrow();
    Optional<TrialEdit> edit = TrialAsk.edit(now, sandG.orElse(usualSand()), amounts);
    if (edit.isEmpty()) {
      wrong = Optional.of(words().of("trial.run.nothing"));
      amounts.removeLast();
      return;
    }
    gate.shut();
    workbench
        .trials()
        .submit(now.id(), List.of(edit.get()))
        .thenAccept(outcome -> done(outcome, now.id(), TrialWords.edit(words(), edit.get())));
  }

  private void done(Outcome outcome, TrialId trial, String what) {
    switch (outcome) {
      case Outcome.Recorded(Optional<String> action) -> {
        took = action.map(one -> new Took<>(trial, one, what));
        next();
      }
      case Outcome.Not not -> notDone(not);
    }
  }

  /** The next question, and what was pressed for it meanwhile. */
  private void next() {
    begin();
    gate.open();
  }

  private void notDone(Outcome.Not not) {
    next();
    wrong = Optional.of(Told.why(not, figures()));
    changed.run();
  }

  /** Takes the last sign back, else the last answer, else what was recorded last. */
  void back() {
    gate.pass(
        () -> {
          wrong = Optional.empty();
          if (!typed.isEmpty()) {
            typed = typed.substring(0, typed.length() - 1);
          } else if (!amounts.isEmpty()) {
            amounts.removeLast();
          } else if (sandG.isPresent()) {
            sandG = OptionalDouble.empty();
          } else {
            tookHere().ifPresent(this::takeBack);
          }
        });
  }

  private Optional<Took<TrialId>> tookHere() {
    return took.filter(last -> trial().filter(now -> now.id().equals(last.where())).isPresent());
  }

  private void takeBack(Took<TrialId> last) {
    gate.shut();
    took = Optional.empty();
    workbench
        .trials()
        .takeBack(last.where(), last.action())
        .thenAccept(
            outcome -> {
              switch (outcome) {
                case Outcome.Recorded _ -> next();
                case Outcome.Not not -> {
                  took = Optional.of(last);
                  notDone(not);
                }
              }
            });
  }

  String typed() {
    return typed;
  }

  int tally() {
    return tally;
  }

  Optional<String> took() {
    return tookHere().map(Took::said);
  }

  Optional<String> wrong() {
    return wrong;
  }
}
