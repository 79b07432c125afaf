package jugulum.desk.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.MachineWay;
import jugulum.core.belief.Way;
import jugulum.core.day.Job;
import jugulum.core.day.Job.Work;
import jugulum.core.machine.Gear;
import jugulum.desk.DemoBooks;
import jugulum.desk.Person;
import jugulum.desk.words.English;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.testfx.framework.junit5.ApplicationExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * One lot, one answer, in both demo books: the first way of every container with its machine,
 * minutes, gold and money is the same in the stock as the window shows it, on the command line as
 * JSON, in What next of its batch as JSON, and in the day. Made-up books are compared in the core
 * ({@code OneRuleTest}).
 */
@ExtendWith(ApplicationExtension.class)
class OneAnswerTest {
  /** What next is worked out anew for each. */
  private static final int BATCHES = 6;

  @TempDir Path folder;

  private static JsonNode json(String... arguments) {
    StringWriter out = new StringWriter();
    int exit = Commands.speaking(English.WORDS).setOut(new PrintWriter(out)).execute(arguments);
    assertThat(exit).as(String.join(" ", arguments)).isZero();
    return JsonMapper.shared().readTree(out.toString());
  }

  private static String name(Gear gear) {
    return gear.name().isEmpty() ? gear.kind().name() : gear.name();
  }

  private static List<LotBelief> inTheWindow(Person person) {
    person.press(KeyCode.CONTROL, KeyCode.DIGIT4).click("day-part-STOCK");
    return person
        .until(() -> !stock(person).getItems().isEmpty())
        .drawn(() -> List.copyOf(stock(person).getItems()));
  }

  @SuppressWarnings("unchecked")
  private static TableView<LotBelief> stock(Person person) {
    return (TableView<LotBelief>) Objects.requireNonNull(person.root().lookup("#stock"));
  }

  /** The season's forty-six batches take a minute to work out: with the counts that are full. */
  static Stream<String> books() {
    return Boolean.getBoolean("jugulum.thorough") ? Stream.of("demo", "season") : Stream.of("demo");
  }

  @ParameterizedTest
  @MethodSource("books")
  void theFirstWayOfALotIsTheSameWhoeverIsAsked(String which) {
    Path book = folder.resolve(which + ".book");
    UnaryOperator<Path> written = which.equals("demo") ? DemoBooks::demo : DemoBooks::season;
    written.apply(book);
    Map<String, JsonNode> rows = new HashMap<>();
    json("--book", book.toString(), "stock", "--json")
        .forEach(row -> rows.put(row.get("code").stringValue(), row));
    try (Person person = Person.at(book)) {
      List<LotBelief> seen = inTheWindow(person);
      assertThat(seen).hasSameSizeAs(rows.values());
      seen.forEach(one -> isSame(one, rows.get(one.lot().code())));
      assertThat(next(book, seen)).as("compared in What next").isPositive();
      if (which.equals("demo")) {
        assertThat(day(person, seen)).as("compared in the day").isPositive();
      }
    }
  }

  private static void isSame(LotBelief seen, JsonNode row) {
    String where = seen.lot().code();
    assertThat(row).as(where).isNotNull();
    Optional<Way> first = seen.first();
    Optional<MachineWay> machine = first.flatMap(Way::machine);
    assertThat(row.get("way").asString(""))
        .as(where)
        .isEqualTo(text(first.map(way -> way.kind().name())));
    assertThat(row.get("machine").asString(""))
        .as(where)
        .isEqualTo(text(machine.map(way -> name(way.gear()))));
    is(row, "minutes", first.map(Way::minutes), where);
    is(row, "hands_minutes", first.map(Way::handsMinutes), where);
    is(row, "won_mg", first.map(Way::wonMg), where);
    is(row, "net", first.map(Way::net), where);
    is(row, "free_mg", seen.free().map(gold -> gold.gold().milligrams()), where);
  }

  private static String text(Optional<String> said) {
    return said.orElse("");
  }

  private static void is(JsonNode row, String column, Optional<Double> figure, String where) {
    assertThat(row.get(column).isNull()).as(where + " " + column).isEqualTo(figure.isEmpty());
    figure.ifPresent(
        one ->
            assertThat(row.get(column).doubleValue())
                .as(where + " " + column)
                .isCloseTo(one, within(1e-9 + 1e-6 * Math.abs(one))));
  }

  /** What next of every batch that has something standing: to run it is the stock's own way. */
  private static int next(Path book, List<LotBelief> seen) {
    int compared = 0;
    for (String batch :
        seen.stream()
            .map(one -> one.lot().batch().value().toString())
            .distinct()
            .limit(BATCHES)
            .toList()) {
      JsonNode account = json("--book", book.toString(), "account", batch, "--json");
      for (JsonNode advice : account.get("next")) {
        if (List.of("RUN", "RERUN").contains(advice.get("kind").stringValue())) {
          LotBelief lot =
              seen.stream()
                  .filter(one -> one.lot().batch().value().toString().equals(batch))
                  .filter(one -> one.lot().lot().number() == advice.get("lot").intValue())
                  .findFirst()
                  .orElseThrow();
          MachineWay way = lot.machine().orElseThrow();
          assertThat(advice.get("machine").stringValue())
              .as(lot.lot().code())
              .isEqualTo(name(way.gear()));
          is(advice, "minutes", Optional.of(way.minutes()), lot.lot().code());
          compared++;
        }
      }
    }
    return compared;
  }

  private static int day(Person person, List<LotBelief> seen) {
    person.click("day-part-TODAY").until(() -> person.workbench().days().today().get().isPresent());
    Map<String, Job> jobs =
        person.drawn(() -> person.workbench().days().today().get().orElseThrow().asked().jobs());
    int compared = 0;
    for (Job job : jobs.values()) {
      Optional<LotBelief> lot =
          seen.stream()
              .filter(one -> one.lot().batch().equals(job.batch()))
              .filter(one -> Optional.of(one.lot().lot()).equals(job.lot()))
              .findFirst();
      if (lot.isPresent() && job.step().isEmpty() && job.work() instanceof Work.Run run) {
        assertThat(name(run.gear()))
            .as(lot.get().lot().code())
            .isEqualTo(name(lot.get().machine().orElseThrow().gear()));
        compared++;
      }
    }
    return compared;
  }
}
