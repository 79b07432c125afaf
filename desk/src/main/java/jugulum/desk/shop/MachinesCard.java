package jugulum.desk.shop;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Inverter;
import jugulum.core.machine.Sheet.Sizes;
import jugulum.core.machine.Sheets;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The machines of the shop: what each works like, the sizes it is good for, what it takes. */
final class MachinesCard extends VBox {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final VBox list = new VBox(4);
  private final EntryField<String> name =
      new EntryField<>(
          words,
          "gear-name",
          words.of("shop.gear.name"),
          words.of("shop.gear.name.hint"),
          Parsers.text(words, "shop.gear.missing"));
  private final ComboBox<Kind> kind =
      Choices.of(
          "gear-kind",
          words.of("shop.gear.kind"),
          List.of(Kind.values()),
          one -> words.of("machine", one));
  private final EntryField<Optional<Double>> finest =
      number(words, "gear-finest", "shop.gear.finest", 0.001, 200);
  private final EntryField<Optional<Double>> coarsest =
      number(words, "gear-coarsest", "shop.gear.coarsest", 0.001, 200);
  private final EntryField<Optional<Double>> watts =
      number(words, "gear-watts", "sheet.watts", 0.1, 100_000);
  private final EntryField<Optional<Double>> battery =
      number(words, "gear-battery", "sheet.battery", 1, 1e6);
  private final EntryField<Optional<Double>> inverter =
      new EntryField<>(
          words,
          "gear-inverter",
          words.of("shop.gear.inverter"),
          words.of("shop.gear.inverter.hint"),
          Parsers.optional(typed -> Parsers.percent(words, typed, 30, 100)));
  private final EntryField<Optional<Double>> idle =
      number(words, "gear-idle", "shop.gear.idle", 0, 500);
  private final EntryField<Optional<Double>> sump =
      number(words, "gear-sump", "sheet.sump", 0.1, 100_000);

  private final EntryField<List<String>> dials =
      new EntryField<>(
          words,
          "gear-dials",
          words.of("shop.gear.dials"),
          words.of("shop.gear.dials.hint"),
          typed -> ownDials(words, typed));

  MachinesCard(Workbench workbench) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    list.setId("gear");
    Stream.of(name, finest, coarsest, watts, battery, inverter, idle, sump, dials)
        .forEach(field -> field.field().setOnAction(_ -> keep()));
    kind.valueProperty().addListener((_, _, one) -> hint(one));
    hint(kind.getValue());
    VBox like =
        new VBox(3, Parts.styled(new Label(words.of("shop.gear.kind")), "entry-label"), kind);
    like.getStyleClass().add("entry");
    HBox first = new HBox(14, name, like);
    first.setFillHeight(false);
    getChildren()
        .addAll(
            Parts.section(words.of("shop.gear")),
            Parts.sentence(words.of("shop.gear.about"), "muted"),
            list,
            first,
            new FieldRow(List.of(finest, coarsest, sump)),
            new FieldRow(List.of(watts, battery)),
            new FieldRow(List.of(inverter, idle)),
            dials,
            Parts.row(Buttons.plain("keep-gear", words.of("shop.gear.keep"), "", this::keep)));
  }

  private static EntryField<Optional<Double>> number(
      Words words, String id, String key, double low, double high) {
    return new EntryField<>(
        words,
        id,
        words.of(key),
        "",
        Parsers.optional(typed -> Parsers.number(words, typed, low, high)));
  }

  /** Names of dials, parted by semicolons. */
  private static Entry<List<String>> ownDials(Words words, String typed) {
    List<String> named =
        Stream.of(typed.split(";")).map(String::strip).filter(text -> !text.isEmpty()).toList();
    return named.size() > Gear.MOST_OWN_DIALS
        ? new Entry.Bad<>(words.of("shop.gear.dials.many", Integer.toString(Gear.MOST_OWN_DIALS)))
        : new Entry.Value<>(named);
  }

  /** What the kind is good for stands in the empty fields. */
  private void hint(Kind of) {
    finest.field().setPromptText(words.plain(Sheets.of(of).suits().finestMm()));
    coarsest.field().setPromptText(words.plain(Sheets.of(of).suits().coarsestMm()));
  }

  void show(Shop shop) {
    list.getChildren().setAll(shop.gear().stream().map(this::line).toList());
  }

  private HBox line(Gear gear) {
    Sizes suits = gear.sheet().suits();
    HBox line =
        Parts.line(
            Sentences.machine(words, gear.machine()),
            words.of(
                "shop.gear.suits", words.plain(suits.finestMm()), words.plain(suits.coarsestMm())));
    String id = gear.name().replace(' ', '-');
    Button change =
        Buttons.quiet("change-gear-" + id, words.of("shop.gear.change"), "", () -> fill(gear));
    change.setAccessibleText(words.of("shop.gear.change.spoken", gear.name()));
    Button forget =
        Buttons.quiet(
            "forget-gear-" + id,
            words.of("shop.container.forget"),
            "",
            () -> workbench.session().change(new ShopEdit.ForgetMachine(gear.name())));
    forget.setAccessibleText(words.of("shop.container.forget.spoken", gear.name()));
    line.getChildren().addAll(change, forget);
    return line;
  }

  private void fill(Gear gear) {
    name.fill(gear.name());
    kind.setValue(gear.kind());
    finest.fill(gear.suits().map(sizes -> words.plain(sizes.finestMm())).orElse(""));
    coarsest.fill(gear.suits().map(sizes -> words.plain(sizes.coarsestMm())).orElse(""));
    fill(words, watts, gear.watts());
    fill(words, battery, gear.batteryWh());
    inverter.fill(gear.inverter().map(one -> words.plain(100 * one.efficiency())).orElse(""));
    idle.fill(gear.inverter().map(one -> words.plain(one.idleW())).orElse(""));
    fill(words, sump, gear.sumpL());
    dials.fill(String.join("; ", gear.ownDials()));
    name.field().requestFocus();
  }

  private static void fill(Words words, EntryField<?> field, OptionalDouble known) {
    field.fill(known.isPresent() ? words.plain(known.getAsDouble()) : "");
  }

  private void keep() {
    name.read()
        .flatMap(
            called ->
                finest
                    .read()
                    .flatMap(
                        fine ->
                            coarsest
                                .read()
                                .flatMap(
                                    coarse ->
                                        watts
                                            .read()
                                            .flatMap(
                                                power ->
                                                    battery
                                                        .read()
                                                        .flatMap(
                                                            wh ->
                                                                sump.read()
                                                                    .flatMap(
                                                                        litres ->
                                                                            gear(
                                                                                called, fine,
                                                                                coarse, power, wh,
                                                                                litres)))))))
        .flatMap(gear -> dials.read().map(gear::withDials))
        .flatMap(
            gear ->
                inverter
                    .read()
                    .flatMap(share -> idle.read().map(watt -> gear.behind(between(share, watt)))))
        .ifPresent(this::keep);
  }

  private Optional<Gear> gear(
      String called,
      Optional<Double> fine,
      Optional<Double> coarse,
      Optional<Double> power,
      Optional<Double> wh,
      Optional<Double> litres) {
    Sizes usual = Sheets.of(kind.getValue()).suits();
    Optional<Gear> before =
        workbench.projections().shop().get().gear().stream()
            .filter(one -> one.name().equalsIgnoreCase(called) && one.kind() == kind.getValue())
            .findFirst();
    Map<String, Band> stand = before.map(Gear::usual).orElse(Map.of());
    try {
      Optional<Sizes> suits =
          fine.isPresent() || coarse.isPresent()
              ? Optional.of(
                  new Sizes(fine.orElse(usual.finestMm()), coarse.orElse(usual.coarsestMm())))
              : Optional.empty();
      Gear told =
          new Gear(called, kind.getValue(), suits, stand, told(power), told(wh), told(litres));
      return Optional.of(before.map(told::keepingMarksOf).orElse(told));
    } catch (OutOfRange crossed) {
      coarsest.refuse(words.of("shop.gear.crossed"));
      return Optional.empty();
    }
  }

  /** One of both is enough to say that there is one. */
  private static Optional<Inverter> between(Optional<Double> share, Optional<Double> idleW) {
    return share.isPresent() || idleW.isPresent()
        ? Optional.of(new Inverter(share.orElse(Inverter.USUAL), idleW.orElse(0.0)))
        : Optional.empty();
  }

  private static OptionalDouble told(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  private void keep(Gear gear) {
    OnceKept.clearing(
        workbench,
        workbench.session().change(new ShopEdit.KnowMachine(gear)),
        name,
        finest,
        coarsest,
        watts,
        battery,
        inverter,
        idle,
        sump,
        dials);
  }
}
