package jugulum.desk.shop;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.print.LabelSize;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** What this bench is called: every edit made at it is signed with that name. */
final class BenchCard extends VBox {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final Label said = Parts.sentence("", "fine-text");
  private final EntryField<String> name =
      new EntryField<>(
          words,
          "bench-name",
          words.of("shop.bench.name"),
          words.of("shop.bench.hint"),
          Parsers.text(words, "shop.bench.missing"));

  BenchCard(Workbench workbench) {
    this.words = workbench.words();
    super(10);
    this.workbench = workbench;
    name.fill(workbench.preferences().benchName());
    name.field().setOnAction(_ -> call());
    getChildren()
        .addAll(
            Parts.section(words.of("shop.bench")),
            Parts.sentence(words.of("shop.bench.about"), "muted"),
            name,
            Parts.row(Buttons.plain("call-bench", words.of("shop.bench.call"), "", this::call)),
            said,
            Parts.section(words.of("shop.labels")),
            Parts.sentence(words.of("shop.labels.about"), "muted"),
            labels());
  }

  private Segments<LabelSize> labels() {
    Segments<LabelSize> sizes =
        new Segments<>(
            "labels-size", List.of(LabelSize.values()), size -> words.of("labels.size", size));
    sizes.choose(LabelSize.of(workbench.preferences().labels()));
    sizes.onChange(() -> workbench.preferences().labels(sizes.chosen().name()));
    return sizes;
  }

  private void call() {
    name.read()
        .ifPresent(
            called -> {
              workbench.preferences().callBench(called);
              said.setText(words.of("shop.bench.said", called));
            });
  }
}
