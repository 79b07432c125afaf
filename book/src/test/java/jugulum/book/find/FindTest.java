package jugulum.book.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.FindLines;
import jugulum.book.batch.FindLines.Kind;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Writer;
import jugulum.core.check.Band;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindTest {
  private static final Asked.Speech SPEECH =
      new Asked.Speech(
          List.of("over", ">"),
          List.of("under", "<"),
          List.of("not looked at"),
          Map.of("tails", Set.of("tailings"), "relaves", Set.of("tailings")));
  private static final Cut FINE =
      new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));

  @TempDir Path folder;

  private static Asked asked(String typed) {
    return Asked.of(typed, SPEECH);
  }

  @Test
  void whatIsTypedIsUnderstood() {
    assertThat(asked("Tarn  over 2 g"))
        .isEqualTo(
            new Asked(
                List.of("tarn"),
                List.of(),
                java.util.Optional.of(new Band(2, 2, 1e9)),
                false,
                Map.of()));
    assertThat(asked("> 1,5 kg").grams()).contains(new Band(1500, 1500, 1e9));
    assertThat(asked("under 500mg bowl").grams()).contains(new Band(0, 0.5, 0.5));
    assertThat(asked("−100 not looked at"))
        .isEqualTo(
            new Asked(
                List.of(),
                List.of(FindLines.under("100")),
                java.util.Optional.empty(),
                true,
                Map.of()));
    assertThat(asked("tails 50").also())
        .containsEntry("tails", Set.of("tailings"))
        .containsEntry("50", Set.of(FindLines.over("50"), FindLines.under("50")));
    assertThat(asked("rela").also()).containsEntry("rela", Set.of("tailings"));
    assertThat(asked("tarnbeck 7").also()).isEmpty();
    assertThat(asked("-50 +100").cuts())
        .containsExactly(FindLines.under("50"), FindLines.over("100"));
    assertThat(asked("over the ford").words()).containsExactly("over", "the", "ford");
    assertThat(asked("  ").isNothing()).isTrue();
    assertThat(asked("\"*:(").isNothing()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "tarnbeck,tarnbeck,0", "tarnbek,tarnbeck,1", "tranbeck,tarnbeck,1", "fernholow,fernhollow,1",
    "bowl,bowls,0", "tailing,tailngs,1", "sorel,sorrel,1", "magnet,garnet,2"
  })
  void slipsOfLettersAreCounted(String typed, String term, int slips) {
    assertThat(Spelling.begun(typed, term, 3)).isEqualTo(slips);
  }

  @Test
  void shortWordsAndNumbersAreTakenAsTheyAre() {
    assertThat(Spelling.near("pan", List.of("fan", "pen"))).isEmpty();
    assertThat(Spelling.near("2025", List.of("2026"))).isEmpty();
    assertThat(Spelling.near("tranbeck", List.of("garnet", "tarnbeck", "tarnbecks")))
        .containsExactly("tarnbeck", "tarnbecks");
  }

  private static void batch(Book book, int number, String name, String source) {
    BatchId id = new BatchId(new UUID(7, number));
    var stream = BatchStream.of(id);
    book.submit(
        Order.of(
            stream,
            new Edit.StartBatch(
                id, new Label(name, source, LocalDate.parse("2026-10-19")), Assumptions.USUAL)));
    book.submit(
        Order.of(
            stream, new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(5000, 0, 0, 10))));
    book.submit(
        Order.of(
            stream,
            new Edit.TakeStep(
                new Process.GravityRun(new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl")),
                List.of(new LotId(1)),
                List.of(
                    new Edit.NewLot(Material.GOLD, FINE, ""),
                    new Edit.NewLot(Material.TAILINGS, FINE, "blue drum")))));
    book.submit(
        Order.of(
            stream, new Edit.RecordOnLot(new LotId(2), new Measure.GoldWeight(number, 0.001))));
    book.submit(Order.of(stream, new Edit.AddNote(new StepId(2), "Ran well, the level stood.")));
  }

  @Test
  void everythingOfABatchIsFoundAndFollowsItsEdits() {
    try (Book book = Books.open(folder.resolve("a.book"), Writer.unnamed(Clock.systemUTC()))) {
      batch(book, 1, "Tarnbeck 1", "Tarnbeck gravel fan");
      batch(book, 3, "Fernhollow 3", "Fernhollow Bench claim");
      assertThat(Finder.behind(book)).hasSize(2);
      Finder.behind(book).forEach(batch -> Finder.bringUp(book, batch));
      assertThat(Finder.behind(book)).isEmpty();
      Finder finder = new Finder(book);
      Finder.Found tarn = finder.find(asked("tarnbek"));
      assertThat(tarn.read()).containsKey("tarnbek");
      assertThat(tarn.sources()).containsExactly("Tarnbeck gravel fan");
      assertThat(tarn.lines().getFirst().title()).isEqualTo("Tarnbeck 1");
      assertThat(tarn.lines())
          .extracting(FindLines.Line::kind)
          .contains(Kind.BATCH, Kind.LOT, Kind.NOTE, Kind.MACHINE);
      assertThat(finder.find(asked("level stood")).lines())
          .extracting(FindLines.Line::kind)
          .containsOnly(Kind.NOTE);
      assertThat(finder.find(asked("garden fern")).lines()).hasSize(1);
      assertThat(finder.find(asked("over 2 g")).lines())
          .extracting(FindLines.Line::name)
          .containsOnly("Fernhollow 3");
      assertThat(finder.find(asked("over 4 kg")).lines())
          .extracting(FindLines.Line::kind)
          .containsOnly(Kind.BATCH, Kind.LOT);
      assertThat(finder.find(asked("over 6 kg")).lines()).isEmpty();
      assertThat(finder.find(asked("-50 not looked at")).lines())
          .extracting(FindLines.Line::title)
          .containsExactly("blue drum", "blue drum");
      assertThat(finder.find(asked("-30 not looked at")).lines()).isEmpty();
      assertThat(finder.find(asked("nowhere at all")).isNothing()).isTrue();
      var stream = BatchStream.of(new BatchId(new UUID(7, 1)));
      book.submit(
          Order.of(
              stream,
              new Edit.Relabel(
                  new Label("Old heap 1", "behind the shed", LocalDate.parse("2026-10-19")))));
      Finder.behind(book).forEach(batch -> Finder.bringUp(book, batch));
      assertThat(new Finder(book).find(asked("tarnbeck")).isNothing()).isTrue();
      assertThat(new Finder(book).find(asked("shed")).lines()).hasSize(1);
    }
  }
}
