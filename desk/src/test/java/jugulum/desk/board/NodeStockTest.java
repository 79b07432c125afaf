package jugulum.desk.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.collections.FXCollections;
import javafx.collections.ListChangeListener;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.shape.Rectangle;
import org.junit.jupiter.api.Test;

class NodeStockTest {
  private final NodeStock stock = new NodeStock();
  private final ObservableList<Node> children = FXCollections.observableArrayList();
  private int made;

  private List<Node> draw(String... descriptions) {
    stock.begin();
    for (String description : descriptions) {
      stock.add(
          description,
          () -> {
            made++;
            return new Rectangle();
          });
    }
    stock.show(children);
    return new ArrayList<>(children);
  }

  @Test
  void theSameDrawingMakesAndTouchesNothing() {
    List<Node> first = draw("a", "b", "c");
    List<ListChangeListener.Change<?>> changes = new ArrayList<>();
    children.addListener((ListChangeListener<Node>) changes::add);
    assertThat(draw("a", "b", "c")).isEqualTo(first);
    assertThat(made).isEqualTo(3);
    assertThat(changes).isEmpty();
  }

  @Test
  void aChangedPartIsReplacedInItsPlace() {
    List<Node> first = draw("a", "b", "c");
    List<Node> second = draw("a", "x", "c");
    assertThat(made).isEqualTo(4);
    assertThat(second.get(0)).isSameAs(first.get(0));
    assertThat(second.get(1)).isNotSameAs(first.get(1));
    assertThat(second.get(2)).isSameAs(first.get(2));
  }

  @Test
  void partsMoveComeAndGo() {
    List<Node> first = draw("a", "b", "c");
    List<Node> second = draw("c", "a", "d", "b");
    assertThat(second).hasSize(4).startsWith(first.get(2), first.get(0)).endsWith(first.get(1));
    assertThat(draw("b")).containsExactly(first.get(1));
    assertThat(draw()).isEmpty();
  }

  @Test
  void twoPartsOfTheSameDescriptionAreTwoNodes() {
    List<Node> drawn = draw("a", "a", "a");
    assertThat(drawn).doesNotHaveDuplicates().hasSize(3);
    assertThat(draw("a", "a", "a")).isEqualTo(drawn);
  }
}
