package jugulum.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;
import jugulum.book.stream.Writer;
import jugulum.desk.Places.Place;
import jugulum.desk.session.Damage;
import org.junit.jupiter.api.Test;

/**
 * One batch of the book is damaged: it is named, and every view, panel, page and form opens all the
 * same; a seeded share of the places in every build, all of them when thorough.
 */
class DamagedInEveryPlaceTest extends OnTheDemoBook {
  private static final int SHARE = Boolean.getBoolean("jugulum.thorough") ? 1 : 6;

  /** The batch no place has on the bench. */
  private Key elsewhere() {
    try (Book whole = Books.open(book, Writer.unnamed(Clock.systemUTC()))) {
      List<String> used = List.of("Fernhollow 12", "Saltergill 3", "Tarnbeck 7");
      return BatchLines.all(whole).stream()
          .filter(line -> !used.contains(line.name()))
          .map(line -> BatchStream.KIND.ref(line.id().value().toString()).key())
          .findFirst()
          .orElseThrow();
    }
  }

  @Test
  void everythingElseOpens() throws SQLException {
    Damage.row(book, elsewhere(), 1);
    List<Place> places = new ArrayList<>(Places.all());
    Collections.shuffle(places, new Random(Long.getLong("jugulum.placesSeed", 3)));
    try (Person person = Person.at(book)) {
      assertThat(person.text("notice")).contains("cannot be read and is set aside");
      for (Place place : places.subList(0, (places.size() + SHARE - 1) / SHARE)) {
        place.enter(person);
        assertThat(person.everything()).as(place.name()).isNotBlank();
        person.isWhole(place.name());
      }
    }
  }
}
