package jugulum.desk.shop;

import java.util.List;
import jugulum.core.shop.ShopEdit;
import jugulum.core.weighing.Container;
import jugulum.desk.entry.Containers;
import jugulum.desk.session.Workbench;

/** The containers of the shop in the book. */
public final class ShopContainers implements Containers {
  private final Workbench workbench;

  /** Of a workbench. */
  public ShopContainers(Workbench workbench) {
    this.workbench = workbench;
  }

  @Override
  public List<Container> known() {
    return workbench.projections().shop().get().containers();
  }

  @Override
  public void remember(Container container) {
    workbench.session().change(new ShopEdit.KnowContainer(container));
  }
}
