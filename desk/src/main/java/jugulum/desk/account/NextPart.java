package jugulum.desk.account;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.account.Account;
import jugulum.core.advice.Advice;
import jugulum.core.advice.Advice.By;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.words.AdviceWords;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What to do next with every lot, the best first, each with its sums. */
final class NextPart {
  private final Words words;
  private final Segments<By> by =
      new Segments<>("advice-by", List.of(By.values()), one -> words.of("advice.by", one));
  private final VBox list = new VBox(10);
  private final VBox all = new VBox(14, by, list);
  private Optional<Shown> shown = Optional.empty();

  NextPart(Words words) {
    this.words = words;
    super();
    by.onChange(() -> shown.ifPresent(this::fill));
  }

  Node of(Shown now) {
    shown = Optional.of(now);
    fill(now);
    return all;
  }

  private void fill(Shown now) {
    list.getChildren().clear();
    if (now.account().isEmpty()) {
      list.getChildren().add(Parts.sentence(words.of("advice.waiting"), "muted"));
      return;
    }
    Account account = now.account().get();
    list.getChildren().add(Parts.sentence(AdviceWords.terms(words, account), "muted"));
    AdviceWords.nothingPays(words, account)
        .ifPresent(sentence -> list.getChildren().add(Parts.sentence(sentence)));
    List<Advice> advice = account.advice(by.chosen());
    advice.forEach(one -> list.getChildren().add(box(one, account, now.figures())));
    if (advice.isEmpty()) {
      list.getChildren().add(Parts.sentence(words.of("advice.none"), "muted"));
    }
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
