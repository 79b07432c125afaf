package jugulum.desk.season;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.check.Band;
import jugulum.core.season.Change;
import jugulum.core.season.ChangeEffect;
import jugulum.core.season.HabitCost;
import jugulum.core.season.KindOfWork;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SeasonEdit;
import jugulum.core.shop.Shop;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.RangeRows;
import jugulum.desk.chart.TracksChart;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.follow.Seasons;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.shop.OnceKept;
import jugulum.desk.words.SeasonWords;

/**
 * What ways of working came to: habits and what they cost, changes before and after, cuts and
 * machines over time, hours.
 */
final class WaysPane extends SeasonPane {
  private static final int TRACKS = 6;
  private static final double COLUMN = 560;

  private final DrawingView tracks = new DrawingView("season-tracks");
  private final DrawingView hours = new DrawingView("season-hours");
  private final EntryField<String> what;
  private final EntryField<LocalDate> since;
  private final ComboBox<About> about;
  private final VBox form;

  /** What a change can be about: all, the magnet, a machine. */
  private record About(Optional<KindOfWork> work, Optional<String> machine) {}

  WaysPane(Workbench workbench) {
    super(workbench, "ways-pane");
    what =
        EntryField.named(
            words, "change-what", "season.change.what", "refusal.CHANGE_WITHOUT_WORDS");
    since = EntryField.day(words, "change-since", "season.change.since");
    about =
        Choices.of(
            "change-about",
            words.of("season.change.about"),
            abouts(workbench.projections().shop().get()),
            one -> name(one));
    EntryField.onEnter(this::keep, what, since);
    form =
        new VBox(
            10,
            new FieldRow(List.of(what, since)),
            Parts.row(
                about,
                Buttons.plain("keep-change", words.of("season.change.keep"), "", this::keep)));
    showNow();
  }

  private static List<About> abouts(Shop shop) {
    List<About> all = new ArrayList<>();
    all.add(new About(Optional.empty(), Optional.empty()));
    all.add(new About(Optional.of(KindOfWork.MAGNET), Optional.empty()));
    shop.gear()
        .forEach(
            gear ->
                all.add(
                    new About(
                        Optional.of(KindOfWork.MACHINES), Optional.of(gear.machine().name()))));
    return all;
  }

  private String name(About one) {
    return SeasonWords.about(words, new Change("", LocalDate.EPOCH, "", one.work(), one.machine()));
  }

  private void keep() {
    Optional<String> text = what.read();
    if (text.isEmpty()) {
      return;
    }
    since
        .read()
        .ifPresent(
            day ->
                OnceKept.clearing(
                    workbench,
                    workbench
                        .seasons()
                        .submit(
                            new SeasonEdit.AddChange(
                                new Change(
                                    workbench.seasons().newId(),
                                    day,
                                    text.get(),
                                    about.getValue().work(),
                                    about.getValue().machine()))),
                    what,
                    since));
  }

  @Override
  protected void show(Seasons.Shown shown) {
    SeasonAccount account = shown.account();
    VBox left = new VBox(10, Parts.section(words.of("season.habits.title")));
    left.getChildren()
        .add(
            Parts.sentence(
                words.of(account.habits().isEmpty() ? "season.habit.none" : "season.habits.about"),
                "muted"));
    account.habits().forEach(one -> left.getChildren().add(habit(one)));
    VBox right = new VBox(10, Parts.section(words.of("season.changes.title")));
    if (account.changes().isEmpty()) {
      right.getChildren().add(Parts.sentence(words.of("season.changes.none"), "muted"));
    }
    account.changes().forEach(one -> right.getChildren().add(change(one)));
    left.getChildren().addAll(Parts.section(words.of("season.hours.title")), hours);
    right.getChildren().add(form);
    left.setPrefWidth(COLUMN);
    right.setPrefWidth(COLUMN);
    List<Node> parts = new ArrayList<>();
    parts.add(new HBox(40, left, right));
    parts.add(Parts.section(words.of("season.tracks.title")));
    parts.add(
        Parts.sentence(
            words.of(account.tracks().isEmpty() ? "season.tracks.none" : "season.tracks.about"),
            "muted"));
    parts.add(tracks);
    page().getChildren().setAll(parts);
    showHours(account);
    showTracks(account);
  }

  private VBox habit(HabitCost one) {
    VBox box =
        new VBox(
            2,
            Parts.line(
                SeasonWords.habit(words, one), SeasonWords.cost(figures(), one), "season-cost"),
            Parts.sentence(
                words.of(
                    "season.habit.line",
                    SeasonWords.counted(words, one),
                    SeasonWords.help(words, one.habit())),
                "muted"));
    box.setId("habit-" + one.habit().kind() + one.habit().dial());
    return box;
  }

  private VBox change(ChangeEffect one) {
    Button drop =
        Buttons.quiet(
            "drop-" + one.change().id().replace(' ', '-'),
            words.of("season.drop"),
            "",
            () -> workbench.seasons().submit(new SeasonEdit.DropChange(one.change().id())));
    drop.setAccessibleText(words.of("season.drop.spoken", one.change().what()));
    VBox box =
        new VBox(
            2,
            Parts.sentence(one.change().what(), "strong"),
            Parts.sentence(SeasonWords.did(words, one)),
            new Wrapping(
                10,
                4,
                Parts.sentence(
                    words.of(
                        "season.change.when",
                        words.day(one.change().date()),
                        SeasonWords.about(words, one.change())),
                    "muted"),
                drop));
    box.setId("change-" + one.change().id().replace(' ', '-'));
    return box;
  }

  private void showHours(SeasonAccount account) {
    Map<KindOfWork, Double> minutes = new EnumMap<>(KindOfWork.class);
    minutes.putAll(account.sum().minutes());
    double all = Math.max(1, minutes.values().stream().mapToDouble(Double::doubleValue).sum());
    List<RangeRows.Row> rows =
        minutes.entrySet().stream()
            .sorted(Map.Entry.<KindOfWork, Double>comparingByValue().reversed())
            .map(
                one ->
                    new RangeRows.Row(
                        SeasonWords.work(words, one.getKey()),
                        words.percent(one.getValue() / all),
                        Band.sharp(one.getValue()),
                        words.time(one.getValue())))
            .toList();
    hours.show(width -> RangeRows.of(rows, width), RangeRows.spoken(words, rows));
  }

  private void showTracks(SeasonAccount account) {
    ZoneId zone = figures().zone();
    List<TracksChart.Row> rows =
        account.tracks().stream()
            .filter(track -> track.seen().size() > 1)
            .limit(TRACKS)
            .map(
                track ->
                    new TracksChart.Row(
                        SeasonWords.machine(words, track.machine()),
                        track.cut(),
                        track,
                        account.season().changes().stream()
                            .filter(change -> change.isAbout(track))
                            .toList()))
            .toList();
    Parts.shown(tracks, !rows.isEmpty());
    if (!rows.isEmpty()) {
      tracks.show(
          width -> TracksChart.of(words, rows, width),
          words.of("season.tracks.spoken", Integer.toString(rows.size()), zone.getId()));
    }
  }
}
