package jugulum.desk.shop;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.core.weighing.Container;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** The bowls and buckets whose weight is remembered. */
final class ContainersCard extends VBox {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final VBox list = new VBox(4);
  private final EntryField<String> name =
      new EntryField<>(
          words,
          "container-name",
          words.of("shop.container.name"),
          words.of("shop.container.name.hint"),
          Parsers.text(words, "shop.container.missing"));
  private final EntryField<MassText.Mass> tare =
      new EntryField<>(
          words,
          "container-tare",
          words.of("shop.container.tare"),
          words.of("shop.container.tare.hint"),
          one -> ContainersCard.weight(words, one));

  ContainersCard(Workbench workbench) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    list.setId("containers");
    Stream.of(name, tare).forEach(field -> field.field().setOnAction(_ -> keep()));
    getChildren()
        .addAll(
            Parts.section(words.of("shop.containers")),
            Parts.sentence(words.of("shop.containers.about"), "muted"),
            list,
            new FieldRow(List.of(name, tare)),
            Parts.row(
                Buttons.plain("keep-container", words.of("shop.container.keep"), "", this::keep)));
  }

  private static Entry<MassText.Mass> weight(Words words, String typed) {
    return switch (Parsers.sand(words, MassUnit.GRAM).apply(typed)) {
      case Entry.Value<MassText.Mass>(MassText.Mass mass) when !(mass.grams() > 0) ->
          new Entry.Bad<>(words.of("entry.container.weightless", words.of("form.tare")));
      case Entry<MassText.Mass> read -> read;
    };
  }

  void show(Shop shop, Figures figures) {
    list.getChildren().setAll(shop.containers().stream().map(one -> line(one, figures)).toList());
    if (shop.containers().isEmpty()) {
      list.getChildren().add(Parts.sentence(words.of("shop.containers.none"), "muted"));
    }
  }

  private HBox line(Container container, Figures figures) {
    HBox line = Parts.line(container.name(), figures.sand(container.tareG()));
    Button forget =
        Buttons.quiet(
            "forget-" + container.name().replace(' ', '-'),
            words.of("shop.container.forget"),
            "",
            () -> forget(container));
    forget.setAccessibleText(words.of("shop.container.forget.spoken", container.name()));
    HBox.setHgrow(forget, Priority.NEVER);
    line.getChildren().add(forget);
    return line;
  }

  private void forget(Container container) {
    workbench.session().change(new ShopEdit.ForgetContainer(container.name()));
  }

  private void keep() {
    name.read()
        .ifPresent(
            called ->
                tare.read()
                    .ifPresent(
                        mass ->
                            OnceKept.clearing(
                                workbench,
                                workbench
                                    .session()
                                    .change(
                                        new ShopEdit.KnowContainer(
                                            new Container(called, mass.grams()))),
                                name,
                                tare)));
  }
}
