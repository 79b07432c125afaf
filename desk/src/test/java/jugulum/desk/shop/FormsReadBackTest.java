package jugulum.desk.shop;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextField;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Label;
import jugulum.core.shop.Fees;
import jugulum.desk.batch.AssumptionsForm;
import jugulum.desk.batch.LabelForm;
import jugulum.desk.words.Language;
import jugulum.desk.words.Words;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.testfx.framework.junit5.ApplicationExtension;

/**
 * Forms that are filled with what is known: read as they stand they give that very thing back, and
 * typed anew, with a decimal point or a comma, the same as far as they show it.
 */
@ExtendWith(ApplicationExtension.class)
class FormsReadBackTest {
  private static final Offset<Double> AS_SHOWN = Offset.offset(1e-6);

  record Case(SplittableRandom random, Words words) {
    double between(double low, double high) {
      return random.nextDouble(low, high);
    }
  }

  static Stream<Case> cases() {
    return IntStream.range(0, 40)
        .mapToObj(
            seed ->
                new Case(
                    new SplittableRandom(seed),
                    Words.in(
                        Language.ENGLISH, List.of(Locale.ENGLISH, Locale.GERMANY).get(seed % 2))));
  }

  private static void typeAnew(Node node) {
    if (node instanceof TextField field) {
      String shown = field.getText();
      field.setText(shown + " ");
    } else if (node instanceof Parent parent) {
      parent.getChildrenUnmodifiable().forEach(FormsReadBackTest::typeAnew);
    }
  }

  @ParameterizedTest
  @MethodSource("cases")
  void assumptions(Case given) {
    Assumptions before =
        new Assumptions(
            given.between(0, 1),
            given.between(0.05, 1),
            given.between(10, 20),
            given.between(0.01, 1),
            given.between(0, 0.5),
            given.between(0, 1),
            OptionalDouble.of(given.between(0.005, 1)));
    AssumptionsForm form = new AssumptionsForm(given.words());
    Node fields = form.inColumn();
    form.fill(before);
    assertThat(form.read(before)).contains(before);
    typeAnew(fields);
    Assumptions anew = form.read(before).orElseThrow();
    assertThat(anew.closureTolerance()).isCloseTo(before.closureTolerance(), AS_SHOWN);
    assertThat(anew.flatness()).isCloseTo(before.flatness(), AS_SHOWN);
    assertThat(anew.fineness()).isCloseTo(before.fineness(), AS_SHOWN);
    assertThat(anew.finestSeenMm()).isCloseTo(before.finestSeenMm(), AS_SHOWN);
  }

  @ParameterizedTest
  @MethodSource("cases")
  void fees(Case given) {
    Fees before =
        new Fees(
            given.between(0, 100),
            given.between(0, 1_000),
            given.between(1, 1_000),
            given.between(0, 600),
            given.between(0, 1_000),
            given.between(0, 1_000),
            given.between(0, 1),
            given.random().nextBoolean()
                ? Optional.empty()
                : Optional.of(new Fees.Sale(given.between(0, 0.99), given.between(0, 400))));
    FeesFields form = new FeesFields(given.words(), () -> {});
    form.fill(before);
    Fees as = form.read().orElseThrow();
    assertThat(as).usingRecursiveComparison().ignoringFields("ownersShare").isEqualTo(before);
    assertThat(as.ownersShare()).isCloseTo(before.ownersShare(), Offset.offset(1e-12));
    typeAnew(form);
    Fees anew = form.read().orElseThrow();
    assertThat(anew.refiningPerGram()).isCloseTo(before.refiningPerGram(), AS_SHOWN);
    assertThat(anew.smeltG()).isCloseTo(before.smeltG(), AS_SHOWN);
    assertThat(anew.feePerKg()).isCloseTo(before.feePerKg(), AS_SHOWN);
    assertThat(anew.ownersShare()).isCloseTo(before.ownersShare(), AS_SHOWN);
    assertThat(anew.sale().isPresent()).isEqualTo(before.sale().isPresent());
  }

  @ParameterizedTest
  @MethodSource("cases")
  void labels(Case given) {
    Label before =
        new Label(
            "Hollin " + given.random().nextInt(1, 99),
            given.random().nextBoolean() ? "" : "creek, upper bar",
            LocalDate.of(2026, 1, 1).plusDays(given.random().nextInt(365)));
    LabelForm form = new LabelForm(given.words());
    Node fields = form.inColumn();
    form.fill(before);
    assertThat(form.read()).contains(before);
    typeAnew(fields);
    assertThat(form.read()).contains(before);
  }
}
