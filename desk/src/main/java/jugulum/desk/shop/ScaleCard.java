package jugulum.desk.shop;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.shop.Scale;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** The scales of the shop; the first is in use. */
final class ScaleCard extends VBox {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final VBox list = new VBox(4);

  ScaleCard(Workbench workbench, Runnable learn) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    list.setId("scales");
    getChildren()
        .addAll(
            Parts.section(words.of("shop.scales")),
            Parts.sentence(words.of("shop.scales.about"), "muted"),
            list,
            Parts.row(Buttons.plain("learn-scale", words.of("shop.scales.learn"), "", learn)));
  }

  void show(Shop shop, Figures figures) {
    list.getChildren().setAll(shop.scales().stream().map(one -> line(one, shop, figures)).toList());
  }

  private HBox line(Scale scale, Shop shop, Figures figures) {
    boolean inUse = shop.scale().equals(Optional.of(scale));
    HBox line =
        Parts.line(
            scale.name(),
            words.row(
                List.of(
                    words.of("shop.scale.step", figures.read(scale.stepG(), scale.stepG())),
                    words.of(inUse ? "shop.scale.in-use" : "shop.scale.kept"))));
    if (!inUse) {
      line.getChildren().add(button("use", scale, new ShopEdit.KnowScale(scale), "shop.scale.use"));
    }
    line.getChildren()
        .add(
            button(
                "forget", scale, new ShopEdit.ForgetScale(scale.name()), "shop.container.forget"));
    return line;
  }

  private Button button(String what, Scale scale, ShopEdit edit, String key) {
    Button button =
        Buttons.quiet(
            what + "-scale-" + scale.name().replace(' ', '-'),
            words.of(key),
            "",
            () -> workbench.session().change(edit));
    button.setAccessibleText(words.of(key + ".spoken", scale.name()));
    return button;
  }
}
