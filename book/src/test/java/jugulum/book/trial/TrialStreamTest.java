package jugulum.book.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.store.Rescue;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.StreamRef;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Found;
import jugulum.core.trial.RunOf;
import jugulum.core.trial.Spike;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TrialReason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A trial is kept, taken back, projected and rescued like everything else of a book. */
class TrialStreamTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-05-04T08:00:00Z"), ZoneOffset.UTC);
  private static final Cut FINE =
      new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));
  private static final TrialId ID =
      new TrialId(UUID.fromString("5d0f0e6c-0000-4000-8000-000000000001"));
  private static final StreamRef<Trial, TrialEdit> REF = TrialStream.of(ID);

  @TempDir private Path folder;

  private Book open(String name) {
    return Books.open(folder.resolve(name), Writer.unnamed(CLOCK));
  }

  private static List<TrialEdit> edits() {
    Contender bowl =
        new Contender(
            new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl"),
            "deeper cone",
            Map.of("flow", 11.5, "volts", 12.2),
            "left hand");
    TrialPlan plan = new TrialPlan(Stuff.LEAD, List.of(bowl), List.of(FINE), 50, List.of(0, 0));
    return List.of(
        new TrialEdit.Begin(ID, "Deeper cone", plan),
        new TrialEdit.Run(
            0,
            1_500.5,
            List.of(new Spike(FINE, OptionalInt.of(50), OptionalDouble.of(24.25), 0.1, 0.97)),
            Optional.of(new RunOf(new BatchId(ID.value()), new StepId(4)))),
        new TrialEdit.Find(
            1,
            List.of(
                new Found(Material.CONCENTRATE, FINE, OptionalInt.of(44), OptionalDouble.of(21.5)),
                Found.counted(Material.TAILINGS, FINE, 5))),
        new TrialEdit.AddNote("the pump was warm"),
        new TrialEdit.Rename("The deeper cone"),
        new TrialEdit.Run(0, 1_500, List.of()),
        new TrialEdit.StrikeRun(2, "not the same sand"),
        new TrialEdit.Replan(plan),
        new TrialEdit.Close(true));
  }

  private static void write(Book book) {
    for (TrialEdit edit : edits()) {
      assertThat(book.submit(Order.of(REF, edit))).isInstanceOf(Saved.Recorded.class);
    }
  }

  @Test
  void everyEditIsWrittenAndReadAgain() {
    Trial written;
    try (Book book = open("a.book")) {
      write(book);
      written = book.standing(REF).now().orElseThrow();
      book.verify();
    }
    try (Book book = open("a.book")) {
      assertThat(book.standing(REF).now()).contains(written);
      assertThat(written.name()).isEqualTo("The deeper cone");
      assertThat(book.lines(TrialStream.KIND, TrialLines.LINES))
          .singleElement()
          .satisfies(
              shown -> {
                assertThat(shown.contender().settings()).containsEntry("volts", 12.2);
                assertThat(shown.line().back().won()).isEqualTo(44);
                assertThat(shown.line().back().missing()).isEqualTo(1);
                assertThat(shown.stuff()).isEqualTo(Stuff.LEAD);
              });
    }
  }

  @Test
  void itIsTakenBackStepByStepAndRescued() {
    try (Book book = open("a.book")) {
      write(book);
      book.undo(REF, edits().size());
      assertThat(book.standing(REF).now().orElseThrow().closed()).isFalse();
    }
    Rescue rescue =
        Books.rescue(folder.resolve("a.book"), folder.resolve("b.book"), Writer.unnamed(CLOCK));
    assertThat(rescue.rowsLost()).isZero();
    try (Book book = open("b.book")) {
      assertThat(book.standing(REF).now().orElseThrow().runs()).hasSize(2);
    }
  }

  /** As it was written before a run could be that of a batch, or only weighed. */
  @Test
  void aRunOfTheFirstFormIsRead() {
    String text =
        """
        {"edit":"run","contender":0,"sandG":900.0,"spikes":[{"cut":{"passing":{"label":"50",\
        "openingMm":0.3},"retained":{"label":"100","openingMm":0.15}},"specks":50,"sdMg":0.0,\
        "share":1.0}]}\
        """;
    TrialEdit read = TrialStream.KIND.edits().read(1, text);
    assertThat(read).isEqualTo(new TrialEdit.Run(0, 900, List.of(Spike.counted(FINE, 50))));
  }

  @Test
  void whatIsRefusedChangesNothing() {
    try (Book book = open("a.book")) {
      assertThat(book.submit(Order.of(REF, new TrialEdit.Close(true))))
          .isInstanceOfSatisfying(
              Saved.Refused.class,
              refused ->
                  assertThat(refused.refusal().reason()).isEqualTo(TrialReason.TRIAL_NOT_THERE));
      assertThat(book.standing(REF).now()).isEmpty();
    }
  }
}
