package jugulum.desk.hands;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Arc;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.Circle;
import jugulum.desk.kit.Parts;

/**
 * A ring that closes while what lies on the scale comes to rest, with a word that says the same.
 */
final class RestRing extends StackPane {
  private static final PseudoClass STEADY = PseudoClass.getPseudoClass("steady");
  private static final double RADIUS = 84;
  private static final double QUARTER = 90;
  private static final double ROUND = 360;

  private final Arc arc = new Arc(0, 0, RADIUS, RADIUS, QUARTER, 0);
  private final Label word = Parts.sentence("", "hands-rest");
  private final Label step = Parts.sentence("", "hands-step");

  RestRing() {
    Circle track = new Circle(RADIUS);
    track.getStyleClass().add("hands-track");
    // An arc alone is laid out by what of it is drawn; with its circle it stays in place.
    javafx.scene.Group ring = new javafx.scene.Group(track, arc);
    arc.setType(ArcType.OPEN);
    arc.getStyleClass().add("hands-arc");
    word.setMaxWidth(RADIUS * 1.6);
    word.setAlignment(Pos.CENTER);
    VBox inside = new VBox(2, word, step);
    inside.setAlignment(Pos.CENTER);
    inside.setMaxWidth(RADIUS * 1.7);
    getChildren().addAll(ring, inside);
    setId("hands-ring");
  }

  void show(double calm, boolean steady, String says, String plusMinus) {
    arc.setLength(-ROUND * calm);
    arc.pseudoClassStateChanged(STEADY, steady);
    word.setText(says);
    step.setText(plusMinus);
  }
}
