package jugulum.desk.shell;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Ends;
import jugulum.desk.kit.Parts;
import jugulum.desk.preference.Preferences;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.View;
import jugulum.desk.words.Words;

/** The tabs of the views at the left, what runs and how things are shown at the right. */
final class NavigationBar {
  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

  private final Words words;
  private final Workbench workbench;
  private final Map<View, Button> tabs = new EnumMap<>(View.class);
  private final Button unit;
  private final Button closeBatch;
  private final Ends bar;

  /** Makes the bar of a workbench; the timer stands in it. */
  NavigationBar(Workbench workbench, Rooms rooms, Node timer, Runnable benchMode) {
    this.words = workbench.words();
    this.workbench = workbench;
    Preferences preferences = workbench.preferences();
    unit = Buttons.quiet("unit", "", "Ctrl U", preferences::nextUnit);
    closeBatch = Buttons.quiet("close-batch", "", "", this::closeOrReopen);
    HBox left = new HBox(Sign.node());
    left.getStyleClass().add("navigation-part");
    for (View view : View.values()) {
      Button tab = Buttons.quiet("tab-" + view, words.of("view", view), "", () -> rooms.show(view));
      tab.getStyleClass().add("tab-button");
      tab.setAccessibleText(
          words.of("view.spoken", words.of("view", view), Integer.toString(view.ordinal() + 1)));
      tabs.put(view, tab);
      left.getChildren().add(tab);
    }
    Button theme =
        Buttons.quiet("theme", words.of("shell.theme"), "Ctrl T", preferences::nextTheme);
    HBox right =
        new HBox(
            new LongWorkLine(workbench),
            new SharingChip(workbench, rooms::openTogether).node(),
            timer,
            closeBatch);
    right.getStyleClass().add("navigation-part");
    if (preferences.hasLanguages()) {
      String name = words.language().name();
      right.getChildren().add(Buttons.quiet("language", name, "Ctrl L", preferences::nextLanguage));
    }
    right
        .getChildren()
        .addAll(
            Buttons.quiet("bench-mode", words.of("shell.bench-mode"), "F11", benchMode),
            theme,
            unit);
    bar = new Ends(left, right);
    bar.getStyleClass().add("navigation");
    workbench.watch(preferences.figures(), _ -> labels());
    workbench.watch(workbench.projections().current(), _ -> labels());
    // The timer has its place: nothing goes into a second row when something starts.
    workbench.watch(
        workbench.projections().running(), running -> Parts.shown(theme, running.isEmpty()));
    Parts.shown(theme, workbench.projections().running().get().isEmpty());
    labels();
  }

  Node node() {
    return bar;
  }

  /** Marks the tab of a view; none where what is shown is none of them. */
  void mark(Optional<View> shown) {
    tabs.forEach(
        (view, tab) -> tab.pseudoClassStateChanged(CURRENT, shown.equals(Optional.of(view))));
  }

  private void labels() {
    unit.setText(words.of("shell.unit", workbench.preferences().figures().get().unit().sign()));
    Optional<Worked> worked = worked();
    boolean closed = worked.map(one -> one.batch().closed()).orElse(false);
    closeBatch.setText(words.of(closed ? "shell.reopen" : "shell.close"));
    closeBatch.setDisable(worked.isEmpty() || !workbench.session().mayWrite());
  }

  private void closeOrReopen() {
    worked()
        .ifPresent(
            worked -> workbench.session().submit(new Edit.CloseBatch(!worked.batch().closed())));
  }

  private Optional<Worked> worked() {
    return workbench.projections().current().get().worked();
  }
}
