package jugulum.desk.shop;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.shop.StopRule;
import jugulum.core.shop.StopRule.Kind;
import jugulum.core.shop.Terms;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** What gold and time are worth to the shop, and when it stops with the magnet. */
final class TermsCard extends VBox {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final Clock clock;
  private final EntryField<Double> price =
      number(words, "terms-price", "shop.price", "", 0, 100_000);
  private final EntryField<Double> payable =
      new EntryField<>(
          words,
          "terms-payable",
          words.of("shop.payable"),
          "96",
          typed -> Parsers.percent(words, typed, 0, 100));
  private final EntryField<String> currency =
      new EntryField<>(words, "terms-currency", words.of("shop.currency"), "", Parsers.note(words));
  private final EntryField<Double> hour = number(words, "terms-hour", "shop.hour", "", 0, 100_000);
  private final EntryField<Double> minutes =
      number(words, "terms-minutes", "shop.pass-minutes", "6", 0.1, 1000);
  private final FeesFields charges = new FeesFields(words, this::keep);
  private final EntryField<Double> fewer =
      number(words, "stop-specks", "shop.rule.specks", "3", 1, 1000);
  private final Segments<Kind> rule =
      new Segments<>("stop-rule", List.of(Kind.values()), kind -> words.of("stop-rule", kind));
  private final Label said = Parts.sentence("", "muted");
  private boolean filling;

  TermsCard(Workbench workbench, Clock clock) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    this.clock = clock;
    said.setId("terms-said");
    Stream.of(price, payable, currency, hour, minutes)
        .forEach(field -> field.field().setOnAction(_ -> keep()));
    fewer.field().setOnAction(_ -> keepRule());
    rule.onChange(this::ruleChanged);
    getChildren()
        .addAll(
            Parts.section(words.of("shop.terms")),
            Parts.sentence(words.of("shop.terms.about"), "muted"),
            new FieldRow(List.of(price, payable, currency)),
            new FieldRow(List.of(hour, minutes)),
            charges,
            Parts.row(Buttons.plain("keep-terms", words.of("shop.terms.keep"), "", this::keep)),
            said,
            Parts.section(words.of("shop.rule")),
            rule,
            fewer);
  }

  private static EntryField<Double> number(
      Words words, String id, String key, String hint, double low, double high) {
    return new EntryField<>(
        words, id, words.of(key), hint, typed -> Parsers.number(words, typed, low, high));
  }

  void show(Shop shop) {
    filling = true;
    shop.terms().ifPresent(this::fill);
    said.setText(
        shop.terms()
            .map(terms -> words.of("shop.terms.as-of", words.day(terms.asOf())))
            .orElse(words.of("shop.terms.none")));
    rule.choose(shop.stopRule().kind());
    fewer.offer(Integer.toString(shop.stopRule().specks()), (double) shop.stopRule().specks());
    Parts.shown(fewer, shop.stopRule().kind() == Kind.UNDER_SPECKS);
    filling = false;
  }

  private void fill(Terms terms) {
    price.offer(words.plain(terms.pricePerGram()), terms.pricePerGram());
    payable.offer(words.plain(terms.payable() * 100), terms.payable());
    currency.offer(terms.currency(), terms.currency());
    hour.offer(words.plain(terms.hourlyRate()), terms.hourlyRate());
    minutes.offer(words.plain(terms.minutesPerPass()), terms.minutesPerPass());
    charges.fill(terms.charged());
  }

  private void keep() {
    read()
        .ifPresent(
            terms ->
                workbench.session().change(new ShopEdit.SetTerms(terms)).thenAccept(this::told));
  }

  private void told(Outcome outcome) {
    if (outcome instanceof Outcome.Not not) {
      price.say(Told.why(not, workbench.preferences().figures().get()));
    }
  }

  private Optional<Terms> read() {
    if (minutes.field().getText().isBlank()) {
      minutes.fill(minutes.field().getPromptText());
    }
    return price
        .read()
        .flatMap(
            gram ->
                payable
                    .read()
                    .flatMap(
                        share ->
                            hour.read()
                                .flatMap(
                                    rate ->
                                        minutes
                                            .read()
                                            .flatMap(pass -> terms(gram, share, rate, pass)))));
  }

  private Optional<Terms> terms(double gram, double share, double rate, double pass) {
    return currency
        .read()
        .flatMap(
            in ->
                charges
                    .read()
                    .map(
                        told ->
                            new Terms(
                                gram,
                                share,
                                rate,
                                pass,
                                in,
                                LocalDate.now(clock),
                                Optional.of(told))));
  }

  private void ruleChanged() {
    if (!filling) {
      keepRule();
    }
  }

  private void keepRule() {
    int before = workbench.projections().shop().get().stopRule().specks();
    int specks =
        rule.chosen() == Kind.UNDER_SPECKS
            ? fewer.read().map(number -> (int) Math.rint(number)).orElse(before)
            : before;
    workbench.session().change(new ShopEdit.SetStopRule(new StopRule(rule.chosen(), specks)));
  }
}
