package jugulum.desk.day;

import java.time.Instant;
import java.util.concurrent.CompletionStage;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.day.DayEdit;
import jugulum.core.day.DaySetup;
import jugulum.core.day.OwnTask;
import jugulum.desk.files.FilePicker;
import jugulum.desk.follow.Days;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Ends;
import jugulum.desk.kit.FormPage;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** The day as it is planned: when it ends, its strip, what to do now and what is tight. */
final class DayPlanPane extends BorderPane {
  @Prologue private final Words words;
  private static final double STRIP_SHARE = 0.5;

  private final Workbench workbench;
  private final Days days;
  private final Supplier<Instant> now;
  private final Label by = Parts.styled(new Label(), "figure");
  private final Label proof = Parts.sentence("", "muted");
  private final Label learnt = Parts.sentence("", "muted");
  private final Strip strip;
  private final TaskCard inHand;
  private final DayCards cards;
  private final SetupPage setup;
  private final OwnTaskPage ownTask;
  private final DayFiles files;
  private final VBox whole;

  /** Someone waits for what is being planned. */
  private boolean isAwaited;

  DayPlanPane(
      Workbench workbench, Supplier<Instant> now, FilePicker picker, Navigation navigation) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.days = workbench.days();
    this.now = now;
    setId("plan-pane");
    inHand = new TaskCard(workbench, now, navigation, this::send);
    cards = new DayCards(workbench, inHand);
    strip = new Strip(words, inHand::choose, inHand::enter);
    setup = new SetupPage(words, new Given());
    ownTask = new OwnTaskPage(words, new Adding());
    files = new DayFiles(workbench, picker);
    by.setId("day-by");
    by.setMinWidth(Region.USE_PREF_SIZE);
    proof.setId("day-proof");
    learnt.setId("day-learnt");
    ScrollPane scroll = new ScrollPane(strip);
    scroll.setFitToWidth(true);
    scroll.setFitToHeight(true);
    scroll.setFocusTraversable(false);
    scroll.getStyleClass().add("page-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    // The strip is whole as long as half the page has room for it; the cards below have to spare.
    scroll
        .minHeightProperty()
        .bind(
            Bindings.createDoubleBinding(
                () -> Math.min(strip.leastHeight().get() + 2, getHeight() * STRIP_SHARE),
                strip.leastHeight(),
                heightProperty()));
    HBox.setHgrow(proof, Priority.ALWAYS);
    HBox answer = new HBox(14, by, proof);
    answer.getStyleClass().add("strip-answer");
    whole = new VBox(8, new Ends(answer, buttons()), scroll, learnt, cards);
    setCenter(whole);
    workbench.watch(days.today(), shown -> shown.ifPresent(this::show));
    workbench.watch(days.planning(), _ -> said());
    days.today().get().ifPresent(this::show);
  }

  private HBox buttons() {
    return Parts.row(
        Buttons.primary("day-plan", words.of("day.plan"), "P", this::planAgain),
        Buttons.plain("day-new", words.of("day.new"), "N", () -> open(ownTask)),
        Buttons.quiet("day-given", words.of("day.given"), "G", () -> open(setup)),
        Buttons.quiet("day-print", words.of("day.print"), "W", this::print),
        Buttons.quiet("day-calendar", words.of("day.calendar"), "K", this::calendar));
  }

  private void planAgain() {
    days.planAgain(now.get());
  }

  private void print() {
    days.today().get().ifPresent(files::print);
  }

  private void calendar() {
    days.today().get().ifPresent(files::calendar);
  }

  void refresh() {
    days.refresh(now.get());
  }

  private void show(Days.Shown shown) {
    cards.show(shown);
    if (strip.show(shown)) {
      cards.focusLeft();
    }
    said();
    if (isAwaited && getScene() != null && getCenter() == whole) {
      isAwaited = false;
      applyCss();
      focusWork();
    }
  }

  private void said() {
    if (days.planning().get()) {
      proof.setText(words.of("day.planning"));
      return;
    }
    days.today()
        .get()
        .ifPresent(
            shown -> {
              boolean isNothing = shown.plan().slots().isEmpty() && shown.plan().left().isEmpty();
              by.setText(
                  isNothing
                      ? words.of("day.nothing-to-do")
                      : words.of("day.done-by", DayWords.clock(words, shown.plan().end())));
              proof.setText(isNothing ? "" : DayWords.proof(words, shown.plan(), shown.likely()));
              learnt.setText(LearntText.of(words, shown.learnt()));
              Parts.shown(learnt, !learnt.getText().isEmpty());
            });
  }

  private void open(FormPage page) {
    if (days.today().get().isEmpty()) {
      return;
    }
    if (page == setup) {
      setup.show(days.today().get().get().day().setup());
    } else {
      ownTask.begin();
    }
    setCenter(page);
    page.focusFirst();
  }

  private void leave() {
    setCenter(whole);
    applyCss();
    focusWork();
  }

  private void send(DayEdit edit, Runnable then, Consumer<String> refused) {
    CompletionStage<Outcome> sent = days.submit(edit, now.get());
    sent.thenAccept(
        outcome -> {
          switch (outcome) {
            case Outcome.Recorded _ -> then.run();
            case Outcome.Not not ->
                refused.accept(Told.why(not, workbench.preferences().figures().get()));
          }
        });
  }

  /** What is worked with is told anew, or not. */
  private final class Given implements SetupPage.Wants {
    @Override
    public void set(DaySetup told) {
      send(new DayEdit.SetUp(told), DayPlanPane.this::leave, setup::refuse);
    }

    @Override
    public void leave() {
      DayPlanPane.this.leave();
    }
  }

  /** A task of one's own is wanted, or none. */
  private final class Adding implements OwnTaskPage.Wants {
    @Override
    public void add(OwnTask task) {
      send(
          new DayEdit.Add(task),
          () -> {
            // It is taken in hand as soon as it is planned.
            inHand.choose(task.id());
            isAwaited = true;
            setCenter(whole);
          },
          ownTask::refuse);
    }

    @Override
    public String newId() {
      return days.newTask();
    }

    @Override
    public void leave() {
      DayPlanPane.this.leave();
    }
  }

  /** Does what a key asks for; gives whether it asked for anything. */
  boolean press(KeyEvent key) {
    return getCenter() instanceof FormPage page
        ? key.getCode() == KeyCode.ESCAPE && page.escape()
        : key.getCode() == KeyCode.ESCAPE && inHand.escape() || Keys.press(this, key);
  }

  /** Puts the focus on the day, once it is planned. */
  void focusWhenPlanned() {
    isAwaited = true;
    refresh();
    if (getCenter() != whole) {
      setCenter(whole);
    }
    focusWork();
  }

  private void focusWork() {
    inHand.chosen().ifPresentOrElse(strip::focus, strip::focusChosen);
    if (!isFocusWithin()) {
      lookup("#day-plan").requestFocus();
    }
  }
}
