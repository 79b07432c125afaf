package jugulum.desk.hands;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.LotId;
import jugulum.core.scale.ScaleRules;
import jugulum.core.scale.ScaleView;
import jugulum.core.shop.Scale;
import jugulum.core.task.OneByOne;
import jugulum.core.task.Part;
import jugulum.core.task.Task;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Ends;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.live.Beat;
import jugulum.desk.scale.PlayedHand;
import jugulum.desk.scale.PlayedHand.Load;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.ScaleWords;
import jugulum.desk.words.Words;

/**
 * Bench mode: one question at a time over the whole window, with a figure that can be read from
 * across the shed, for keys, a number pad or a foot switch.
 */
public final class HandsView extends Asking {
  /** What is chosen needs the room more than the number typed for it. */
  private static final PseudoClass CHOOSING = PseudoClass.getPseudoClass("choosing");

  private static final double MOST_SAMPLE_G = 300;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Hands hands;
  private final Supplier<Instant> now;
  private final Runnable leave;
  private final Label about = Parts.sentence("", "hands-about");
  private final DueLine due;
  private final ThroatLine line = new ThroatLine();
  private final Label question = Parts.sentence("", "hands-question");
  private final Label hint = Parts.sentence("", "hands-hint");
  private final Label figure = Parts.styled(new Label(), "hands-figure");
  private final Label unit = Parts.styled(new Label(), "hands-unit");
  private final Label under = Parts.sentence("", "hands-under");
  private final Label wrong = Parts.sentence("", "hands-wrong");
  private final RestRing ring = new RestRing();
  private final Aside aside;
  private final Label took = Parts.sentence("", "hands-took");
  private final Button take;
  private final Button speck;
  private final Button byItself;
  private final Button pan;
  private final Button picture;
  private final Consumer<LotId> pictured;
  private final Button heap;
  private final HBox reading = new HBox(figure, unit);
  private final Alarm alarm = new Alarm(Speaker::sound);
  private final Button tones;
  private final PlayedHand played;
  private final Button layOn;
  private final Button takeOff;

  /**
   * Makes the view; the beat tells the time.
   *
   * @param pictured counts the specks of a lot in a picture, and comes back here
   * @param leave what Esc does
   */
  public HandsView(
      Workbench workbench,
      Beat beat,
      Supplier<Instant> now,
      Consumer<LotId> pictured,
      Runnable leave) {
    this.words = workbench.words();
    super(workbench, "hands-view");
    this.workbench = workbench;
    this.now = now;
    this.leave = leave;
    this.pictured = pictured;
    this.hands = new Hands(workbench, now, this::show, this::count);
    this.due = new DueLine(workbench, beat);
    this.aside = new Aside(words);
    tones =
        Buttons.quiet("hands-tones", "", "F4", () -> workbench.preferences().sound(!hasTones()));
    this.played = new PlayedHand(workbench.scale());
    layOn = Buttons.quiet("hands-lay-on", words.of("hands.lay-on"), "F7", this::layOn);
    takeOff = Buttons.quiet("hands-take-off", words.of("hands.take-off"), "F8", played::takeOff);
    take = Buttons.primary("hands-take", words.of("hands.take"), "Enter", hands::take);
    speck = Buttons.plain("hands-speck", words.of("hands.speck"), "+", hands::speck);
    byItself = Buttons.quiet("hands-auto", "", "F3", () -> hands.byItself(!hands.isByItself()));
    heap = Buttons.quiet("hands-heap", "", "F12", hands::otherOfHeapAndSand);
    picture = Buttons.quiet("hands-picture", words.of("eye.lot"), "F9", this::picture);
    pan = Buttons.quiet("hands-pan", words.of("hands.not-the-pan"), "F6", hands::notThePan);
    setTop(top());
    setCenter(center());
    setRight(aside);
    setBottom(bottom());
    figure.setId("hands-figure");
    question.setId("hands-question");
    wrong.setId("hands-wrong");
    took.setId("hands-took");
    about.setId("hands-about");
    under.setId("hands-under");
    workbench.watch(workbench.projections().current(), _ -> refreshIfShown());
    workbench.watch(workbench.projections().shop(), _ -> refreshIfShown());
    workbench.watch(workbench.preferences().tones(), _ -> show());
    workbench.watch(workbench.scale().view(), _ -> scaleSaid());
    beat.now().addListener((_, _, second) -> tick(second));
  }

  private VBox top() {
    HBox left = new HBox(about);
    Ends bar = new Ends(left, due);
    bar.getStyleClass().add("hands-top");
    return new VBox(bar, line);
  }

  private VBox center() {
    reading.getStyleClass().add("hands-reading");
    reading.setAlignment(Pos.BASELINE_LEFT);
    HBox.setHgrow(reading, Priority.ALWAYS);
    HBox middle = new HBox(24, reading, ring);
    middle.setAlignment(Pos.CENTER_LEFT);
    Wrapping buttons =
        buttons(
            take,
            speck,
            Buttons.plain("hands-back", words.of("hands.back"), "⌫", hands::back),
            Buttons.plain("hands-skip", words.of("hands.skip"), "→", hands::skip));
    VBox center = new VBox(question, hint, middle, under, wrong, buttons);
    center.getStyleClass().add("hands-center");
    return center;
  }

  private VBox bottom() {
    return foot(
        took,
        byItself,
        tones,
        heap,
        pan,
        picture,
        layOn,
        takeOff,
        pedalButton(),
        Buttons.quiet("hands-other", words.of("hands.other"), "Tab", hands::other),
        Buttons.quiet("hands-leave", words.of("hands.leave"), "Esc", leave));
  }

  private void tick(Instant second) {
    alarm.tick(
        workbench.projections().running().get(),
        second,
        isShown() && workbench.preferences().tones().get());
    refreshIfShown();
  }

  /** Only the reading hangs on the scale: ten lines a second leave the rest as it is. */
  private void scaleSaid() {
    if (isShown()) {
      showReading();
      hands.scaleSaid();
    }
  }

  private void refreshIfShown() {
    if (isShown()) {
      hands.refresh();
    }
  }

  /** A tone a second and a long one at the end, where tones are wanted. */
  private void count(double seconds) {
    if (hasTones()) {
      Speaker.sound(new Counted(seconds));
    }
  }

  private boolean hasTones() {
    return workbench.preferences().tones().get();
  }

  @Override
  void ask() {
    hands.begin();
  }

  @Override
  void take() {
    hands.take();
  }

  @Override
  boolean act(KeyCode key) {
    switch (key) {
      case ENTER -> hands.take();
      case BACK_SPACE -> hands.back();
      case RIGHT -> hands.skip();
      case TAB -> hands.other();
      case ESCAPE -> leave.run();
      case F3 -> hands.byItself(!hands.isByItself());
      case F4 -> workbench.preferences().sound(!hasTones());
      case F12 -> hands.otherOfHeapAndSand();
      case F6 -> hands.notThePan();
      case F7 -> layOn();
      case F8 -> played.takeOff();
      case F9 -> picture();
      default -> {
        return false;
      }
    }
    return true;
  }

  /** Signs are read as signs, so that every keyboard and the number pad write the same. */
  @Override
  void sign(String sign) {
    boolean isEmpty = hands.typed().isEmpty();
    switch (sign) {
      case "+" -> hands.speck();
      case "-" -> hands.back();
      case "*" -> hands.skip();
      case "/" -> hands.other();
      case " " -> {
        if (isEmpty) {
          hands.take();
        } else {
          hands.type(sign);
        }
      }
      default -> hands.type(sign);
    }
  }

  /** What is asked now. */
  OneByOne asking() {
    return hands.asking();
  }

  private void show() {
    Optional<Worked> worked = workbench.projections().current().get().worked();
    if (!isShown()) {
      return;
    }
    about.setText(
        worked
            .map(one -> HandsWords.about(words, asking(), one))
            .orElseGet(() -> words.of("hands.no-batch")));
    worked.ifPresent(one -> line.show(asking(), one, workbench.preferences().figures().get()));
    question.setText(HandsWords.question(words, asking()));
    hint.setText(HandsWords.hint(words, asking()));
    Parts.shown(hint, !hint.getText().isEmpty());
    showReading();
    wrong.setText(hands.wrong().map(one -> words.of("entry.error", one)).orElse(""));
    Parts.shown(wrong, hands.wrong().isPresent());
    took.setText(
        hands
            .took()
            .map(one -> words.of("hands.took", one))
            .map(text -> hands.lookSays().map(says -> text + "\n" + says).orElse(text))
            .orElse(""));
    Parts.shown(speck, hands.countsSpecks());
    speck.setText(
        hands.tally() > 0
            ? words.counted("hands.speck.so-far", hands.tally())
            : words.of("hands.speck"));
    Parts.shown(picture, hands.counted().isPresent());
    Parts.shown(heap, hands.canBeOffTheSand());
    heap.setText(words.of(hands.isOffTheSand() ? "hands.off.sand" : "hands.off.heap"));
    tones.setText(words.of(hasTones() ? "hands.tones.on" : "hands.tones.off"));
    byItself.setText(words.of(hands.isByItself() ? "hands.auto.on" : "hands.auto.off"));
    worked.ifPresent(
        one ->
            aside.show(
                asking(),
                one,
                workbench.projections().shop().get(),
                workbench.preferences().figures().get(),
                now.get()));
  }

  private void showReading() {
    Figures figures = workbench.preferences().figures().get();
    ScaleView seen = workbench.scale().view().get();
    Optional<Scale> scale = workbench.scale().scale();
    Optional<Part> part = asking().part();
    reading.pseudoClassStateChanged(
        CHOOSING, part.filter(one -> one.unit() == Part.Unit.CHOICE).isPresent());
    boolean weighs = scale.isPresent() && part.filter(Hands::isWeighed).isPresent();
    Parts.shown(ring, weighs);
    Parts.shown(layOn, played.isThere());
    Parts.shown(takeOff, played.isThere());
    Parts.shown(pan, weighs && seen.pan().isPresent());
    String text;
    if (!hands.typed().isEmpty()) {
      text = hands.typed();
    } else if (weighs && seen.isHeard()) {
      text = figures.read(weight(part.get(), seen), scale.get().stepG());
    } else {
      text = part.map(this::waiting).orElse("");
    }
    int unitAt = hands.typed().isEmpty() && weighs ? text.lastIndexOf(' ') : -1;
    figure.setText(unitAt < 0 ? text : text.substring(0, unitAt));
    unit.setText(unitAt < 0 ? "" : text.substring(unitAt + 1));
    if (weighs) {
      double step = scale.get().stepG();
      ring.show(
          seen.calm(),
          seen.state() == ScaleView.State.STEADY,
          ScaleWords.state(words, seen, workbench.scale().lost().get()),
          words.of("hands.step", figures.read(step, step)));
    }
    under.setText(part.map(one -> under(one, seen, scale, weighs)).orElse(""));
    Parts.shown(under, !under.getText().isEmpty());
    setAccessibleText(words.beside(List.of(question.getText(), figure.getText(), unit.getText())));
  }

  private void picture() {
    hands.counted().ifPresent(pictured);
  }

  private void layOn() {
    hands
        .asking()
        .part()
        .ifPresent(
            part -> {
              switch (part.ask()) {
                case GROSS -> played.layOn(Load.PAN_WITH_SAND, mostG());
                case TARE -> played.layOn(Load.PAN, part.high());
                case SAMPLE -> played.layOn(Load.SAND, Math.min(part.high() / 2, MOST_SAMPLE_G));
                default ->
                    played.layOn(
                        part.unit() == Part.Unit.GOLD ? Load.GOLD : Load.SAND, part.high());
              }
            });
  }

  /** What is weighed can be an equal part of what its step took; a feed can be anything. */
  private double mostG() {
    return workbench
        .projections()
        .current()
        .get()
        .worked()
        .flatMap(
            worked ->
                hands
                    .asking()
                    .asked()
                    .map(Task::subject)
                    .filter(Task.Subject.OfLot.class::isInstance)
                    .map(subject -> ((Task.Subject.OfLot) subject).lot())
                    .flatMap(worked.network()::maker)
                    .filter(maker -> !maker.inputs().isEmpty())
                    .map(
                        maker ->
                            worked.sand().mass(maker.inputs().getFirst()).grams()
                                / maker.outputs().size()))
        .filter(grams -> grams > 0)
        .orElse(Double.MAX_VALUE);
  }

  private static double weight(Part part, ScaleView seen) {
    return part.ask() == Part.Ask.GROSS && seen.pan().isEmpty() ? seen.grams() : seen.netG();
  }

  /** What Enter would say while nothing is typed. */
  private String waiting(Part part) {
    return switch (part.ask()) {
      case SPECKS, PICKERS -> Integer.toString(hands.tally());
      case TARE -> hands.lastTare().orElse("…");
      // What is usual was not measured: it stands in the hint.
      case SETTING -> "…";
      default -> part.usual().isPresent() ? words.plain(part.usual().getAsDouble()) : "…";
    };
  }

  private String under(Part part, ScaleView seen, Optional<Scale> scale, boolean weighs) {
    Figures figures = workbench.preferences().figures().get();
    if (part.unit() == Part.Unit.CHOICE) {
      return HandsWords.choices(words, part, workbench.projections().shop().get());
    }
    if (weighs && seen.isHeard()) {
      double step = scale.get().stepG();
      double least = ScaleRules.smallestG(step, 0);
      boolean isLittle =
          part.unit() == Part.Unit.GOLD && seen.netG() > 5 * step && seen.netG() < least;
      String onIt = HandsWords.onTheScale(figures, seen, step, workbench.scale().zeroMovedG());
      return isLittle
          ? words.joined(
              "join.sentences",
              List.of(onIt, words.of("hands.too-little", figures.read(least, step))))
          : onIt;
    }
    return "";
  }
}
