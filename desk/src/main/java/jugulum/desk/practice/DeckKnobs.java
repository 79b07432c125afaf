package jugulum.desk.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import jugulum.desk.words.Words;
import jugulum.practice.deck.DeckControls;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.DeckRun;

/** What one turns at a shaker table. */
final class DeckKnobs extends Knobs {
  private static final double TILT_STEP = 0.25;
  private static final double MOST_TILT = 10;
  private static final double WATER_STEP = 1;
  private static final double MOST_WATER = 60;
  private static final double FEED_STEP = 2;
  private static final double MOST_FEED = 150;
  private static final double RISE_STEP = 0.25;
  private static final double MOST_RISE = 5;
  private static final double STROKE_STEP = 1;
  private static final double MOST_STROKE = 25;
  private static final double SPLITTER_STEP = 0.01;
  private static final double LAST_SPLITTER = 0.44;

  private final Consumer<Action> tells;
  private DeckControls wanted;

  DeckKnobs(Words words, DeckRun run, Consumer<Action> tells) {
    super(words);
    this.tells = tells;
    this.wanted = run.controls();
    turned("tilt", KeyCode.DOWN, KeyCode.UP, () -> tilt(-1), () -> tilt(1), this::tilt);
    turned("water", KeyCode.LEFT, KeyCode.RIGHT, () -> water(-1), () -> water(1), this::water);
    turned("spray", KeyCode.M, KeyCode.N, () -> spray(-1), () -> spray(1), this::spray);
    turned("feed", KeyCode.J, KeyCode.K, () -> feed(-1), () -> feed(1), this::feed);
    splitter(0, KeyCode.O, KeyCode.L);
    splitter(1, KeyCode.G, KeyCode.H);
    splitter(2, KeyCode.Q, KeyCode.R);
    turned("rise", KeyCode.V, KeyCode.B, () -> rise(-1), () -> rise(1), this::rise);
    turned("stroke", KeyCode.T, KeyCode.Y, () -> stroke(-1), () -> stroke(1), this::stroke);
    show();
  }

  private void tilt(int steps) {
    double tilt = Math.clamp(wanted.tiltDegrees() + steps * TILT_STEP, 0, MOST_TILT);
    wanted = wanted.tilt(tilt);
    tells.accept(new Action.Tilt(tilt));
  }

  private String tilt() {
    return words.of("practice.degrees", words.fixed(wanted.tiltDegrees(), 2));
  }

  private void water(int steps) {
    water(wanted.troughLMin() + steps * WATER_STEP, wanted.sprayLMin());
  }

  private void spray(int steps) {
    water(wanted.troughLMin(), wanted.sprayLMin() + steps * WATER_STEP);
  }

  private void water(double trough, double spray) {
    wanted = wanted.water(Math.clamp(trough, 0, MOST_WATER), Math.clamp(spray, 0, MOST_WATER));
    tells.accept(new Action.Water(wanted.troughLMin(), wanted.sprayLMin()));
  }

  private String water() {
    return words.of("practice.flow", words.fixed(wanted.troughLMin(), 0));
  }

  private String spray() {
    return words.of("practice.flow", words.fixed(wanted.sprayLMin(), 0));
  }

  private void feed(int steps) {
    double feed = Math.clamp(wanted.feedKgH() + steps * FEED_STEP, 0, MOST_FEED);
    wanted = wanted.feed(feed);
    tells.accept(new Action.Feed(feed));
  }

  private String feed() {
    return words.of("practice.feed", words.fixed(wanted.feedKgH(), 0));
  }

  private void splitter(int which, KeyCode up, KeyCode down) {
    turned(
        "splitter-" + (which + 1),
        up,
        down,
        () -> splitter(which, -1),
        () -> splitter(which, 1),
        () -> words.of("practice.from-top", words.fixed(1000 * wanted.splittersM().get(which), 0)));
  }

  /** A splitter stays between its neighbours. */
  private void splitter(int which, int steps) {
    List<Double> places = new ArrayList<>(wanted.splittersM());
    double least = which == 0 ? SPLITTER_STEP : places.get(which - 1);
    double most = which + 1 < places.size() ? places.get(which + 1) : LAST_SPLITTER;
    places.set(which, Math.clamp(places.get(which) + steps * SPLITTER_STEP, least, most));
    wanted = wanted.splitters(places);
    tells.accept(new Action.Splitter(which, places.get(which)));
  }

  private void rise(int steps) {
    double rise = Math.clamp(wanted.riseDegrees() + steps * RISE_STEP, -MOST_RISE, MOST_RISE);
    wanted = wanted.rise(rise);
    tells.accept(new Action.Rise(rise));
  }

  private String rise() {
    return words.of("practice.degrees", words.fixed(wanted.riseDegrees(), 2));
  }

  private void stroke(int steps) {
    double mm = Math.clamp(wanted.strokeMm() + steps * STROKE_STEP, 0, MOST_STROKE);
    wanted = wanted.stroke(mm, wanted.strokes());
    tells.accept(new Action.Stroke(mm, wanted.strokes()));
  }

  private String stroke() {
    return words.of(
        "practice.stroke", words.fixed(wanted.strokeMm(), 0), words.fixed(wanted.strokes(), 0));
  }
}
