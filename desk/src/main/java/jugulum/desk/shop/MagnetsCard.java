package jugulum.desk.shop;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.shop.Magnet;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** The magnets of the shop. */
final class MagnetsCard extends VBox {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final VBox list = new VBox(4);
  private final EntryField<String> name =
      new EntryField<>(
          words,
          "magnet-name",
          words.of("shop.magnet.name"),
          words.of("shop.magnet.name.hint"),
          Parsers.text(words, "shop.magnet.missing"));
  private final EntryField<Double> strength =
      new EntryField<>(
          words,
          "magnet-strength",
          words.of("shop.magnet.strength"),
          "300",
          typed -> Parsers.number(words, typed, 1, 2000));

  MagnetsCard(Workbench workbench) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    list.setId("magnets");
    Stream.of(name, strength).forEach(field -> field.field().setOnAction(_ -> keep()));
    getChildren()
        .addAll(
            Parts.section(words.of("shop.magnets")),
            Parts.sentence(words.of("shop.magnets.about"), "muted"),
            list,
            new FieldRow(List.of(name, strength)),
            Parts.row(Buttons.plain("keep-magnet", words.of("shop.magnet.keep"), "", this::keep)));
  }

  void show(Shop shop) {
    list.getChildren().setAll(shop.magnets().stream().map(this::line).toList());
  }

  private HBox line(Magnet magnet) {
    HBox line =
        Parts.line(magnet.name(), words.of("shop.magnet.mt", words.plain(magnet.strengthMt())));
    Button forget =
        Buttons.quiet(
            "forget-magnet-" + magnet.name().replace(' ', '-'),
            words.of("shop.container.forget"),
            "",
            () -> workbench.session().change(new ShopEdit.ForgetMagnet(magnet.name())));
    forget.setAccessibleText(words.of("shop.container.forget.spoken", magnet.name()));
    line.getChildren().add(forget);
    return line;
  }

  private void keep() {
    name.read()
        .ifPresent(called -> strength.read().ifPresent(field -> keep(new Magnet(called, field))));
  }

  private void keep(Magnet magnet) {
    OnceKept.clearing(
        workbench, workbench.session().change(new ShopEdit.KnowMagnet(magnet)), name, strength);
  }
}
