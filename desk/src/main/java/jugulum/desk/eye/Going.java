package jugulum.desk.eye;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import jugulum.core.eye.Point;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.words.Words;

/**
 * Going through a picture: what keys and the mouse do with the specks in it. Corners of an outline
 * and a length are drawn over it meanwhile.
 */
final class Going {
  private final Words words;
  private final PictureView picture;
  private final Label question;
  private final Consumer<String> say;
  private final Supplier<Looking> looking;
  private final Runnable changed;
  private final Hand hand = new Hand();
  private final Wrapping tools;

  /**
   * Over a picture.
   *
   * @param question says what is asked for while something is drawn
   * @param say says what is wrong; nothing where all is well
   * @param looking what is gone through; asked for only while something is
   * @param changed run when something was said of a speck
   */
  Going(
      Words words,
      PictureView picture,
      Label question,
      Consumer<String> say,
      Supplier<Looking> looking,
      Runnable changed) {
    this.words = words;
    this.picture = picture;
    this.question = question;
    this.say = say;
    this.looking = looking;
    this.changed = changed;
    tools =
        new Wrapping(
            8,
            8,
            Buttons.plain(
                "eye-next", words.of("eye.next"), "Space", () -> act(Looking::nextUnsure)),
            Buttons.plain("eye-turn", words.of("eye.turn"), "G", () -> act(Looking::turn)),
            Buttons.plain(
                "eye-add", words.of("eye.add"), "A", () -> act(look -> look.add(picture.cross()))),
            Buttons.plain("eye-split", words.of("eye.split"), "S", () -> act(Looking::split)),
            Buttons.plain("eye-join", words.of("eye.join"), "J", () -> act(Looking::join)),
            Buttons.plain("eye-outline", words.of("eye.outline"), "O", this::outline),
            Buttons.plain("eye-measure", words.of("eye.measure"), "M", this::measure));
  }

  /** The buttons, to stand beneath the picture. */
  Node tools() {
    return tools;
  }

  /** Does something with what is gone through. */
  void act(Consumer<Looking> how) {
    how.accept(looking.get());
    changed.run();
  }

  /** The cross-hair was put somewhere by the mouse. */
  void clicked(Point place) {
    if (hand.isOutlining()) {
      corner();
    } else if (hand.from().isPresent()) {
      moved();
    } else {
      act(look -> look.take(place));
    }
  }

  /** A way along which the mouse was drawn: an outline where one was begun, else an ellipse. */
  void dragged(List<Point> way) {
    if (hand.isOutlining()) {
      way.forEach(hand::corner);
      outline();
    } else {
      act(look -> look.ellipse(way.getFirst(), way.getLast()));
    }
  }

  /** Begins an outline, or ends the one that was begun. */
  private void outline() {
    if (!hand.isOutlining()) {
      hand.outline();
      question.setText(words.of("eye.outline.how"));
      return;
    }
    List<Point> corners = hand.corners();
    drop();
    if (looking.get().outline(corners)) {
      say.accept("");
      changed.run();
    } else {
      say.accept(words.of("eye.outline.none"));
    }
  }

  /** Puts a corner of an outline at the cross-hair; gives whether one is being drawn. */
  boolean corner() {
    if (hand.isOutlining()) {
      hand.corner(picture.cross());
      picture.way(hand.corners());
    }
    return hand.isOutlining();
  }

  /** Measures from the cross-hair to where it goes from now on, or ends that. */
  private void measure() {
    if (hand.from().isPresent()) {
      drop();
    } else {
      hand.measure(picture.cross());
      moved();
    }
  }

  /** The cross-hair moved. */
  void moved() {
    hand.from()
        .ifPresent(
            from -> {
              double mm = from.to(picture.cross()) / looking.get().scale().pxPerMm();
              picture.way(List.of(from, picture.cross()));
              question.setText(words.of("eye.measured", words.rounded(mm, 3)));
            });
  }

  /** Drops what is being drawn; gives whether something was. */
  boolean drop() {
    boolean wasBusy = hand.isBusy();
    hand.drop();
    picture.way(List.of());
    if (wasBusy) {
      question.setText(words.of("eye.step.GO"));
    }
    return wasBusy;
  }
}
