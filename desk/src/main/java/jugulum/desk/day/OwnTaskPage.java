package jugulum.desk.day;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.layout.VBox;
import jugulum.core.check.Band;
import jugulum.core.day.OwnTask;
import jugulum.core.schedule.DayProblem;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.FormPage;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Asks for a task no batch asks for. */
final class OwnTaskPage extends FormPage {
  private static final double LEAST = 1;
  private static final double MOST = DayProblem.DAY;
  private static final Pattern RANGE = Pattern.compile("(.+?)\\s*(?:-|–|to|bis|à)\\s*(.+)");

  /** Who wants it. */
  interface Wants {
    /** That task is wanted. */
    void add(OwnTask task);

    /** A name nothing has. */
    String newId();

    /** None is. */
    void leave();
  }

  @Prologue private final Words words;
  private final Wants wants;
  private final EntryField<String> what;
  private final EntryField<Band> minutes;
  private final EntryField<Optional<Integer>> at;
  private final Segments<Hands> hands;

  OwnTaskPage(Words words, Wants wants) {
    this.words = words;
    super(words, "day-own");
    error.setId("day-own-error");
    this.wants = wants;
    what = EntryField.named(words, "own-what", "day.own.what", "refusal.TASK_WITHOUT_NAME");
    minutes =
        new EntryField<>(
            words, "own-minutes", words.of("day.own.minutes"), "20 – 45", this::minutes);
    at =
        new EntryField<>(
            words,
            "own-at",
            words.of("day.own.at"),
            words.of("day.own.at.hint"),
            Parsers.optional(typed -> MinuteText.parse(words, typed)));
    hands = new Segments<>("own-hands", List.of(Hands.values()), one -> words.of("day.hands", one));
    EntryField.onEnter(this::enter, what, minutes, at);
    VBox left =
        new VBox(
            12,
            Parts.heading(words.of("day.own.title"), ""),
            what,
            new FieldRow(List.of(minutes, at)),
            Parts.section(words.of("day.own.hands")),
            hands,
            error,
            Parts.row(
                Buttons.primary("own-add", words.of("day.own.add"), "Enter", this::enter),
                Buttons.plain("own-back", words.of("panel.back"), "Esc", wants::leave)));
    columns(left, new VBox(10, Parts.sentence(words.of("day.own.about"), "muted")));
  }

  /** A number of minutes, or two with a dash between; the usual lies between them. */
  private Entry<Band> minutes(String typed) {
    Matcher range = RANGE.matcher(typed.strip());
    if (!range.matches()) {
      return switch (Parsers.number(words, typed, LEAST, MOST)) {
        case Entry.Value<Double>(Double one) -> new Entry.Value<>(Band.sharp(one));
        case Entry.Bad<Double>(String sentence) -> new Entry.Bad<>(sentence);
      };
    }
    return switch (Parsers.number(words, range.group(1), LEAST, MOST)) {
      case Entry.Bad<Double>(String sentence) -> new Entry.Bad<>(sentence);
      case Entry.Value<Double>(Double low) ->
          switch (Parsers.number(words, range.group(2), low, MOST)) {
            case Entry.Bad<Double>(String sentence) -> new Entry.Bad<>(sentence);
            case Entry.Value<Double>(Double high) ->
                new Entry.Value<>(new Band(low, (low + high) / 2, high));
          };
    };
  }

  /** Asks for a new one. */
  void begin() {
    forgive();
    what.clear();
    minutes.clear();
    at.clear();
    hands.choose(Hands.ALL);
  }

  @Override
  public void enter() {
    what.read()
        .ifPresent(
            name ->
                minutes
                    .read()
                    .ifPresent(
                        band ->
                            at.read()
                                .ifPresent(
                                    minute ->
                                        wants.add(
                                            new OwnTask(
                                                wants.newId(),
                                                name,
                                                band,
                                                hands.chosen(),
                                                minute
                                                    .map(OptionalInt::of)
                                                    .orElse(OptionalInt.empty()))))));
  }

  @Override
  public boolean escape() {
    wants.leave();
    return true;
  }

  @Override
  public void focusFirst() {
    focus(what.field());
  }
}
