package jugulum.desk.account;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.account.Account;
import jugulum.core.advice.Advice;
import jugulum.core.advice.Advice.By;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.words.AdviceWords;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What to do next with every lot: ranked bars, the best first, and the sums of the one chosen. */
final class NextPart {
  private static final double SUMS_WIDTH = 330;

  private final Words words;
  private final Segments<By> by =
      new Segments<>("advice-by", List.of(By.values()), one -> words.of("advice.by", one));
  private final VBox left = new VBox(10);
  private final VBox sums = new VBox(10);
  private final HBox all = new HBox(28, left, sums);
  private Optional<Shown> shown = Optional.empty();
  private Optional<AdviceBars.Key> chosen = Optional.empty();

  NextPart(Words words) {
    this.words = words;
    super();
    sums.setId("advice-sums");
    sums.setMinWidth(SUMS_WIDTH);
    sums.setPrefWidth(SUMS_WIDTH);
    sums.setPadding(new Insets(40, 0, 0, 0));
    HBox.setHgrow(left, Priority.ALWAYS);
    by.onChange(() -> shown.ifPresent(this::fill));
  }

  Node of(Shown now) {
    shown = Optional.of(now);
    fill(now);
    return all;
  }

  private void fill(Shown now) {
    left.getChildren().setAll(by);
    sums.getChildren().clear();
    if (now.account().isEmpty()) {
      left.getChildren().add(Parts.sentence(words.of("advice.waiting"), "muted"));
      return;
    }
    Account account = now.account().get();
    List<Advice> advice = account.advice(by.chosen());
    AdviceWords.nothingPays(words, account)
        .ifPresent(sentence -> left.getChildren().add(Parts.sentence(sentence)));
    if (advice.isEmpty()) {
      left.getChildren().add(Parts.sentence(words.of("advice.none"), "muted"));
      return;
    }
    Advice first =
        advice.stream()
            .filter(one -> chosen.equals(Optional.of(AdviceBars.Key.of(one))))
            .findFirst()
            .orElse(advice.getFirst());
    left.getChildren()
        .add(AdviceBars.of(advice, first, account, now.figures(), one -> choose(one, now)));
    tell(first, account, now.figures());
  }

  private void choose(Advice one, Shown now) {
    chosen = Optional.of(AdviceBars.Key.of(one));
    tell(one, now.account().orElseThrow(), now.figures());
  }

  private void tell(Advice one, Account account, Figures figures) {
    sums.getChildren()
        .setAll(
            box(one, account, figures), Parts.sentence(AdviceWords.terms(words, account), "muted"));
  }

  /** One piece of advice as a boxed remark. */
  static Node box(Advice advice, Account account, Figures figures) {
    String kind =
        switch (advice.verdict()) {
          case DO -> "fine";
          case WINS, FIND_OUT -> "water";
          case LEAVE -> "idle";
        };
    return Parts.advice(
        kind,
        AdviceWords.title(figures.words(), advice, account),
        AdviceWords.sums(advice, account, figures));
  }
}
