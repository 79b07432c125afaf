package jugulum.desk;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.L;
import static org.assertj.core.api.Assertions.assertThat;

import java.lang.ref.WeakReference;
import java.text.DateFormatSymbols;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Tooltip;
import javafx.scene.text.Text;
import jugulum.book.json.BatchFile;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.shop.Magnet;
import jugulum.core.shop.Scale;
import jugulum.core.shop.Shop;
import jugulum.core.trial.Contender;
import jugulum.core.weighing.Container;
import jugulum.desk.follow.Trials;
import jugulum.desk.words.Language;
import jugulum.desk.words.Languages;
import jugulum.desk.words.Pseudo;
import org.junit.jupiter.api.Test;

/**
 * Every view in a made-up language 40 % longer than English, of which each text is marked: what is
 * not marked was never given to a translator, and two marked texts side by side were glued.
 */
class LanguageTest extends OnTheDemoBook {
  private static final Languages MADE_UP =
      new Languages(List.of(Pseudo.language()), Locale.ENGLISH, Locale.GERMANY);

  private static final Pattern PLAIN_WORD = Pattern.compile("[A-Za-z]{2,}");

  /** Signs of units and names of keys, the same in every language. */
  private static final Set<String> SIGNS =
      Set.of(
          "mg", "kg", "gr", "dwt", "ozt", "lb", "oz", "ton", "av", "mm", "Ctrl", "Enter", "Esc",
          "Tab", "Space");

  private static final String SENTENCE_ENDS = ".?!:";

  @Test
  void everyTextIsGivenToTheTranslatorAsAWholeAndFits() {
    TreeSet<String> faults = new TreeSet<>();
    try (Person person = Person.speaking(MADE_UP, book)) {
      Set<String> names = names(person);
      person.inAnotherLightAndUnit();
      EveryView.walk(
          person,
          "light",
          (seen, where) -> {
            Sight.told(seen, LanguageTest::texts)
                .forEach(text -> fault(text, names).ifPresent(faults::add));
            Sight.cutOff(seen).forEach(text -> faults.add("cut off in " + where + ": " + text));
            Sight.outOfSight(seen)
                .forEach(text -> faults.add("out of sight in " + where + ": " + text));
            assertThat(Sight.tooSmall(seen)).as(where).isEmpty();
            assertThat(Sight.mute(seen)).as(where).isEmpty();
          });
    }
    assertThat(faults).isEmpty();
  }

  @Test
  void anotherLanguageIsSpokenAtOnceAndTheOldWindowIsLetGo() {
    Languages both =
        new Languages(List.of(Language.ENGLISH, Pseudo.language()), Locale.ENGLISH, Locale.ENGLISH);
    try (Person person = Person.speaking(both, book)) {
      person.press(CONTROL, DIGIT3);
      WeakReference<Node> old = new WeakReference<>(person.root().getChildren().getFirst());
      assertThat(person.text("tab-ACCOUNT")).isEqualTo("Account");
      person.press(CONTROL, L);
      assertThat(person.text("tab-ACCOUNT")).isEqualTo("«Àççöûñè »");
      assertThat(person.sees("account-view")).as("the same view").isTrue();
      assertThat(person.batch().label().name()).isEqualTo("Fernhollow 12");
      for (int i = 0; i < 40 && old.get() != null; i++) {
        System.gc();
        person.settle();
      }
      assertThat(old.get()).as("what listened for the old window").isNull();
      person.press(CONTROL, L);
      assertThat(person.text("tab-ACCOUNT")).isEqualTo("Account");
    }
    try (Person again = Person.speaking(both, book)) {
      assertThat(again.text("tab-ACCOUNT")).isEqualTo("Account");
    }
  }

  /** Also while it looks at the scale. */
  @Test
  void anotherLanguageInBenchModeLetsTheOldWindowGo() {
    Languages both =
        new Languages(List.of(Language.ENGLISH, Pseudo.language()), Locale.ENGLISH, Locale.ENGLISH);
    try (Person person = Person.speaking(both, book)) {
      person.press(F11).until(() -> person.sees("hands-question"));
      WeakReference<Node> old = new WeakReference<>(person.root().getChildren().getFirst());
      person.press(CONTROL, L);
      assertThat(person.sees("hands-question")).as("bench mode goes on").isTrue();
      for (int i = 0; i < 40 && old.get() != null; i++) {
        System.gc();
        person.settle();
      }
      assertThat(old.get()).as("what looked at the scale for the old window").isNull();
    }
  }

  /** In English such a number is asked about: it could be four thousand. */
  @Test
  void aCommaIsTheDecimalMarkOfWhoWritesOne() {
    try (Person person = Person.speaking(MADE_UP, book)) {
      person.open(8).type("gross", "4,116 kg").press(ENTER);
      assertThat(person.batch().lot(new LotId(8)).orElseThrow().latest(Measure.SandWeight.class))
          .hasValueSatisfying(weight -> assertThat(weight.grossG()).isEqualTo(4116));
      person.open(8).type("gross", "12.500 kg").press(ENTER);
      assertThat(person.text("gross-error")).as("12,5 or 12500").contains("12,500", "12500");
    }
  }

  /** What the texts of a thing in sight are; what a person typed is not one. */
  private static Stream<String> texts(Node node) {
    if (node.getId() != null && node.getId().startsWith("port-")) {
      // A serial port is called what the machine calls it.
      return Stream.empty();
    }
    Stream<String> shown =
        switch (node) {
          case TextInputControl field -> Stream.of(field.getPromptText());
          case Labeled labeled -> Stream.of(labeled.getText());
          case Text text
              when !(text.getParent() instanceof Labeled)
                  && !Sight.inside(text, TextInputControl.class) ->
              Stream.of(text.getText());
          default -> Stream.of();
        };
    Stream<String> told =
        node instanceof Control control
            ? Stream.ofNullable(control.getTooltip()).map(Tooltip::getText)
            : Stream.of();
    return Stream.of(shown, told, Stream.ofNullable(node.getAccessibleText()))
        .flatMap(all -> all)
        .filter(text -> text != null && !text.isBlank());
  }

  private static Optional<String> fault(String text, Set<String> names) {
    List<String> plain =
        PLAIN_WORD
            .matcher(text)
            .results()
            .map(MatchResult::group)
            .filter(word -> !SIGNS.contains(word) && !names.contains(word))
            .toList();
    if (!plain.isEmpty()) {
      return Optional.of("not translated " + plain + ": " + text);
    }
    return pieces(text) > 1 ? Optional.of("glued: " + text) : Optional.empty();
  }

  /**
   * How many marked texts stand side by side; letters beside one count as another. Whole sentences
   * may follow one another.
   */
  private static int pieces(String text) {
    int pieces = 0;
    int depth = 0;
    boolean beside = false;
    char last = ' ';
    for (char one : text.toCharArray()) {
      if (one == Pseudo.OPEN) {
        depth++;
      } else if (one == Pseudo.CLOSE) {
        depth--;
        pieces += depth == 0 && SENTENCE_ENDS.indexOf(last) < 0 ? 1 : 0;
      } else if (depth == 0) {
        beside |= Character.isLetter(one);
      }
      last = one == ' ' || one == '~' ? last : one;
    }
    return pieces == 0 ? 0 : pieces + (beside ? 1 : 0);
  }

  /** The words people of the demo wrote themselves. */
  private static Set<String> names(Person person) {
    Pattern value = Pattern.compile("[:\\[,]\\s*\"((?:[^\"\\\\]|\\\\.)*)\"(?!\\s*:)");
    Shop shop = person.workbench().projections().shop().get();
    person.workbench().trials().read();
    person.until(() -> !person.workbench().trials().all().get().isEmpty());
    Stream<String> tried =
        person.workbench().trials().all().get().stream()
            .map(Trials.Shown::trial)
            .flatMap(
                trial ->
                    Stream.concat(
                        Stream.of(trial.name()),
                        trial.plan().contenders().stream().map(Contender::variant)));
    Stream<String> owned =
        Stream.of(
                shop.gear().stream().map(gear -> gear.machine().name()),
                shop.containers().stream().map(Container::name),
                shop.magnets().stream().map(Magnet::name),
                shop.scales().stream().map(Scale::name),
                shop.scales().stream().flatMap(one -> one.dialect().words().keySet().stream()),
                Stream.of(DateFormatSymbols.getInstance(Locale.ENGLISH).getShortMonths()),
                Stream.of(DateFormatSymbols.getInstance(Locale.ENGLISH).getWeekdays()),
                // What the words of the trade are called in the other language.
                Language.SPANISH.texts().entrySet().stream()
                    .filter(text -> text.getKey().matches("trade\\.[a-z-]+"))
                    .map(Map.Entry::getValue),
                Stream.of("demo.book"))
            .flatMap(all -> all);
    Stream<String> written =
        person.workbench().projections().batches().get().stream()
            .flatMap(
                batch -> {
                  person.openInOneFrame(batch.name());
                  return value.matcher(BatchFile.write(person.batch(), List.of())).results();
                })
            .map(result -> result.group(1))
            .filter(text -> !text.equals(text.toUpperCase(Locale.ROOT)));
    Set<String> names =
        Stream.of(tried, owned, written)
            .flatMap(all -> all)
            .flatMap(text -> PLAIN_WORD.matcher(text).results())
            .map(MatchResult::group)
            .collect(Collectors.toSet());
    person.openInOneFrame("Fernhollow 12");
    return names;
  }
}
