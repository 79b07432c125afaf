package jugulum.desk.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Measure.PannedSample.Seen;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.desk.words.English;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpecksTextTest {
  private static final Cut LOT = cut("30", "100");

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  private static List<Seen> read(Cut lot, String typed) {
    return ((Entry.Value<List<Seen>>) SpecksText.parse(English.WORDS, lot, typed)).value();
  }

  @Test
  void oneNumberIsForTheWholeLot() {
    assertThat(read(LOT, " 3 ")).containsExactly(new Seen(LOT, 3));
  }

  @Test
  void sizesAreBoundedByTheLotWhereTheyNameOneScreen() {
    assertThat(read(LOT, "+50 1, −50 +80 2; -80: 4"))
        .containsExactly(
            new Seen(cut("30", "50"), 1),
            new Seen(cut("50", "80"), 2),
            new Seen(cut("80", "100"), 4));
    assertThat(read(Cut.ALL, "-100 0"))
        .containsExactly(new Seen(new Cut(StandardScreens.numbered("100"), Optional.empty()), 0));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "many | number",
        "2.5 | whole",
        "+50 | no size",
        "+51 1 | no size",
        "+8 1 | outside",
        "-140 2 | outside",
        "+50 1, -40 2 | overlaps",
        "+50 9999999 | no size",
        "'' | "
      })
  void whatIsNotUnderstoodIsSaid(String typed, String said) {
    assertThat(SpecksText.parse(English.WORDS, LOT, typed))
        .isInstanceOfSatisfying(
            Entry.Bad.class, bad -> assertThat(bad.sentence()).contains(said == null ? "" : said));
  }
}
