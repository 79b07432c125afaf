package jugulum.book.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.book.Books;
import jugulum.book.store.Rescue;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.StreamRef;
import jugulum.book.stream.Writer;
import jugulum.core.check.Band;
import jugulum.core.day.Day;
import jugulum.core.day.DayEdit;
import jugulum.core.day.DayReason;
import jugulum.core.day.DaySetup;
import jugulum.core.day.Daylight;
import jugulum.core.day.OwnTask;
import jugulum.core.handling.Evaporation;
import jugulum.core.schedule.DayLimits.Out;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Said;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A day is kept, taken back, shared, projected and rescued like everything else of a book. */
class DayStreamTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-05-04T08:00:00Z"), ZoneOffset.UTC);
  private static final LocalDate DATE = LocalDate.of(2026, 5, 4);
  private static final StreamRef<Day, DayEdit> REF = DayStream.of(DATE);
  private static final DaySetup SETUP =
      new DaySetup(
          430,
          OptionalInt.of(1_050),
          2,
          1.5,
          OptionalDouble.of(900),
          OptionalDouble.of(400),
          25,
          Optional.of(new DaySetup.Place("Saltergill", new Daylight(54.25, -2.5))),
          new Evaporation(14, 0.7, 0.5));
  private static final OwnTask NOON =
      new OwnTask("noon", "noon", new Band(20, 30, 45), Hands.ALL, OptionalInt.of(720));

  @TempDir private Path folder;

  private Book open(String name) {
    return Books.open(folder.resolve(name), Writer.unnamed(CLOCK));
  }

  private static List<DayEdit> edits() {
    return List.of(
        new DayEdit.Begin(DATE, DaySetup.USUAL),
        new DayEdit.SetUp(SETUP),
        new DayEdit.Add(NOON),
        new DayEdit.Add(
            new OwnTask("pump", "mend the pump", Band.sharp(40), Hands.ALL, OptionalInt.empty())),
        new DayEdit.Drop("pump"),
        new DayEdit.Say("noon", new Said(OptionalInt.of(740), OptionalInt.of(800), false)),
        new DayEdit.Before(new Day.Order("noon", "x magnet")),
        new DayEdit.OutOfUse(new Out("long deck", 600, 900)),
        new DayEdit.OutOfUse(new Out("garden bowl", 0, 60)),
        new DayEdit.BackInUse("garden bowl"),
        new DayEdit.MarkTask("noon", Optional.of(new Day.Mark(741, OptionalInt.of(780)))),
        new DayEdit.Plan(
            List.of(new Slot("noon", 740, 770)),
            List.of(new Day.Done("noon", "noon", "", 30, 39))));
  }

  private static void write(Book book) {
    edits()
        .forEach(
            edit ->
                assertThat(book.submit(Order.of(REF, edit))).isInstanceOf(Saved.Recorded.class));
  }

  @Test
  void everyEditIsWrittenAndReadAgain() {
    Day written;
    try (Book book = open("a.book")) {
      write(book);
      written = book.standing(REF).now().orElseThrow();
      book.verify();
    }
    assertThat(written.setup()).isEqualTo(SETUP);
    assertThat(written.own()).containsExactly(NOON);
    assertThat(written.out()).containsExactly(new Out("long deck", 600, 900));
    assertThat(written.said("noon").until()).hasValue(800);
    assertThat(written.orders()).containsExactly(new Day.Order("noon", "x magnet"));
    try (Book book = open("a.book")) {
      assertThat(book.standing(REF).now()).contains(written);
      assertThat(book.lines(DayStream.KIND, DoneLines.LINES))
          .containsExactly(
              new DoneLines.OnDay("2026-05-04", new Day.Done("noon", "noon", "", 30, 39)));
    }
  }

  @Test
  void itIsTakenBackAndRescued() {
    try (Book book = open("a.book")) {
      write(book);
      book.undo(REF, edits().size());
      book.undo(REF, edits().size() + 1L);
      assertThat(book.standing(REF).now().orElseThrow().marks()).isEmpty();
    }
    Rescue rescue =
        Books.rescue(folder.resolve("a.book"), folder.resolve("b.book"), Writer.unnamed(CLOCK));
    assertThat(rescue.rowsLost()).isZero();
    try (Book book = open("b.book")) {
      assertThat(book.standing(REF).now().orElseThrow().setup()).isEqualTo(SETUP);
    }
  }

  @Test
  void whatCannotBeIsRefusedAndChangesNothing() {
    try (Book book = open("a.book")) {
      assertThat(refused(book, new DayEdit.Add(NOON))).isEqualTo(DayReason.DAY_NOT_BEGUN);
      write(book);
      Day before = book.standing(REF).now().orElseThrow();
      assertThat(refused(book, edits().getFirst())).isEqualTo(DayReason.DAY_THERE_ALREADY);
      assertThat(refused(book, new DayEdit.Add(NOON))).isEqualTo(DayReason.TASK_THERE_ALREADY);
      assertThat(refused(book, new DayEdit.Drop("never"))).isEqualTo(DayReason.NO_SUCH_TASK);
      assertThat(refused(book, new DayEdit.Before(new Day.Order("a", "a"))))
          .isEqualTo(DayReason.ORDER_OF_ONE);
      OwnTask nameless = new OwnTask("n", "  ", Band.sharp(5), Hands.ALL, OptionalInt.empty());
      assertThat(refused(book, new DayEdit.Add(nameless))).isEqualTo(DayReason.TASK_WITHOUT_NAME);
      assertThat(book.standing(REF).now()).contains(before);
    }
  }

  private static Object refused(Book book, DayEdit edit) {
    return ((Saved.Refused) book.submit(Order.of(REF, edit))).refusal().reason();
  }

  /** Two benches say something of different tasks: both stand. Of one task: the later is told. */
  @Test
  void twoBenchesSpeakOfOneDay() {
    try (Book book = open("a.book")) {
      write(book);
      long seen = book.standing(REF).version();
      Said late = new Said(OptionalInt.empty(), OptionalInt.of(900), false);
      assertThat(book.submit(Order.of(REF, new DayEdit.Say("x", late))))
          .isInstanceOf(Saved.Recorded.class);
      assertThat(book.submit(Order.on(seen, REF, List.of(new DayEdit.Say("y", late)))))
          .isInstanceOf(Saved.Recorded.class);
      assertThat(book.submit(Order.on(seen, REF, List.of(new DayEdit.Say("x", Said.NOTHING)))))
          .isInstanceOf(Saved.Refused.class);
    }
  }
}
