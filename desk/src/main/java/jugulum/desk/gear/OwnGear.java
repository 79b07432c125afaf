package jugulum.desk.gear;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.work.Outcome;

/** Gear of the shop, chosen and known better than before. */
final class OwnGear {
  private OwnGear() {}

  /** Offers some of the shop's; the one chosen stays chosen. */
  static void offer(ComboBox<Gear> box, Shop shop, Predicate<Gear> which) {
    List<Gear> own = shop.gear().stream().filter(which).toList();
    Optional<Machine> before = Optional.ofNullable(box.getValue()).map(Gear::machine);
    if (!own.equals(box.getItems())) {
      box.getItems().setAll(own);
      box.setValue(
          own.stream()
              .filter(gear -> before.equals(Optional.of(gear.machine())))
              .findFirst()
              .orElse(own.isEmpty() ? null : own.getFirst()));
    }
  }

  /** Keeps what is known now, and then goes on; or says why not. */
  static void keep(Workbench workbench, Gear gear, Label wrong, Runnable then) {
    workbench
        .session()
        .change(new ShopEdit.KnowMachine(gear))
        .thenAccept(
            outcome -> {
              Parts.shown(wrong, outcome instanceof Outcome.Not);
              switch (outcome) {
                case Outcome.Recorded _ -> then.run();
                case Outcome.Not not ->
                    wrong.setText(
                        workbench
                            .words()
                            .of(
                                "entry.error",
                                Told.why(not, workbench.preferences().figures().get())));
              }
            });
  }
}
