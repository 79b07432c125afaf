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
import jugulum.core.machine.Sheet.Sizes;
import jugulum.core.machine.Sheets;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.entry.Buttons;
import jugulum.desk.entry.Choices;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.panel.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The machines of the shop: what each works like, the sizes it is good for, what it takes. */
final class MachinesCard extends VBox {
  private final Workbench workbench;
  private final VBox list = new VBox(4);
  private final EntryField<String> name =
      new EntryField<>(
          "gear-name",
          Words.of("shop.gear.name"),
          Words.of("shop.gear.name.hint"),
          Parsers.text("shop.gear.missing"));
  private final ComboBox<Kind> kind =
      Choices.of(
          "gear-kind",
          Words.of("shop.gear.kind"),
          List.of(Kind.values()),
          one -> Words.of("machine", one));
  private final EntryField<Optional<Double>> finest =
      number("gear-finest", "shop.gear.finest", 0.001, 200);
  private final EntryField<Optional<Double>> coarsest =
      number("gear-coarsest", "shop.gear.coarsest", 0.001, 200);
  private final EntryField<Optional<Double>> watts =
      number("gear-watts", "sheet.watts", 0.1, 100_000);
  private final EntryField<Optional<Double>> battery =
      number("gear-battery", "sheet.battery", 1, 1e6);
  private final EntryField<Optional<Double>> sump = number("gear-sump", "sheet.sump", 0.1, 100_000);

  MachinesCard(Workbench workbench) {
    super(10);
    this.workbench = workbench;
    list.setId("gear");
    Stream.of(name, finest, coarsest, watts, battery, sump)
        .forEach(field -> field.field().setOnAction(_ -> keep()));
    kind.valueProperty().addListener((_, _, one) -> hint(one));
    hint(kind.getValue());
    VBox like =
        new VBox(3, Parts.styled(new Label(Words.of("shop.gear.kind")), "entry-label"), kind);
    like.getStyleClass().add("entry");
    HBox first = new HBox(14, name, like);
    first.setFillHeight(false);
    getChildren()
        .addAll(
            Parts.section(Words.of("shop.gear")),
            Parts.sentence(Words.of("shop.gear.about"), "muted"),
            list,
            first,
            new FieldRow(List.of(finest, coarsest, sump)),
            new FieldRow(List.of(watts, battery)),
            Parts.row(Buttons.plain("keep-gear", Words.of("shop.gear.keep"), "", this::keep)));
  }

  private static EntryField<Optional<Double>> number(
      String id, String key, double low, double high) {
    return new EntryField<>(
        id, Words.of(key), "", Parsers.optional(typed -> Parsers.number(typed, low, high)));
  }

  /** What the kind is good for stands in the empty fields. */
  private void hint(Kind of) {
    finest.field().setPromptText(Figures.plain(Sheets.of(of).suits().finestMm()));
    coarsest.field().setPromptText(Figures.plain(Sheets.of(of).suits().coarsestMm()));
  }

  void show(Shop shop) {
    list.getChildren().setAll(shop.gear().stream().map(this::line).toList());
  }

  private HBox line(Gear gear) {
    Sizes suits = gear.sheet().suits();
    HBox line =
        Parts.line(
            Sentences.machine(gear.machine()),
            Words.of(
                "shop.gear.suits",
                Figures.plain(suits.finestMm()),
                Figures.plain(suits.coarsestMm())));
    String id = gear.name().replace(' ', '-');
    Button change =
        Buttons.quiet("change-gear-" + id, Words.of("shop.gear.change"), "", () -> fill(gear));
    change.setAccessibleText(Words.of("shop.gear.change.spoken", gear.name()));
    Button forget =
        Buttons.quiet(
            "forget-gear-" + id,
            Words.of("shop.container.forget"),
            "",
            () -> workbench.session().change(new ShopEdit.ForgetMachine(gear.name())));
    forget.setAccessibleText(Words.of("shop.container.forget.spoken", gear.name()));
    line.getChildren().addAll(change, forget);
    return line;
  }

  private void fill(Gear gear) {
    name.fill(gear.name());
    kind.setValue(gear.kind());
    finest.fill(gear.suits().map(sizes -> Figures.plain(sizes.finestMm())).orElse(""));
    coarsest.fill(gear.suits().map(sizes -> Figures.plain(sizes.coarsestMm())).orElse(""));
    fill(watts, gear.watts());
    fill(battery, gear.batteryWh());
    fill(sump, gear.sumpL());
    name.field().requestFocus();
  }

  private static void fill(EntryField<?> field, OptionalDouble known) {
    field.fill(known.isPresent() ? Figures.plain(known.getAsDouble()) : "");
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
    Map<String, Band> dials =
        workbench.projections().shop().get().gear().stream()
            .filter(one -> one.name().equalsIgnoreCase(called) && one.kind() == kind.getValue())
            .findFirst()
            .map(Gear::usual)
            .orElse(Map.of());
    try {
      Optional<Sizes> suits =
          fine.isPresent() || coarse.isPresent()
              ? Optional.of(
                  new Sizes(fine.orElse(usual.finestMm()), coarse.orElse(usual.coarsestMm())))
              : Optional.empty();
      return Optional.of(
          new Gear(called, kind.getValue(), suits, dials, told(power), told(wh), told(litres)));
    } catch (OutOfRange crossed) {
      coarsest.refuse(Words.of("shop.gear.crossed"));
      return Optional.empty();
    }
  }

  private static OptionalDouble told(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  private void keep(Gear gear) {
    Kept.clearing(
        workbench,
        workbench.session().change(new ShopEdit.KnowMachine(gear)),
        name,
        finest,
        coarsest,
        watts,
        battery,
        sump);
  }
}
