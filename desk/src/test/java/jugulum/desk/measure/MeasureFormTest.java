package jugulum.desk.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Measure.Pass.How;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.ScaleCheck;
import jugulum.core.minerals.Mineral;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Magnet;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.Containers;
import jugulum.desk.entry.EntryField;
import jugulum.desk.words.English;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Language;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.testfx.framework.junit5.ApplicationExtension;

/**
 * A reading opened to be corrected and closed again is the same reading, to its last place,
 * whatever unit the window shows.
 */
@ExtendWith(ApplicationExtension.class)
class MeasureFormTest {
  private static final Cut CUT =
      new Cut(StandardScreens.numbered("30"), StandardScreens.numbered("50"));
  private static final OptionalDouble NONE = OptionalDouble.empty();
  private static final ReadOn ON =
      new ReadOn(
          "bench scale",
          0.01,
          OptionalDouble.of(0.003),
          Optional.of(new ScaleCheck(Instant.parse("2026-05-04T07:00:00Z"), 100, 100.02, 0, 0.05)));

  /** Values with more places than any display text has. */
  private static List<Measure> measures() {
    return Stream.of(others().stream(), melts(), finishes()).flatMap(part -> part).toList();
  }

  private static Stream<Measure> finishes() {
    return Stream.of(
            new FinishFact.On(FinishFact.Tool.BOWL),
            new FinishFact.Did(FinishFact.Act.HERD),
            new FinishFact.Lift(3.5, FinishFact.Lifted.SPECK),
            new FinishFact.Turn(620.412_345, OptionalDouble.of(1.234_5), 2),
            new FinishFact.Turn(240.1, NONE, 0),
            new FinishFact.Over())
        .map(Measure.Finish::new);
  }

  private static Stream<Measure> melts() {
    VisibleGold judged = new VisibleGold(VisibleGold.State.JUDGED, 0.2, OptionalDouble.of(1.1));
    return Stream.concat(
        Stream.of(
                new MeltFact.Taken(449.123_456, judged),
                new MeltFact.Sands(0.612_345, 0.2, 0.051),
                new MeltFact.Sure(MeltFact.Stop.NO_MERCURY),
                new MeltFact.Roasted(449.123_456, 431.654_321),
                new MeltFact.Begun(MeltFact.Phase.ROAST),
                new MeltFact.Blank(0.112_345),
                new MeltFact.Cost(12.25),
                new MeltFact.Ended())
            .map(fact -> new Measure.Melt(0, fact)),
        Stream.of(
                new MeltFact.Charged(150.123_456, Collector.LEAD, OptionalDouble.of(40.012_345)),
                new MeltFact.Charged(150.123_456, Collector.NONE, NONE),
                new MeltFact.Begun(MeltFact.Phase.MELT),
                new MeltFact.Button(36.212_345),
                new MeltFact.Matte(1.412_345),
                new MeltFact.Shot(2.912_345, true),
                new MeltFact.Bead(3.421_234_5),
                new MeltFact.Parted(3.123_456),
                new MeltFact.Spoilt("cracked"))
            .map(fact -> new Measure.Melt(3, fact)));
  }

  private static List<Measure> others() {
    return List.of(
        new Measure.Product(Mineral.PYRITE, 0.812_345_6, 1.234_567, "a polisher"),
        new Measure.SandWeight(
            27_385.698_765_4,
            170.097_138_75,
            0.061_234_5,
            28.349_523_125,
            OptionalDouble.of(0.003_3),
            Optional.of("tin bowl"),
            OptionalInt.of(2),
            Optional.of("60 lb 6 oz"),
            Optional.of(ON)),
        new Measure.SandWeight(812.333_333, 0, 0, 0.1),
        new Measure.GoldWeight(0.066_666_667, 0.000_1, Optional.of("1.0288 gr"), Optional.empty()),
        new Measure.GoldWeight(3.2, 0.01, Optional.empty(), Optional.of(ON)),
        new Measure.Fineness(0.884_321, 0.006_543),
        new Measure.SpeckCount(17, 0.033_333_333),
        new Measure.Assay(131.456_789, 0.081_234, 29.166_667, Optional.empty(), Optional.empty()),
        new Measure.Assay(
            131.4,
            0.08,
            400,
            Optional.of("winter bag"),
            Optional.of(new VisibleGold(VisibleGold.State.JUDGED, 0.2, OptionalDouble.of(1.1)))),
        new Measure.Assay(0.3, 0.08, 400, Optional.empty(), Optional.of(VisibleGold.LEFT)),
        new Measure.Smelt(
            150.123_456,
            Collector.LEAD,
            OptionalDouble.of(32.2),
            OptionalDouble.of(27.512_345),
            0.912_345,
            OptionalDouble.of(0.812_345),
            OptionalDouble.of(0.05),
            new VisibleGold(VisibleGold.State.TAKEN_AFTER, 0.123_456),
            OptionalDouble.of(16.25)),
        new Measure.Smelt(
            150,
            Collector.LEAD,
            NONE,
            NONE,
            0.9,
            NONE,
            NONE,
            new VisibleGold(VisibleGold.State.NONE_SEEN, 0),
            NONE),
        new Measure.KnownGold(4.123_456_7, 0.333_333),
        new Measure.WeighedSpecks(50, 12.345_678, 0.1),
        new Measure.SpeckTest(20, 17, Map.of("COLOUR", "brassy")),
        new Measure.LookedOver(2, 0.218_765_4),
        new Measure.LastMinute(StandardScreens.numbered("50").orElseThrow(), 3.141_592_6),
        new Measure.MagnetTest(100.012_345, 51.312_345, 21.812_345),
        new Measure.LiftTest(
            100.012_345,
            List.of(
                new Measure.LiftTest.Lift(20.123_4, 31.123_456, 0),
                new Measure.LiftTest.Lift(3, 1.5, 7))),
        new Measure.Pictured(
            "0a".repeat(32),
            "look 4.jpg",
            41.234_567,
            List.of(new Measure.Pictured.SpeckSize(0.051_234, 0.3, 0.2)),
            3,
            1,
            0.4,
            0.5,
            0.7,
            1,
            false,
            Optional.empty()),
        new Measure.Bagged("season bag"),
        new Measure.Discarded("the bucket was needed"),
        new Measure.Setting("tilt", 2.004_567),
        new Measure.Setting("charge", 151.234_567),
        new Measure.Charge(OptionalDouble.of(317.514_659)),
        new Measure.Charge(NONE),
        new Measure.Charge(OptionalDouble.of(317.514_659), Optional.of(ON)),
        new Measure.WeighedSpecks(50, 12.345_678, 0.1, Optional.of(ON)),
        new Measure.PannedSample(
            250.123_456, List.of(new Measure.PannedSample.Seen(CUT, 7)), Optional.of(ON)),
        new Measure.Pass(
            From.HEAP, 3_514.067_89, 63.456_789, 19, NONE, Optional.empty(), Optional.of(ON)),
        new Measure.FeedRate(21.987_654),
        new Measure.Running(
            Measure.Running.State.STARTED, Optional.of(Instant.parse("2026-11-18T09:03:00Z"))),
        new Measure.PannedSample(250.123_456, List.of(new Measure.PannedSample.Seen(CUT, 7))),
        new Measure.Pass(From.HEAP, 3_514.067_89, 63.456_789, 19),
        new Measure.Pass(
            From.SAND,
            3_514.067_89,
            63.456_789,
            0,
            OptionalDouble.of(0.456_789),
            Optional.of(
                new How(
                    OptionalDouble.of(6.5), Optional.of("pull rod"), OptionalDouble.of(4.25)))));
  }

  private static MeasureForm filled(Measure measure, MassUnit unit) {
    Figures figures = new Figures(unit, ZoneOffset.UTC, English.WORDS);
    return MeasureForms.filled(
        measure, () -> figures, Containers.NONE, List.of(new Magnet("pull rod", 180)));
  }

  @ParameterizedTest
  @MethodSource("measures")
  void whatWasNotTouchedStaysAsItWasToTheLastPlace(Measure measure) {
    for (MassUnit unit :
        List.of(MassUnit.GRAM, MassUnit.GRAIN, MassUnit.PENNYWEIGHT, MassUnit.TROY_OUNCE)) {
      assertThat(filled(measure, unit).read()).as("in %s", unit).contains(measure);
    }
  }

  /**
   * What a form shows is what its reader would type: cleared and typed anew it means the same, with
   * a decimal point and with a decimal comma.
   */
  @ParameterizedTest
  @MethodSource("measures")
  void whatAFormShowsCanBeTypedAnew(Measure measure) {
    for (Locale writer : List.of(Locale.ENGLISH, Locale.GERMANY)) {
      Figures figures =
          new Figures(MassUnit.GRAM, ZoneOffset.UTC, Words.in(Language.ENGLISH, writer));
      MeasureForm form =
          MeasureForms.filled(
              measure, () -> figures, Containers.NONE, List.of(new Magnet("pull rod", 180)));
      for (EntryField<?> field : form.fields()) {
        String shown = field.field().getText();
        field.clear();
        field.field().setText(shown);
      }
      assertThat(form.read().map(anew -> told(anew, figures)))
          .as("as %s writes", writer)
          .contains(told(measure, figures).replace(" · " + ON.scale(), ""));
    }
  }

  /** What is told of a measure, each number to four digits: how far a scale reads is not typed. */
  private static String told(Measure measure, Figures figures) {
    return Pattern.compile("\\d+([.,]\\d+)?")
        .matcher(Sentences.measure(measure, figures))
        .replaceAll(
            number ->
                String.format(
                    Locale.ROOT, "%.3e", Double.parseDouble(number.group().replace(',', '.'))));
  }

  /**
   * Every kind of measure that can be corrected is among them: one left out would be left out of
   * the test.
   */
  @Test
  void noKindOfMeasureIsLeftOut() {
    List<Class<?>> asked = measures().stream().<Class<?>>map(Measure::getClass).toList();
    List<Class<?>> all =
        Stream.of(Measure.class.getPermittedSubclasses())
            .<Class<?>>map(kind -> kind)
            .filter(kind -> kind != Measure.Checked.class && kind != Measure.SizeAnalysis.class)
            .filter(kind -> kind != Measure.Pooled.class && kind != Measure.PoolOf.class)
            .toList();
    assertThat(asked).containsAll(all);
  }

  @Test
  void oneFieldCorrectedLeavesTheOthersAlone() {
    Measure.SandWeight weight = (Measure.SandWeight) measures().get(1);
    MeasureForm form = filled(weight, MassUnit.GRAM);
    field(form, "moisture").field().setText("7 %");
    Measure.SandWeight corrected = (Measure.SandWeight) form.read().orElseThrow();
    assertThat(corrected.moisture()).isEqualTo(0.07);
    assertThat(corrected)
        .returns(weight.grossG(), Measure.SandWeight::grossG)
        .returns(weight.tareG(), Measure.SandWeight::tareG)
        .returns(weight.resolutionG(), Measure.SandWeight::resolutionG);
    assertThat(corrected.typed()).as("still as it was typed").contains("60 lb 6 oz");
    assertThat(corrected.bowlNumber()).isEqualTo(2);
  }

  @Test
  void theResolutionFollowsTheWeightThatIsTypedAnew() {
    MeasureForm form =
        filled(
            new Measure.GoldWeight(3.2, 0.01, Optional.of("3.20 g"), Optional.of(ON)),
            MassUnit.GRAM);
    assertThat(form.fields().getFirst().field().getText())
        .as("as it was typed")
        .isEqualTo("3.20 g");
    form.fields().getFirst().field().setText("3.201 g");
    assertThat(form.read())
        .as("what is typed over did not come from the scale")
        .contains(new Measure.GoldWeight(3.201, 0.001, Optional.of("3.201 g"), Optional.empty()));
  }

  /** The unit of the window changes what a bare number means, never what was recorded. */
  @Test
  void aBareNumberIsReadInTheUnitShown() {
    Map<MassUnit, Double> grams = new TreeMap<>();
    for (MassUnit unit : List.of(MassUnit.GRAM, MassUnit.PENNYWEIGHT)) {
      MeasureForm form = filled(new Measure.GoldWeight(9, 0.001), unit);
      form.fields().getFirst().field().setText("2");
      grams.put(unit, ((Measure.GoldWeight) form.read().orElseThrow()).massG());
    }
    assertThat(grams.get(MassUnit.GRAM)).isEqualTo(2);
    assertThat(grams.get(MassUnit.PENNYWEIGHT))
        .as("a pennyweight is 1.55517384 g")
        .isCloseTo(2 * 1.555_173_84, within(1e-12));
  }

  private static EntryField<?> field(MeasureForm form, String id) {
    return form.fields().stream()
        .filter(one -> id.equals(one.field().getId()))
        .findFirst()
        .orElseThrow();
  }
}
