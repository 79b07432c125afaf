package jugulum.desk.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Step;
import jugulum.desk.OnTheDemoBook;
import org.junit.jupiter.api.Test;

class DemoTimeTest extends OnTheDemoBook {
  @Test
  void theClockOfTheDemoBeginsSoonAfterTheLastThingDone() {
    try (Book demo = Books.open(book, Writer.unnamed(Clock.systemUTC()))) {
      Instant last =
          BatchLines.all(demo).stream()
              .flatMap(line -> demo.standing(BatchStream.of(line.id())).now().stream())
              .flatMap(batch -> batch.steps().stream())
              .map(Step::startedAt)
              .max(Instant::compareTo)
              .orElseThrow();
      assertThat(Duration.between(last, DemoTime.MOMENT))
          .isPositive()
          .isLessThan(Duration.ofHours(2));
    }
  }

  @Test
  void itGoesOnFromThere() {
    Clock real = Clock.systemUTC();
    assertThat(Duration.between(DemoTime.MOMENT, DemoTime.goingOn(real).instant()))
        .isBetween(Duration.ZERO, Duration.ofMinutes(5));
  }
}
