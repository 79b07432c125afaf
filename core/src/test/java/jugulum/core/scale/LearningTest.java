package jugulum.core.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import jugulum.core.scale.Dialect.Meaning;
import jugulum.core.units.MassUnit;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The ways of writing are made up: every scale has its own, and none is known beforehand. */
class LearningTest {
  private static final Offset<Double> EXACTLY = within(1e-12);

  /** Empty, a pan laid on, at rest, sand poured in, at rest. */
  private static final List<Double> COURSE =
      List.of(
          0.0, 0.0, 0.0, 0.0, 101.2, 388.5, 590.4, 641.8, 642.1, 642.1, 642.1, 642.1, 642.1, 900.4,
          1310.7, 2002.3, 2500.9, 2814.2, 2814.2, 2814.2, 2814.2, 2814.2);

  /**
   * A way of writing.
   *
   * @param name for reports
   * @param writes a line of a weight in grams, and whether it stands
   */
  private record Way(
      String name,
      BiFunction<Double, Boolean, String> writes,
      Heard.Steady atRest,
      Heard.Steady moving) {
    @Override
    public String toString() {
      return name;
    }

    String line(double grams, boolean rests) {
      return writes.apply(grams, rests);
    }
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }

  static Stream<Way> ways() {
    return Stream.of(
        new Way(
            "bare number",
            (grams, _) -> text("%.1f", grams),
            Heard.Steady.NOT_TOLD,
            Heard.Steady.NOT_TOLD),
        new Way(
            "flags before, sign apart",
            (grams, rests) ->
                text("%s;%s %08.1f g", rests ? "still" : "swing", grams < 0 ? "-" : "+", grams),
            Heard.Steady.YES,
            Heard.Steady.NO),
        new Way(
            "unit only at rest",
            (grams, rests) -> text("%10.1f %s", grams, rests ? "g" : ""),
            Heard.Steady.YES,
            Heard.Steady.NO),
        new Way(
            "a question mark while it moves",
            (grams, rests) -> text("W:%9.1fg%s", grams, rests ? "" : " ?"),
            Heard.Steady.YES,
            Heard.Steady.NO),
        new Way(
            "comma and kilograms",
            (grams, rests) ->
                text("N %8.4f kg %s", grams / 1000, rests ? "*" : " ").replace('.', ','),
            Heard.Steady.YES,
            Heard.Steady.NO),
        new Way(
            "number of the scale and a count before",
            (grams, rests) -> text("07 %s %.1f g", rests ? "r" : "m", grams),
            Heard.Steady.YES,
            Heard.Steady.NO));
  }

  private static List<String> sent(Way way) {
    List<String> lines = new ArrayList<>();
    for (int i = 0; i < COURSE.size(); i++) {
      boolean rests = i > 0 && COURSE.get(i).equals(COURSE.get(i - 1));
      lines.add(way.line(COURSE.get(i), rests));
    }
    return lines;
  }

  @ParameterizedTest
  @MethodSource("ways")
  void learnsFromTheLinesOfALoad(Way way) {
    Learning learnt = Learning.from(sent(way)).orElseThrow();
    assertThat(learnt.dialect().hear(way.line(1234.5, true)))
        .isInstanceOfSatisfying(
            Heard.Weight.class,
            weight -> {
              assertThat(weight.grams()).isCloseTo(1234.5, within(1e-9));
              assertThat(weight.steady()).isEqualTo(way.atRest());
            });
    assertThat(learnt.dialect().hear(way.line(88.1, false)))
        .isInstanceOfSatisfying(
            Heard.Weight.class, weight -> assertThat(weight.steady()).isEqualTo(way.moving()));
  }

  @Test
  void theSignCountsWhereverItStands() {
    Dialect dialect = learnt("still,%s,g");
    assertThat(grams(dialect, "still,-  12.5,g")).isCloseTo(-12.5, EXACTLY);
    assertThat(grams(dialect, "still,+12.5,g")).isCloseTo(12.5, EXACTLY);
  }

  private static Dialect learnt(String way) {
    return Learning.from(COURSE.stream().map(one -> text(way, text("%.1f", one))).toList())
        .orElseThrow()
        .dialect();
  }

  private static double grams(Dialect dialect, String line) {
    return ((Heard.Weight) dialect.hear(line)).grams();
  }

  @Test
  void anotherUnitIsUnderstoodWhenTheScaleSwitches() {
    Dialect dialect = learnt("%s g");
    assertThat(grams(dialect, "1.5 lb")).isCloseTo(1.5 * 453.59237, within(1e-9));
    assertThat(dialect.unit()).isEqualTo(MassUnit.GRAM);
  }

  @Test
  void netAndGrossAreGuessedByTheirNamesForAPersonToConfirm() {
    assertThat(learnt("net %s g").words()).containsEntry("net", Meaning.NET);
    assertThat(learnt("gross %s g").words()).containsEntry("gross", Meaning.GROSS);
    assertThat(learnt("net %s g").hear("net 5.0 g"))
        .isInstanceOfSatisfying(Heard.Weight.class, weight -> assertThat(weight.isNet()).isTrue());
  }

  @Test
  void theStepLeadsToEveryNumberItSent() {
    List<String> lines =
        Stream.of(0.0, 12.6, 200.4, 91.0, 0.0, 66.2).map(one -> text("%.1f g", one)).toList();
    assertThat(Learning.from(lines).orElseThrow().stepG().orElseThrow())
        .isCloseTo(0.2, within(1e-9));
  }

  @Test
  void whatWasNotLearntMakesNoWeight() {
    Way padded = ways().filter(way -> way.name().startsWith("flags")).findFirst().orElseThrow();
    Dialect dialect = Learning.from(sent(padded)).orElseThrow().dialect();
    assertThat(dialect.hear("ill;+ 002814.2 g"))
        .as("its beginning is lost")
        .isNotInstanceOf(Heard.Weight.class);
    assertThat(dialect.hear("still;+ 002814.")).isInstanceOf(Heard.Half.class);
    assertThat(dialect.hear("still;+ ------- g")).isInstanceOf(Heard.NoWeight.class);
    assertThat(dialect.hear("stone;+ 002814.2 g"))
        .isEqualTo(new Heard.Strange("stone", "stone;+ 002814.2 g"));
    assertThat(dialect.hear("\u00f8\u0003\u00a2~")).isInstanceOf(Heard.Garbled.class);
  }

  /** Every way of breaking a padded line off, before and behind. */
  @ParameterizedTest
  @MethodSource("ways")
  void aPartOfALineIsNeverAnotherWeight(Way way) {
    Dialect dialect = Learning.from(sent(way)).orElseThrow().dialect();
    String line = way.line(2814.2, true);
    for (int from = 1; from < line.length() && dialect.length().isPresent(); from++) {
      assertThat(dialect.hear(line.substring(from))).isNotInstanceOf(Heard.Weight.class);
      assertThat(dialect.hear(line.substring(0, from))).isNotInstanceOf(Heard.Weight.class);
    }
  }

  @Test
  void fewLinesTellNothing() {
    assertThat(Learning.from(List.of("1.0 g", "1.0 g", "hello"))).isEmpty();
  }

  @Test
  void thePiecesOfALineStandWhereTheyAreInIt() {
    Dialect dialect = learnt("W:%s g");
    List<Piece> pieces = Learning.pieces("W:  12.5 g", dialect);
    assertThat(pieces)
        .extracting(Piece::role)
        .containsExactly(Piece.Role.WORD, Piece.Role.NUMBER, Piece.Role.UNIT);
    assertThat(pieces.get(1).text()).isEqualTo("12.5");
    assertThat("W:  12.5 g".substring(pieces.get(2).from(), pieces.get(2).to())).isEqualTo("g");
  }
}
